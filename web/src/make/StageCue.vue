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
    <li v-for="s in shown" :key="s.when" :class="{ current: s.when === 'now' }">
      <SmallDrawing :marks="s.stage?.marks ?? []" />
      <div>
        <small>{{ s.when }}</small>
        <p>
          <b>{{ s.stage?.name }}</b>
        </p>
        <p class="tells">{{ s.stage?.tells }}</p>
      </div>
    </li>
  </ul>
</template>

<style scoped>
.stages {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(210px, 1fr));
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  gap: 10px;
  align-items: center;
  padding: 6px 10px;
  border: 2px solid var(--hairline);
  background: var(--white);
}

.current {
  border-color: var(--good);
}

li :deep(svg) {
  width: 84px;
}

p {
  margin: 0;
  font-size: 16px;
}

small {
  color: var(--quiet);
  font-size: 14px;
}

.current small {
  color: var(--good);
  font-weight: 700;
}

.tells {
  color: var(--quiet);
  font-size: 14px;
}
</style>
