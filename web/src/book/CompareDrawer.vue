<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type BookRow } from '@/api/client'
import SideSheet from '@/look/SideSheet.vue'
import ComparisonTable from '@/verdicts/ComparisonTable.vue'

/** Two formulas side by side: what differs, and what that does. */
const props = defineProps<{ before?: BookRow; after?: BookRow }>()
const open = defineModel<boolean>('open', { required: true })
const both = computed(() => open.value && props.before !== undefined && props.after !== undefined)
const { data: comparison, isError } = useQuery({
  queryKey: computed(() => [
    'compared',
    props.before?.id,
    props.before?.version,
    props.after?.id,
    props.after?.version,
  ]),
  queryFn: async () => {
    const [before, after] = await Promise.all([
      api.formula(props.before?.id ?? ''),
      api.formula(props.after?.id ?? ''),
    ])
    return api.compare(before.document, after.document)
  },
  enabled: both,
  retry: 0,
})
const name = (row?: BookRow) => row?.name || 'Unnamed'
</script>

<template>
  <SideSheet v-model:open="open" title="Two formulas side by side" :width="760">
    <ComparisonTable v-if="comparison" :comparison="comparison" :before="name(before)" :after="name(after)" />
    <p v-else-if="isError" role="alert">These two cannot be compared: one of them is not understood yet.</p>
    <p v-else>Both are being computed…</p>
  </SideSheet>
</template>
