<script setup lang="ts">
import { computed } from 'vue'
import type { SmallCut } from '@/api/client'
import { band, innerUpTo, mirrored, outside } from '@/cut/geometry'

/** The cut in small: the same drawing as on the Bench, without its figures. The tints are drawn once on the page. */
const props = defineProps<{ cut: SmallCut }>()

const outer = computed(() => outside(props.cut))
const half = computed(() => Math.max(...outer.value.map((p) => p.x)) + 1)
const top = computed(() => Math.max(...outer.value.map((p) => p.z)) + 1)
const view = computed(
  () => `${-half.value} ${-top.value} ${2 * half.value} ${top.value + props.cut.baseMm + 1}`,
)
const hollow = computed(() => mirrored(innerUpTo(props.cut.inner, props.cut.inner.at(-1)?.heightMm ?? 0)))
const layers = computed(() =>
  props.cut.layers
    .filter((l) => Math.max(l.toMm, l.wallMm) > l.fromMm)
    .map((l) => ({
      tint: l.tint,
      path: mirrored(band(l.inside, l.fromMm, Math.max(l.toMm, l.wallMm))),
      free: l.wallMm > l.toMm ? mirrored(band(l.inside, l.toMm, l.wallMm, l.wallThicknessMm)) : undefined,
    })),
)
</script>

<template>
  <svg :viewBox="view" preserveAspectRatio="xMidYMax meet" aria-hidden="true">
    <path :d="mirrored(outer)" class="wall" :class="cut.material" />
    <path :d="hollow" class="hollow" />
    <template v-for="(layer, i) in layers" :key="i">
      <path :d="layer.path" :fill="`url(#tint-${layer.tint})`" class="layer" />
      <path v-if="layer.free" :d="layer.free" class="hollow" />
    </template>
  </svg>
</template>

<style scoped src="../cut/wall.css"></style>

<style scoped>
.wall {
  stroke-width: 1;
  vector-effect: non-scaling-stroke;
}

.layer {
  stroke: var(--ink);
  stroke-width: 1;
  vector-effect: non-scaling-stroke;
}
</style>
