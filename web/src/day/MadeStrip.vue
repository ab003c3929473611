<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useNow } from '@vueuse/core'
import { computed } from 'vue'
import { api, type PlanAnswer, type WrittenPlan } from '@/api/client'
import { lasting } from './clock'
import { asMade, news } from './made'

/** What Make knows that this plan does not: the rest is planned anew around it, once the cook has seen what that does. */
const props = defineProps<{ id: string; plan: WrittenPlan; answer: PlanAnswer }>()
const emit = defineEmits<{ then: [plan: WrittenPlan, words: string] }>()
const { data } = useQuery({
  queryKey: computed(() => ['made-of-plan', props.id]),
  queryFn: () => api.madeOfPlan(props.id),
  refetchInterval: 5000,
})
const now = useNow({ interval: 15_000 })
const found = computed(() =>
  news(data.value?.steps ?? [], props.answer.tasks, Math.round(now.value.getTime() / 1000)),
)
const latest = computed(() => [...found.value].sort((a, b) => b.late - a.late)[0])
const words = computed(() => {
  const n = latest.value
  if (!n) return ''
  const late =
    n.late >= 2
      ? `“${n.task.title}” began ${lasting(n.late)} late`
      : n.late <= -2
        ? `“${n.task.title}” began ${lasting(-n.late)} early`
        : `“${n.task.title}” has begun`
  return found.value.length > 1 ? `${late}, and ${found.value.length - 1} more` : late
})
</script>

<template>
  <p v-if="latest" class="made" role="status">
    At the stove {{ words }}.
    <button type="button" @click="emit('then', asMade(plan, found), words)">What then?</button>
  </p>
</template>

<style scoped>
.made {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  margin: 0 0 8px;
  padding: 8px 14px;
  border-left: 6px solid var(--act);
  background: var(--warm-wash);
  font-size: 15px;
}

button {
  min-height: 36px;
  padding: 0 14px;
  border: 1px solid var(--ink);
  border-radius: 4px;
  background: var(--panel);
  color: var(--ink);
  font-weight: 700;
  cursor: pointer;
}
</style>
