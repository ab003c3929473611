<script setup lang="ts">
import type { Evidence, Milestone } from '@/api/client'
import { shortClock } from '@/look/time'

defineProps<{ milestones: Milestone[] }>()
const emit = defineEmits<{ evidence: [title: string, evidence: Evidence] }>()

function waits(minutes: number): string {
  const rounded = Math.ceil(minutes / 5) * 5
  return rounded < 60
    ? `${rounded} min`
    : `${Math.floor(rounded / 60)} h ${String(rounded % 60).padStart(2, '0')}`
}
</script>

<template>
  <ul class="milestones">
    <li v-for="milestone in milestones" :key="milestone.code">
      <button
        type="button"
        class="link-like"
        :aria-label="`${milestone.label}: ${milestone.clock ?? 'not within two days'}, why`"
        @click="emit('evidence', milestone.label, milestone.evidence)"
      >
        {{ milestone.label }}
      </button>
      <b>{{ shortClock(milestone.clock) || 'not in 2 days' }}</b>
      <small v-if="milestone.minutes !== undefined">after {{ waits(milestone.minutes) }}</small>
    </li>
  </ul>
</template>

<style scoped>
.milestones {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  padding: 4px 0 6px;
}

li {
  display: flex;
  flex-direction: column;
  font-size: 13px;
  line-height: 1.3;
  white-space: nowrap;
}

b {
  font-size: 19px;
}

small {
  color: var(--quiet);
  font-size: 13px;
}
</style>
