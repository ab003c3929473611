<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type Formula } from '@/api/client'

/** Those of the batch that are made otherwise: what is put in instead, what is not the same about them. */
const props = defineProps<{ formula: Formula }>()
const asked = computed(() => (props.formula.variants ?? []).filter((v) => Number(v.count) > 0))
const { data: variants } = useQuery({
  queryKey: computed(() => ['variants', props.formula]),
  queryFn: ({ signal }) => api.variants(props.formula, signal),
  enabled: computed(() => asked.value.length > 0),
  retry: 0,
})
const shown = computed(() =>
  asked.value.flatMap(({ of, count }) => {
    const variant = variants.value?.find((v) => v.id === of)
    return variant ? [{ count, variant }] : []
  }),
)
</script>

<template>
  <template v-if="shown.length">
    <h2>Made otherwise</h2>
    <div v-for="{ count, variant } in shown" :key="variant.id" class="otherwise">
      <p>
        <b>{{ count }} of {{ formula.moulds.count }}: {{ variant.name }}.</b> {{ variant.honest }}
      </p>
      <ul>
        <li v-for="row in variant.comparison.changes" :key="row.key">
          {{ row.name }}: {{ row.after || 'none'
          }}<small v-if="row.before"> instead of {{ row.before }}</small>
        </li>
      </ul>
      <p>Mark them: nobody tells them apart by eye.</p>
    </div>
  </template>
</template>

<style scoped>
.otherwise {
  padding: 4px 8px;
  border: 1px solid var(--print);
}

h2 {
  font-size: 15px;
  font-weight: 700;
}
</style>
