<script setup lang="ts">
import { useMutation, useQuery } from '@tanstack/vue-query'
import { useAgain } from '@/answers/queries'
import { useChoices } from '@/answers/useChoices'
import { computed, ref, watch } from 'vue'
import {
  api,
  ApiProblem,
  type Assessment,
  type Formula,
  type LoggedBatch,
  type MadeBatch,
  type Problem,
} from '@/api/client'
import SideSheet from '@/look/SideSheet.vue'
import BatchList from './BatchList.vue'

/** One entry per batch, and what was predicted beside what came out. */
const props = defineProps<{
  formulaId: string
  formula: Formula
  prediction?: Assessment['prediction']
}>()
const open = defineModel<boolean>('open', { required: true })

const askAgain = useAgain()
const choices = useChoices()
const key = computed(() => ['batches', props.formulaId])
const { data: log } = useQuery({
  queryKey: key,
  queryFn: () => api.batches(props.formulaId),
  enabled: open,
})

const madeOn = ref('')
const pouredAt = ref('')
const outcome = ref<LoggedBatch['outcome']>()
const standing = ref('')
const note = ref('')
const problems = ref<Problem[]>([])

function clear() {
  const now = new Date()
  madeOn.value = new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10)
  pouredAt.value = props.formula.starts ?? ''
  outcome.value = undefined
  standing.value = ''
  note.value = ''
  problems.value = []
}
watch(
  () => [open.value, props.formulaId],
  () => open.value && madeOn.value === '' && clear(),
  { immediate: true },
)
watch(() => props.formulaId, clear)

/** The ruler's reading; nothing typed is no reading, and what is no number is refused here as the server would. */
function standingMm(): number | null | 'unreadable' {
  const text = standing.value.replace(/mm/i, '').replace(',', '.').trim()
  if (text === '') return null
  return /^\d+(\.\d+)?$/.test(text) ? Number(text) : 'unreadable'
}

const add = useMutation({
  mutationFn: (made: MadeBatch) => api.logBatch(props.formulaId, made),
  onSuccess: () => {
    clear()
    return askAgain(key.value)
  },
  onError: (error) => {
    problems.value = error instanceof ApiProblem ? error.response.problems : []
  },
})
const removing = useMutation({
  mutationFn: (id: string) => api.removeBatch(props.formulaId, id),
  onSuccess: () => askAgain(key.value),
})

function write() {
  const mm = standingMm()
  const found: Problem[] = []
  const report = (path: string, field: string, value: string, rule: string) =>
    found.push({ code: 'field-invalid', path, field, value, rule, fixes: [] })
  if (!madeOn.value) report('/madeOn', 'Day', '', 'is missing: the day of pouring')
  if (!/^\d{1,2}:\d{2}$/.test(pouredAt.value))
    report('/pouredAt', 'Poured at', pouredAt.value, 'must be a time of day such as 14:00')
  if (!outcome.value) report('/outcome', 'Outcome', '', 'is missing: choose how it came out')
  if (mm === 'unreadable')
    report('/standingMm', 'Standing height', standing.value, 'must be a height such as 44 mm')
  problems.value = found
  if (found.length || mm === 'unreadable' || !outcome.value) return
  add.mutate({
    madeOn: madeOn.value,
    pouredAt: pouredAt.value.padStart(5, '0'),
    outcome: outcome.value,
    standingMm: mm,
    note: note.value,
    document: props.formula,
  })
}
</script>

<template>
  <SideSheet v-model:open="open" :title="`A batch of ${formula.name}`" :width="560">
    <form class="entry" @submit.prevent="write">
      <label>Day <a-input v-model:value="madeOn" type="date" /></label>
      <label>Poured at <a-input v-model:value="pouredAt" /></label>
      <label>
        Standing height by ruler, mm
        <a-input v-model:value="standing" inputmode="decimal" placeholder="not measured" />
      </label>
      <fieldset>
        <legend>How did it come out?</legend>
        <a-radio-group v-model:value="outcome" button-style="solid">
          <a-radio-button v-for="o in choices('outcome')" :key="o.value" :value="o.value">{{
            o.label
          }}</a-radio-button>
        </a-radio-group>
      </fieldset>
      <label class="wide">Note <a-textarea v-model:value="note" :rows="2" :maxlength="2000" /></label>
      <p v-if="prediction?.standingMm !== undefined" class="wide hint">
        Predicted: stands {{ prediction.standingMm.toFixed(0) }} of {{ prediction.mouldedMm.toFixed(0) }} mm.
      </p>
      <ul v-if="problems.length" class="wide problems" role="alert">
        <li v-for="p in problems" :key="p.path + p.rule">{{ p.field }} {{ p.rule }}</li>
      </ul>
      <p v-else-if="add.isError.value" class="wide problems" role="alert">
        Not stored: Deft Chill does not answer. Nothing typed is lost.
      </p>
      <a-button type="primary" html-type="submit" :loading="add.isPending.value">Put it in the log</a-button>
    </form>
    <p class="wrong">
      Did something go wrong?
      <RouterLink :to="{ name: 'wrong-formula', params: { id: formulaId } }">Find out what it was</RouterLink>
    </p>
    <h2 class="section-title">
      Predicted beside what came out
      <small
        ><RouterLink :to="{ name: 'log', query: { formula: formulaId } }">all of it in the log</RouterLink> ·
        <RouterLink :to="{ name: 'trials', params: { id: formulaId } }">its trials</RouterLink></small
      >
    </h2>
    <BatchList v-if="log" :batches="log.batches" :total="log.total" @remove="removing.mutate($event)" />
  </SideSheet>
</template>

<style scoped>
.wrong {
  margin: 12px 0 0;
}

.wrong a {
  display: inline-flex;
  align-items: center;
  min-height: 28px;
  color: var(--ink);
  text-decoration: underline;
}

.entry {
  display: grid;
  grid-template-columns: 150px 110px 1fr;
  gap: 10px;
  padding-bottom: 20px;
}

.entry > label,
legend {
  margin: 0;
  border: 0;
  color: var(--quiet);
  font-size: 13px;
}

.wide,
fieldset {
  grid-column: 1 / -1;
}

fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}

fieldset :deep(.ant-radio-button-wrapper) {
  padding-inline: 10px;
}

.hint {
  color: var(--ink);
}

.problems {
  color: var(--unsafe);
  font-weight: 700;
}
</style>
