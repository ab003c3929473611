<script setup lang="ts">
import { useQueries } from '@tanstack/vue-query'
import { useTitle } from '@vueuse/core'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { api, type BatchView, type Beside } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import StationBar from '@/look/StationBar.vue'
import LogNav from './LogNav.vue'
import { day, figure } from './words'

/** Batches side by side: what was changed from the first, what was predicted, what came out. */
useTitle('Side by side · Deft Chill')
const route = useRoute()
const ids = computed(() =>
  String(route.query.ids ?? '')
    .split(',')
    .filter(Boolean)
    .slice(0, 4),
)
const answers = useQueries({
  queries: computed(() =>
    ids.value.map((id) => ({ queryKey: ['batch', id], queryFn: () => api.batch(id), retry: 0 })),
  ),
})
const batches = computed(() => answers.value.flatMap((a) => (a.data ? [a.data as BatchView] : [])))
const failed = computed(() => answers.value.some((a) => a.isError))
const changes = useQueries({
  queries: computed(() =>
    batches.value.slice(1).map((b) => ({
      queryKey: ['compared-batches', batches.value[0]?.id, b.id],
      queryFn: () => api.compare((batches.value[0] ?? b).document, b.document),
      retry: 0,
    })),
  ),
})
const changed = (i: number) => changes.value[i - 1]?.data?.changes ?? []
const choices = useChoices()
const word = (o: string) => choices('outcome').find((c) => c.value === o)?.label ?? o

const keyOf = (b: Beside) => `${b.quantity} ${b.of} ${b.minutes ?? ''}`
const nameOf = (b: Beside) =>
  b.quantity === 'standing-height'
    ? 'Standing height'
    : `${choices('reading').find((c) => c.value === b.quantity)?.label ?? b.quantity}${b.minutes === undefined ? '' : ` after ${figure(b.minutes)} min`}`
/** Every figure that any of them has. */
const measured = computed(() => {
  const of = new Map<string, string>()
  for (const batch of batches.value) for (const b of batch.beside) of.set(keyOf(b), nameOf(b))
  return [...of].slice(0, 12)
})
const at = (batch: BatchView, key: string) => batch.beside.find((b) => keyOf(b) === key)
const TRAITS = ['wobble', 'melt', 'sweetness', 'intensity', 'cleanSlice'] as const
const NAMES = {
  wobble: 'Wobble',
  melt: 'Melt',
  sweetness: 'Sweetness',
  intensity: 'Intensity',
  cleanSlice: 'Clean slice',
}
function mean(batch: BatchView, trait: (typeof TRAITS)[number]) {
  const of = (batch.said.record?.tastings ?? []).flatMap((t) => t[trait] ?? [])
  return of.length ? (of.reduce((a, b) => a + b, 0) / of.length).toFixed(1) : ''
}
const tasted = computed(() => TRAITS.filter((t) => batches.value.some((b) => mean(b, t))))
const lots = (batch: BatchView) =>
  (batch.said.record?.lots ?? [])
    .map((l) => `${batch.lotsOf.find((o) => o.id === l.of)?.name ?? l.of}: ${l.lot}`)
    .join(', ')
</script>

<template>
  <StationBar station="log" />
  <LogNav here="log" />
  <main class="beside">
    <h1>Side by side</h1>
    <p v-if="failed" role="alert">One of them cannot be read now.</p>
    <table v-if="batches.length > 1" :style="{ '--n': batches.length }">
      <thead>
        <tr>
          <td></td>
          <th v-for="b in batches" :key="b.id" scope="col">
            <RouterLink :to="{ name: 'batch', params: { id: b.id } }">{{ b.formula }}</RouterLink>
            <small>{{ day(b.said.madeOn) }}{{ b.said.cook ? `, ${b.said.cook}` : '' }}</small>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr>
          <th scope="row">Photos</th>
          <td v-for="b in batches" :key="b.id">
            <img
              v-for="p in b.photos.slice(0, 2)"
              :key="p.id"
              :src="`/api/photos/${p.id}/small`"
              :alt="p.caption || 'Photo of the batch'"
            />
            <span v-if="!b.photos.length" class="none">none</span>
          </td>
        </tr>
        <tr>
          <th scope="row">Changed from the first</th>
          <td v-for="(b, i) in batches" :key="b.id">
            <template v-if="i === 0"><span class="none">it is the first</span></template>
            <template v-else>
              <p v-if="!changed(i).length" class="none">nothing that is written</p>
              <p v-else-if="changed(i).length > 1" class="many">
                {{ changed(i).length }} things at once: which of them it was cannot be told
              </p>
              <p v-for="c in changed(i).slice(0, 8)" :key="c.key">
                {{ c.name }}: {{ c.before || 'not there' }} → <b>{{ c.after || 'not there' }}</b>
              </p>
            </template>
          </td>
        </tr>
        <tr>
          <th scope="row">Lots</th>
          <td v-for="b in batches" :key="b.id">{{ lots(b) || '–' }}</td>
        </tr>
        <tr>
          <th scope="row">Predicted</th>
          <td v-for="b in batches" :key="b.id">
            {{ b.predicted.firmnessWords
            }}<template v-if="b.predicted.standingMm !== undefined"
              >, stands {{ b.predicted.standingMm.toFixed(0) }} of
              {{ b.predicted.mouldedMm.toFixed(0) }} mm</template
            >
          </td>
        </tr>
        <tr>
          <th scope="row">Came out</th>
          <td v-for="b in batches" :key="b.id">
            <b>{{ word(b.said.outcome) }}</b>
            <p>{{ b.said.note }}</p>
          </td>
        </tr>
        <tr v-for="[key, name] in measured" :key="key">
          <th scope="row">{{ name.charAt(0).toUpperCase() + name.slice(1) }}</th>
          <td v-for="b in batches" :key="b.id">
            <template v-if="at(b, key)">
              <b>{{ figure(at(b, key)!.measured) }} {{ at(b, key)!.unit }}</b>
              <small>predicted {{ figure(at(b, key)!.predicted) }}</small>
            </template>
            <span v-else class="none">–</span>
          </td>
        </tr>
        <tr v-for="t in tasted" :key="t">
          <th scope="row">{{ NAMES[t] }}, 1 to 5</th>
          <td v-for="b in batches" :key="b.id">{{ mean(b, t) || '–' }}</td>
        </tr>
      </tbody>
    </table>
    <p v-else-if="!failed && ids.length < 2" class="none">
      Pick two or more batches in the <RouterLink to="/log">log</RouterLink> to see them side by side.
    </p>
  </main>
</template>

<style scoped>
.beside {
  display: grid;
  gap: 12px;
  max-width: 1240px;
  padding: 12px 20px 40px;
}

h1 {
  font-size: 22px;
}

table {
  width: 100%;
  border-collapse: collapse;
  background: var(--panel);
  table-layout: fixed;
}

th,
td {
  padding: 8px 12px;
  border-bottom: 1px solid var(--hairline);
  text-align: left;
  vertical-align: top;
}

tbody th {
  color: var(--quiet);
  font-size: 13px;
  font-weight: 400;
}

tr > :first-child {
  width: 170px;
}

thead a {
  display: block;
  color: var(--ink);
}

small,
.none {
  color: var(--quiet);
  font-weight: 400;
}

td small {
  margin-left: 8px;
}

.many {
  color: var(--caution);
  font-weight: 700;
}

img {
  width: 150px;
  height: 112px;
  margin-right: 8px;
  border-radius: 3px;
  object-fit: cover;
}
</style>
