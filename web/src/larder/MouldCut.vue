<script setup lang="ts">
import { computed } from 'vue'
import type { Mould } from '@/api/client'
import { mirrored, outside, rulerMarks } from '@/cut/geometry'

/** An empty mould, cut through the middle, to scale. */
const props = defineProps<{ mould: Mould }>()

const walls = computed(() =>
  outside({ inner: props.mould.inner, wallMm: props.mould.wallMm, baseMm: props.mould.baseMm }),
)
const hollow = computed(() => props.mould.inner.map((p) => ({ x: p.halfWidthMm, z: p.heightMm })))
const half = computed(() => Math.max(...walls.value.map((p) => p.x)))
const size = computed(() => Math.max(2 * half.value + 20, props.mould.heightMm + 16))
const marks = computed(() => rulerMarks(props.mould.heightMm))
const viewBox = computed(
  () =>
    `${-half.value - 16} ${-props.mould.heightMm - 6} ${2 * half.value + 20} ${props.mould.heightMm + props.mould.baseMm + 12}`,
)
</script>

<template>
  <svg :viewBox="viewBox" role="img" :aria-label="`${mould.name} cut through the middle`" class="mould">
    <path :d="mirrored(walls)" class="wall" />
    <path :d="mirrored(hollow)" class="hollow" />
    <g v-for="mark in marks" :key="mark.z">
      <line :x1="-half - (mark.label ? 6 : 4)" :x2="-half - 3" :y1="-mark.z" :y2="-mark.z" />
      <text
        v-if="mark.label"
        :x="-half - 7"
        :y="-mark.z + size / 80"
        text-anchor="end"
        :font-size="size / 26"
      >
        {{ mark.label }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
.mould {
  display: block;
  width: 100%;
  max-height: 220px;
  padding-bottom: 10px;
}

.wall {
  fill: #8fa3a9;
  stroke: var(--ink);
  stroke-width: 0.4;
}

.hollow {
  fill: #f4f7f8;
}

line {
  stroke: var(--ink);
  stroke-width: 0.4;
}

text {
  fill: var(--ink);
}
</style>
