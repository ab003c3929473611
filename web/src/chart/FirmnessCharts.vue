<script setup lang="ts">
import { ref } from 'vue'
import type { Course, Milestone, Warming, WholeWarming } from '@/api/client'
import CourseChart from './CourseChart.vue'
import WarmingChart from './WarmingChart.vue'
import type { OtherLayer } from './warming'

/** Firmness of one component: over time, or over temperature. */
defineProps<{
  course: Course
  warming?: Warming
  others?: OtherLayer[]
  whole?: WholeWarming
  milestones: Milestone[]
  pouredAt: string
  fahrenheit?: boolean
}>()
const over = ref<'time' | 'temperature'>('time')
</script>

<template>
  <div class="both">
    <a-radio-group v-if="warming" v-model:value="over" size="small" aria-label="Firmness over">
      <a-radio-button value="time">over time</a-radio-button>
      <a-radio-button value="temperature">over temperature</a-radio-button>
    </a-radio-group>
    <WarmingChart
      v-if="warming && over === 'temperature'"
      class="chart"
      :warming="warming"
      :others="others"
      :whole="whole"
      :fahrenheit="fahrenheit"
    />
    <CourseChart
      v-else
      class="chart"
      :course="course"
      :milestones="milestones"
      :poured-at="pouredAt"
      :fahrenheit="fahrenheit"
    />
  </div>
</template>

<style scoped>
.both {
  display: flex;
  flex-direction: column;
}

.chart {
  flex: 1;
}
</style>
