<script setup lang="ts">
import { shareColours } from '@/look/theme'
import { computed } from 'vue'
import type { Ingredient } from '@/api/client'

/** What an ingredient is made of, as one bar to scale. */
const props = defineProps<{ shares: Ingredient['shares'] }>()

/** A part narrower than this has no room for its name. */
const NAMED_FROM_PERCENT = 11
const parts = computed(() =>
  props.shares.map((s) => ({ ...s, colour: shareColours[s.key] ?? shareColours.rest })),
)
</script>

<template>
  <div class="bar" aria-hidden="true">
    <span
      v-for="part in parts"
      :key="part.key"
      :style="{ width: `${part.percent}%`, background: part.colour }"
      :title="`${part.name} ${part.percent.toFixed(1)} %`"
      >{{ part.percent >= NAMED_FROM_PERCENT ? part.name : '' }}</span
    >
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  height: 34px;
  margin: 8px 0 4px;
  overflow: hidden;
  border: 1px solid var(--ink);
}

span {
  overflow: hidden;
  border-right: 1px solid var(--white);
  font-size: 13px;
  line-height: 32px;
  text-align: center;
  white-space: nowrap;
}
</style>
