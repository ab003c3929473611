<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Chill, Evidence, Uncertainty, WhatIfRow } from '@/api/client'
import {
  belowFlags,
  flagsOf,
  GATE,
  gatesOf,
  laterThan,
  LEFT,
  limitsOf,
  linePath,
  othersOf,
  PLOT,
  timeScale,
  yOfScore,
} from './axis'
import { degrees as written, onScale } from '@/look/degrees'
import { axisMarks, clockAt, shortClock, spanOf } from '@/look/time'
import { useElementSize } from '@vueuse/core'

/** Time along the page: curves, milestones with their spread, gates, limits; a scrubber over all of it. */
const props = defineProps<{
  chill: Chill
  uncertainty?: Uncertainty
  until: number
  playing: boolean
  spoken: string
  fahrenheit?: boolean
  /** Other ways, to be seen beside the present one. */
  others?: WhatIfRow[]
  /** Temperature of the chosen point over time. */
  pointCurve?: { minutes: number[]; celsius: number[]; firmness: number[] }
}>()
const minute = defineModel<number>({ required: true })
const emit = defineEmits<{ play: []; evidence: [title: string, evidence: Evidence] }>()

const frame = ref<HTMLElement | null>(null)
const { width } = useElementSize(frame)
const scale = computed(() => timeScale(width.value, props.until))
const plotWidth = computed(() => scale.value.end - LEFT)
const x = (m: number) => scale.value.x(m)

const low = computed(() => Math.min(0, ...props.chill.field.lowC))
const high = computed(() => Math.max(20, ...props.chill.courses.map((c) => Math.max(...c.warmestC))))
const flags = computed(() => flagsOf(scale.value, props.chill.milestones, props.uncertainty))
const top = computed(() => belowFlags(flags.value))
const yT = (c: number) => top.value + PLOT - ((c - low.value) / (high.value - low.value)) * PLOT
const yF = (score: number) => yOfScore(top.value, score)
const path = (minutes: number[], values: number[], y: (v: number) => number) =>
  linePath(scale.value, minutes, values, y)

const courses = computed(() =>
  props.chill.courses.map((c) => ({
    name: c.name,
    warm: path(c.minutes, c.warmestC, yT),
    firm: path(c.minutes, c.firmness, yF),
  })),
)
const air = computed(() => path(props.chill.field.minutes, props.chill.field.airC, yT))
const pointPath = computed(() =>
  props.pointCurve
    ? {
        warm: path(props.pointCurve.minutes, props.pointCurve.celsius, yT),
        firm: path(props.pointCurve.minutes, props.pointCurve.firmness, yF),
      }
    : undefined,
)
const otherPaths = computed(() => othersOf(scale.value, props.others ?? [], top.value))
const later = computed(() => laterThan(scale.value, props.chill.milestones))
const gates = computed(() => gatesOf(scale.value, props.chill.gates, top.value, degrees))
const limits = computed(() => limitsOf(scale.value, props.chill.limits, yT))
const marksY = computed(() => top.value + PLOT + 6 + gates.value.length * GATE)
const total = computed(() => marksY.value + 20)
const marks = computed(() =>
  axisMarks(props.chill.pouredAt, props.until, Math.floor(plotWidth.value / 74)).map((m) => ({
    at: x(m),
    text: clockAt(props.chill.pouredAt, m),
  })),
)
const degrees = (c: number) => written(c, props.fahrenheit)
/** Round temperatures on the kitchen's own scale. */
const ticks = computed(() => {
  const from = onScale(low.value, props.fahrenheit)
  const to = onScale(high.value, props.fahrenheit)
  const step = [10, 20, 40].find((s) => (to - from) / s <= 5) ?? 50
  const found = []
  for (let t = Math.ceil(from / step) * step; t <= to; t += step) found.push(t)
  return found.map((t) => (props.fahrenheit ? (t - 32) / 1.8 : t))
})

function key(event: KeyboardEvent) {
  if (event.key === ' ') {
    event.preventDefault()
    emit('play')
  }
}
</script>

<template>
  <section ref="frame" class="time" aria-label="Time axis" :style="{ height: `${total}px` }">
    <svg :viewBox="`0 0 ${width} ${total}`" aria-hidden="true">
      <g class="grid">
        <g v-for="mark in marks" :key="mark.at">
          <line :x1="mark.at" :x2="mark.at" :y1="top" :y2="marksY" />
          <text :x="mark.at" :y="marksY + 15" text-anchor="middle">{{ mark.text }}</text>
        </g>
        <g v-for="t in ticks" :key="t">
          <line :x1="LEFT" :x2="LEFT + plotWidth" :y1="yT(t)" :y2="yT(t)" class="faint" />
          <text :x="LEFT - 6" :y="yT(t) + 4" text-anchor="end" class="warmth">{{ degrees(t) }}</text>
        </g>
        <text v-for="s in [0, 50, 100]" :key="s" :x="LEFT + plotWidth + 6" :y="yF(s) + 4">{{ s }}</text>
      </g>
      <path :d="air" class="air" />
      <g v-for="(course, i) in courses" :key="i">
        <path :d="course.warm" class="warm" />
        <path :d="course.firm" class="firm" />
      </g>
      <g v-for="way in otherPaths" :key="way.letter" class="other">
        <path :d="way.d" />
        <text :x="way.x" :y="way.y" text-anchor="middle">{{ way.letter }}</text>
      </g>
      <g v-if="pointPath">
        <path :d="pointPath.warm" class="point warm" />
        <path :d="pointPath.firm" class="point firm" />
      </g>
      <g v-for="(limit, i) in limits" :key="i" class="limit" :class="{ broken: !limit.kept }">
        <path :d="`M${limit.at} ${top + 2}V${limit.y}H${limit.at - 26}`" />
        <text
          :x="limit.at + (limit.at + 110 > width ? -30 : 4)"
          :text-anchor="limit.at + 110 > width ? 'end' : 'start'"
          :y="Math.min(limit.y, top + PLOT - 6) - 3"
        >
          {{ limit.kept ? '✓' : '✗' }} {{ degrees(limit.celsius) }} by {{ limit.by }}
        </text>
      </g>
      <g v-for="gate in gates" :key="gate.component" class="gate">
        <rect :x="gate.from" :width="Math.max(3, gate.to - gate.from)" :y="gate.y" :height="GATE - 4" />
        <text :x="gate.left" :y="gate.y + 12">{{ gate.text }}</text>
      </g>
      <g v-for="flag in flags" :key="flag.code" class="flag">
        <rect
          v-if="flag.range?.earliestMinutes !== undefined && flag.range.latestMinutes !== undefined"
          :x="x(flag.range.earliestMinutes)"
          :width="Math.max(1, x(flag.range.latestMinutes) - x(flag.range.earliestMinutes))"
          :y="top + 3 + 5 * flag.row"
          height="4"
          class="spread"
        />
        <line :x1="flag.at" :x2="flag.at" :y1="flag.y" :y2="top + PLOT" />
      </g>
      <line :x1="x(minute)" :x2="x(minute)" :y1="top - 6" :y2="marksY" class="now" />
    </svg>
    <button
      v-for="flag in flags"
      :key="flag.code"
      type="button"
      class="flag-name"
      :style="{ left: `${flag.left}px`, top: `${flag.y - 12}px` }"
      :title="
        flag.range?.earliest
          ? `earliest ${shortClock(flag.range.earliest)}, latest ${shortClock(flag.range.latest) || 'never'}`
          : undefined
      "
      :aria-label="`${flag.text}${flag.range?.earliest ? `, ${flag.range.earliest} to ${flag.range.latest ?? 'never'}` : ''}, why`"
      @click="emit('evidence', flag.label, flag.evidence)"
    >
      {{ flag.text }}
    </button>
    <p class="later">
      <span v-for="m in later" :key="m.code">
        <button type="button" class="link-like" @click="emit('evidence', m.label, m.evidence)">
          {{ m.label }}
        </button>
        {{ m.minutes === undefined ? 'not within two days' : `${shortClock(m.clock)} ▸` }}
      </span>
    </p>
    <input
      v-model.number="minute"
      type="range"
      class="scrubber"
      min="0"
      :max="until"
      :step="until > 3000 ? 5 : 1"
      aria-label="Time of the chill"
      :aria-valuetext="`${clockAt(chill.pouredAt, minute)}, ${spanOf(minute)} after pouring. ${spoken}`"
      :style="{
        left: `${LEFT - 8}px`,
        width: `${plotWidth + 16}px`,
        top: `${top - 8}px`,
        height: `${marksY - top + 14}px`,
      }"
      @keydown="key"
    />
  </section>
</template>

<style scoped src="./TimeAxis.css"></style>
