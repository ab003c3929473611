<script setup lang="ts">
import { computed, reactive, watch } from 'vue'
import { shown } from './useInstruments'
import WeighNow from './WeighNow.vue'
import type { Instrument, MakingAsk } from '@/api/client'

/** What is measured at a step: as written by a touch, or what the scale or the probe says. */
const props = defineProps<{
  asks: MakingAsk[]
  within: Map<string, number>
  probe?: Instrument
  scale?: Instrument
}>()
const emit = defineEmits<{
  measured: [address: string, value: string]
  lot: [address: string, lot: string]
}>()

const typed = reactive<Record<string, string>>({})
const lots = reactive<Record<string, string>>({})
watch(
  () => props.asks,
  (asks) =>
    asks.forEach((a) => {
      typed[a.address] ??= a.measured
      lots[a.address] ??= a.lot
    }),
  { immediate: true },
)
function send(ask: MakingAsk) {
  const value = (typed[ask.address] ?? '').trim()
  if (value && value !== ask.measured) emit('measured', ask.address, value)
}
function asWritten(ask: MakingAsk) {
  typed[ask.address] = ask.written
  emit('measured', ask.address, ask.written)
}
/** What the scale is about to weigh: the first line that nobody weighed yet. */
const weighing = computed(() =>
  props.scale ? props.asks.find((a) => a.kind === 'weight' && !a.measured) : undefined,
)
function take(ask: MakingAsk, value: string) {
  typed[ask.address] = value
  emit('measured', ask.address, value)
}
/** A tolerance as it can be read on a scale. */
const either = (grams: number) =>
  `± ${grams < 5 ? (Math.floor(grams * 10) / 10).toFixed(1) : Math.floor(grams)} g`
const PLACEHOLDER: Record<string, string> = {
  weight: 'on the scale',
  temperature: 'by the probe',
  time: 'how long',
}
</script>

<template>
  <WeighNow
    v-if="weighing && scale"
    :ask="weighing"
    :scale="scale"
    :within="within.get(weighing.address)"
    @measured="(_, value) => weighing && take(weighing, value)"
  />
  <ul class="measures" aria-label="Measured">
    <li v-for="ask in asks" :key="ask.address" :class="{ done: ask.measured, here: ask === weighing }">
      <span class="name">{{ ask.name }}</span>
      <span class="written"
        >{{ ask.written || '–'
        }}<small v-if="within.has(ask.address)">{{ either(within.get(ask.address) ?? 0) }}</small></span
      >
      <input
        v-model="typed[ask.address]"
        :aria-label="`Measured: ${ask.name}`"
        :placeholder="PLACEHOLDER[ask.kind]"
        inputmode="text"
        @change="send(ask)"
        @keydown.enter="send(ask)"
      />
      <button
        type="button"
        :disabled="!ask.written"
        :aria-label="`${ask.name} as written`"
        :aria-pressed="!!ask.measured && ask.measured === ask.written"
        @click="asWritten(ask)"
      >
        ✓
      </button>
      <button
        v-if="ask.kind === 'temperature' && probe?.value !== undefined"
        type="button"
        class="by-probe"
        @click="take(ask, shown(probe))"
      >
        Take {{ shown(probe) }} from the probe
      </button>
      <label v-if="ask.byLot" class="lot"
        >Lot
        <input
          v-model="lots[ask.address]"
          :aria-label="`Lot of ${ask.name}`"
          maxlength="60"
          placeholder="from the packet"
          @change="emit('lot', ask.address, (lots[ask.address] ?? '').trim())"
      /></label>
    </li>
  </ul>
</template>

<style scoped>
.measures {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 1fr minmax(90px, auto) 180px 64px;
  gap: 10px;
  align-items: center;
  padding: 4px 0;
  border-top: 1px solid var(--hairline);
}

.name {
  font-size: 19px;
}

.written {
  font-size: 26px;
  font-weight: 700;
  text-align: right;
}

small {
  display: block;
  color: var(--quiet);
  font-size: 14px;
  font-weight: 400;
  line-height: 1;
}

input {
  min-width: 0;
  min-height: 56px;
  padding: 0 12px;
  border: 1px solid var(--edge-deep);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
  font-size: 22px;
}

button {
  min-height: 56px;
  border: 1px solid var(--edge-deep);
  border-radius: 4px;
  background: transparent;
  color: var(--ink);
  font-size: 24px;
  cursor: pointer;
}

button[aria-pressed='true'] {
  background: var(--good);
  color: var(--white);
}

button:disabled {
  color: var(--edge);
}

.by-probe {
  grid-column: 1 / -1;
  width: auto;
  padding: 0 16px;
  font-size: 18px;
}

.here {
  background: var(--ground-light);
}

.lot {
  display: flex;
  grid-column: 1 / -1;
  gap: 10px;
  align-items: center;
  color: var(--quiet);
  font-size: 15px;
}

.lot input {
  flex: 0 1 220px;
  min-height: 56px;
  font-size: 16px;
}

@media (max-width: 700px) {
  li {
    grid-template-columns: 1fr auto;
  }
}
</style>
