<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api } from '@/api/client'
import SearchChoice from '@/look/SearchChoice.vue'

/** Constants of the models that the log is asked about besides, whichever they are. */
const chosen = defineModel<string[]>({ required: true })
const MOST = 12
const { data } = useQuery({
  queryKey: ['teachable-parameters'],
  queryFn: api.teachableParameters,
  staleTime: Infinity,
})
const all = computed(() => data.value?.parameters ?? [])
const figure = (x: number) => String(Number(x.toPrecision(3)))
const options = computed(() =>
  all.value
    .filter((p) => !chosen.value.includes(p.id))
    .map((p) => ({
      value: p.id,
      label: `${p.name}: ${figure(p.value)} ${p.unit}`.trim(),
      otherNames: [p.id],
    })),
)
const name = (id: string) => all.value.find((p) => p.id === id)?.name ?? id
</script>

<template>
  <div class="any">
    <label for="any-parameter" class="quiet">and any of the {{ all.length }} constants</label>
    <SearchChoice
      v-if="chosen.length < MOST"
      id="any-parameter"
      label="Any constant of the models"
      :options="options"
      placeholder="such as “dairy” or “fold”"
      :wrong="false"
      @update:model-value="chosen = [...chosen, $event]"
    />
    <button
      v-for="id in chosen"
      :key="id"
      type="button"
      :aria-label="`Ask no more about ${name(id)}`"
      @click="chosen = chosen.filter((c) => c !== id)"
    >
      {{ name(id) }} <span aria-hidden="true">×</span>
    </button>
  </div>
</template>

<style scoped>
.any {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

.quiet {
  color: var(--quiet);
}

button {
  min-height: 32px;
  padding: 2px 10px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
  font-size: 15px;
  cursor: pointer;
}
</style>
