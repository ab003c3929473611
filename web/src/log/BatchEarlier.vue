<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, type BatchView, type CameOut } from '@/api/client'
import { useChoices } from '@/answers/useChoices'

/** What was said before it was corrected. */
const props = defineProps<{ batch: BatchView }>()
const open = ref(false)
const { data } = useQuery({
  queryKey: computed(() => ['batch-changes', props.batch.id, props.batch.version]),
  queryFn: () => api.batchChanges(props.batch.id),
  enabled: open,
})
const choices = useChoices()
const when = (at: string) =>
  new Date(at).toLocaleString('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })
const words = (e: CameOut) =>
  [
    choices('outcome').find((o) => o.value === e.outcome)?.label,
    typeof e.standingMm !== 'number' ? undefined : `${e.standingMm.toFixed(1)} mm`,
    e.cook ? `made by ${e.cook}` : undefined,
    e.note || undefined,
    e.record?.readings?.length ? `${e.record.readings.length} readings` : undefined,
    e.record?.tastings?.length ? `${e.record.tastings.length} tastings` : undefined,
  ]
    .filter(Boolean)
    .join(' · ')
</script>

<template>
  <details v-if="batch.corrections" @toggle="open = ($event.target as HTMLDetailsElement).open">
    <summary>
      Corrected {{ batch.corrections === 1 ? 'once' : `${batch.corrections} times` }}: what was there before
    </summary>
    <ol>
      <li v-for="c in data?.changes ?? []" :key="c.changedAt">
        <b>until {{ when(c.changedAt) }}{{ c.changedBy ? `, ${c.changedBy}` : '' }}</b>
        {{ words(c.earlier) }}
      </li>
    </ol>
  </details>
</template>

<style scoped>
details {
  padding: 10px 16px;
  background: var(--panel);
}

summary {
  color: var(--quiet);
  cursor: pointer;
}

li {
  padding: 6px 0;
}
</style>
