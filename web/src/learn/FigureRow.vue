<script setup lang="ts">
import { computed } from 'vue'
import type { LearntFigure } from '@/api/client'
import { figure as written } from '@/log/words'

/** A number: what is usual, what the log tells, and what would tell more. */
const props = defineProps<{ figure: LearntFigure; chosen?: boolean }>()
defineEmits<{ touch: [] }>()
const f = computed(() => props.figure)
const told = computed(() => f.value.state === 'LEARNT')
/** The scale holds both intervals with some room. */
const scale = computed(() => {
  const low = Math.min(f.value.handbookLow, f.value.low)
  const high = Math.max(f.value.handbookHigh, f.value.high)
  const room = 0.08 * (high - low)
  return { from: low - room, width: high - low + 2 * room }
})
const at = (value: number) => `${(100 * (value - scale.value.from)) / scale.value.width}%`
const span = (low: number, high: number) => ({
  left: at(low),
  width: `${(100 * (high - low)) / scale.value.width}%`,
})
const certain = computed(() => Math.round(100 * (1 - f.value.keeps)))
</script>

<template>
  <article :class="{ told }">
    <label>
      <input
        v-if="told"
        type="checkbox"
        :checked="chosen"
        :aria-label="`Accept ${f.name}`"
        @change="$emit('touch')"
      />
      <span
        ><b>{{ f.name }}</b>
        <small
          >{{ f.readings }} readings<template v-if="told && !f.inUse"> · not in use now</template></small
        ></span
      >
    </label>
    <div class="bar" aria-hidden="true">
      <i :style="span(f.handbookLow, f.handbookHigh)"></i>
      <u v-if="f.state !== 'TANGLED'" :style="span(f.low, f.high)"></u>
      <em :style="{ left: at(f.handbook) }"></em>
      <s v-if="f.state !== 'TANGLED'" :style="{ left: at(f.value) }"></s>
    </div>
    <p v-if="told" class="value">
      <b>{{ written(f.value) }} {{ f.unit }}</b>
      <small>{{ written(f.low) }} to {{ written(f.high) }}; usual {{ written(f.handbook) }}</small>
    </p>
    <p v-else-if="f.state === 'TANGLED'" class="value">
      cannot be told from <b>{{ f.tangledWith.join(', ') }}</b>
    </p>
    <p v-else class="value">
      too little is measured
      <small>{{
        certain < 1 ? 'nothing gained on what is usual' : `${certain} % narrower than what is usual`
      }}</small>
    </p>
    <p v-if="f.next && f.next.leaves < 0.98" class="next">
      Next: {{ f.next.words }}; {{ Math.round(100 * (1 - f.next.leaves)) }} % narrower for
      {{ written(f.next.minutes) }} min of work
    </p>
    <p v-else class="next"></p>
  </article>
</template>

<style scoped>
article {
  display: grid;
  grid-template-columns: minmax(220px, 1.1fr) minmax(160px, 1fr) 220px minmax(0, 1.2fr);
  gap: 6px 18px;
  align-items: center;
  min-height: 54px;
  padding: 6px 12px;
  border-bottom: 1px solid var(--hairline);
  background: var(--panel);
}

label {
  display: flex;
  gap: 10px;
  align-items: center;
}

label input {
  width: 18px;
  height: 18px;
}

label span,
.value {
  display: grid;
}

small,
.next {
  color: var(--quiet);
  font-size: 13px;
}

.bar {
  position: relative;
  height: 22px;
}

.bar i,
.bar u,
.bar em,
.bar s {
  position: absolute;
}

.bar i {
  top: 5px;
  height: 12px;
  background: var(--wash);
}

.bar u {
  top: 8px;
  height: 6px;
  background: var(--set-6);
}

.bar em {
  top: 2px;
  width: 1px;
  height: 18px;
  background: var(--edge-deep);
}

.bar s {
  top: 1px;
  width: 3px;
  height: 20px;
  margin-left: -1px;
  background: var(--act);
}

@media (max-width: 900px) {
  article {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
}
</style>
