<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useChoices } from '@/answers/useChoices'
import type { components } from '@/api/generated/schema'
import type { MakingEvent } from '@/api/client'
import { tone } from './useTimers'

/** Turning out: the dip counted for each mould, and how each portion came out. */
const props = defineProps<{ turning: components['schemas']['TurningOut']; events: MakingEvent[] }>()
const emit = defineEmits<{ happened: [kind: MakingEvent['kind'], rest: Partial<MakingEvent>] }>()

const choices = useChoices()
const said = computed(() => {
  const of = new Map<string, string>()
  for (const e of props.events) if (e.kind === 'CAME_OUT' && e.step) of.set(e.step, e.text ?? '')
  return of
})
const portions = computed(() => Array.from({ length: props.turning.portions }, (_, i) => String(i + 1)))
/** The first of which nothing is said yet. */
const next = computed(() => portions.value.find((p) => !said.value.has(p)))
const at = ref('')
const shown = computed(() => at.value || next.value || '')
function say(outcome: string) {
  if (!shown.value) return
  emit('happened', 'CAME_OUT', { step: shown.value, text: outcome })
  at.value = ''
}

/** Seconds of the dip that are left; counted by the clock, not by ticks. */
const until = ref(0)
const left = ref(0)
const { pause, resume } = useIntervalFn(
  () => {
    left.value = Math.max(0, (until.value - Date.now()) / 1000)
    if (left.value === 0) {
      pause()
      tone()
      navigator.vibrate?.(300)
    }
  },
  100,
  { immediate: false },
)
function dip() {
  until.value = Date.now() + (props.turning.dipSeconds ?? 0) * 1000
  left.value = props.turning.dipSeconds ?? 0
  resume()
}
const word = (outcome: string) => choices('outcome').find((c) => c.value === outcome)?.label ?? outcome
</script>

<template>
  <section class="turn-out" aria-label="Turning out">
    <h2 class="section-title">Turning out</h2>
    <p v-if="turning.dipSeconds" class="dip">
      <button type="button" :class="{ runs: left > 0 }" @click="dip">
        {{ left > 0 ? `${left.toFixed(1)} s` : `Dip ${turning.dipSeconds.toFixed(0)} s` }}
      </button>
      <span
        >in {{ turning.water
        }}<template v-if="turning.dipFrom && turning.dipTo"
          >; {{ turning.dipFrom.toFixed(0) }} to {{ turning.dipTo.toFixed(0) }} s do</template
        ></span
      >
    </p>
    <ol aria-label="Portions">
      <li v-for="p in portions" :key="p">
        <button type="button" :class="{ here: p === shown }" :aria-pressed="p === shown" @click="at = p">
          {{ p }} <small v-if="said.has(p)">{{ word(said.get(p) ?? '') }}</small>
        </button>
      </li>
    </ol>
    <div v-if="shown" class="outcomes" :aria-label="`Portion ${shown}`" role="group">
      <b>Portion {{ shown }}:</b>
      <button v-for="o in choices('outcome')" :key="o.value" type="button" @click="say(o.value)">
        {{ o.label }}
      </button>
    </div>
  </section>
</template>

<style scoped>
.turn-out {
  display: grid;
  gap: 12px;
  padding: 14px 18px;
  background: var(--panel);
}

p,
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

.dip {
  display: flex;
  gap: 14px;
  align-items: center;
  font-size: 18px;
}

button {
  min-height: 56px;
  padding: 4px 14px;
  border: 2px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--panel);
  color: var(--ink);
  font-size: 17px;
  cursor: pointer;
}

.dip button {
  min-width: 150px;
  border-color: var(--act);
  background: var(--act);
  color: var(--white);
  font-size: 24px;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}

.dip .runs {
  border-color: var(--ink);
  background: var(--ink);
}

ol,
.outcomes {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  font-size: 17px;
}

ol button {
  min-width: 56px;
}

small {
  display: block;
  font-size: 13px;
}

.here {
  border-color: var(--ink);
  font-weight: 700;
}
</style>
