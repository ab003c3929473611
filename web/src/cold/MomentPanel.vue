<script setup lang="ts">
import type { Readout } from './readout'

/** What can be read off the dessert at the moment that the scrubber stands on. */
defineProps<{ now: Readout; point?: string; degrees: (c: number) => string }>()
const emit = defineEmits<{ leave: [] }>()
</script>

<template>
  <section class="now" aria-label="At this moment">
    <p class="clock">{{ now.clock }}</p>
    <p class="after">{{ now.after }} after pouring</p>
    <dl>
      <dt>Warmest</dt>
      <dd>{{ degrees(now.warmestC) }}</dd>
      <dt>Coldest</dt>
      <dd>{{ degrees(now.coldestC) }}</dd>
      <dt>Air</dt>
      <dd>{{ degrees(now.airC) }}</dd>
    </dl>
    <ul>
      <li v-for="layer in [...now.layers].reverse()" :key="layer.component">
        <span>{{ layer.name }}</span>
        <b v-if="!layer.poured" class="quiet">not yet</b>
        <b v-else-if="!layer.sets" class="quiet">laid in</b>
        <b v-else-if="layer.setShare >= 0.999">set</b>
        <b v-else>{{ Math.round(100 * layer.setShare) }} % set</b>
      </li>
    </ul>
    <p v-if="point" class="chosen">
      <i aria-hidden="true"></i>Point: <b>{{ point }}</b>
      <button type="button" class="link-like" @click="emit('leave')">leave it</button>
    </p>
    <p v-else class="hint">Touch the dessert for the curve of that point.</p>
  </section>
</template>

<style scoped>
.now {
  overflow-y: auto;
  font-size: 14px;
}

.clock {
  font-size: 34px;
  font-weight: 700;
  line-height: 1.1;
}

.after {
  color: var(--quiet);
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0 10px;
  padding: 6px 0;
}

dt {
  color: var(--quiet);
}

dd {
  font-weight: 700;
  text-align: right;
}

li {
  display: flex;
  gap: 8px;
  justify-content: space-between;
  padding: 2px 0;
  border-top: 1px solid var(--hairline);
}

li b {
  white-space: nowrap;
}

.quiet,
.hint {
  color: var(--quiet);
}

.hint,
.chosen {
  padding-top: 6px;
  font-size: 13px;
}

.chosen i {
  display: inline-block;
  width: 10px;
  height: 10px;
  margin-right: 5px;
  border: 2px solid var(--act);
  border-radius: 50%;
}

@media print {
  .hint {
    display: none;
  }
}
</style>
