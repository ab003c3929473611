<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useChoices } from '@/answers/useChoices'
import type { BatchView, CameOut } from '@/api/client'
import { typed } from './words'

/** How it came out: a thumb for the outcome, a number for each portion that a ruler stood beside. */
const props = defineProps<{ batch: BatchView }>()
const said = defineModel<CameOut>({ required: true })
/** wrong: whether something typed is not understood, and so not stored. */
const emit = defineEmits<{ changed: []; wrong: [is: boolean] }>()
const choices = useChoices()

function set<K extends keyof CameOut>(field: K, value: CameOut[K]) {
  said.value = { ...said.value, [field]: value }
  emit('changed')
}
/** Heights as typed, of one or of several portions. */
const heights = ref('')
const wrong = ref('')
watch(wrong, (text) => emit('wrong', Boolean(text)))
const inWords = () => {
  const of = said.value.record?.portions?.flatMap((p) => p.standingMm ?? []) ?? []
  return of.length ? of.join('  ') : (said.value.standingMm ?? '').toString()
}
watch(
  () => props.batch.version,
  () => (heights.value = inWords()),
  { immediate: true },
)
const mean = computed(() => {
  const of = said.value.record?.portions?.flatMap((p) => p.standingMm ?? []) ?? []
  return of.length > 1 ? of.reduce((a, b) => a + b, 0) / of.length : undefined
})

/** "44 43.5 45": one portion each; a single one is the batch's. */
function measured() {
  const parts = heights.value
    .replace(/mm/gi, ' ')
    .trim()
    .split(/[\s;]+/)
    .filter(Boolean)
  const values = parts.map((part) => typed(part))
  const bad = parts.find((_, i) => typeof values[i] !== 'number')
  wrong.value =
    bad === undefined ? '' : `Not stored: heights must be such as 44 or 44 43.5 45, in mm, not “${bad}”.`
  if (bad !== undefined) return
  const found = values as number[]
  const before = said.value.record?.portions ?? []
  const portions =
    found.length > 1
      ? found.map((mm, i) => ({
          number: i + 1,
          outcome: before.find((p) => p.number === i + 1)?.outcome ?? said.value.outcome,
          standingMm: mm,
        }))
      : before.map((p) => ({ number: p.number, outcome: p.outcome }))
  said.value = {
    ...said.value,
    standingMm: found.length ? found.reduce((a, b) => a + b, 0) / found.length : undefined,
    record: { ...said.value.record, portions },
  }
  emit('changed')
}

/** How many portions came out in each way, where it was said one by one. */
const counts = computed(() => {
  const of = new Map<string, number>()
  for (const p of said.value.record?.portions ?? []) of.set(p.outcome, (of.get(p.outcome) ?? 0) + 1)
  return [...of].map(([o, n]) => `${n} ${choices('outcome').find((c) => c.value === o)?.label ?? o}`)
})
/** That, and what happened while it was made, as sentences. */
const happened = computed(() =>
  [
    ...(counts.value.length > 1 ? [`Portions: ${counts.value.join(', ')}`] : []),
    ...(said.value.record?.happened ?? []),
  ]
    .map((line) => `${line}.`)
    .join(' '),
)
const lotOf = (id: string) => said.value.record?.lots?.find((lot) => lot.of === id)?.lot ?? ''
const gels = computed(() => props.batch.lotsOf.slice(0, 1))
const others = computed(() => props.batch.lotsOf.slice(1))
const more = ref(false)
function lot(id: string, text: string) {
  const rest = (said.value.record?.lots ?? []).filter((l) => l.of !== id)
  const lots = text.trim() ? [...rest, { of: id, lot: text.trim() }] : rest
  set('record', { ...said.value.record, lots })
}
</script>

<template>
  <section class="said" aria-label="How it came out">
    <div class="outcomes" role="group" aria-label="Outcome">
      <button
        v-for="o in choices('outcome')"
        :key="o.value"
        type="button"
        :aria-pressed="said.outcome === o.value"
        @click="set('outcome', o.value as CameOut['outcome'])"
      >
        {{ o.label }}
      </button>
    </div>
    <div class="fields">
      <label class="heights"
        >Heights by ruler, mm
        <input v-model="heights" inputmode="text" placeholder="44 43.5 45" @change="measured" />
        <small v-if="wrong" role="alert">{{ wrong }}</small>
        <small v-else-if="mean !== undefined">mean {{ mean.toFixed(1) }} mm</small>
        <small v-else-if="batch.predicted.standingMm !== undefined"
          >predicted {{ batch.predicted.standingMm.toFixed(0) }} of
          {{ batch.predicted.mouldedMm.toFixed(0) }} mm</small
        >
      </label>
      <label
        >Made by
        <input
          :value="said.cook"
          maxlength="80"
          @change="set('cook', ($event.target as HTMLInputElement).value.trim())"
        />
      </label>
      <label v-for="g in gels" :key="g.id"
        >Lot of {{ g.name }}
        <input
          :value="lotOf(g.id)"
          maxlength="80"
          @change="lot(g.id, ($event.target as HTMLInputElement).value)"
        />
      </label>
      <label class="note"
        >Note
        <input
          :value="said.note"
          maxlength="2000"
          @change="set('note', ($event.target as HTMLInputElement).value)"
        />
      </label>
    </div>
    <p v-if="happened" class="happened">{{ happened }}</p>
    <details :open="more" @toggle="more = ($event.target as HTMLDetailsElement).open">
      <summary>Day, time and other lots</summary>
      <div class="fields">
        <label
          >Day
          <input
            type="date"
            :value="said.madeOn"
            @change="set('madeOn', ($event.target as HTMLInputElement).value)"
          />
        </label>
        <label
          >Poured at
          <input
            type="time"
            :value="said.pouredAt.slice(0, 5)"
            @change="set('pouredAt', ($event.target as HTMLInputElement).value)"
          />
        </label>
        <label v-for="o in others" :key="o.id"
          >Lot of {{ o.name }}
          <input
            :value="lotOf(o.id)"
            maxlength="80"
            @change="lot(o.id, ($event.target as HTMLInputElement).value)"
          />
        </label>
      </div>
    </details>
  </section>
</template>

<style scoped>
.said {
  display: grid;
  gap: 10px;
  padding: 14px 16px;
  background: var(--panel);
}

.outcomes {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(104px, 1fr));
  gap: 6px;
}

.outcomes button {
  min-height: 48px;
  border: 1px solid var(--edge-deep);
  border-radius: 4px;
  background: transparent;
  color: var(--ink);
  font-size: 16px;
  cursor: pointer;
}

.outcomes button[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--ink);
  color: var(--white);
  font-weight: 700;
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 10px 14px;
}

.note {
  grid-column: span 2;
}

label {
  color: var(--quiet);
  font-size: 13px;
}

input {
  display: block;
  box-sizing: border-box;
  width: 100%;
  min-height: 40px;
  padding: 4px 10px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
  font-size: 16px;
}

small {
  font-size: 13px;
}

small[role='alert'] {
  color: var(--unsafe);
  font-weight: 700;
}

summary {
  color: var(--quiet);
  cursor: pointer;
}

details .fields {
  padding-top: 8px;
}

.happened {
  color: var(--ink);
}

@media (max-width: 500px) {
  .note {
    grid-column: auto;
  }
}
</style>
