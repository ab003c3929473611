<script setup lang="ts">
import { ref } from 'vue'
import { useSend } from '@/answers/queries'
import type { Instrument } from '@/api/client'

/** A stand-in has no hands: here it is put where a real one would stand, and follows what the models compute there. */
const props = defineProps<{ probe: Instrument; making: string; step: string }>()
const place = useSend('placeProbe')
const PLACES = [
  { id: 'pan', name: 'pan' },
  { id: 'bowl', name: 'bowl' },
  { id: 'ice', name: 'bowl over ice' },
  { id: 'core', name: 'core of a mould' },
]
const at = ref('')
const failed = ref(false)
async function put(where: string) {
  failed.value = false
  try {
    await place(props.probe.id, props.making, props.step, where)
    at.value = where
  } catch {
    failed.value = true
  }
}
</script>

<template>
  <fieldset>
    <legend>Simulated probe: put it into the</legend>
    <button v-for="p in PLACES" :key="p.id" type="button" :aria-pressed="at === p.id" @click="put(p.id)">
      {{ p.name }}
    </button>
    <span v-if="failed" role="alert">It could not be put there.</span>
  </fieldset>
</template>

<style scoped>
fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 0;
  padding: 8px 12px 10px;
  border: 1px dashed var(--edge);
}

legend {
  padding: 0 6px;
  color: var(--quiet);
  font-size: 14px;
}

button {
  min-height: 56px;
  padding: 0 12px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--panel);
  color: var(--ink);
  font-size: 15px;
  cursor: pointer;
}

button[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--wash);
}
</style>
