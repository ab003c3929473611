<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import type { Course, Milestone } from '@/api/client'
import { degrees } from '@/look/degrees'
import { courseLayout } from './course'

/** Firmness with its target band and the warmest point, drawn as the axis of the Cold is. */
const props = defineProps<{
  course: Course
  /** Those of the whole dessert; none are drawn into the course of one layer among several. */
  milestones: Milestone[]
  pouredAt: string
  fahrenheit?: boolean
}>()
const plot = ref<HTMLElement | null>(null)
const { width, height } = useElementSize(plot)
const layout = () =>
  courseLayout(props.course, props.milestones, {
    width: width.value,
    height: height.value,
    pouredAt: props.pouredAt,
    fahrenheit: props.fahrenheit,
  })
const drawn = shallowRef(layout())

/** Drawn in the frame after the verdicts: they are read before it. */
let waiting = 0
watch([() => ({ ...props }), width, height], () => {
  cancelAnimationFrame(waiting)
  waiting = requestAnimationFrame(() => (drawn.value = layout()))
})
onBeforeUnmount(() => cancelAnimationFrame(waiting))

const pointed = ref<number>()
const readout = computed(() => (pointed.value === undefined ? undefined : drawn.value.at(pointed.value)))
const words = computed(() => {
  const at = readout.value
  return at && `${at.clock}: firmness ${at.firmness.toFixed(0)}, ${degrees(at.warmestC, props.fahrenheit)}`
})
const spoken = computed(() => {
  const { course } = props
  return `Firmness over 24 hours rises to ${Math.round(Math.max(...course.firmness))} of 100; the target is ${Math.round(course.targetFrom)} to ${Math.round(course.targetTo)}. The warmest point cools from ${degrees(course.warmestC[0], props.fahrenheit)}.`
})
</script>

<template>
  <div class="chart" role="img" :aria-label="spoken">
    <div class="legend" aria-hidden="true">
      <span class="firm">firmness, 0–100</span><span class="band">target</span
      ><span class="warm">warmest point, {{ fahrenheit ? '°F' : '°C' }}</span>
      <b v-if="words">{{ words }}</b>
    </div>
    <div ref="plot" class="plot">
      <svg
        v-if="width"
        :viewBox="`0 0 ${width} ${height}`"
        aria-hidden="true"
        @pointermove="pointed = $event.offsetX"
        @pointerleave="pointed = undefined"
      >
        <rect
          class="target"
          :x="drawn.left"
          :width="drawn.right - drawn.left"
          :y="drawn.target.to"
          :height="Math.max(0, drawn.target.from - drawn.target.to)"
        />
        <g v-for="mark in drawn.firmMarks" :key="mark.text">
          <line class="grid" :x1="drawn.left" :x2="drawn.right" :y1="mark.y" :y2="mark.y" />
          <text :x="drawn.left - 6" :y="mark.y + 4" text-anchor="end">{{ mark.text }}</text>
        </g>
        <text
          v-for="mark in drawn.warmMarks"
          :key="mark.text"
          class="cold"
          :x="drawn.right + 6"
          :y="mark.y + 4"
        >
          {{ mark.text }}
        </text>
        <text
          v-for="mark in drawn.clocks"
          :key="mark.x"
          :x="mark.x"
          :y="drawn.bottom + 16"
          text-anchor="middle"
        >
          {{ mark.text }}
        </text>
        <line class="floor" :x1="drawn.left" :x2="drawn.right" :y1="drawn.bottom" :y2="drawn.bottom" />
        <g v-for="mark in drawn.marked" :key="mark.words">
          <line class="mark" :x1="mark.x" :x2="mark.x" :y1="drawn.top" :y2="drawn.bottom" />
          <text :x="mark.x + mark.by" :y="drawn.top - 6" :text-anchor="mark.anchor">{{ mark.words }}</text>
        </g>
        <path class="warm-line" :d="drawn.warmest" />
        <path class="firm-line" :d="drawn.firmness" />
        <line
          v-if="readout"
          class="mark"
          :x1="readout.x"
          :x2="readout.x"
          :y1="drawn.top"
          :y2="drawn.bottom"
        />
      </svg>
    </div>
  </div>
</template>

<style scoped>
.chart {
  display: flex;
  flex-direction: column;
}

/* Its own height must not feed back into the room it is given. */
.plot {
  flex: 1 1 0;
  height: 0;
  min-height: 160px;
}

svg {
  display: block;
  width: 100%;
  height: 100%;
}

text {
  fill: var(--ink);
  font-size: 12px;
}

.cold {
  fill: var(--cold);
}

.target {
  fill: var(--good-edge);
  opacity: 0.65;
}

.grid {
  stroke: var(--hairline);
}

.floor {
  stroke: var(--ink);
}

.mark {
  stroke: var(--quiet);
}

path {
  fill: none;
}

.firm-line {
  stroke: var(--ink);
  stroke-width: 2.5;
}

.warm-line {
  stroke: var(--cold);
  stroke-dasharray: 6 4;
  stroke-width: 2;
}

.legend {
  display: flex;
  gap: 16px;
  padding-top: 4px;
  font-size: 13px;
}

.legend span::before {
  display: inline-block;
  width: 18px;
  margin-right: 6px;
  border-top: 3px solid var(--ink);
  content: '';
  vertical-align: middle;
}

.legend .warm::before {
  border-top: 3px dashed var(--cold);
}

.legend .band::before {
  height: 11px;
  border: 0;
  background: var(--good-edge);
}
</style>
