<script setup lang="ts">
import { computed, ref, useId } from 'vue'
import type { Chill, Evidence } from '@/api/client'
import SheetText from '@/weighing/SheetText.vue'
import { band, innerUpTo, mirrored } from '@/cut/geometry'
import TintPatterns from '@/cut/TintPatterns.vue'
import { degrees as written } from '@/look/degrees'
import { spanOf } from '@/look/time'

/** Served: the body on its plate, or in its glass, as it warms. */
const props = defineProps<{ chill: Chill; fahrenheit?: boolean }>()
const emit = defineEmits<{ evidence: [title: string, evidence: Evidence] }>()
const id = useId()
const out = ref(0)

const table = computed(() => props.chill.table)
const last = computed(() => table.value?.minutes.at(-1) ?? 240)
const MARGIN = 16
const shape = computed(() => {
  const shapes = table.value?.shapes ?? []
  return shapes.reduce(
    (best, s) => (Math.abs(s.minutes - out.value) < Math.abs(best.minutes - out.value) ? s : best),
    shapes[0] as (typeof shapes)[number],
  )
})
const moulded = computed(() => table.value?.mouldedMm ?? 0)
const widest = computed(() => Math.max(...(table.value?.shapes.map((s) => s.widthMm) ?? [60])))
const plateHalf = computed(() => widest.value / 2 + 14)
const outline = computed(() =>
  shape.value ? mirrored(shape.value.outline.map((p) => ({ x: p.halfWidthMm, z: p.heightMm }))) : '',
)
const layers = computed(() => {
  if (!shape.value || !table.value) return []
  const shrink = shape.value.heightMm / moulded.value
  const over = table.value.upsideDown
  return props.chill.section.layers.map((layer) => {
    const from = over ? moulded.value - layer.toMm : layer.fromMm
    const to = over ? moulded.value - layer.fromMm : layer.toMm
    return { ...layer, y: -to * shrink, height: (to - from) * shrink }
  })
})
const viewBox = computed(() => {
  const tall = moulded.value + 22
  return `${-plateHalf.value - MARGIN} ${-moulded.value - 8} ${2 * (plateHalf.value + MARGIN)} ${tall}`
})
const at = (values?: number[]) => {
  const minutes = table.value?.minutes ?? []
  const i = minutes.findIndex((m) => m >= out.value)
  return values?.[i < 0 ? values.length - 1 : i] ?? 0
}
const degrees = (c: number) => written(c, props.fahrenheit).replace(' ', '\u00a0')
const standing = computed(
  () => `${Math.round(at(table.value?.standingMm))} of ${Math.round(moulded.value)} mm`,
)
const firmness = computed(() => Math.round(at(table.value?.firmness)))
const right = computed(() => {
  const t = table.value
  return t ? firmness.value >= Math.floor(t.targetFrom) && firmness.value <= Math.ceil(t.targetTo) : false
})
const state = computed(
  () =>
    `${out.value} min out of the cold: ${table.value?.onPlate ? `stands ${standing.value}, ${Math.round(shape.value?.widthMm ?? 0)} mm wide, ` : ''}firmness ${firmness.value} of 100, ${right.value ? 'right' : firmness.value > (table.value?.targetTo ?? 0) ? 'still stiff' : 'too soft'}, warmest point ${degrees(at(table.value?.warmestC))}.`,
)
const innerTop = computed(() => props.chill.section.inner.at(-1)?.heightMm ?? 0)
const innerHalf = computed(() => Math.max(...props.chill.section.inner.map((p) => p.halfWidthMm)))
const glass = computed(() => mirrored(innerUpTo(props.chill.section.inner, innerTop.value)))
type Layer = Chill['section']['layers'][number]
const bandOf = (layer: Layer) => band(layer.inside, layer.fromMm, layer.toMm)

/** Stretches of the time at the table, as shares of it: right, and standing. */
const spans = computed(() => {
  const t = table.value
  if (!t) return []
  const share = (m: number) => (100 * m) / last.value
  const found = []
  if (t.rightFromMinutes !== undefined) {
    const to = t.rightUntilMinutes ?? last.value
    found.push({
      name: 'right to eat',
      from: share(t.rightFromMinutes),
      width: share(to - t.rightFromMinutes),
      kind: 'right',
    })
  }
  if (t.onPlate)
    found.push({ name: 'stands', from: 0, width: share(t.sagsMinutes ?? last.value), kind: 'stands' })
  found.push({ name: 'eat within 2 h', from: 0, width: share(120), kind: 'safe' })
  return found
})
</script>

<template>
  <div v-if="table" class="table">
    <p>
      {{ table.sentence }}
      <button
        type="button"
        class="link-like"
        aria-label="Why: at the table"
        @click="emit('evidence', 'At the table', table.evidence)"
      >
        why
      </button>
    </p>
    <svg v-if="table.onPlate" :viewBox="viewBox" role="img" :aria-label="state" data-testid="plate">
      <TintPatterns />
      <path
        :d="`M${-plateHalf} -2 Q${-plateHalf + 4} 4 ${-plateHalf + 11} 4 H${plateHalf - 11} Q${plateHalf - 4} 4 ${plateHalf} -2 L${plateHalf - 4} 0 H${-plateHalf + 4} Z`"
        class="plate"
      />
      <clipPath :id="`body-${id}`"><path :d="outline" /></clipPath>
      <g :clip-path="`url(#body-${id})`">
        <rect
          v-for="layer in layers"
          :key="layer.component"
          :x="-widest"
          :width="2 * widest"
          :y="layer.y"
          :height="layer.height"
          :fill="`url(#tint-${layer.tint})`"
          class="layer"
        />
      </g>
      <path :d="outline" class="outline" />
      <line :x1="-plateHalf" :x2="plateHalf" :y1="-moulded" :y2="-moulded" class="before" />
    </svg>
    <svg
      v-else
      class="glass"
      :viewBox="`${-innerHalf - 8} ${-innerTop - 6} ${2 * innerHalf + 16} ${innerTop + 12}`"
      role="img"
      :aria-label="state"
    >
      <TintPatterns />
      <path :d="glass" class="hollow" />
      <g v-for="layer in chill.section.layers" :key="layer.component">
        <path :d="mirrored(bandOf(layer))" :fill="`url(#tint-${layer.tint})`" class="layer" />
      </g>
    </svg>
    <label :for="id" class="minutes">
      <b>{{ spanOf(out) }}</b> out of the cold: <span :class="{ wrong: !right }">firmness {{ firmness }}</span
      ><template v-if="table.onPlate"
        >, stands {{ standing }}, {{ Math.round(shape?.widthMm ?? 0) }} mm wide</template
      >, {{ degrees(at(table.warmestC)) }}
    </label>
    <input
      :id="id"
      v-model.number="out"
      type="range"
      min="0"
      :max="last"
      step="1"
      :aria-valuetext="state"
      class="slider"
    />
    <div class="spans" aria-hidden="true">
      <div v-for="(span, i) in spans" :key="i" class="track">
        <i
          :class="span.kind"
          :style="{ left: `${span.from}%`, width: `${Math.min(100 - span.from, span.width)}%` }"
        ></i>
        <span>{{ span.name }}</span>
      </div>
    </div>
    <div class="served">
      <SheetText path="/room" label="Room" narrow :step="1" placeholder="as the kitchen" />
      <SheetText
        v-if="table.onPlate"
        path="/plate"
        label="Plate"
        narrow
        :step="1"
        placeholder="as the room"
      />
    </div>
  </div>
  <p v-else class="none">
    It does not come to the table: it does not set, or is still frozen when it is served.
  </p>
</template>

<style scoped>
.table {
  display: flex;
  flex-direction: column;
  gap: 4px;
}

.table p {
  font-size: 14px;
  line-height: 1.35;
}

svg {
  width: 100%;
  height: 100px;
}

.plate,
.hollow {
  fill: var(--white);
  stroke: var(--ink);
  stroke-width: 0.5;
}

.layer {
  stroke: var(--ink);
  stroke-width: 0.4;
}

.outline {
  fill: none;
  stroke: var(--ink);
  stroke-width: 0.7;
}

.before {
  stroke: var(--quiet);
  stroke-dasharray: 2 1.4;
  stroke-width: 0.5;
}

.minutes b {
  font-size: 18px;
}

.wrong {
  color: var(--unsafe);
  font-weight: 700;
}

.slider {
  width: 100%;
  margin: 0;
  accent-color: var(--act);
}

.track {
  position: relative;
  height: 19px;
  font-size: 13px;
}

.track i {
  position: absolute;
  top: 2px;
  height: 15px;
  border: 1px solid var(--ink);
}

.track .right {
  background: var(--good-edge);
}

.track .stands {
  background: var(--cream-deep);
}

.track .safe {
  background: repeating-linear-gradient(45deg, var(--wash) 0 5px, var(--ground-light) 5px 9px);
}

.track span {
  position: absolute;
  left: 6px;
}

.served {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

.none {
  color: var(--quiet);
}
</style>
