<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Warming, WholeWarming } from '@/api/client'
import { warmingLayout, warmingWords, wholeWords, type OtherLayer } from './warming'

/** How firm it is from the fridge to the room, with the band in which it eats right. */
const props = defineProps<{
  warming: Warming
  /** The other layers that set, drawn thin beside it. */
  others?: OtherLayer[]
  whole?: WholeWarming
  fahrenheit?: boolean
}>()
const plot = ref<HTMLElement | null>(null)
const { width, height } = useElementSize(plot)
const drawn = computed(() =>
  warmingLayout(props.warming, width.value, height.value, props.fahrenheit, props.others),
)
const words = computed(() =>
  `${warmingWords(props.warming, props.fahrenheit)} ${wholeWords(props.whole, props.fahrenheit)}`.trim(),
)
</script>

<template>
  <div class="chart">
    <p>{{ words }}</p>
    <div ref="plot" class="plot" role="img" :aria-label="`Firmness over temperature. ${words}`">
      <svg v-if="width" :viewBox="`0 0 ${width} ${height}`" aria-hidden="true">
        <rect
          class="target"
          :x="drawn.left"
          :width="drawn.right - drawn.left"
          :y="drawn.band.top"
          :height="Math.max(0, drawn.band.height)"
        />
        <g v-for="mark in drawn.firm" :key="mark.text">
          <line class="grid" :x1="drawn.left" :x2="drawn.right" :y1="mark.y" :y2="mark.y" />
          <text :x="drawn.left - 6" :y="mark.y + 4" text-anchor="end">{{ mark.text }}</text>
        </g>
        <text
          v-for="mark in drawn.celsius"
          :key="mark.x"
          class="cold"
          :x="mark.x"
          :y="drawn.bottom + 16"
          text-anchor="middle"
        >
          {{ mark.text }}
        </text>
        <line
          v-if="drawn.eatsRight"
          class="right"
          :x1="drawn.eatsRight.from"
          :x2="drawn.eatsRight.to"
          :y1="drawn.bottom"
          :y2="drawn.bottom"
        />
        <g v-for="other in drawn.others" :key="other.name" class="other">
          <path :d="other.curve" />
          <text :x="other.x" :y="other.y" text-anchor="end">{{ other.name }}</text>
        </g>
        <path :d="drawn.curve" />
        <circle :cx="drawn.fridge.x" :cy="drawn.fridge.y" r="5" />
      </svg>
    </div>
  </div>
</template>

<style scoped>
.chart {
  display: flex;
  flex-direction: column;
}

p {
  padding-top: 4px;
  font-size: 13px;
}

.plot {
  flex: 1 1 0;
  height: 0;
  min-height: 140px;
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

.right {
  stroke: var(--good);
  stroke-width: 6;
}

path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5;
}

.other path {
  stroke: var(--quiet);
  stroke-width: 1.2;
  stroke-dasharray: 5 4;
}

.other text {
  fill: var(--quiet);
}

circle {
  fill: var(--cold);
}
</style>
