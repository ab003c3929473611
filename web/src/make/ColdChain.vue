<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Instrument, Making, MakingEvent } from '@/api/client'
import { clockOf, countdown } from './moments'
import { shown } from './useInstruments'

/** Whether it cools in time, by what is measured at its core: what is not measured is said to be missing. */
const props = defineProps<{ making: Making; second: number; probe?: Instrument }>()
const emit = defineEmits<{ happened: [kind: MakingEvent['kind'], rest: Partial<MakingEvent>] }>()

const typed = ref('')
/** The probe that it was read from: typed over, it is by hand. */
const by = ref('')
watch(typed, (now) => {
  if (!props.probe || now !== shown(props.probe)) by.value = ''
})
function read(probe: Instrument) {
  typed.value = shown(probe)
  by.value = probe.id
}
function send() {
  const text = typed.value.trim()
  if (!text) return
  emit('happened', 'CHECKED', { text, instrument: by.value })
  typed.value = ''
}
</script>

<template>
  <section class="cold" aria-label="Food safety">
    <h2 class="section-title">Food safety <small>local rules come first</small></h2>
    <ul>
      <li v-for="l in making.cooling" :key="l.below" :class="l.state.toLowerCase()">
        <b>{{ l.below }}</b>
        <span v-if="l.state === 'KEPT'">at {{ clockOf(l.reached ?? l.by, making.zone) }}, in time</span>
        <span v-else-if="l.state === 'OPEN'"
          >by {{ clockOf(l.by, making.zone) }}, {{ countdown(l.by - second) }} left</span
        >
        <span v-else-if="l.state === 'BROKEN'">not by {{ clockOf(l.by, making.zone) }}: it was warmer</span>
        <span v-else>by {{ clockOf(l.by, making.zone) }}: not measured in time</span>
      </li>
      <li v-for="m in making.safety" :key="m.words" :class="m.state.toLowerCase()">
        <b>{{ m.words }}</b>
        <span v-if="m.state === 'MISSING'">not measured</span>
        <span v-else-if="m.by !== undefined">not beyond {{ clockOf(m.by, making.zone) }}</span>
        <span v-else-if="m.state === 'BROKEN'">too little</span>
      </li>
    </ul>
    <form v-if="making.cooling.length" @submit.prevent="send">
      <label>Core now <input v-model="typed" inputmode="text" placeholder="by the probe" /></label>
      <button v-if="probe?.value !== undefined && !typed" type="button" @click="read(probe)">
        {{ shown(probe) }}
      </button>
      <button type="submit">Enter</button>
    </form>
  </section>
</template>

<style scoped>
.cold {
  padding: 14px 16px;
  background: var(--panel);
}

ul {
  margin: 0 0 8px;
  padding: 0;
  list-style: none;
}

li {
  padding: 6px 10px;
  border-left: 6px solid var(--edge);
  font-size: 16px;
}

li b {
  display: inline-block;
  min-width: 110px;
}

.kept {
  border-color: var(--good);
}

.missing {
  border-color: var(--caution);
  background: var(--warm-wash);
}

.broken {
  border-color: var(--unsafe);
  background: var(--unsafe-wash);
}

form {
  display: flex;
  gap: 8px;
  align-items: end;
}

label {
  display: grid;
  flex: 1;
  color: var(--quiet);
  font-size: 14px;
}

input,
button {
  min-height: 56px;
  padding: 0 12px;
  border: 1px solid var(--edge-deep);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
  font-size: 18px;
}

button {
  cursor: pointer;
}
</style>
