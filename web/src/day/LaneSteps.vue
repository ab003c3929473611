<script setup lang="ts">
import { computed } from 'vue'
import type { PlanAnswer, PlanTask } from '@/api/client'
import type { Axis } from './axis'
import { dayClock, lasting } from './clock'
import type { Lane } from './lanes'
import type { Held } from './useDragging'

/** The steps of one lane. While one is dragged only the lanes that it lies in are drawn anew. */
const props = defineProps<{
  lane: Lane
  axis: Axis
  answer: PlanAnswer
  letters: Map<string, string>
  tints: Map<string, string>
  selected?: string
  /** What the chosen step waits for, and what waits for it. */
  tied: Set<string>
  wrong: Set<string>
  /** A step of this lane that is in the hand. */
  held?: Held
  paper: boolean
}>()
const emit = defineEmits<{
  select: [task: string]
  keys: [event: KeyboardEvent, task: PlanTask]
  grab: [event: PointerEvent, task: PlanTask]
  hover: [task?: PlanTask]
}>()

const spoken = (t: PlanTask) =>
  `${t.title}, ${t.component || props.answer.dishes.find((d) => d.id === t.dish)?.name}, ${dayClock(t.start, props.answer.zone)}, ${lasting(t.minutes)}`

const boxes = computed(() =>
  props.lane.blocks.map((b) => {
    const start = props.held?.task.id === b.task.id ? props.held.start : b.task.start
    const width = Math.max(2, props.axis.x(b.task.start + b.task.minutes) - props.axis.x(b.task.start))
    return { ...b, x: props.axis.x(start), width, button: !b.copy && !props.paper }
  }),
)
</script>

<template>
  <g>
    <g
      v-for="b in boxes"
      :key="b.task.id"
      class="step"
      :class="{
        wait: b.thin,
        chosen: b.task.id === selected,
        tied: tied.has(b.task.id),
        wrong: wrong.has(b.task.id),
        settled: b.task.settled,
        done: b.task.done,
        held: held?.task.id === b.task.id,
        copy: b.copy,
      }"
      :role="b.button ? 'button' : undefined"
      :tabindex="b.button ? 0 : undefined"
      :aria-label="b.button ? spoken(b.task) : undefined"
      :aria-pressed="b.button ? b.task.id === selected : undefined"
      :data-task="b.button ? b.task.id : undefined"
      @click="emit('select', b.task.id)"
      @keydown.enter.prevent="emit('select', b.task.id)"
      @keydown.space.prevent="emit('select', b.task.id)"
      @keydown="emit('keys', $event, b.task)"
      @pointerdown="!b.copy && emit('grab', $event, b.task)"
      @pointerenter="emit('hover', b.task)"
      @pointerleave="emit('hover')"
    >
      <rect
        :x="b.x"
        :y="b.y"
        :width="b.width"
        :height="b.height"
        :fill="b.thin ? 'var(--edge-cold)' : `url(#tint-${tints.get(b.task.dish)})`"
        rx="3"
      />
      <text v-if="b.height > 13 && b.width > 14" :x="b.x + 4" :y="b.y + b.height - 4.5" class="in">
        {{ letters.get(b.task.dish) }} {{ b.width > 62 ? b.task.title : '' }}
      </text>
    </g>
  </g>
</template>

<style scoped src="./steps.css"></style>
