<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Chill, Slant } from '@/api/client'
import { band, innerUpTo, mirrored } from '@/cut/geometry'
import TintPatterns from '@/cut/TintPatterns.vue'

/** The glass as it leans while its first layer sets, and upright when the rest is filled. */
const props = defineProps<{ section: Chill['section']; slant: Slant }>()
const id = useId()
const top = computed(() => props.section.inner.at(-1)?.heightMm ?? 0)
const half = computed(() => Math.max(...props.section.inner.map((p) => p.halfWidthMm)))
const hollow = computed(() => mirrored(innerUpTo(props.section.inner, top.value)))
const first = computed(() => props.section.layers[0])
/** Everything below the plane that meets the wall on the right at its height. */
const below = computed(() => {
  const wide = 3 * half.value
  const wall = edgeAt(props.slant.highMm)
  const fall = Math.tan((props.slant.tiltDegrees * Math.PI) / 180)
  const z = (x: number) => props.slant.highMm - (wall - x) * fall
  return `M${-wide} ${-z(-wide)}L${wide} ${-z(wide)}L${wide} ${wide}L${-wide} ${wide}Z`
})
function edgeAt(height: number) {
  return band(props.section.inner, height, height)[0]?.x ?? half.value
}
const filled = computed(() => mirrored(band(props.section.inner, 0, props.section.fillMm)))
const upperTint = computed(() => props.section.layers[1]?.tint)
const reach = computed(() => 1.25 * Math.hypot(top.value, 2 * half.value))
</script>

<template>
  <svg
    :viewBox="`${-reach * 0.6} ${-reach} ${reach * 2.3} ${reach * 1.06}`"
    role="img"
    data-testid="slant"
    :aria-label="`Tilted by ${Math.round(slant.tiltDegrees)} degrees the first layer reaches ${Math.round(slant.highMm)} mm on one side; raise an edge of the base by ${Math.round(slant.propMm)} mm.`"
  >
    <TintPatterns />
    <clipPath :id="`glass-${id}`"><path :d="hollow" /></clipPath>
    <clipPath :id="`fill-${id}`"><path :d="filled" /></clipPath>
    <g :transform="`rotate(${slant.tiltDegrees} ${half} 0)`">
      <path :d="hollow" class="glass" />
      <g :clip-path="`url(#glass-${id})`">
        <path :d="below" :fill="`url(#tint-${first?.tint})`" class="layer" />
      </g>
      <path :d="hollow" class="rim" />
    </g>
    <line :x1="-reach * 0.55" :x2="reach * 1.6" y1="1" y2="1" class="bench" />
    <g :transform="`translate(${reach * 1.2} 0)`">
      <path :d="hollow" class="glass" />
      <g v-if="upperTint" :clip-path="`url(#fill-${id})`">
        <path :d="filled" :fill="`url(#tint-${upperTint})`" />
      </g>
      <g :clip-path="`url(#glass-${id})`">
        <path :d="below" :fill="`url(#tint-${first?.tint})`" class="layer" />
      </g>
      <path :d="hollow" class="rim" />
    </g>
    <g :font-size="reach * 0.085">
      <text :x="-reach * 0.55" :y="-reach * 0.9">
        {{ Math.round(slant.tiltDegrees) }}°, edge up {{ Math.round(slant.propMm) }} mm
      </text>
      <text :x="reach * 0.95" :y="-reach * 0.9">up to {{ Math.round(slant.highMm) }} mm</text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: 190px;
}

.glass {
  fill: var(--ground-light);
}

.rim {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.9;
}

.layer {
  stroke: var(--ink);
  stroke-width: 0.6;
}

.bench {
  stroke: var(--ink);
  stroke-width: 0.8;
}

text {
  fill: var(--ink);
}
</style>
