<script setup lang="ts">
import { useSend } from '@/answers/queries'
import type { Instrument } from '@/api/client'
import { nameOf, shown, weighed } from './useInstruments'

/** Probe and scale as they are now. */
defineProps<{ probe?: Instrument; scale?: Instrument }>()
const tell = useSend('tellInstrument')
const STATES: Record<string, string> = {
  open: 'not plugged in',
  overload: 'overloaded',
  under: 'below zero',
}
</script>

<template>
  <section v-if="probe || scale" class="strip" aria-label="Instruments">
    <div v-if="probe">
      <small>{{ nameOf(probe) }}</small>
      <b v-if="probe.state === 'ok'">{{ shown(probe) }}</b>
      <b v-else class="wrong">{{ STATES[probe.state] ?? probe.state }}</b>
      <RouterLink to="/make/instruments">{{
        !probe.calibration
          ? 'not calibrated yet'
          : probe.calibration.due
            ? 'calibrate it again'
            : 'calibrated'
      }}</RouterLink>
    </div>
    <div v-if="scale">
      <small>{{ nameOf(scale) }}</small>
      <b v-if="scale.state === 'ok'" :class="{ moving: !scale.stable }">{{ weighed(scale) }}</b>
      <b v-else class="wrong">{{ STATES[scale.state] ?? scale.state }}</b>
      <button type="button" @click="tell(scale.id, 'tare')">Tare</button>
    </div>
  </section>
</template>

<style scoped>
.strip {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 1px;
  background: var(--hairline);
}

.strip > div {
  display: grid;
  gap: 2px;
  align-content: start;
  padding: 8px 14px 10px;
  background: var(--panel);
}

small {
  color: var(--quiet);
  font-size: 14px;
}

b {
  font-size: 28px;
  font-variant-numeric: tabular-nums;
  line-height: 1.1;
}

.moving {
  color: var(--quiet);
}

.wrong {
  color: var(--unsafe);
  font-size: 18px;
}

a {
  color: var(--ink);
}

a,
button {
  display: inline-flex;
  align-items: center;
  min-height: 56px;
  font-size: 15px;
}

button {
  justify-content: center;
  min-height: 56px;
  border: 2px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--panel);
  color: var(--ink);
  font-size: 17px;
  cursor: pointer;
}
</style>
