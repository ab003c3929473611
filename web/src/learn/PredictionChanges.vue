<script setup lang="ts">
import type { Proposal } from '@/api/client'

/** What the proposed numbers do to what is predicted. */
defineProps<{ changes: Proposal['changes'] }>()
type Prediction = Proposal['changes'][number]['now']
const set = (p: Prediction) =>
  p.setsAfterMinutes === undefined ? 'does not set' : `sets after ${Math.round(p.setsAfterMinutes)} min`
const stands = (p: Prediction) =>
  p.standingMm === undefined
    ? p.firmnessWords
    : `stands ${p.standingMm.toFixed(1)} of ${p.mouldedMm.toFixed(0)} mm`
const same = (a: string, b: string) => a === b
</script>

<template>
  <section aria-label="What it changes">
    <h2 class="section-title">What all of them would change <small>now → then</small></h2>
    <table>
      <tbody>
        <tr v-for="c in changes" :key="c.formulaId">
          <th scope="row">
            <RouterLink :to="{ name: 'bench', params: { id: c.formulaId } }">{{ c.name }}</RouterLink>
          </th>
          <td :class="{ same: same(stands(c.now), stands(c.then)) }">
            {{ stands(c.now) }} → <b>{{ stands(c.then) }}</b>
          </td>
          <td :class="{ same: same(set(c.now), set(c.then)) }">
            {{ set(c.now) }} → <b>{{ set(c.then) }}</b>
          </td>
          <td>firmness {{ c.now.firmness.toFixed(0) }} → {{ c.then.firmness.toFixed(0) }} of 100</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
  background: var(--panel);
}

th,
td {
  padding: 8px 12px;
  border-bottom: 1px solid var(--hairline);
  font-weight: 400;
  text-align: left;
}

a {
  color: var(--ink);
}

.same {
  color: var(--quiet);
}
</style>
