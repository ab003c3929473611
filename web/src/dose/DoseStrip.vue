<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Amounts, DoseStrip, Evidence } from '@/api/client'
import { firmnessAt, gramsAt, marks, NARROW_LABEL_GAP, standingAt, waterAt, weighed } from './dose'

/** A ruler of firmness from runs to rubber, on which the dose can be dragged or nudged by keys. */
const props = defineProps<{
  strip: DoseStrip
  amounts: Amounts
  /** The dose as the formula has it now; the strip may still be the answer to an earlier one. */
  written: string
}>()
const emit = defineEmits<{
  dose: [amount: string, water: string]
  evidence: [title: string, evidence: Evidence]
}>()

/** Everything below 20 Pa runs: the ruler keeps a little room for it on the left. */
const RUNS = 4
const SNAPS_PERCENT = 0.7
const BIG_STEP = 10

const track = ref<HTMLElement>()
const dragged = ref<number>()
/** Keys follow each other faster than answers come. */
const nudged = ref<number>()
watch([() => props.strip, () => props.written], () => {
  if (nudged.value === undefined) return
  const wish = weighed(nudged.value, props.strip.stepG)
  if (props.written !== wish || weighed(props.strip.grams, props.strip.stepG) === wish)
    nudged.value = undefined
})

const grams = computed(() => dragged.value ?? nudged.value ?? props.strip.grams)
const moved = computed(() => dragged.value !== undefined || nudged.value !== undefined)
const firmness = computed(() =>
  moved.value ? firmnessAt(props.strip.doses, grams.value) : props.strip.firmness,
)
const standing = computed(() => standingAt(props.strip.doses, grams.value))
const place = (score: number) => RUNS + (score * (100 - RUNS)) / 100
const at = computed(() => (firmness.value <= 0 ? RUNS / 2 : place(firmness.value)))
const zones = computed(() =>
  props.strip.zones.map((z, i) => ({
    ...z,
    left: i === 0 ? 0 : place(z.from),
    width: i === 0 ? RUNS : place(z.to) - place(z.from),
  })),
)
const words = computed(() => {
  const zone = [...props.strip.zones].reverse().find((z) => firmness.value >= z.from && firmness.value > 0)
  return zone?.words ?? 'runs'
})
const perSheet = computed(() => {
  const mark = props.strip.sheets[0]
  return mark ? mark.grams / mark.sheets : undefined
})
const plain = (value: number, decimals: number) => String(Number(value.toFixed(decimals)))
const dose = computed(() => weighed(grams.value, props.strip.stepG))
const sheets = computed(() =>
  perSheet.value === undefined ? '' : `${plain(grams.value / perSheet.value, 1)} sheets`,
)
const spoken = computed(() =>
  [
    dose.value,
    sheets.value,
    `firmness ${plain(firmness.value, 0)} of 100, ${words.value}`,
    standing.value === undefined ? '' : `stands ${plain(standing.value, 0)} mm`,
  ]
    .filter(Boolean)
    .join(', '),
)
const ticks = computed(() => marks(props.strip, window.innerWidth < 700 ? NARROW_LABEL_GAP : undefined))

function take(wanted: number) {
  const amount = weighed(wanted, props.strip.stepG)
  emit('dose', amount, `${plain(waterAt(props.strip.doses, Number.parseFloat(amount)), 1)} g`)
  return Number.parseFloat(amount)
}

function under(event: PointerEvent): number {
  const box = (track.value as HTMLElement).getBoundingClientRect()
  const percent = ((event.clientX - box.left) / box.width) * 100
  const near = props.strip.sheets.find((s) => Math.abs(place(s.firmness) - percent) < SNAPS_PERCENT)
  return near?.grams ?? gramsAt(props.strip.doses, ((percent - RUNS) / (100 - RUNS)) * 100)
}

function press(event: PointerEvent) {
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
  drag(event)
}

function drag(event: PointerEvent) {
  if (!event.buttons) return
  const wanted = under(event)
  if (weighed(wanted, props.strip.stepG) !== dose.value || dragged.value === undefined) {
    dragged.value = take(wanted)
  }
}

/** The dose let go of stays shown until its answer is there. */
function release() {
  nudged.value = dragged.value
  dragged.value = undefined
}

function key(event: KeyboardEvent) {
  const step = props.strip.stepG * (event.shiftKey ? BIG_STEP : 1)
  const half = (perSheet.value ?? BIG_STEP * props.strip.stepG * 2) / 2
  const to: Record<string, number> = {
    ArrowRight: grams.value + step,
    ArrowUp: grams.value + step,
    ArrowLeft: grams.value - step,
    ArrowDown: grams.value - step,
    PageUp: (Math.floor(grams.value / half + 1e-6) + 1) * half,
    PageDown: (Math.ceil(grams.value / half - 1e-6) - 1) * half,
    Home: gramsAt(props.strip.doses, props.strip.targetFrom),
    End: gramsAt(props.strip.doses, props.strip.targetTo),
  }
  const wanted = to[event.key]
  if (wanted === undefined) return
  event.preventDefault()
  nudged.value = take(Math.max(props.strip.stepG, wanted))
}
</script>

<template>
  <section class="strip" aria-label="Dose strip">
    <div class="now">
      <b>{{ dose }}</b>
      <span>{{ sheets || `${plain(amounts.gelatinPercent, 2)} % of mix` }}</span>
    </div>
    <div
      ref="track"
      class="track"
      @pointerdown="press"
      @pointermove="drag"
      @pointerup="release"
      @pointercancel="release"
    >
      <div
        class="target"
        :style="{
          left: `${place(strip.targetFrom)}%`,
          width: `${place(strip.targetTo) - place(strip.targetFrom)}%`,
        }"
      />
      <span
        v-for="(zone, i) in zones"
        :key="zone.words"
        class="zone"
        :class="`z${i}`"
        :style="{ left: `${zone.left}%`, width: `${zone.width}%` }"
        >{{ zone.words }}</span
      >
      <span
        v-for="(tick, i) in ticks"
        :key="i"
        class="tick"
        :class="{ minor: tick.minor }"
        :style="{ left: `${place(tick.firmness)}%` }"
        >{{ tick.label }}</span
      >
      <span
        v-if="strip.wanted !== undefined"
        class="wanted"
        :style="{ left: `${place(strip.wanted)}%` }"
        title="wanted"
      />
      <div
        class="hand"
        role="slider"
        tabindex="0"
        aria-label="Dose on the ruler"
        aria-orientation="horizontal"
        :aria-valuemin="0"
        :aria-valuemax="plain(strip.doses.at(-1)?.grams ?? 0, 1)"
        :aria-valuenow="plain(grams, 2)"
        :aria-valuetext="spoken"
        :style="{ left: `${at}%` }"
        @keydown="key"
      >
        <span class="says" :class="{ leftward: at > 80 }"
          >{{ plain(firmness, 0) }} of 100, {{ words
          }}<template v-if="standing !== undefined && firmness > 0">
            · stands {{ plain(standing, 0) }} mm</template
          ></span
        >
      </div>
    </div>
    <p class="legend">
      <span aria-hidden="true"
        ><span class="box" /> target<br />{{ strip.sheets.length ? 'marks: sheets' : 'marks: grams' }}</span
      >
      <button
        type="button"
        class="link-like"
        aria-label="Why: the firmness of a dose"
        @click="emit('evidence', 'The firmness of a dose', strip.evidence)"
      >
        why
      </button>
    </p>
  </section>
</template>

<style scoped src="./DoseStrip.css"></style>
