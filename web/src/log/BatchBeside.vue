<script setup lang="ts">
import { computed } from 'vue'
import { useChoices } from '@/answers/useChoices'
import type { BatchView, Beside } from '@/api/client'
import { figure, rounded } from './words'

/** Predicted beside measured, of everything that has both. */
const props = defineProps<{ batch: BatchView }>()
const choices = useChoices()
const name = (b: Beside) => {
  if (b.quantity === 'standing-height') return 'Standing height'
  const words = choices('reading').find((c) => c.value === b.quantity)?.label ?? b.quantity
  const of = props.batch.components.find((c) => c.id === b.of)?.name
  const after = b.minutes === undefined ? '' : ` after ${figure(b.minutes)} min`
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}${of ? `, ${of}` : ''}${after}`
}
/** In words: how unusual it is that they lie so far apart. */
const apart = (off: number) =>
  Math.abs(off) < 1.3 ? 'as it may be' : Math.abs(off) < 3 ? 'further apart than usual' : 'far apart'
const rows = computed(() => props.batch.beside.map((b) => ({ ...b, name: name(b), words: apart(b.off) })))
</script>

<template>
  <section aria-label="Predicted beside measured">
    <h2 class="section-title">Predicted beside measured</h2>
    <p v-if="!rows.length" class="none">
      Nothing measured yet. A ruler beside it tells how strong this gelatin really is; a probe, how cold this
      fridge.
    </p>
    <table v-else>
      <thead>
        <tr>
          <th scope="col"></th>
          <th scope="col">predicted</th>
          <th scope="col">measured</th>
          <th scope="col"></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(r, i) in rows" :key="i" :class="{ far: Math.abs(r.off) >= 3 }">
          <th scope="row">{{ r.name }}</th>
          <td>{{ rounded(r.predicted, r.unit) }} {{ r.unit }}</td>
          <td>
            <b>{{ rounded(r.measured, r.unit) }} {{ r.unit }}</b>
          </td>
          <td>{{ r.words }}</td>
        </tr>
      </tbody>
    </table>
    <p class="now">
      When it was logged: sets
      {{
        batch.predicted.setsAfterMinutes === undefined
          ? 'not'
          : `after ${Math.round(batch.predicted.setsAfterMinutes)} min`
      }}, {{ batch.predicted.firmnessWords
      }}<template v-if="batch.predicted.standingMm !== undefined"
        >, stands {{ batch.predicted.standingMm.toFixed(0) }} of
        {{ batch.predicted.mouldedMm.toFixed(0) }} mm</template
      >. The table is by the kitchen's numbers of today;
      <RouterLink to="/log/numbers">what the readings tell</RouterLink> of them.
    </p>
  </section>
</template>

<style scoped>
section {
  padding: 14px 16px;
  background: var(--panel);
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 6px 8px 6px 0;
  border-bottom: 1px solid var(--hairline);
  font-weight: 400;
  text-align: left;
}

thead th,
.now,
.none,
td:last-child {
  color: var(--quiet);
  font-size: 13px;
}

.far td:last-child {
  color: var(--caution);
  font-weight: 700;
}

td {
  white-space: nowrap;
}

@media (max-width: 500px) {
  td:last-child {
    white-space: normal;
  }
}

.now a {
  color: var(--ink);
}

.now,
.none {
  padding-top: 8px;
}
</style>
