<script setup lang="ts">
import { computed } from 'vue'
import { SERIES } from './drawings'
import SmallDrawing from './SmallDrawing.vue'

/** A stage beside the one before and the one after, so that one learns to see it. */
const props = defineProps<{ series: string; stage: number }>()
const shown = computed(() => {
  const stages = SERIES[props.series]?.stages ?? []
  const words = ['not yet', 'now', 'too far']
  return [-1, 0, 1]
    .map((by, i) => ({ stage: stages[props.stage + by], when: words[i] }))
    .filter((s) => s.stage)
})
</script>

<template>
  <ul v-if="shown.length" class="stages" aria-label="What it looks like">
    <li v-for="s in shown" :key="s.when" :class="{ now: s.when === 'now' }">
      <SmallDrawing :marks="s.stage?.marks ?? []" />
      <p>
        <small>{{ s.when }}</small> <b>{{ s.stage?.name }}</b>
      </p>
      <p class="tells">{{ s.stage?.tells }}</p>
    </li>
  </ul>
</template>

<style scoped>
.stages {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(140px, 1fr));
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  gap: 2px;
  align-content: start;
  padding: 8px 12px 10px;
  border: 2px solid var(--hairline);
  background: var(--white);
}

.now {
  border-color: var(--good);
}

li :deep(svg) {
  max-width: 132px;
  margin: 0 auto;
}

p {
  margin: 0;
  font-size: 16px;
}

small {
  color: var(--quiet);
  font-size: 14px;
}

.now small {
  color: var(--good);
  font-weight: 700;
}

.tells {
  color: var(--quiet);
  font-size: 14px;
}
</style>
