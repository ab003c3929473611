<script setup lang="ts">
import { computed } from 'vue'
import type { LearntReading } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import { day } from '@/log/words'
import { scaleOf } from './plot'

/** Each reading against its prediction, before and after: what lies on the line was foretold. */
const props = defineProps<{ readings: LearntReading[] }>()
const choices = useChoices()
const name = (id: string) =>
  id === 'standing-height' ? 'standing height' : (choices('reading').find((c) => c.value === id)?.label ?? id)
const SIZE = 236
const EDGE = 34
const plots = computed(() => {
  const of = new Map<string, LearntReading[]>()
  for (const r of props.readings) of.set(r.quantity, [...(of.get(r.quantity) ?? []), r])
  return [...of].map(([quantity, readings]) => {
    const scale = scaleOf(
      readings.flatMap((r) => [r.measured, r.before, r.after]),
      EDGE,
      SIZE - 8,
    )
    return {
      quantity,
      readings,
      unit: readings[0]?.unit ?? '',
      x: scale.at,
      y: (v: number) => SIZE - scale.at(v),
      ticks: scale.ticks,
    }
  })
})
const spread = (readings: LearntReading[], key: 'before' | 'after') =>
  Math.sqrt(readings.reduce((s, r) => s + (r[key] - r.measured) ** 2, 0) / readings.length)
</script>

<template>
  <section aria-label="Readings and their fit">
    <h2 class="section-title">
      Readings and their fit
      <small><i class="before"></i> by the handbook <i class="after"></i> by what is told</small>
    </h2>
    <div class="plots">
      <figure v-for="p in plots" :key="p.quantity">
        <figcaption>
          <b>{{ name(p.quantity) }}, {{ p.unit }}</b>
          <small
            >off by {{ spread(p.readings, 'before').toFixed(1) }} before,
            {{ spread(p.readings, 'after').toFixed(1) }} after</small
          >
        </figcaption>
        <svg
          :viewBox="`0 0 ${SIZE} ${SIZE + 16}`"
          role="img"
          :aria-label="`${name(p.quantity)}: ${p.readings.length} readings, off by ${spread(p.readings, 'before').toFixed(1)} ${p.unit} before and ${spread(p.readings, 'after').toFixed(1)} after`"
        >
          <line :x1="EDGE" :y1="SIZE - EDGE" :x2="SIZE - 8" :y2="8" class="line" />
          <template v-for="t in p.ticks" :key="t">
            <line :x1="p.x(t)" :x2="p.x(t)" :y1="SIZE - EDGE" :y2="SIZE - EDGE + 4" class="tick" />
            <text :x="p.x(t)" :y="SIZE - EDGE + 17" text-anchor="middle">{{ t }}</text>
            <text :x="EDGE - 6" :y="p.y(t) + 4" text-anchor="end">{{ t }}</text>
          </template>
          <text :x="(SIZE + EDGE) / 2" :y="SIZE + 12" text-anchor="middle">predicted</text>
          <g v-for="(r, i) in p.readings" :key="i">
            <title>{{ r.formula }}, {{ day(r.madeOn) }}</title>
            <line
              :x1="p.x(r.before)"
              :x2="p.x(r.after)"
              :y1="p.y(r.measured)"
              :y2="p.y(r.measured)"
              class="moved"
            />
            <circle :cx="p.x(r.before)" :cy="p.y(r.measured)" r="4" class="before" />
            <circle
              :cx="p.x(r.after)"
              :cy="p.y(r.measured)"
              r="4.5"
              class="after"
              :class="{ wild: r.wild }"
            />
          </g>
        </svg>
      </figure>
    </div>
  </section>
</template>

<style scoped>
.plots {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 400px));
  gap: 14px;
  padding: 12px;
  background: var(--panel);
}

figure {
  margin: 0;
}

figcaption {
  display: grid;
}

svg {
  display: block;
  width: 100%;
  max-width: 380px;
}

.line {
  stroke: var(--edge);
  stroke-dasharray: 4 3;
}

.tick,
.moved {
  stroke: var(--edge);
}

text {
  fill: var(--quiet);
  font-size: 11px;
}

circle.before {
  fill: var(--panel);
  stroke: var(--edge-deep);
  stroke-width: 1.5;
}

circle.after {
  fill: var(--set-6);
}

circle.wild {
  fill: var(--unsafe);
}

small {
  color: var(--quiet);
}

small i {
  display: inline-block;
  box-sizing: border-box;
  width: 10px;
  height: 10px;
  margin-left: 10px;
  border: 1.5px solid var(--edge-deep);
  border-radius: 5px;
}

small i.after {
  border-color: var(--set-6);
  background: var(--set-6);
}
</style>
