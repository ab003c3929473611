<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Chill, Formula } from '@/api/client'
import ChoiceField from '@/look/ChoiceField.vue'
import RowProblems from '@/verdicts/RowProblems.vue'
import SheetText from '@/weighing/SheetText.vue'
import { useSheet } from '@/document/sheet'
import type { Larder } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import { addPlace, movePlace, placesOf, removePlace, setStay } from './places'
import { clockAt, spanOf, writtenSpan } from '@/look/time'
import { degrees } from '@/look/degrees'
import { css } from './palette'
import { useElementSize } from '@vueuse/core'

/** Where it stands, along the axis: ends are dragged, a place that is touched opens for change. */
const props = defineProps<{
  formula: Formula
  chill?: Chill
  larder: Larder
  until: number
  open: boolean
  fahrenheit?: boolean
}>()
const emit = defineEmits<{ 'update:open': [open: boolean] }>()
const sheet = useSheet()

const LEFT = 46
const RIGHT = 40
const STEP = 5
const frame = ref<HTMLElement | null>(null)
const { width } = useElementSize(frame)
const plot = computed(() => Math.max(100, width.value - LEFT - RIGHT))
const x = (m: number) => LEFT + (Math.min(m, props.until) / props.until) * plot.value

const cold = (c: number) => degrees(c, props.fahrenheit)
const chosen = ref(0)
const dragged = ref<{ index: number; end: number }>()
const stays = computed(() =>
  (props.chill?.stays ?? []).map((stay, index) => {
    const end = dragged.value?.index === index ? dragged.value.end : stay.endMinutes
    const from = x(stay.fromMinutes)
    return { ...stay, index, end, from, to: x(end ?? props.until), colour: css(stay.airC) }
  }),
)
/** Where all places have an end, the last one's. */
const served = computed(() => stays.value.at(-1)?.end)
const places = computed(() => placesOf(props.formula))
const index = computed(() => Math.min(chosen.value, places.value.length - 1))
const at = computed(() => `/cooler/places/${index.value}`)
const isHome = computed(() => !places.value[index.value]?.of)
const problems = computed(() => sheet.problems().filter((p) => p.path.startsWith('/cooler')))
const choices = useChoices()
const options = computed(() => [
  {
    value: '',
    label: `${props.larder.coolers.find((c) => c.id === props.formula.cooler.of)?.name ?? 'Cooler'} (its cooler)`,
  },
  ...props.larder.coolers.map((c) => ({ value: c.id, label: c.name })),
])

function commit(i: number, end: number) {
  const from = props.chill?.stays[i]?.fromMinutes ?? 0
  const minutes = Math.max(STEP, Math.round((end - from) / STEP) * STEP)
  sheet.change(setStay(props.formula, i, 'stay', writtenSpan(minutes)), `/cooler/places/${i}/stay`)
}

function grab(event: PointerEvent, i: number, end: number) {
  const handle = event.currentTarget as HTMLElement
  handle.setPointerCapture(event.pointerId)
  const from = props.chill?.stays[i]?.fromMinutes ?? 0
  const startX = event.clientX
  const perPixel = props.until / plot.value
  const move = (e: PointerEvent) => {
    const wanted = Math.round((end + (e.clientX - startX) * perPixel) / STEP) * STEP
    dragged.value = { index: i, end: Math.max(from + STEP, wanted) }
  }
  const drop = () => {
    handle.removeEventListener('pointermove', move)
    handle.removeEventListener('pointerup', drop)
    handle.removeEventListener('pointercancel', drop)
    if (dragged.value) commit(i, dragged.value.end)
    dragged.value = undefined
  }
  handle.addEventListener('pointermove', move)
  handle.addEventListener('pointerup', drop)
  handle.addEventListener('pointercancel', drop)
}

function nudge(event: KeyboardEvent, i: number, end: number) {
  const by = { ArrowLeft: -STEP, ArrowRight: STEP, PageDown: -60, PageUp: 60 }[event.key]
  if (!by) return
  event.preventDefault()
  commit(i, end + by)
}

function choose(i: number) {
  emit('update:open', !(props.open && index.value === i))
  chosen.value = i
}

function add() {
  const last = places.value.length - 1
  const ready = props.chill?.milestones.find((m) =>
    ['thawed', 'turns-out', 'frozen'].includes(m.code),
  )?.minutes
  const began = props.chill?.stays[last]?.fromMinutes ?? 0
  const stays = ready && ready > began ? writtenSpan(Math.ceil((ready - began) / 30) * 30) : '6 h'
  const frozen = (props.chill?.stays[last]?.airC ?? 4) < 0
  sheet.change(
    addPlace(props.formula, last, frozen ? 'fridge-still' : 'room', frozen ? '' : '20 min', stays),
    '',
  )
  chosen.value = last + 1
  emit('update:open', true)
}

function remove() {
  sheet.change(removePlace(props.formula, index.value), '')
  chosen.value = Math.max(0, index.value - 1)
}

function move(by: number) {
  sheet.change(movePlace(props.formula, index.value, by), '')
  chosen.value = Math.max(0, Math.min(places.value.length - 1, index.value + by))
}

const set = (field: 'of' | 'cover' | 'stand', value: string) => {
  const changed = setStay(props.formula, index.value, field, value)
  // Another place has its own air.
  sheet.change(field === 'of' ? setStay(changed, index.value, 'air', '') : changed, '')
}
/** A text field of a place needs the place to be written. */
function written() {
  if (!props.formula.cooler.places?.length) sheet.change(setStay(props.formula, 0, 'stay', ''), '')
}
</script>

<template>
  <section aria-label="Places" class="places">
    <div ref="frame" class="strip">
      <button
        v-for="stay in stays"
        :key="stay.index"
        type="button"
        class="stay"
        :class="{ chosen: open && stay.index === index }"
        :aria-expanded="open && stay.index === index"
        :aria-label="`${stay.name}, ${cold(stay.airC)}, from ${stay.clock}${stay.end ? `, ${spanOf(stay.end - stay.fromMinutes)}` : ', until it is served'}${stay.how ? `, ${stay.how}` : ''}`"
        :style="{
          left: `${stay.from}px`,
          width: `${Math.max(14, stay.to - stay.from)}px`,
          background: stay.colour,
        }"
        :title="`${stay.name}, ${cold(stay.airC)}`"
        @click="choose(stay.index)"
      >
        <span>
          <b>{{ stay.name }}</b> {{ cold(stay.airC) }}
          <template v-if="stay.how">· {{ stay.how }}</template>
          · {{ stay.end ? spanOf(stay.end - stay.fromMinutes) : 'until served' }}
        </span>
      </button>
      <template v-for="stay in stays" :key="`end-${stay.index}`">
        <span
          v-if="stay.end !== undefined && stay.end <= until"
          class="end"
          role="slider"
          tabindex="0"
          :aria-label="`End of ${stay.name}`"
          :aria-valuemin="stay.fromMinutes + STEP"
          :aria-valuemax="20160"
          :aria-valuenow="stay.end"
          :aria-valuetext="`${clockAt(chill?.pouredAt ?? '', stay.end)}, after ${spanOf(stay.end - stay.fromMinutes)}`"
          :style="{ left: `${x(stay.end) - 7}px` }"
          @pointerdown.prevent="grab($event, stay.index, stay.end)"
          @keydown="nudge($event, stay.index, stay.end)"
        ></span>
      </template>
      <span
        v-if="served !== undefined && served < until - 1"
        class="late"
        :style="{ left: `${x(served)}px`, width: `${x(until) - x(served)}px` }"
        title="What is late waits on in its cooler"
        >if late</span
      >
      <button type="button" class="add" aria-label="Add a place" title="Add a place" @click="add">+</button>
    </div>
    <p v-if="!open && chill?.bowls.length" class="bowls">
      <b>Before filling</b>
      <span v-for="bowl in chill.bowls" :key="bowl.component">
        {{ bowl.name }} {{ cold(bowl.fromC) }} → {{ cold(bowl.toC) }}: over ice
        {{ spanOf(Math.ceil(bowl.iceMinutes))
        }}<template v-if="bowl.roomMinutes !== undefined"
          >, in the room {{ spanOf(Math.ceil(bowl.roomMinutes / 5) * 5) }}</template
        >; ready at {{ bowl.ready }}
      </span>
    </p>
    <RowProblems v-if="!open" :problems="problems" />
    <div v-if="open" class="editor" data-testid="place">
      <ChoiceField
        class="wide"
        :label="`Place ${index + 1} of ${places.length}`"
        :model-value="places[index]?.of"
        :options="options"
        @update:model-value="set('of', $event)"
      />
      <SheetText v-if="isHome" path="/cooler/air" label="Its air" narrow :step="1" />
      <SheetText v-else :path="`${at}/air`" label="Its air" narrow :step="1" placeholder="usual" />
      <SheetText
        :path="`${at}/stay`"
        label="Stays"
        narrow
        :step="5"
        placeholder="until served"
        @focusin="written"
      />
      <ChoiceField
        label="Cover"
        :model-value="places[index]?.cover"
        :options="choices('cover')"
        @update:model-value="set('cover', $event)"
      />
      <ChoiceField
        label="Stands on"
        :model-value="places[index]?.stand"
        :options="choices('stand')"
        @update:model-value="set('stand', $event)"
      />
      <SheetText path="/cooler/doors" label="Opened, per h" narrow :step="1" placeholder="0" />
      <span class="tools">
        <a-button :disabled="index === 0" aria-label="Sooner" title="Sooner" @click="move(-1)">◂</a-button>
        <a-button :disabled="index === places.length - 1" aria-label="Later" title="Later" @click="move(1)"
          >▸</a-button
        >
        <a-button :disabled="places.length < 2" @click="remove">Take out</a-button>
        <a-button @click="emit('update:open', false)">Done</a-button>
      </span>
      <RowProblems class="all" :problems="problems" />
    </div>
  </section>
</template>

<style scoped src="./PlaceStrip.css"></style>
