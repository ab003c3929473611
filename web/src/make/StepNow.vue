<script setup lang="ts">
import { computed } from 'vue'
import type { Instrument, MakingEvent, MakingStep } from '@/api/client'
import MeasureList from './MeasureList.vue'
import ProbePlace from './ProbePlace.vue'
import StageCue from './StageCue.vue'
import { nameOf, shown } from './useInstruments'
import { CLOSES, clockOf, countdown } from './moments'

/** One step at arm's length: what, how much, how warm, until when; and the one thing to touch next. */
const props = defineProps<{
  at: MakingStep
  second: number
  zone: string
  /** Name of the whole dessert. */
  whole: string
  /** How exactly lines are weighed, g either way, by their addresses. */
  within: Map<string, number>
  making: string
  probe?: Instrument
  scale?: Instrument
}>()
const emit = defineEmits<{ happened: [kind: MakingEvent['kind'], rest: Partial<MakingEvent>] }>()

const step = computed(() => props.at.step)
const left = computed(() => (props.at.until === undefined ? undefined : props.at.until - props.second))
const runs = computed(() => (props.at.due === undefined ? undefined : props.at.due - props.second))
/** Whether a probe has something to say here. */
const warmth = computed(() => !!step.value.temperature || props.at.asks.some((a) => a.kind === 'temperature'))
const says = computed(() => ({ step: step.value.id }))

function aloud() {
  const words = [step.value.title, step.value.text, step.value.cue].filter(Boolean).join('. ')
  speechSynthesis.cancel()
  speechSynthesis.speak(new SpeechSynthesisUtterance(words))
}
const speaks = 'speechSynthesis' in window
</script>

<template>
  <article class="step" :aria-label="step.title">
    <header>
      <p class="of">{{ step.component || whole }}</p>
      <button v-if="speaks" type="button" class="aloud" @click="aloud">Read it out</button>
    </header>
    <h2>{{ step.title }}</h2>
    <!-- What is long scrolls by itself, so that what is touched next is always in sight. -->
    <div class="body" tabindex="0" :aria-label="`What to do: ${step.title}`" role="group">
      <!-- What is weighed stands below, large. -->
      <p v-if="step.work !== 'weigh' || !at.asks.length" class="text">{{ step.text }}</p>
      <p v-if="step.temperature || warmth" class="target">
        <template v-if="step.temperature"><small>to</small> {{ step.temperature }}</template>
        <span v-if="warmth && probe?.state === 'ok'" class="probe"
          ><small>{{ nameOf(probe).toLowerCase() }}</small> {{ shown(probe) }}</span
        >
      </p>
      <p v-if="step.cue" class="cue"><b>Until</b> {{ step.cue }}</p>
      <StageCue v-if="at.cue" :series="at.cue.series" :stage="at.cue.stage" />
      <p v-if="step.caution" class="caution"><b>Careful</b> {{ step.caution }}</p>
      <p v-if="at.state === 'WAITS' && at.from !== undefined" class="window">
        Not before {{ clockOf(at.from, zone) }}: {{ countdown(at.from - second) }} to go.
      </p>
      <p
        v-else-if="at.state === 'READY' && left !== undefined"
        class="window"
        :class="{ late: left < 0, soon: left >= 0 && left < 120 }"
      >
        <template v-if="left >= 0"
          >Begin within <b>{{ countdown(left) }}</b></template
        >
        <template v-else
          >Should have begun <b>{{ countdown(-left) }}</b> ago</template
        >
        <template v-if="CLOSES[at.why]">: {{ CLOSES[at.why] }}</template
        >.
      </p>
      <p v-else-if="at.state === 'RUNNING' && runs !== undefined" class="window" :class="{ late: runs < 0 }">
        <template v-if="runs >= 0"
          >Likely done in <b>{{ countdown(runs) }}</b></template
        >
        <template v-else
          >Likely done <b>{{ countdown(-runs) }}</b> ago: have a look</template
        >
      </p>
      <p v-else-if="at.state === 'LATER'" class="window">Something before it is not done yet.</p>
      <p v-else-if="at.state === 'DONE' && at.ended !== undefined" class="window">
        Done at {{ clockOf(at.ended, zone) }}.
      </p>
      <MeasureList
        v-if="at.asks.length"
        :asks="at.asks"
        :within="within"
        :probe="probe"
        :scale="scale"
        @measured="
          (address, value) => emit('happened', 'MEASURED', { ...says, changes: [{ path: address, value }] })
        "
        @lot="(address, lot) => emit('happened', 'LOT', { step: address, text: lot })"
      />
      <ProbePlace v-if="probe?.simulated && warmth" :probe="probe" :making="making" :step="step.id" />
    </div>
    <footer v-if="at.state !== 'DONE'">
      <button
        v-if="at.state !== 'RUNNING'"
        type="button"
        class="big second"
        @click="emit('happened', 'BEGAN', says)"
      >
        Begin
      </button>
      <button type="button" class="big first" @click="emit('happened', 'ENDED', says)">Done</button>
    </footer>
  </article>
</template>

<style scoped>
.step {
  display: grid;
  gap: 12px;
  align-content: start;
  padding: 20px 24px;
  background: var(--panel);
}

header {
  display: flex;
  justify-content: space-between;
  align-items: center;
}

.of,
.text,
.cue,
.caution,
.window,
.target {
  margin: 0;
}

.of {
  color: var(--quiet);
  font-size: 16px;
}

h2 {
  margin: 0;
  font-size: 34px;
  font-weight: 700;
  line-height: 1.15;
}

.text {
  max-width: 60ch;
  font-size: 21px;
  line-height: 1.4;
}

.target {
  font-size: 34px;
  font-weight: 700;
  line-height: 1;
}

.target small {
  color: var(--quiet);
  font-size: 18px;
  font-weight: 400;
}

.probe {
  margin-left: 28px;
  color: var(--cold-ink);
  font-variant-numeric: tabular-nums;
}

.cue,
.caution,
.window {
  padding: 10px 14px;
  border-left: 6px solid var(--edge);
  background: var(--ground-light);
  font-size: 19px;
}

.caution {
  border-color: var(--caution);
  background: var(--warm-wash);
}

.window.soon {
  border-color: var(--act);
  background: var(--warm-wash);
}

.window.late {
  border-color: var(--unsafe);
  background: var(--unsafe-wash);
}

.body {
  display: grid;
  gap: 12px;
  align-content: start;
  min-height: 240px;
  max-height: calc(100dvh - 430px);
  overflow-y: auto;
}

footer {
  display: flex;
  gap: 12px;
  padding: 10px 0;
  background: var(--panel);
}

.big {
  flex: 1;
  min-height: 68px;
  border: 2px solid var(--ink);
  border-radius: 4px;
  background: var(--panel);
  color: var(--ink);
  font-size: 24px;
  font-weight: 700;
  cursor: pointer;
}

.big.first {
  flex: 2;
  border-color: var(--act);
  background: var(--act);
  color: var(--white);
}

.aloud {
  min-height: 56px;
  padding: 0 16px;
  border: 1px solid var(--edge);
  border-radius: 4px;
  background: transparent;
  color: var(--ink);
  font-size: 16px;
  cursor: pointer;
}
</style>
