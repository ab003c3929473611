<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { api, ApiProblem, type Formula, type Larder, type Way, type WhatIfRow } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import ChoiceField from '@/look/ChoiceField.vue'
import { takeFix } from '@/document/document'
import { useSheet } from '@/document/sheet'
import TypedField from '@/look/TypedField.vue'
import { degrees } from '@/look/degrees'
import { shortClock } from '@/look/time'
import { useSearch } from './useSearch'

/** Ways side by side with the present one, and the cheapest that is done in time. */
const props = defineProps<{ formula: Formula; larder: Larder; fahrenheit?: boolean }>()
const emit = defineEmits<{ rows: [rows: WhatIfRow[]] }>()
const sheet = useSheet()

const MOST = 5
const own = shallowRef<Way[]>([])
const picked = ref<string[]>([])

/** Another document has other ways; the last ones stay until they are known. */
const asked = computed(() => props.formula)
const { data: offered, error } = useQuery({
  queryKey: ['ways', asked],
  queryFn: () => api.ways(asked.value),
  retry: 0,
  shallow: true,
  gcTime: 0,
  placeholderData: (before) => before,
})
const ways = computed(() => offered.value ?? [])
const trouble = computed(() =>
  error.value instanceof ApiProblem ? 'Not understood yet: see the line above.' : '',
)
const all = computed(() => [...own.value, ...ways.value])
/** A way is what it changes: two may be called alike. */
const keyOf = (way: Way) => JSON.stringify(way.changes)

/** What is compared is compared anew with every document; the last rows stay meanwhile. */
const wanted = computed(() => all.value.filter((way) => picked.value.includes(keyOf(way))))
const { data: compared } = useQuery({
  queryKey: ['compared', asked, computed(() => wanted.value.map(keyOf))],
  queryFn: async ({ signal }) => {
    const ways = wanted.value
    const rows = await api.whatIf(
      asked.value,
      [{ label: 'As it is', changes: [] }, ...ways],
      undefined,
      signal,
    )
    return { ways, rows }
  },
  retry: 0,
  shallow: true,
  gcTime: 0,
  placeholderData: (before) => before,
})
const chosen = computed(() => compared.value?.ways ?? [])
const rows = computed(() => compared.value?.rows ?? [])
watch(rows, (now) => emit('rows', now.slice(1)))
onBeforeUnmount(() => emit('rows', []))
const letter = (i: number) => String.fromCharCode(64 + i)

const lists = useChoices()
const kind = ref('mould')
const value = ref('')
const component = computed(() => props.formula.components.findIndex((c) => c.gels?.[0]?.amount))
const choices = computed(() =>
  kind.value === 'mould'
    ? props.larder.moulds.map((m) => ({ value: m.id, label: `${m.name} · ${Math.round(m.brimMl)} ml` }))
    : kind.value === 'cooler'
      ? props.larder.coolers.map((c) => ({ value: c.id, label: c.name }))
      : undefined,
)
function addOwn(chosen: string) {
  if (!chosen) return
  const cooler = props.larder.coolers.find((c) => c.id === chosen)
  const at = `/components/${Math.max(0, component.value)}`
  const made: Record<string, Way['changes']> = {
    mould: [{ path: '/moulds/of', value: chosen }],
    cooler: [
      { path: '/cooler/of', value: chosen },
      { path: '/cooler/air', value: degrees(cooler?.airC ?? 4, props.fahrenheit) },
    ],
    pour: [{ path: `${at}/work/pour/at`, value: chosen }],
    dose: [{ path: `${at}/gels/0/amount`, value: chosen }],
  }
  const name = choices.value?.find((c) => c.value === chosen)?.label ?? chosen
  const label =
    { mould: name, cooler: name, pour: `Poured at ${name}`, dose: `${name} of gelling agent` }[kind.value] ??
    name
  const way = { group: kind.value, label, cost: 0, changes: made[kind.value] ?? [] }
  const key = keyOf(way)
  own.value = [way, ...own.value.filter((w) => keyOf(w) !== key)]
  picked.value = [...picked.value.filter((k) => k !== key), key].slice(-MOST)
  value.value = ''
}

function take(way: Way) {
  const taken = takeFix(props.formula, { label: way.label, effect: '', changes: way.changes })
  if (taken) sheet.change(taken, '')
  picked.value = picked.value.filter((key) => key !== keyOf(way))
}

const by = ref('19:00')
const { search, stop, tried, of, running, found, said } = useSearch()

const span = (m?: number) =>
  m === undefined ? 'never' : `${Math.floor(m / 60)} h ${String(Math.ceil(m % 60)).padStart(2, '0')}`
const short = (clock?: string) => shortClock(clock) || 'never'
</script>

<template>
  <div class="what-if">
    <form class="by" @submit.prevent="search(formula, ways, by)">
      <TypedField v-model="by" label="Done by" narrow />
      <a-button type="primary" html-type="submit" :disabled="running || !ways.length">Cheapest way</a-button>
      <a-button v-if="running" @click="stop">Stop</a-button>
    </form>
    <p v-if="running" class="tried">
      <progress :max="of" :value="tried" aria-label="Ways tried"></progress>
      <span role="status">{{ tried }} of {{ of }} tried</span>
    </p>
    <p v-if="said" role="status" class="said">{{ said }}</p>
    <p v-if="found" role="status" class="found">
      <b>{{ found.way.label }}</b>: {{ found.row.answer.goal.toLowerCase() }}
      {{ short(found.row.answer.goalClock) }}.
      <a-button size="small" type="primary" @click="take(found.way)">Take it</a-button>
    </p>
    <h2 class="section-title">
      Side by side <small>up to {{ MOST }} beside the present one</small>
    </h2>
    <p v-if="trouble">{{ trouble }}</p>
    <div class="scroll">
      <table data-testid="what-if">
        <thead>
          <tr>
            <th scope="col">Way</th>
            <th scope="col">ready</th>
            <th scope="col">set</th>
            <th scope="col">below {{ degrees(8, fahrenheit) }}</th>
            <th scope="col">stands</th>
            <th scope="col">firm</th>
            <th scope="col">air to</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, i) in rows" :key="i" :class="{ present: i === 0 }">
            <th scope="row">
              <b v-if="i > 0" class="letter">{{ letter(i) }}</b> {{ row.label }}
              <button
                v-if="i > 0"
                type="button"
                class="link-like"
                :aria-label="`Take: ${row.label}`"
                @click="take(chosen[i - 1] as Way)"
              >
                take it
              </button>
              <small v-if="row.answer.worst && row.answer.worst.tone !== 'CAUTION'">{{
                row.answer.worst.headline
              }}</small>
              <small v-for="p in row.answer.problems" :key="p.path">{{ p.field }} {{ p.rule }}</small>
            </th>
            <td>
              <b>{{ short(row.answer.goalClock) }}</b>
            </td>
            <td>{{ short(row.answer.set) }}</td>
            <td>{{ span(row.answer.coldMinutes) }}</td>
            <td>
              {{ row.answer.standingMm === undefined ? '–' : `${Math.round(row.answer.standingMm)} mm` }}
            </td>
            <td>{{ Math.round(row.answer.firmness) }}</td>
            <td>{{ degrees(row.answer.peakAirC, fahrenheit, 1) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <fieldset>
      <legend>Compare with</legend>
      <label v-for="way in all" :key="keyOf(way)">
        <input
          v-model="picked"
          type="checkbox"
          :value="keyOf(way)"
          :disabled="picked.length >= MOST && !picked.includes(keyOf(way))"
        />
        {{ way.label }}
      </label>
    </fieldset>
    <form class="own" @submit.prevent="addOwn(value)">
      <ChoiceField v-model="kind" label="Or" :options="lists('what-if')" />
      <ChoiceField
        v-if="choices"
        label="which"
        placeholder="choose…"
        :options="choices"
        @update:model-value="addOwn($event)"
      />
      <template v-else>
        <TypedField
          v-model="value"
          label="how much"
          narrow
          :placeholder="kind === 'pour' ? degrees(28, fahrenheit) : '12 g'"
        />
        <a-button html-type="submit">Add</a-button>
      </template>
    </form>
  </div>
</template>

<style scoped>
.what-if {
  display: flex;
  flex-direction: column;
  gap: 6px;
}

.by {
  display: flex;
  gap: 8px;
  align-items: end;
}

.by > :first-child {
  width: 84px;
}

.tried {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 13px;
}

progress {
  width: 160px;
  accent-color: var(--act);
}

.found {
  padding: 6px 8px;
  border-left: 5px solid var(--good);
  background: var(--good-wash);
}

.scroll {
  overflow-x: auto;
}

table {
  width: 100%;
  font-size: 13px;
  border-collapse: collapse;
}

th,
td {
  padding: 3px 6px 3px 0;
  border-bottom: 1px solid var(--hairline);
  font-weight: 400;
  text-align: left;
  vertical-align: top;
}

thead th {
  color: var(--quiet);
  white-space: nowrap;
}

tbody th {
  min-width: 120px;
}

tbody th small {
  display: block;
  color: var(--unsafe);
  font-size: 12px;
}

td {
  white-space: nowrap;
}

.letter {
  padding: 0 4px;
  background: var(--plum-wash);
}

.present th {
  font-weight: 700;
}

fieldset {
  display: flex;
  flex-direction: column;
  min-width: 0;
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  margin: 0;
  border: 0;
  color: var(--quiet);
  font-size: 13px;
}

fieldset label {
  padding: 2px 0;
  font-size: 14px;
}

fieldset input {
  accent-color: var(--act);
}

.own {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 8px;
  align-items: end;
}
</style>
