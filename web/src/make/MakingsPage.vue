<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useNow, useTitle } from '@vueuse/core'
import { computed } from 'vue'
import { api, type Making } from '@/api/client'
import StationBar from '@/look/StationBar.vue'
import { clockOf, countdown } from './moments'
import { useDiscarded } from './useDiscarded'

/** All batches that are being made: what wants hands next over all of them, and every timer that runs. */
useTitle('Make · Deft Chill')
const { data, isError } = useQuery({ queryKey: ['makings'], queryFn: api.openMakings, refetchInterval: 2000 })
const now = useNow({ interval: 1000 })
const second = computed(() => Math.round(now.value.getTime() / 1000))
const nextOf = (m: Making) => m.steps.find((s) => s.step.id === m.next)
const makings = computed(() =>
  [...(data.value?.makings ?? [])].sort(
    (a, b) => (nextOf(a)?.until ?? Infinity) - (nextOf(b)?.until ?? Infinity),
  ),
)
const timers = computed(() =>
  makings.value
    .flatMap((m) =>
      m.steps
        .filter((s) => s.state === 'RUNNING' && s.due !== undefined)
        .map((s) => ({
          id: m.id + s.step.id,
          to: m.id,
          name: `${s.step.title}, ${m.name}`,
          left: (s.due ?? 0) - second.value,
        })),
    )
    .sort((a, b) => a.left - b.left),
)
const { discarded, takeBack, failed } = useDiscarded()
const done = (m: Making) => m.steps.filter((s) => s.state === 'DONE').length
</script>

<template>
  <StationBar station="make" />
  <main class="makings">
    <h1>In the making</h1>
    <p class="beside">
      <RouterLink to="/make/cues">What it looks like</RouterLink>
      <RouterLink to="/make/instruments">Probe and scale</RouterLink>
    </p>
    <p v-if="discarded" role="status" class="discarded">
      {{ discarded.name }} was discarded.
      <button type="button" @click="takeBack">Undo</button>
      <span v-if="failed" role="alert">Deft Chill does not answer now; try again.</span>
    </p>
    <p v-if="isError" role="alert">Deft Chill does not answer now; it is asked again by itself.</p>
    <p v-else-if="data && !makings.length" class="none">
      Nothing is being made. Open a dessert in the <RouterLink to="/">Book</RouterLink> and touch
      <b>Make it now</b>: its steps come one at a time, with what to weigh, how warm, and until when.
    </p>
    <ul class="batches" aria-label="Batches">
      <li v-for="m in makings" :key="m.id">
        <RouterLink :to="{ name: 'making', params: { id: m.id } }">
          <b>{{ m.name }}</b>
          <small
            >begun {{ clockOf(m.begun, m.zone) }}{{ m.begunBy ? ` by ${m.begunBy}` : '' }} · {{ done(m) }} of
            {{ m.steps.length }} steps done</small
          >
          <span v-if="nextOf(m)" class="next"
            >Next: {{ nextOf(m)?.step.title
            }}<template v-if="nextOf(m)?.step.component">, {{ nextOf(m)?.step.component }}</template>
            <em v-if="nextOf(m)?.until !== undefined">
              within {{ countdown((nextOf(m)?.until ?? 0) - second) }}</em
            ></span
          >
          <span v-else class="next">Nothing wants hands now</span>
        </RouterLink>
      </li>
    </ul>
    <section v-if="timers.length" aria-label="Timers">
      <h2 class="section-title">Timers</h2>
      <ul class="timers">
        <li v-for="t in timers" :key="t.id">
          <RouterLink :to="{ name: 'making', params: { id: t.to } }"
            ><b>{{ countdown(t.left) }}</b> {{ t.name }}</RouterLink
          >
        </li>
      </ul>
    </section>
  </main>
</template>

<style scoped>
.discarded {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  padding: 8px 14px;
  background: var(--panel);
}

.discarded button {
  min-height: 56px;
  padding: 0 18px;
  border: 1px solid var(--edge-deep);
  border-radius: 4px;
  background: transparent;
  color: var(--ink);
  font-size: 16px;
  cursor: pointer;
}

.makings {
  display: grid;
  gap: 14px;
  max-width: 1000px;
  padding: 18px 20px;
}

h1 {
  margin: 0;
  font-size: 24px;
  font-weight: 700;
}

.beside {
  display: flex;
  gap: 10px;
  margin: 0;
}

.beside a {
  display: inline-flex;
  align-items: center;
  min-height: 56px;
  padding: 0 18px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--panel);
  color: var(--ink);
  font-size: 17px;
  text-decoration: none;
}

.none {
  margin: 0;
  padding: 24px;
  background: var(--panel);
  font-size: 18px;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

.batches {
  display: grid;
  gap: 8px;
}

.batches a {
  display: grid;
  gap: 2px;
  padding: 14px 18px;
  border-left: 6px solid var(--act);
  background: var(--panel);
  color: var(--ink);
  text-decoration: none;
}

.batches b {
  font-size: 20px;
}

small {
  color: var(--quiet);
  font-size: 14px;
}

.next {
  font-size: 18px;
}

em {
  font-style: normal;
  font-weight: 700;
}

.timers a {
  display: block;
  min-height: 56px;
  padding: 12px 14px;
  border-bottom: 1px solid var(--hairline);
  background: var(--panel);
  color: var(--ink);
  text-decoration: none;
}

.timers b {
  display: inline-block;
  min-width: 90px;
  font-size: 22px;
  font-variant-numeric: tabular-nums;
}
</style>
