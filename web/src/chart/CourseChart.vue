<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import { GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed, onBeforeUnmount, shallowRef, watch } from 'vue'
import VChart from 'vue-echarts'
import type { Course, Milestone } from '@/api/client'
import { degrees } from '@/look/degrees'
import { courseOption } from './courseOption'

use([SVGRenderer, LineChart, GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent])

const props = defineProps<{
  course: Course
  /** Those of the whole dessert; none are drawn into the course of one layer among several. */
  milestones: Milestone[]
  pouredAt: string
  fahrenheit?: boolean
}>()
const drawn = () => courseOption(props.course, props.milestones, props.pouredAt, props.fahrenheit)
const option = shallowRef(drawn())

/** Drawn in the frame after the verdicts: a chart takes longer than all the text, and is read after it. */
let waiting = 0
watch(
  () => [props.course, props.milestones, props.pouredAt, props.fahrenheit],
  () => {
    cancelAnimationFrame(waiting)
    waiting = requestAnimationFrame(() => {
      waiting = requestAnimationFrame(() => (option.value = drawn()))
    })
  },
)
onBeforeUnmount(() => cancelAnimationFrame(waiting))
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
    </div>
    <VChart :option="option" :init-options="{ renderer: 'svg' }" autoresize class="plot" />
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
