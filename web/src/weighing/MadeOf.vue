<script setup lang="ts">
import { computed } from 'vue'
import type { ComponentAnswer } from '@/api/client'

/** What a component is made of, by mass: where there is no course of setting to show. */
const props = defineProps<{ answer: ComponentAnswer }>()
const rows = computed(() => props.answer.shares.filter((s) => s.percent >= 0.5))
</script>

<template>
  <section class="made-of" aria-label="What it is made of">
    <h2 class="section-title">
      {{ answer.name }} is made of <small>% of {{ Math.round(answer.amounts.totalG) }} g</small>
    </h2>
    <dl>
      <div v-for="row in rows" :key="row.name">
        <dt>{{ row.name }}</dt>
        <dd>
          <span class="bar" :style="{ width: `${row.percent}%` }" />
          <span>{{ row.percent.toFixed(row.percent < 10 ? 1 : 0) }} %</span>
        </dd>
      </div>
    </dl>
    <p class="quiet">
      {{ Math.round(answer.amounts.yieldMl) }} ml at {{ answer.amounts.gramsPerMl.toFixed(2) }} g/ml<template
        v-if="answer.amounts.airPercent >= 0.5"
        >, {{ Math.round(answer.amounts.airPercent) }} % of it air</template
      >.
      <template v-if="answer.usedBy.length">Goes into {{ answer.usedBy.join(', ') }}.</template>
    </p>
  </section>
</template>

<style scoped>
dl {
  margin: 6px 0;
}

dl div {
  display: grid;
  grid-template-columns: 130px 1fr;
  gap: 10px;
  align-items: center;
  padding: 3px 0;
}

dd {
  display: flex;
  gap: 8px;
  align-items: center;
  margin: 0;
}

.bar {
  display: inline-block;
  min-width: 2px;
  max-width: 78%;
  height: 12px;
  background: repeating-linear-gradient(135deg, var(--edge-cold) 0 4px, var(--edge) 4px 8px);
}

.quiet {
  color: var(--quiet);
  font-size: 14px;
}
</style>
