<script setup lang="ts">
import { computed } from 'vue'
import type { Mould } from '@/api/client'
import MillimetreRuler from '@/cut/MillimetreRuler.vue'
import { mirrored, outside } from '@/cut/geometry'

/** An empty mould, cut through the middle, to scale. */
const props = defineProps<{ mould: Mould }>()

const walls = computed(() =>
  outside({ inner: props.mould.inner, wallMm: props.mould.wallMm, baseMm: props.mould.baseMm }),
)
const hollow = computed(() => props.mould.inner.map((p) => ({ x: p.halfWidthMm, z: p.heightMm })))
const half = computed(() => Math.max(...walls.value.map((p) => p.x)))
const size = computed(() => Math.max(2 * half.value + 20, props.mould.heightMm + 16))
const viewBox = computed(
  () =>
    `${-half.value - 16} ${-props.mould.heightMm - 6} ${2 * half.value + 20} ${props.mould.heightMm + props.mould.baseMm + 12}`,
)
</script>

<template>
  <svg :viewBox="viewBox" role="img" :aria-label="`${mould.name} cut through the middle`" class="mould">
    <path :d="mirrored(walls)" class="wall" />
    <path :d="mirrored(hollow)" class="hollow" />
    <MillimetreRuler :x="-half - 3" :height="mould.heightMm" :font-size="size / 26" />
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
  fill: var(--edge-strong);
  stroke: var(--ink);
  stroke-width: 0.4;
}

.hollow {
  fill: var(--ground-light);
}
</style>
