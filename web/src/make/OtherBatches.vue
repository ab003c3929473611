<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type Making } from '@/api/client'
import { countdown } from './moments'

/** Other batches that are being made, with what each wants next. */
const props = defineProps<{ beside: string; second: number }>()
const { data } = useQuery({ queryKey: ['makings'], queryFn: api.openMakings, refetchInterval: 5000 })
const others = computed(() => (data.value?.makings ?? []).filter((m) => m.id !== props.beside))
function wants(m: Making): string {
  const next = m.steps.find((s) => s.step.id === m.next)
  if (!next) return 'takes its time'
  const left = next.until === undefined ? undefined : next.until - props.second
  return left === undefined ? next.step.title : `${next.step.title} within ${countdown(left)}`
}
</script>

<template>
  <nav v-if="others.length" class="others" aria-label="Other batches">
    <RouterLink v-for="m in others" :key="m.id" :to="{ name: 'making', params: { id: m.id } }">
      <b>{{ m.name }}</b> {{ wants(m) }}
    </RouterLink>
  </nav>
</template>

<style scoped>
.others {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

a {
  display: block;
  min-height: 56px;
  padding: 8px 14px;
  border: 1px solid var(--edge);
  background: var(--panel);
  color: var(--ink);
  text-decoration: none;
}

b {
  display: block;
}
</style>
