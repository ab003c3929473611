<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, type Formula } from '@/api/client'
import { ask } from '@/answers/queries'

/** Says by which accepted set everything is computed, and what the handbook's numbers would make of it. */
const props = defineProps<{ formula?: Formula }>()
const { data } = useQuery({ queryKey: ['learned-sets'], queryFn: api.learnedSets, staleTime: 30_000 })
const current = computed(() => data.value?.sets.find((s) => s.current))
const words = ref('')
watch(
  () => props.formula,
  () => (words.value = ''),
)
async function compare() {
  if (!props.formula) return
  try {
    const { handbook } = await ask('compareNumbers', props.formula)
    const sets =
      handbook.setsAfterMinutes === undefined
        ? 'it does not set'
        : `it sets after ${Math.round(handbook.setsAfterMinutes)} min`
    const stands = handbook.standingMm === undefined ? '' : `, stands ${handbook.standingMm.toFixed(1)} mm`
    words.value = `By the handbook ${sets}${stands}, firmness ${handbook.firmness.toFixed(0)} of 100.`
  } catch {
    words.value = 'The handbook cannot be asked now.'
  }
}
</script>

<template>
  <p v-if="current" class="own" role="note" aria-label="Own numbers">
    Computed by this kitchen’s <RouterLink to="/log/numbers">own numbers, set {{ current.number }}</RouterLink
    >.
    <template v-if="words">{{ words }}</template>
    <button v-else type="button" class="link-like" @click="compare">What the handbook says</button>
  </p>
</template>

<style scoped>
.own {
  padding: 4px 20px;
  background: var(--good-wash);
  font-size: 14px;
}

.own a {
  color: var(--ink);
}
</style>
