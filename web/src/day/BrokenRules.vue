<script setup lang="ts">
import { computed } from 'vue'
import type { PlanAnswer } from '@/api/client'
import { dayClock } from './clock'

/** The steps that are marked, said once above them: what is not kept, and a touch away which step it is. */
const props = defineProps<{ answer: PlanAnswer }>()
const emit = defineEmits<{ select: [task: string] }>()
const SHOWN = 3

/** A dessert that is ready too late has its own sentence. */
const broken = computed(() =>
  props.answer.breaches
    .filter((b) => b.code !== 'late')
    .flatMap((b) => {
      const task = props.answer.tasks.find((t) => t.id === b.tasks[0])
      return task ? [{ task, words: b.words }] : []
    }),
)
const steps = computed(() => new Set(broken.value.map((b) => b.task.id)).size)
</script>

<template>
  <section v-if="broken.length" class="broken" aria-label="Rules that are not kept">
    <b
      >{{ steps === 1 ? 'One step, marked red, does' : `${steps} steps, marked red, do` }} not keep the
      rules.</b
    >
    <ul>
      <li v-for="b in broken.slice(0, SHOWN)" :key="b.task.id + b.words">
        <button type="button" @click="emit('select', b.task.id)">{{ b.task.title }}</button>
        {{ dayClock(b.task.start, answer.zone) }}: {{ b.words }}
      </li>
      <li v-if="broken.length > SHOWN">and {{ broken.length - SHOWN }} more, each said in “In words”</li>
    </ul>
  </section>
</template>

<style scoped>
.broken {
  margin: 6px 0 10px;
  color: var(--unsafe);
}

.broken button {
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
</style>
