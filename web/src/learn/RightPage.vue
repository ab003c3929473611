<script setup lang="ts">
import { useTitle } from '@vueuse/core'
import { computed } from 'vue'
import { useChoices } from '@/answers/useChoices'
import LogNav from '@/log/LogNav.vue'
import { day, rounded } from '@/log/words'
import StationBar from '@/look/StationBar.vue'
import { useLearning } from './useLearning'

/** Predicted against measured for all batches; honest where it is bad. */
useTitle('Is the tool right? · Deft Chill')
const { proposal } = useLearning()
const data = computed(() => proposal.data.value)
const choices = useChoices()
const name = (id: string) => {
  const words =
    id === 'standing-height'
      ? 'standing height'
      : (choices('reading').find((c) => c.value === id)?.label ?? id)
  return words.charAt(0).toUpperCase() + words.slice(1)
}
const rows = computed(() =>
  (data.value?.goodness ?? []).map((g) => ({
    ...g,
    name: name(g.quantity),
    share: Math.round((100 * g.held) / g.readings),
    bias: `${g.bias > 0 ? '+' : ''}${rounded(g.bias, g.unit)} ${g.unit}`,
  })),
)
/** What it comes to, in words; of few readings nothing is concluded. */
const RANGES = {
  TOO_FEW: 'too few to say',
  AS_SAID: 'as often as it says',
  MAY_BE_CHANCE: 'that may be chance',
  OFF_MORE_OFTEN: 'off more often than it says',
  WIDER_THAN_NEEDED: 'nearer than it says',
}
const heights = computed(
  () =>
    data.value?.readings
      .filter((r) => r.quantity === 'standing-height')
      .sort((a, b) => b.madeOn.localeCompare(a.madeOn)) ?? [],
)
const SCALE = computed(() =>
  Math.max(
    4,
    ...heights.value.flatMap((r) => [Math.abs(r.before - r.measured), Math.abs(r.leftOut - r.measured)]),
  ),
)
const off = (mm: number) => ({ left: `${50 + (48 * mm) / SCALE.value}%` })
</script>

<template>
  <StationBar station="log" />
  <LogNav here="right" />
  <main class="right">
    <header>
      <h1>Is the tool right?</h1>
      <p>
        Every reading in the log against what is computed for it today, by the handbook and by what all
        <em>other</em> readings tell. What was computed by older models is computed again.
      </p>
    </header>
    <p v-if="proposal.isFetching.value && !data" role="status" class="none">Being computed …</p>
    <p v-else-if="proposal.isError.value" role="alert">It could not be computed now.</p>
    <p v-else-if="data && !rows.length" class="none">Nothing is measured yet, so nobody knows.</p>
    <table v-if="rows.length">
      <thead>
        <tr>
          <th scope="col">Quantity</th>
          <th scope="col">by</th>
          <th scope="col">readings</th>
          <th scope="col">on average</th>
          <th scope="col">off by</th>
          <th scope="col">within its 80 % range</th>
          <th scope="col"></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.quantity + r.learnt" :class="{ learnt: r.learnt }">
          <th scope="row">{{ r.learnt ? '' : r.name }}</th>
          <td>{{ r.learnt ? 'this kitchen' : 'the handbook' }}</td>
          <td>{{ r.readings }}</td>
          <td>{{ r.bias }}</td>
          <td>
            <b>{{ rounded(r.spread, r.unit) }} {{ r.unit }}</b>
          </td>
          <td>{{ r.held }} of {{ r.readings }}, {{ r.share }} %</td>
          <td :class="{ bad: r.ranges === 'OFF_MORE_OFTEN' }">{{ RANGES[r.ranges] }}</td>
        </tr>
      </tbody>
    </table>
    <section v-if="heights.length" aria-label="Heights one by one">
      <h2 class="section-title">
        Heights, one by one
        <small
          ><i class="before"></i> handbook <i class="after"></i> this kitchen: predicted less measured,
          mm</small
        >
      </h2>
      <ul>
        <li v-for="r in heights" :key="r.batchId">
          <RouterLink :to="{ name: 'batch', params: { id: r.batchId } }">{{ r.formula }}</RouterLink>
          <small>{{ day(r.madeOn) }}</small>
          <span class="bar" aria-hidden="true"
            ><s></s><i class="before" :style="off(r.before - r.measured)"></i
            ><i class="after" :style="off(r.leftOut - r.measured)"></i
          ></span>
          <span class="figures"
            >{{ r.measured.toFixed(1) }} mm; {{ r.before.toFixed(1) }}, {{ r.leftOut.toFixed(1) }}</span
          >
        </li>
      </ul>
    </section>
    <p v-if="rows.length" class="hint">
      A bias by the handbook is what <RouterLink to="/log/numbers">our own numbers</RouterLink> take away.
      Where this kitchen’s line is no better, the readings tell nothing, or the model is wrong: then trust the
      log.
    </p>
  </main>
</template>

<style scoped>
.right {
  display: grid;
  gap: 16px;
  max-width: 1140px;
  padding: 12px 20px 40px;
}

h1 {
  font-size: 22px;
}

header p,
.hint,
small {
  color: var(--quiet);
}

.none {
  padding: 20px;
  background: var(--panel);
}

table {
  border-collapse: collapse;
  background: var(--panel);
}

th,
td {
  padding: 7px 12px;
  text-align: left;
}

thead th {
  border-bottom: 2px solid var(--ink);
  color: var(--quiet);
  font-size: 13px;
  font-weight: 400;
}

.learnt td,
.learnt th {
  border-bottom: 1px solid var(--hairline);
}

.bad {
  color: var(--unsafe);
  font-weight: 700;
}

li {
  display: grid;
  grid-template-columns: minmax(180px, 1fr) 100px minmax(200px, 1.6fr) 190px;
  gap: 14px;
  align-items: center;
  min-height: 34px;
  padding: 2px 12px;
  border-bottom: 1px solid var(--hairline);
  background: var(--panel);
}

li a,
.hint a {
  color: var(--ink);
}

.bar {
  position: relative;
  height: 18px;
}

.bar s {
  position: absolute;
  left: 50%;
  width: 1px;
  height: 18px;
  background: var(--edge-deep);
}

.bar i {
  position: absolute;
  top: 4px;
  margin-left: -5px;
}

i.before,
i.after {
  display: inline-block;
  box-sizing: border-box;
  width: 10px;
  height: 10px;
  border: 1.5px solid var(--edge-deep);
  border-radius: 5px;
}

i.after {
  border-color: var(--set-6);
  background: var(--set-6);
}

.figures {
  color: var(--quiet);
  font-size: 13px;
}
</style>
