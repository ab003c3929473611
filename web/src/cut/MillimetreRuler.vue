<script setup lang="ts">
import { computed } from 'vue'
import { rulerMarks } from './geometry'

/** A ruler beside a drawing in millimetres, upward from the inside of the base: part of an SVG. */
const props = defineProps<{ x: number; height: number; fontSize: number }>()
const marks = computed(() => rulerMarks(props.height, props.fontSize))
</script>

<template>
  <g class="ruler">
    <line :x1="x" :x2="x" y1="0" :y2="-height" />
    <g v-for="mark in marks" :key="mark.z">
      <line :x1="x - (mark.label ? 4 : 2)" :x2="x" :y1="-mark.z" :y2="-mark.z" />
      <text
        v-if="mark.label"
        :x="x - 5"
        :y="-mark.z + fontSize * 0.43"
        text-anchor="end"
        :font-size="fontSize"
      >
        {{ mark.label }}
      </text>
    </g>
  </g>
</template>

<style scoped>
line {
  stroke: var(--ink);
  stroke-width: 0.4;
}

text {
  fill: var(--ink);
}
</style>
