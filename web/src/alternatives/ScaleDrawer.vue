<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, reactive, watch } from 'vue'
import { api, ApiProblem, type Evidence, type Formula, type Larder } from '@/api/client'
import SideSheet from '@/look/SideSheet.vue'
import ChoiceField from '@/look/ChoiceField.vue'
import TypedField from '@/look/TypedField.vue'

/** Another mould, count or total, rounded to what the kitchen's scales weigh. */
const props = defineProps<{ formula: Formula; larder: Larder }>()
const emit = defineEmits<{ take: [formula: Formula]; evidence: [title: string, evidence: Evidence] }>()
const open = defineModel<boolean>('open', { required: true })

const wish = reactive({ mould: '', count: '', total: '', fill: '' })
watch(
  open,
  (now) =>
    now &&
    Object.assign(wish, {
      mould: props.formula.moulds.of ?? '',
      count: props.formula.moulds.count ?? '',
      total: '',
      fill: '',
    }),
  { immediate: true },
)
const moulds = computed(() =>
  props.larder.moulds.map((m) => ({ value: m.id, label: `${m.name} · ${Math.round(m.brimMl)} ml` })),
)
/** While an answer is on its way the last one stays to be read, but cannot be taken: it is that to another wish. */
const {
  data: scaled,
  error,
  isPlaceholderData: old,
} = useQuery({
  queryKey: computed(() => ['scaled', props.formula, { ...wish }]),
  queryFn: ({ signal }) => api.scale(props.formula, { ...wish }, signal),
  enabled: open,
  retry: 0,
  placeholderData: (before) => before,
})
const problems = computed(() => (error.value instanceof ApiProblem ? error.value.response.problems : []))
const problem = (path: string) => problems.value.find((p) => p.path === path)
const elsewhere = computed(() =>
  problems.value.filter((p) => !['/mould', '/count', '/total', '/fill'].includes(p.path)),
)
const grams = (g: number) => (g < 10 ? g.toFixed(2) : g < 100 ? g.toFixed(1) : g.toFixed(0))

function take() {
  if (!scaled.value || old.value) return
  emit('take', scaled.value.document)
  open.value = false
}
</script>

<template>
  <SideSheet v-model:open="open" title="Scale to another mould, count or total" :width="700">
    <div class="wish">
      <ChoiceField
        v-model="wish.mould"
        class="wide"
        label="Into"
        :options="moulds"
        :problem="problem('/mould')"
      />
      <TypedField v-model="wish.count" label="How many" :step="1" :problem="problem('/count')" />
      <TypedField
        v-model="wish.total"
        label="or in all"
        placeholder="such as 2 kg"
        :problem="problem('/total')"
      />
      <TypedField
        v-model="wish.fill"
        label="Below the rim"
        placeholder="as full as now"
        :problem="problem('/fill')"
      />
    </div>
    <p v-for="p in elsewhere" :key="p.path" class="broken-rule">
      {{ p.field }} {{ p.value && `“${p.value}” ` }}{{ p.rule }}
    </p>
    <template v-if="scaled && !error">
      <h2 class="section-title">
        Amounts
        <small
          >factor {{ scaled.factor.toFixed(3) }} ·
          <button
            type="button"
            class="link-like"
            aria-label="Why: the factor"
            @click="emit('evidence', 'The factor', scaled.evidence)"
          >
            why
          </button></small
        >
      </h2>
      <table>
        <thead>
          <tr>
            <th><span class="out-of-sight">Ingredient</span></th>
            <th>now, g</th>
            <th>exactly, g</th>
            <th>weighed, g</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(line, i) in scaled.lines" :key="i">
            <th>{{ line.name }}</th>
            <td>{{ grams(line.nowG) }}</td>
            <td>{{ grams(line.exactG) }}</td>
            <td>
              <b>{{ Number(line.weighedG.toFixed(2)) }}</b>
            </td>
          </tr>
        </tbody>
      </table>
      <p class="said">{{ scaled.rounding }}</p>
      <p class="said">Of what is made, {{ scaled.leftover }}</p>
      <h2 class="section-title">What it does</h2>
      <table>
        <thead>
          <tr>
            <th><span class="out-of-sight">Figure</span></th>
            <th>now</th>
            <th>scaled</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in scaled.figures" :key="row.key" :class="{ differs: row.differs }">
            <th>{{ row.name }}</th>
            <td>{{ row.before || '–' }}</td>
            <td>{{ row.after || '–' }}</td>
          </tr>
        </tbody>
      </table>
      <p class="go"><a-button type="primary" :disabled="old" @click="take">Scale the formula</a-button></p>
    </template>
  </SideSheet>
</template>

<style scoped>
.wish {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
  padding-bottom: 16px;
}

.wide {
  grid-column: 1 / -1;
}

table {
  width: 100%;
  margin-bottom: 10px;
  border-collapse: collapse;
}

th,
td {
  padding: 3px 10px 3px 0;
  border-bottom: 1px solid var(--hairline);
  font-weight: 400;
  text-align: left;
}

thead th {
  color: var(--quiet);
  font-size: 13px;
}

.differs td:last-child {
  font-weight: 700;
}

.said {
  padding-bottom: 4px;
}

.section-title {
  margin-top: 10px;
}

.go {
  padding-top: 6px;
}
</style>
