<script setup lang="ts">
import { useMutation, useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, ApiProblem, type Formula } from '@/api/client'
import { useAgain } from '@/answers/queries'
import SideSheet from '@/look/SideSheet.vue'
import ChoiceField from '@/look/ChoiceField.vue'
import ComparisonTable from '@/verdicts/ComparisonTable.vue'

/** States this formula had: named, compared with the present one, gone back to. */
const props = defineProps<{ formulaId: string; formula: Formula }>()
const emit = defineEmits<{ back: [formula: Formula] }>()
const open = defineModel<boolean>('open', { required: true })

const askAgain = useAgain()
const key = computed(() => ['revisions', props.formulaId])
const { data: listed } = useQuery({
  queryKey: key,
  queryFn: () => api.revisions(props.formulaId),
  enabled: open,
})
const revisions = computed(() => listed.value?.revisions)
watch(open, (now) => now && askAgain(key.value))

const chosen = ref<number>()
watch(
  revisions,
  (list) => {
    if (!list?.some((r) => r.number === chosen.value)) chosen.value = list?.[0]?.number
  },
  { immediate: true },
)
const { data: revision } = useQuery({
  queryKey: computed(() => ['revision', props.formulaId, chosen.value]),
  queryFn: () => api.revision(props.formulaId, chosen.value as number),
  enabled: computed(() => open.value && chosen.value !== undefined),
})

/** What it is put beside: the present state, or another one by its number. */
const beside = ref('now')
const { data: other } = useQuery({
  queryKey: computed(() => ['revision', props.formulaId, Number(beside.value)]),
  queryFn: () => api.revision(props.formulaId, Number(beside.value)),
  enabled: computed(() => open.value && beside.value !== 'now'),
})
const second = computed(() => (beside.value === 'now' ? props.formula : other.value?.document))
const besides = computed(() => [
  { value: 'now', label: 'the present state' },
  ...(revisions.value ?? [])
    .filter((r) => r.number !== chosen.value)
    .map((r) => ({ value: String(r.number), label: title(r) })),
])
watch(chosen, (now) => {
  if (beside.value === String(now)) beside.value = 'now'
})
const { data: comparison } = useQuery({
  queryKey: computed(() => ['comparison', revision.value?.document, second.value]),
  queryFn: () => api.compare(revision.value?.document as Formula, second.value as Formula),
  enabled: computed(() => open.value && revision.value !== undefined && second.value !== undefined),
})

const name = ref('')
const failed = ref('')
const keep = useMutation({
  mutationFn: () => api.keepRevision(props.formulaId, name.value, props.formula),
  onSuccess: (kept) => {
    name.value = ''
    failed.value = ''
    chosen.value = kept.number
    return askAgain(key.value)
  },
  onError: (error) => {
    failed.value =
      error instanceof ApiProblem && error.response.problems[0]
        ? `Name ${error.response.problems[0].rule}`
        : 'Not kept: Deft Chill does not answer.'
  },
})

const when = (text: string) =>
  new Date(text).toLocaleString('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  })
const title = (r: { number: number; name: string }) => r.name || `Kept by itself, no. ${r.number}`

function back() {
  if (!revision.value) return
  emit('back', revision.value.document)
  open.value = false
}
</script>

<template>
  <SideSheet v-model:open="open" title="Earlier states" :width="860">
    <form class="keep" @submit.prevent="keep.mutate()">
      <label>
        Name for the present state
        <a-input v-model:value="name" :maxlength="80" placeholder="such as: as served in autumn" />
      </label>
      <a-button html-type="submit" type="primary" :loading="keep.isPending.value">Keep it</a-button>
      <p v-if="failed" class="broken-rule" role="alert">{{ failed }}</p>
    </form>
    <p v-if="revisions && !revisions.length" class="none">
      No earlier state yet. One is kept by itself whenever work on the formula begins again after a pause.
    </p>
    <div v-else class="sides">
      <ul aria-label="Earlier states">
        <li v-for="r in revisions" :key="r.number">
          <button
            type="button"
            :class="{ here: r.number === chosen }"
            :aria-pressed="r.number === chosen"
            @click="chosen = r.number"
          >
            <b>{{ title(r) }}</b>
            <small>{{ when(r.createdAt) }}</small>
          </button>
        </li>
      </ul>
      <div v-if="comparison && revision" class="compare">
        <ChoiceField v-model="beside" class="beside" label="Put beside" :options="besides" />
        <ComparisonTable
          :comparison="comparison"
          :before="title(revision)"
          :after="beside === 'now' ? 'Now' : other ? title(other) : ''"
        />
        <p class="go">
          <a-button type="primary" @click="back">Go back to “{{ title(revision) }}”</a-button>
          <span>Undo brings the present one back.</span>
        </p>
      </div>
    </div>
  </SideSheet>
</template>

<style scoped>
.keep {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 10px;
  align-items: end;
  padding-bottom: 16px;
}

.keep label {
  color: var(--quiet);
  font-size: 13px;
}

.sides {
  display: grid;
  grid-template-columns: 210px 1fr;
  gap: 18px;
}

li button {
  display: flex;
  flex-direction: column;
  width: 100%;
  padding: 6px 10px;
  border: 0;
  border-left: 4px solid transparent;
  border-bottom: 1px solid var(--hairline);
  background: none;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

li button:hover {
  background: var(--ground-light);
}

li button.here {
  border-left-color: var(--act);
  background: var(--warm-wash);
}

.beside {
  width: 260px;
  padding-bottom: 8px;
}

small,
.none,
.go span {
  color: var(--quiet);
  font-size: 13px;
}

.go {
  display: flex;
  gap: 12px;
  align-items: center;
  padding-top: 14px;
}
</style>
