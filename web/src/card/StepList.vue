<script setup lang="ts">
import type { Step } from '@/api/client'
import { lasting } from './lasting'

/** Steps in their order, numbered. */
defineProps<{ steps: Step[] }>()
const KINDS: Record<Step['kind'], string> = { ACTIVE: 'hands', TENDED: 'keep an eye', WAITING: 'wait' }
</script>

<template>
  <ol>
    <li v-for="step in steps" :key="step.id">
      <p class="head">
        <b>{{ step.component ? `${step.component}: ${step.title}` : step.title }}</b>
        <span>{{ KINDS[step.kind] }} · {{ lasting(step.takes.likely) }}</span>
        <span v-if="step.temperature" class="temperature">{{ step.temperature }}</span>
      </p>
      <p>{{ step.text }}</p>
      <p v-if="step.cue" class="cue">Done when: {{ step.cue }}.</p>
      <p v-if="step.caution" class="caution">Mind: {{ step.caution }}</p>
    </li>
  </ol>
</template>

<style scoped>
ol {
  counter-reset: step;
}

li {
  position: relative;
  padding: 2px 0 4px 24px;
  border-bottom: 1px solid var(--print-line);
  counter-increment: step;
}

li::before {
  position: absolute;
  top: 2px;
  left: 0;
  width: 18px;
  border: 1.5px solid var(--print);
  border-radius: 50%;
  font-size: 12px;
  font-weight: 700;
  line-height: 15px;
  text-align: center;
  content: counter(step);
}

.head {
  display: flex;
  gap: 10px;
}

.temperature {
  margin-left: auto;
  font-weight: 700;
}

.caution {
  font-weight: 700;
}

.cue {
  font-style: italic;
}
</style>
