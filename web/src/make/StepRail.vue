<script setup lang="ts">
import type { MakingStep } from '@/api/client'
import { clockOf, countdown } from './moments'

/** All steps in the order of the method, each with how it stands. */
defineProps<{ steps: MakingStep[]; shown: string; next: string; second: number; zone: string }>()
const emit = defineEmits<{ show: [id: string] }>()

function stands(s: MakingStep, second: number, zone: string): string {
  if (s.state === 'DONE') return s.ended === undefined ? 'done' : clockOf(s.ended, zone)
  if (s.state === 'RUNNING' && s.due !== undefined) return countdown(s.due - second)
  if (s.state === 'WAITS' && s.from !== undefined) return `from ${clockOf(s.from, zone)}`
  if (s.state === 'READY' && s.until !== undefined) return `by ${clockOf(s.until, zone)}`
  return s.state === 'READY' ? 'now' : ''
}
</script>

<template>
  <ol class="rail" aria-label="All steps">
    <li v-for="s in steps" :key="s.step.id">
      <button
        type="button"
        :class="[s.state.toLowerCase(), { shown: s.step.id === shown, next: s.step.id === next }]"
        :aria-current="s.step.id === shown ? 'step' : undefined"
        @click="emit('show', s.step.id)"
      >
        <span class="mark" aria-hidden="true">{{
          s.state === 'DONE' ? '✓' : s.state === 'RUNNING' ? '◔' : s.step.id === next ? '▸' : ''
        }}</span>
        <span class="what"
          >{{ s.step.title }}<small v-if="s.step.component">{{ s.step.component }}</small></span
        >
        <span class="when">{{ stands(s, second, zone) }}</span>
      </button>
    </li>
  </ol>
</template>

<style scoped>
.rail {
  margin: 0;
  padding: 0;
  list-style: none;
}

button {
  display: grid;
  grid-template-columns: 22px 1fr auto;
  gap: 6px;
  align-items: center;
  width: 100%;
  min-height: 56px;
  padding: 4px 10px;
  border: 0;
  border-bottom: 1px solid var(--hairline);
  background: transparent;
  color: var(--ink);
  font-size: 16px;
  text-align: left;
  cursor: pointer;
}

small {
  display: block;
  color: var(--quiet);
  font-size: 13px;
  line-height: 1.2;
}

.done,
.later {
  color: var(--quiet);
}

.next {
  font-weight: 700;
}

.shown {
  background: var(--wash);
}

.when {
  font-variant-numeric: tabular-nums;
}
</style>
