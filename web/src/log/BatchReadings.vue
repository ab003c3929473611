<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, type BatchView, type CameOut } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import ProbeLog from './ProbeLog.vue'
import { figure, typed } from './words'

/** What was measured: chosen by what it is, with only the fields that it needs. */
const props = defineProps<{ batch: BatchView }>()
const said = defineModel<CameOut>({ required: true })
const emit = defineEmits<{ changed: [] }>()
const choices = useChoices()
const { data } = useQuery({ queryKey: ['quantities'], queryFn: api.quantities, staleTime: Infinity })
type Reading = NonNullable<NonNullable<CameOut['record']>['readings']>[number]

const quantity = ref('core-at')
const of = ref('')
const minutes = ref('')
const probe = ref('')
const value = ref('')
const wrong = ref('')
const chosen = computed(() => data.value?.quantities.find((q) => q.id === quantity.value))
const ofChoices = computed(() => {
  switch (chosen.value?.of) {
    case 'component':
      return props.batch.components.map((c) => ({ value: c.id, label: c.name }))
    case 'stage':
      return ['ribbon', 'soft', 'medium', 'stiff'].map((s) => ({ value: s, label: s }))
    case 'ingredient':
      return props.batch.lotsOf.map((i) => ({ value: i.id, label: i.name }))
    default:
      return []
  }
})
const readings = () => said.value.record?.readings ?? []
function keep(all: Reading[]) {
  said.value = { ...said.value, record: { ...said.value.record, readings: all } }
  emit('changed')
}
const name = (id: string) => choices('reading').find((c) => c.value === id)?.label ?? id
const unit = (id: string) => data.value?.quantities.find((q) => q.id === id)?.unit ?? ''
const words = (r: Reading) => {
  if (r.quantity === 'firmness') {
    return choices('firm-word').find((c) => Number(c.value) === r.value)?.label ?? `${figure(r.value)} Pa`
  }
  return `${figure(r.value)} ${unit(r.quantity)}`
}
const ofWords = (r: Reading) =>
  props.batch.components.find((c) => c.id === r.of)?.name ??
  props.batch.lotsOf.find((c) => c.id === r.of)?.name ??
  r.of ??
  ''

function add() {
  const what = chosen.value
  if (!what) return
  const read = typed(value.value)
  const after = what.minutes ? typed(minutes.value) : undefined
  wrong.value =
    typeof read !== 'number'
      ? `The value must be a number in ${what.unit}, such as ${what.unit === '°C' ? '8.5' : '0.75'}.`
      : what.minutes && typeof after !== 'number'
        ? 'When it was measured must be in minutes after the first pour, such as 120.'
        : ofChoices.value.length && !of.value
          ? 'Of what? Choose one.'
          : ''
  if (wrong.value || typeof read !== 'number') return
  const reading: Reading = { quantity: what.id, value: read }
  if (of.value && ofChoices.value.length) reading.of = of.value
  if (typeof after === 'number') reading.minutes = after
  if (what.minutes && probe.value.trim()) reading.probe = probe.value.trim()
  keep([...readings(), reading])
  value.value = ''
  minutes.value = ''
}
const known = computed(() => [...new Set(readings().flatMap((r) => (r.probe ? [r.probe] : [])))])
const firm = (word: string) => keep([...readings(), { quantity: 'firmness', value: Number(word) }])
</script>

<template>
  <section aria-label="Measured">
    <h2 class="section-title">Measured</h2>
    <ul>
      <li v-for="(r, i) in readings()" :key="i">
        <span
          >{{ name(r.quantity) }}<template v-if="ofWords(r)">, {{ ofWords(r) }}</template
          ><template v-if="typeof r.minutes === 'number'">, after {{ figure(r.minutes) }} min</template
          ><template v-if="r.probe">, {{ r.probe }}</template></span
        >
        <b>{{ words(r) }}</b>
        <button
          type="button"
          class="link-like"
          :aria-label="`Take away ${name(r.quantity)} ${words(r)}`"
          @click="keep(readings().filter((_, j) => j !== i))"
        >
          remove
        </button>
      </li>
    </ul>
    <form aria-label="Add a measurement" @submit.prevent="add">
      <label class="what"
        >What
        <select v-model="quantity">
          <option v-for="c in choices('reading')" :key="c.value" :value="c.value">{{ c.label }}</option>
        </select>
      </label>
      <template v-if="chosen?.of === 'word'">
        <div class="firm" role="group" aria-label="How firm">
          <button v-for="w in choices('firm-word')" :key="w.value" type="button" @click="firm(w.value)">
            {{ w.label }}
          </button>
        </div>
      </template>
      <template v-else>
        <label v-if="ofChoices.length"
          >Of
          <select v-model="of">
            <option value=""></option>
            <option v-for="c in ofChoices" :key="c.value" :value="c.value">{{ c.label }}</option>
          </select>
        </label>
        <label v-if="chosen?.minutes"
          >min after the pour <input v-model="minutes" inputmode="decimal" size="7"
        /></label>
        <label
          >{{ chosen?.unit }} <input v-model="value" inputmode="decimal" size="7" aria-label="Value"
        /></label>
        <label v-if="chosen?.minutes"
          >Which probe
          <input v-model="probe" size="9" maxlength="40" list="probes" placeholder="if known" />
          <datalist id="probes"><option v-for="p in known" :key="p" :value="p" /></datalist>
        </label>
        <button type="submit">Add</button>
      </template>
    </form>
    <p v-if="wrong" role="alert">{{ wrong }}</p>
    <ProbeLog :batch="batch" @take="keep([...readings(), ...$event])" />
  </section>
</template>

<style scoped>
section {
  padding: 14px 16px;
  background: var(--panel);
}

li {
  display: flex;
  gap: 10px;
  padding: 5px 0;
  border-bottom: 1px solid var(--hairline);
}

li b {
  margin-left: auto;
}

li button {
  color: var(--quiet);
  font-size: 13px;
}

form {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 10px;
  align-items: end;
  padding-top: 10px;
}

label {
  color: var(--quiet);
  font-size: 13px;
}

input,
select,
form button {
  display: block;
  box-sizing: border-box;
  min-height: 40px;
  padding: 2px 10px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
  font-size: 15px;
}

form button {
  cursor: pointer;
}

select {
  max-width: 250px;
}

.firm {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

[role='alert'] {
  padding-top: 6px;
  color: var(--unsafe);
  font-weight: 700;
}
</style>
