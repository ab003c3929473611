<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useEventListener, useWakeLock } from '@vueuse/core'
import { computed, onMounted, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '@/api/client'
import StationBar from '@/look/StationBar.vue'
import ColdChain from './ColdChain.vue'
import FinishForm from './FinishForm.vue'
import { countdown } from './moments'
import InstrumentStrip from './InstrumentStrip.vue'
import OtherBatches from './OtherBatches.vue'
import StepNow from './StepNow.vue'
import StepRail from './StepRail.vue'
import TurnOut from './TurnOut.vue'
import { useInstruments } from './useInstruments'
import { useMaking, useWho } from './useMaking'
import { useTimers } from './useTimers'
import WhatItDoes from './WhatItDoes.vue'

/** A batch beside the stove: the next step, what is measured, what runs, and what a deviation does. */
const route = useRoute()
const router = useRouter()
const id = computed(() => String(route.params.id))
const { making, consequence, changed, unsent, refused, second, happened, ends, gone } = useMaking(id)

const steps = computed(() => making.value?.steps ?? [])
const { timers, due } = useTimers(
  steps,
  second,
  computed(() => making.value?.name ?? ''),
)
const who = useWho()
const { probe, scale } = useInstruments()
/** What the cook looks at; else what wants hands next. */
const looked = ref('')
const shown = computed(() => {
  const wanted = looked.value || making.value?.next
  return steps.value.find((s) => s.step.id === wanted)
})
/** What was looked at and is done makes way for the next; what was done before may be looked at again. */
watch(
  () => [looked.value, making.value?.steps.find((s) => s.step.id === looked.value)?.state] as const,
  ([id, state], [before, was]) => {
    if (id && id === before && was !== 'DONE' && state === 'DONE') looked.value = ''
  },
)
/** How exactly each line is weighed: computed once. */
const { data: tolerances } = useQuery({
  queryKey: computed(() => ['tolerances', id.value]),
  queryFn: () => api.tolerances(id.value),
  staleTime: Infinity,
})
const within = computed(() => new Map((tolerances.value ?? []).map((t) => [t.address, t.within])))
const allDone = computed(() => steps.value.length > 0 && steps.value.every((s) => s.state === 'DONE'))
const finishing = ref(false)
/** Portions whose outcome was said one by one. */
const portionsSaid = computed(
  () => new Set(making.value?.events.filter((e) => e.kind === 'CAME_OUT' && e.step).map((e) => e.step)).size,
)
const undoable = computed(() => making.value?.events.at(-1))
const undo = () => undoable.value && happened(['UNDONE', { text: undoable.value.id }])

const wake = useWakeLock()
onMounted(() => void wake.request('screen').catch(() => undefined))
useEventListener('keydown', (e: KeyboardEvent) => {
  if ((e.ctrlKey || e.metaKey) && e.key === 'z' && !(e.target instanceof HTMLInputElement)) undo()
})
watch(
  () => making.value?.finished,
  (is) => {
    if (!is || !making.value) return
    const gaveUp = making.value.events.findLast((e) => e.kind === 'DISCARDED')
    void router.push(
      making.value.batch || !gaveUp
        ? `/log/${making.value.batch ?? ''}`
        : { name: 'makings', query: { discarded: making.value.id, by: gaveUp.id, name: making.value.name } },
    )
  },
)
</script>

<template>
  <StationBar station="make">
    <span class="name">{{ making?.name }}</span>
    <span class="state" role="status">{{
      unsent.length && gone
        ? `${unsent.length} ${unsent.length === 1 ? 'entry waits' : 'entries wait'} to be sent`
        : unsent.length
          ? 'Saving…'
          : making
            ? 'Saved'
            : ''
    }}</span>
    <button type="button" class="tool" :disabled="!undoable" @click="undo">Undo</button>
    <RouterLink v-if="making?.plan" class="tool" :to="{ name: 'day', params: { id: making.plan } }"
      >The day</RouterLink
    >
    <RouterLink v-if="making" class="tool" :to="{ name: 'wrong', params: { id } }"
      >Something is wrong</RouterLink
    >
    <button type="button" class="tool" @click="finishing = !finishing">
      {{ finishing ? 'Not yet' : 'Finish' }}
    </button>
  </StationBar>
  <main class="making">
    <OtherBatches :beside="id" :second="second" />
    <p v-if="gone && !making" role="alert" class="gone">
      This batch cannot be read now. What you enter here is kept and sent later.
    </p>
    <p v-if="ends && gone" role="status" class="gone">
      It ends as you said as soon as Deft Chill answers; until then it is kept in this browser.
    </p>
    <p v-if="refused" role="alert" class="gone">Not taken: {{ refused }}</p>
    <div class="now">
      <TurnOut
        v-if="making?.turningOut && (finishing || allDone)"
        :turning="making.turningOut"
        :events="making.events"
        @happened="(kind, rest) => happened([kind, rest])"
      />
      <FinishForm
        v-if="making && (finishing || allDone) && !ends"
        :portions="portionsSaid"
        @finished="(events) => happened(...events)"
      />
      <StepNow
        v-if="shown && making"
        :key="shown.step.id"
        :at="shown"
        :second="second"
        :zone="making.zone"
        :whole="making.name"
        :within="within"
        :making="making.id"
        :probe="probe"
        :scale="scale"
        @happened="(kind, rest) => happened([kind, rest])"
      />
      <p v-else-if="making && !allDone" class="waiting">
        Nothing wants hands now<template v-if="timers[0]"
          >: {{ timers[0].name }} is done in {{ countdown(timers[0].left) }}</template
        >.
      </p>
    </div>
    <aside>
      <InstrumentStrip :probe="probe" :scale="scale" />
      <ul v-if="timers.length" class="timers" aria-label="Timers">
        <li v-for="t in timers" :key="t.id" :class="{ due: t.left <= 0 }">
          <b>{{ countdown(t.left) }}</b> {{ t.name }}
        </li>
      </ul>
      <p v-if="due.length" class="out-of-sight" role="alert">
        {{ due.map((t) => t.name).join(', ') }} is due
      </p>
      <WhatItDoes
        :consequence="consequence"
        :changed="changed"
        @happened="(kind, rest) => happened([kind, rest])"
      />
      <ColdChain
        v-if="making && (making.cooling.length || making.safety.length)"
        :making="making"
        :second="second"
        :probe="probe"
        @happened="(kind, rest) => happened([kind, rest])"
      />
      <label class="who"
        >Who works here <input v-model="who" maxlength="80" placeholder="goes with each entry"
      /></label>
      <StepRail
        v-if="making"
        :steps="steps"
        :shown="shown?.step.id ?? ''"
        :next="making.next"
        :second="second"
        :zone="making.zone"
        @show="looked = $event"
      />
    </aside>
  </main>
</template>

<style scoped>
.making {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 380px;
  gap: 14px;
  align-items: start;
  padding: 14px 20px;
}

.making > :deep(.others),
.gone {
  grid-column: 1 / -1;
}

.name {
  flex: 1 1 240px;
  font-size: 18px;
  font-weight: 700;
}

/* Beside the stations, so that the buttons stay in the same row. */
@media (min-width: 1100px) {
  .name {
    flex-basis: 130px;
  }
}

.who {
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 6px 14px;
  background: var(--panel);
  font-size: 15px;
}

.who input {
  flex: 1;
  min-width: 0;
  min-height: 56px;
  padding: 0 12px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  font-size: 17px;
}

.tool {
  display: inline-flex;
  align-items: center;
  min-height: 56px;
  padding: 0 20px;
  border: 1px solid var(--edge);
  border-radius: 4px;
  background: transparent;
  color: var(--white);
  font-size: 16px;
  text-decoration: none;
  cursor: pointer;
}

.tool:disabled {
  border-color: var(--edge-deep);
  color: var(--edge);
  cursor: default;
}

.gone {
  margin: 0;
  color: var(--unsafe);
  font-weight: 700;
}

.now,
aside {
  display: grid;
  gap: 14px;
}

.waiting {
  margin: 0;
  padding: 40px 24px;
  background: var(--panel);
  font-size: 24px;
}

/* The step stays in sight while one looks through what comes later. */
.now {
  position: sticky;
  top: 14px;
}

aside {
  align-content: start;
}

.rail {
  background: var(--panel);
}

.timers {
  margin: 0;
  padding: 0;
  list-style: none;
}

.timers li {
  padding: 10px 14px;
  background: var(--ink);
  color: var(--white);
  font-size: 16px;
}

.timers li + li {
  margin-top: 4px;
}

.timers b {
  display: inline-block;
  min-width: 84px;
  font-size: 24px;
  font-variant-numeric: tabular-nums;
}

.timers .due {
  background: var(--unsafe);
  animation: call 1s steps(2) infinite;
}

@keyframes call {
  50% {
    background: var(--ink);
  }
}

@media (prefers-reduced-motion: reduce) {
  .timers .due {
    animation: none;
  }
}

@media (max-width: 900px) {
  .making {
    grid-template-columns: minmax(0, 1fr);
  }

  .now {
    position: static;
  }
}
</style>
