<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api } from '@/api/client'
import { queries, useSend } from '@/answers/queries'

/** Once, at the first opening after the models were changed: which figures of this formula moved, and why. */
const props = defineProps<{ id: string }>()

const key = computed(() => ['opened', props.id])
const { data: moved } = useQuery(
  { queryKey: key, queryFn: () => api.opened(props.id), staleTime: Infinity, retry: 0 },
  queries,
)
const told = computed(() => Boolean(moved.value && moved.value.why.length + moved.value.figures.length))
const send = useSend('seenOpened')

async function seen() {
  await send(props.id).catch(() => undefined)
  queries.setQueryData(key.value, { why: [], figures: [] })
}
</script>

<template>
  <div v-if="told && moved" class="moved" role="status">
    <div>
      <p v-if="moved.figures.length">
        <b>Some figures of this formula have moved</b>, though nothing in it was changed:
        {{ moved.figures.join(' ') }}
      </p>
      <p v-else><b>Some figures of this formula may have moved</b>, though nothing in it was changed.</p>
      <p class="why">{{ moved.why.join(' ') }}</p>
    </div>
    <a-button @click="seen">I have read it</a-button>
  </div>
</template>

<style scoped>
.moved {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  padding: 8px 20px;
  border-left: 8px solid var(--quiet);
  background: var(--panel);
}

.moved > div {
  flex: 1;
  min-width: 260px;
}

.why {
  color: var(--quiet);
  font-size: 14px;
}
</style>
