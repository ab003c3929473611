<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref, useTemplateRef } from 'vue'
import type { PlanAnswer, PlanTask } from '@/api/client'
import { axisOf, packed } from './axis'
import { clock, lasting, weekday } from './clock'
import LaneSteps from './LaneSteps.vue'
import { lanesOf } from './lanes'
import { tintsOf } from './tints'
import { useDragging } from './useDragging'

/** The plan along the clock: a lane for everybody, every dessert, every machine and cooler. */
const props = defineProps<{ answer: PlanAnswer; selected?: string; now?: number; paper?: number }>()
const emit = defineEmits<{ select: [task: string]; move: [task: PlanTask, start: number, hand: string] }>()

const LEFT = 148
const box = useTemplateRef<HTMLElement>('box')
const { width } = useElementSize(box)
const zone = computed(() => props.answer.zone)
/** On paper everything is on the sheet, however small; on the screen it scrolls. */
const axis = computed(() =>
  props.paper
    ? axisOf(props.answer, props.paper - LEFT, 0.1)
    : axisOf(props.answer, Math.max(300, width.value - LEFT - 18), 1.1),
)
const letters = computed(
  () => new Map(props.answer.dishes.map((d, i) => [d.id, String.fromCharCode(65 + (i % 26))])),
)
const lanes = computed(() => lanesOf(props.answer, packed))
const height = computed(() => {
  const last = lanes.value.at(-1)
  return last ? last.top + last.height : 0
})
const tints = computed(() => tintsOf(props.answer.dishes))
const chosen = computed(() => props.answer.tasks.find((t) => t.id === props.selected))
/** The chosen step, what it waits for, and what waits for it. */
const tied = computed(() => {
  const ids = new Set<string>()
  for (const r of [...(chosen.value?.before ?? []), ...(chosen.value?.after ?? [])])
    if (r.task) ids.add(r.task)
  return ids
})
const wrong = computed(() => new Set(props.answer.breaches.flatMap((b) => b.tasks.slice(0, 1))))

const hovered = ref<PlanTask>()
const { held, grab, keys } = useDragging(
  () => props.answer,
  () => axis.value,
  () => lanes.value,
  box,
  (task, start, hand) => emit('move', task, start, hand),
)
const x = (minute: number) => axis.value.x(minute)
const widthOf = (from: number, to: number) => Math.max(2, axis.value.x(to) - axis.value.x(from))
const shown = computed(() => held.value?.task ?? hovered.value ?? chosen.value)
const told = computed(() => {
  const t = shown.value
  if (!t) return ''
  const dish = props.answer.dishes.find((d) => d.id === t.dish)?.name ?? ''
  return `${clock(t.start, zone.value)} ${t.title}: ${t.component || dish}, ${lasting(t.minutes)}`
})
const room = computed(() =>
  shown.value && shown.value.latest > shown.value.earliest ? shown.value : undefined,
)
</script>

<template>
  <div ref="box" class="lanes" :data-testid="paper ? undefined : 'lanes'">
    <div class="names" :style="{ width: `${LEFT}px`, height: `${height + 46}px` }">
      <template v-for="lane in lanes" :key="lane.key">
        <b v-if="lane.heading" :style="{ top: `${lane.top + 40 - 21}px` }">{{ lane.heading }}</b>
        <span :style="{ top: `${lane.top + 40}px`, height: `${lane.height}px` }" :title="lane.name"
          >{{ lane.letter }} {{ lane.name }}</span
        >
      </template>
    </div>
    <svg
      :width="axis.width + 16"
      :height="height + 46"
      :role="paper ? 'img' : 'group'"
      aria-label="Lanes of the plan"
    >
      <g class="axis">
        <template v-for="d in axis.days" :key="d.minute">
          <text :x="d.x + 3" y="13" class="day">{{ weekday(d.minute, zone) }}</text>
        </template>
        <template v-for="h in axis.hours" :key="h.minute">
          <line :x1="h.x" :x2="h.x" y1="36" :y2="height + 40" />
          <text :x="h.x + 3" y="30">{{ h.label }}</text>
        </template>
      </g>
      <g transform="translate(0 40)">
        <g v-for="lane in lanes" :key="lane.key">
          <rect :x="0" :y="lane.top" :width="axis.width + 16" :height="lane.height" class="ground" />
          <rect
            v-for="s in lane.open"
            :key="s.from"
            :x="x(s.from)"
            :y="lane.top"
            :width="widthOf(s.from, s.to)"
            :height="lane.height"
            class="open"
          />
          <template v-for="hold in lane.holds" :key="hold.key">
            <rect
              :x="x(hold.from)"
              :y="hold.y"
              :width="widthOf(hold.from, hold.to)"
              :height="hold.height"
              class="hold"
              :fill="`url(#tint-${tints.get(hold.dish)})`"
            />
            <text :x="x(hold.from) + 4" :y="hold.y + Math.min(hold.height - 3, 12)" class="in">
              {{ letters.get(hold.dish) }}
            </text>
          </template>
          <line
            v-for="due in lane.due"
            :key="due"
            :x1="x(due)"
            :x2="x(due)"
            :y1="lane.top"
            :y2="lane.top + lane.height"
            class="due"
          />
        </g>
        <rect
          v-if="room"
          :x="x(room.earliest)"
          :y="0"
          :width="widthOf(room.earliest, room.latest + room.minutes)"
          :height="height"
          class="room"
        />
        <LaneSteps
          v-for="lane in lanes"
          :key="`${lane.key}-steps`"
          :lane="lane"
          :axis="axis"
          :answer="answer"
          :letters="letters"
          :tints="tints"
          :selected="selected"
          :tied="tied"
          :wrong="wrong"
          :held="held && lane.blocks.some((b) => b.task.id === held?.task.id) ? held : undefined"
          :paper="!!paper"
          @select="emit('select', $event)"
          @keys="keys"
          @grab="grab"
          @hover="hovered = $event"
        />
        <g v-for="s in axis.stretches.filter((p) => p.folded)" :key="s.from" class="fold">
          <rect :x="s.x" y="-40" :width="s.width" :height="height + 40" />
          <text
            :x="s.x + s.width / 2"
            :y="height / 2"
            :transform="`rotate(-90 ${s.x + s.width / 2} ${height / 2})`"
          >
            {{ lasting(s.to - s.from) }} folded
          </text>
        </g>
        <line v-if="now" :x1="x(now)" :x2="x(now)" y1="-10" :y2="height" class="now" />
      </g>
    </svg>
    <p v-if="!paper" class="told" aria-live="polite">
      <template v-if="held">
        <b>{{ clock(held.start, zone) }}</b>
        <span v-if="held.why.length" class="why">cannot be: {{ held.why.join('; ') }}</span>
        <span v-else>fits there; let go to settle it</span>
      </template>
      <template v-else-if="shown">{{ told }}</template>
      <template v-else
        >Touch a step to see why it stands where it stands; drag it to settle it elsewhere.</template
      >
    </p>
  </div>
</template>

<style scoped src="./lanes.css"></style>
