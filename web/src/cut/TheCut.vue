<script setup lang="ts">
import { computed } from 'vue'
import type { Section } from '@/api/client'
import { band, innerUpTo, mirrored, outside } from './geometry'
import MillimetreRuler from './MillimetreRuler.vue'
import TintPatterns from './TintPatterns.vue'

/** The dessert in its mould, to scale; a layer touched opens its sheet. */
const props = defineProps<{ section: Section }>()
const chosen = defineModel<number>('chosen')

const GAP = 22
const RULER = 20

const outer = computed(() => outside(props.section))
const halfWidth = computed(() => Math.max(...outer.value.map((p) => p.x)))
const height = computed(() => Math.max(...outer.value.map((p) => p.z)))
const standing = computed(() => props.section.standing)
const standingHalf = computed(() => Math.max(...(standing.value?.outline.map((p) => p.halfWidthMm) ?? [0])))
const plateHalf = computed(() => standingHalf.value + 12)

/** Left edge of the drawing, ruler included. */
const left = computed(
  () => -Math.max(halfWidth.value, below.value ? plateHalf.value : 0) - RULER - 0.06 * height.value,
)
/** A wide tin leaves no room beside it: its body stands below. */
const WIDE = 2.4
const below = computed(() => standing.value !== undefined && 2 * halfWidth.value > WIDE * height.value)
const standingX = computed(() => (below.value ? 0 : halfWidth.value + GAP + plateHalf.value))
const right = computed(() => {
  if (!standing.value) return halfWidth.value + RULER
  return below.value
    ? Math.max(halfWidth.value, plateHalf.value) + RULER / 2
    : standingX.value + plateHalf.value + 2
})
/** Room that the drawing gets on the page, px: text keeps its size whatever the mould's. */
const ROOM = { width: 430, height: 236 }
const TEXT_PX = 14
const fontSize = computed(() => {
  const width = right.value - left.value
  const tall = (height.value + props.section.baseMm + 8) * (below.value ? 2 : 1)
  const perPixel = Math.max(width / ROOM.width, tall / (ROOM.height - (below.value ? 4.8 : 2.4) * TEXT_PX))
  return TEXT_PX * perPixel
})
const standingY = computed(() =>
  below.value ? props.section.baseMm + 2.6 * fontSize.value + (standing.value?.ofMm ?? 0) : 0,
)
const viewBox = computed(() => {
  const top = -height.value - 8
  const bottom = standingY.value + props.section.baseMm + 2.2 * fontSize.value
  return `${left.value} ${top} ${right.value - left.value} ${bottom - top}`
})

const wallPath = computed(() => mirrored(outer.value))
const hollow = computed(() =>
  mirrored(innerUpTo(props.section.inner, props.section.inner.at(-1)?.heightMm ?? 0)),
)
const layers = computed(() =>
  props.section.layers.map((layer) => ({
    ...layer,
    path: mirrored(band(layer.inside, layer.fromMm, Math.max(layer.toMm, layer.wallMm))),
    // What a lining leaves free: the next layers lie in it.
    free:
      layer.wallMm > layer.toMm
        ? mirrored(band(layer.inside, layer.toMm, layer.wallMm, layer.wallThicknessMm))
        : undefined,
  })),
)
const several = computed(() => props.section.layers.length > 1)
/** Each layer's part of the body on the plate, from its top: shrunk as much as the whole. */
const standingLayers = computed(() => {
  const s = standing.value
  if (!s) return []
  const shrink = s.heightMm / s.ofMm
  return props.section.layers.map((layer) => {
    const from = s.upsideDown ? s.ofMm - layer.toMm : layer.fromMm
    const to = s.upsideDown ? s.ofMm - layer.fromMm : layer.toMm
    return { ...layer, y: -to * shrink, height: (to - from) * shrink }
  })
})
const body = computed(() =>
  mirrored(standing.value?.outline.map((p) => ({ x: p.halfWidthMm, z: p.heightMm })) ?? []),
)
const brim = computed(() => props.section.inner.at(-1)?.heightMm ?? 0)
const fill = computed(() => Math.round(props.section.fillMm))
const head = computed(() => Math.round(brim.value - props.section.fillMm))

const spoken = computed(() => {
  const s = props.section
  const stands = s.standing
    ? ` Turned out it stands ${Math.round(s.standing.heightMm)} of ${Math.round(s.standing.ofMm)} mm: ${s.standing.words}.`
    : ''
  const stack = several.value
    ? ` From below: ${s.layers.map((l) => `${l.name} ${Math.round(l.toMm - l.fromMm)} mm`).join(', ')}.`
    : ''
  return `${s.mould}, ${s.material}: filled ${fill.value} mm high with ${Math.round(s.fillMl)} ml, ${head.value} mm below the rim.${stack}${stands}`
})
</script>

<template>
  <figure class="cut">
    <svg :viewBox="viewBox" role="img" :aria-label="spoken" preserveAspectRatio="xMidYMid meet">
      <TintPatterns />
      <g :font-size="fontSize">
        <path :d="wallPath" class="wall" :class="section.material" />
        <path :d="hollow" class="hollow" />
        <g
          v-for="layer in layers"
          :key="layer.component"
          class="touch"
          :class="{ chosen: several && layer.component === chosen }"
          @click="chosen = layer.component"
        >
          <title>{{ layer.name }}: {{ Math.round(layer.toMm - layer.fromMm) }} mm</title>
          <path :d="layer.path" :fill="`url(#tint-${layer.tint})`" class="layer" />
          <path v-if="layer.free" :d="layer.free" class="hollow" />
        </g>
        <line
          :x1="-halfWidth - 4"
          :x2="halfWidth"
          :y1="-section.fillMm"
          :y2="-section.fillMm"
          class="fill-line"
        />
        <line x1="0" x2="0" :y1="-height - 3" :y2="section.baseMm + 3" class="axis" />
        <MillimetreRuler :x="-halfWidth - 8" :height="height" :font-size="fontSize * 0.8" />
        <text x="0" :y="section.baseMm + fontSize * 1.5" text-anchor="middle">
          {{ fill }} mm · {{ Math.round(section.fillMl) }} ml
        </text>
        <g v-if="standing" :transform="`translate(${standingX} ${standingY})`">
          <path
            :d="`M${-plateHalf} -1.5 Q${-plateHalf + 4} 3 ${-plateHalf + 10} 3 H${plateHalf - 10} Q${plateHalf - 4} 3 ${plateHalf} -1.5 L${plateHalf - 4} 0 H${-plateHalf + 4} Z`"
            class="plate"
          />
          <clipPath id="standing-body"><path :d="body" /></clipPath>
          <g clip-path="url(#standing-body)">
            <rect
              v-for="layer in standingLayers"
              :key="layer.component"
              :x="-standingHalf"
              :width="2 * standingHalf"
              :y="layer.y"
              :height="layer.height"
              :fill="`url(#tint-${layer.tint})`"
              class="layer"
            />
          </g>
          <path :d="body" class="outline" />
          <line
            :x1="-standingHalf"
            :x2="standingHalf"
            :y1="-standing.ofMm"
            :y2="-standing.ofMm"
            class="before"
          />
          <text x="0" :y="section.baseMm + fontSize * 1.5" text-anchor="middle">
            stands {{ Math.round(standing.heightMm) }} of {{ Math.round(standing.ofMm) }} mm
          </text>
        </g>
      </g>
    </svg>
    <figcaption>
      <span>{{ section.mould }}</span>
      <span>brim {{ Math.round(section.brimMl) }} ml</span>
      <span v-if="section.overMl > 0.5" class="over"
        >{{ Math.round(section.overMl) }} ml too much for each</span
      >
      <span v-else>{{ head }} mm below the rim</span>
      <span v-if="section.garnish.length">at service: {{ section.garnish.join(', ') }}</span>
    </figcaption>
  </figure>
</template>

<style scoped src="./wall.css"></style>

<style scoped>
.cut {
  display: flex;
  flex-direction: column;
  min-height: 0;
  margin: 0;
}

svg {
  width: 100%;
  min-height: 0;
  max-height: 236px;
  font-family: 'Atkinson Hyperlegible', system-ui, sans-serif;
}

text {
  fill: var(--ink);
}

.wall {
  stroke-width: 0.4;
}

.layer {
  stroke: var(--ink);
  stroke-width: 0.5;
}

.outline {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.5;
}

.touch {
  cursor: pointer;
}

.chosen .layer {
  stroke: var(--act);
  stroke-width: 1.6;
}

.fill-line {
  stroke: var(--ink);
  stroke-width: 0.6;
}

.axis {
  stroke: var(--edge-strong);
  stroke-width: 0.3;
  stroke-dasharray: 3 1.2 0.6 1.2;
}

.plate {
  fill: var(--white);
  stroke: var(--ink);
  stroke-width: 0.5;
}

.before {
  stroke: var(--quiet);
  stroke-width: 0.5;
  stroke-dasharray: 2 1.4;
}

figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  color: var(--quiet);
  font-size: 13px;
}

.over {
  color: var(--unsafe);
  font-weight: 700;
}
</style>
