<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Chill } from '@/api/client'
import { band, innerUpTo, mirrored, outside, type XY } from '@/cut/geometry'
import MillimetreRuler from '@/cut/MillimetreRuler.vue'
import { degrees } from '@/look/degrees'
import { fontFamily } from '@/look/theme'
import type { FieldFilm } from './field'
import { FieldPainter } from './fieldPainter'
import { css } from './palette'
import { useElementSize } from '@vueuse/core'

/** The dessert in its mould as a field of temperature; a touch chooses the point whose curve is drawn. */
const props = defineProps<{
  chill: Chill
  film: FieldFilm
  minute: number
  spoken: string
  fahrenheit?: boolean
}>()
const point = defineModel<{ column: number; row: number }>('point')

const frame = ref<HTMLElement | null>(null)
const canvas = ref<HTMLCanvasElement | null>(null)
const { width, height } = useElementSize(frame)

const section = computed(() => props.chill.section)
const outer = computed(() => outside(section.value))
const half = computed(() => Math.max(...outer.value.map((p) => p.x)))
const top = computed(() => Math.max(...outer.value.map((p) => p.z)))

/** Letters keep their size whatever the mould's: room for the ruler on the left, names on the right. */
const LEFT = 44
const RIGHT = 150
const ABOVE = 14
const BELOW = 34
const view = computed(() => {
  const wide = Math.max(10, width.value - LEFT - RIGHT)
  const tall = Math.max(10, height.value - ABOVE - BELOW)
  const scale = Math.min(wide / (2 * half.value), tall / (top.value + section.value.baseMm))
  const middle = LEFT + wide / 2
  const floor = ABOVE + (tall + (top.value - section.value.baseMm) * scale) / 2
  return { scale, x: (mm: number) => middle + mm * scale, y: (mm: number) => floor - mm * scale }
})
const box = computed(() => `0 0 ${width.value} ${height.value}`)
const place = computed(() => `translate(${view.value.x(0)} ${view.value.y(0)}) scale(${view.value.scale})`)
const fine = computed(() => 1 / view.value.scale)

const wallPath = computed(() => mirrored(outer.value))
const hollow = computed(() => mirrored(innerUpTo(section.value.inner, top.value)))
const moment = computed(() => props.film.at(props.minute))
const filledMm = computed(() => {
  const rows = props.film.field.filledRows[moment.value.frame] ?? 0
  return props.film.field.zEdgesMm[rows] ?? 0
})
const layers = computed(() => {
  const found = section.value.layers.map((layer) => ({
    ...layer,
    path: mirrored(band(layer.inside, layer.fromMm, layer.toMm)),
    poured: layer.toMm <= filledMm.value + 0.01,
    y: view.value.y((layer.fromMm + layer.toMm) / 2),
    edge: view.value.x(half.value) + 6,
  }))
  // Names of thin layers are pushed apart, from below.
  let below = Infinity
  return found.map((layer) => {
    const named = Math.min(layer.y + 4, below - 17)
    below = named
    return { ...layer, named }
  })
})

const painter = computed(() => new FieldPainter(props.film))
function draw() {
  const context = canvas.value?.getContext('2d')
  if (!context || !canvas.value || width.value === 0) return
  const dense = window.devicePixelRatio || 1
  canvas.value.width = Math.round(width.value * dense)
  canvas.value.height = Math.round(height.value * dense)
  context.scale(dense, dense)
  const path = new Path2D()
  const right: XY[] = innerUpTo(section.value.inner, Math.min(filledMm.value, top.value))
  const outline = [...right, ...[...right].reverse().map((p) => ({ x: -p.x, z: p.z }))]
  outline.forEach((p, i) => {
    const at = [view.value.x(p.x), view.value.y(p.z)] as const
    if (i === 0) path.moveTo(...at)
    else path.lineTo(...at)
  })
  path.closePath()
  painter.value.paint(context, moment.value, view.value, path, {
    font: fontFamily,
    fahrenheit: props.fahrenheit,
  })
}
let waiting = 0
watch(
  [() => props.minute, () => props.film, () => props.fahrenheit, width, height, canvas],
  () => {
    cancelAnimationFrame(waiting)
    waiting = requestAnimationFrame(draw)
  },
  { flush: 'post', immediate: true },
)

const marker = computed(() => {
  if (!point.value) return undefined
  const { rEdgesMm, zEdgesMm } = props.film.field
  const { column, row } = point.value
  const r = ((rEdgesMm[column] ?? 0) + (rEdgesMm[column + 1] ?? 0)) / 2
  const z = ((zEdgesMm[row] ?? 0) + (zEdgesMm[row + 1] ?? 0)) / 2
  return { x: view.value.x(r), y: view.value.y(z) }
})

function touch(event: MouseEvent) {
  const bounds = frame.value?.getBoundingClientRect()
  if (!bounds) return
  const x = (event.clientX - bounds.left - view.value.x(0)) / view.value.scale
  const z = (view.value.y(0) - (event.clientY - bounds.top)) / view.value.scale
  point.value = props.film.cellAt(x, z)
}

function arrow(event: KeyboardEvent) {
  const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key]
  if (!step) return
  event.preventDefault()
  const { rows, rowCells } = props.film.field
  const from = point.value ?? { column: 0, row: Math.floor(rows / 2) }
  const row = Math.max(0, Math.min(rows - 1, from.row + (step[1] ?? 0)))
  const column = Math.max(0, Math.min((rowCells[row] ?? 1) - 1, from.column + (step[0] ?? 0)))
  point.value = { column, row }
}

/** The scale of colours, beside the names. */
const SCALE = [0, 4, 10, 18, 26, 36, 50]
const frozen = computed(() => props.chill.stays.some((s) => s.airC < -0.5))
const scale = computed(() => (frozen.value ? [-18, -6, ...SCALE] : SCALE))
</script>

<template>
  <div
    ref="frame"
    class="field"
    tabindex="0"
    role="img"
    :aria-label="`${spoken} Arrow keys choose a point.`"
    data-testid="field"
    @click="touch"
    @keydown="arrow"
  >
    <svg :viewBox="box" aria-hidden="true">
      <g :transform="place">
        <path :d="wallPath" class="wall" :class="section.material" />
        <path :d="hollow" class="hollow" />
      </g>
    </svg>
    <canvas ref="canvas" aria-hidden="true"></canvas>
    <svg :viewBox="box" aria-hidden="true">
      <g :transform="place" :stroke-width="fine">
        <path
          v-for="layer in layers"
          :key="layer.component"
          :d="layer.path"
          class="layer"
          :class="{ awaited: !layer.poured }"
        />
        <line x1="0" x2="0" :y1="-top - 3" :y2="section.baseMm + 2" class="axis" />
        <MillimetreRuler :x="-half - 4 * fine" :height="top" :font-size="12 * fine" />
      </g>
      <g v-for="layer in layers" :key="layer.component" class="name" :class="{ awaited: !layer.poured }">
        <path :d="`M${layer.edge - 4} ${layer.y}L${layer.edge + 6} ${layer.named - 4}`" />
        <text :x="layer.edge + 9" :y="layer.named">
          {{ layer.name.length > 21 ? `${layer.name.slice(0, 20)}…` : layer.name }}
        </text>
      </g>
      <g v-if="marker" class="point">
        <circle :cx="marker.x" :cy="marker.y" r="6" />
        <circle :cx="marker.x" :cy="marker.y" r="1.6" class="middle" />
      </g>
    </svg>
    <ol class="scale" aria-hidden="true">
      <li v-for="t in scale" :key="t"><i :style="{ background: css(t) }"></i>{{ degrees(t, fahrenheit) }}</li>
      <li class="front"><i></i>edge of what is set</li>
    </ol>
  </div>
</template>

<style scoped src="../cut/wall.css"></style>

<style scoped>
.field {
  position: relative;
  min-height: 220px;
  cursor: crosshair;
}

svg,
canvas {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}

text {
  fill: var(--ink);
  font-size: 13px;
}

/* Lines keep their width whatever the mould's size. */
.wall,
.layer,
.axis,
.field :deep(.ruler line) {
  stroke-width: 1px;
  vector-effect: non-scaling-stroke;
}

.layer {
  fill: none;
  stroke: var(--ink);
}

.layer.awaited {
  stroke-dasharray: 5 4;
  stroke: var(--quiet);
}

.axis {
  stroke: var(--quiet);
  stroke-dasharray: 10 4 2 4;
}

.name path {
  fill: none;
  stroke: var(--quiet);
}

.name.awaited text {
  fill: var(--quiet);
  font-style: italic;
}

.point circle {
  fill: none;
  stroke: var(--act);
  stroke-width: 2.5;
}

.point .middle {
  fill: var(--act);
}

.scale {
  position: absolute;
  bottom: 0;
  left: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  color: var(--ink);
  font-size: 12px;
  line-height: 16px;
}

.scale li {
  display: flex;
  gap: 4px;
  align-items: center;
}

.scale i {
  width: 16px;
  height: 12px;
  border: 1px solid rgba(23, 50, 58, 0.35);
}

.scale .front i {
  height: 0;
  border: 0;
  border-top: 3px solid var(--ink);
}
</style>
