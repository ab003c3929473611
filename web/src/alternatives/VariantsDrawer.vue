<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type Formula, type Larder } from '@/api/client'
import SideSheet from '@/look/SideSheet.vue'
import { removeVariant, splitBatch } from '@/document/document'
import TypedField from '@/look/TypedField.vue'
import ComparisonTable from '@/verdicts/ComparisonTable.vue'
import OwnVariant from './OwnVariant.vue'

/** The dessert for guests who do not eat or drink something: computed, with what is not the same. */
const props = defineProps<{ formula: Formula; larder: Larder }>()
const emit = defineEmits<{ take: [formula: Formula]; copy: [formula: Formula]; split: [formula: Formula] }>()
const open = defineModel<boolean>('open', { required: true })
/** How many are made so does not change what they are. */
const asked = computed<Formula>(() => {
  const own = (props.formula.variants ?? []).filter((v) => v.swaps?.length)
  return { ...props.formula, variants: own.map((v) => ({ ...v, count: '1' })) }
})
const { data: variants, error } = useQuery({
  queryKey: ['variants', asked],
  queryFn: ({ signal }) => api.variants(asked.value, signal),
  enabled: open,
  placeholderData: keepPreviousData,
  retry: 0,
})

const isOwn = (id: string) => props.formula.variants?.some((v) => v.of === id && v.swaps?.length) ?? false
/** How many of the batch are made so. */
const counted = (id: string) => props.formula.variants?.find((v) => v.of === id)?.count ?? ''

function take(document: Formula) {
  emit('take', document)
  open.value = false
}

function copy(document: Formula, name: string) {
  emit('copy', { ...document, name: `${props.formula.name} (${name.toLowerCase()})` })
  open.value = false
}
</script>

<template>
  <SideSheet v-model:open="open" title="For guests who do not eat or drink something" :width="780">
    <p v-if="error">The formula must be understood first: {{ error.message }}.</p>
    <p v-else-if="!variants">Computing…</p>
    <p v-else-if="!variants.length">There is neither gelatin nor alcohol in it.</p>
    <section v-for="variant in variants ?? []" :key="variant.id">
      <h2 class="section-title">{{ variant.name }}</h2>
      <p>{{ variant.honest }}</p>
      <p class="split">
        <TypedField
          class="count"
          :label="`So many of the ${formula.moulds.count || '…'} are made so`"
          placeholder="none"
          :step="1"
          :model-value="counted(variant.id)"
          @update:model-value="emit('split', splitBatch(formula, variant.id, $event))"
        />
        <span v-if="counted(variant.id)">They are told apart on the method card.</span>
        <button
          v-if="isOwn(variant.id)"
          type="button"
          class="link-like"
          @click="emit('split', removeVariant(formula, variant.id))"
        >
          no longer
        </button>
      </p>
      <ComparisonTable :comparison="variant.comparison" before="As it is" after="So" />
      <p class="doors">
        <a-button type="primary" @click="copy(variant.document, variant.name)"
          >Keep it as a formula of its own</a-button
        >
        <a-button @click="take(variant.document)">Change this formula</a-button>
      </p>
    </section>
    <OwnVariant v-if="variants" :formula="formula" :larder="larder" @split="emit('split', $event)" />
  </SideSheet>
</template>

<style scoped>
section {
  padding-bottom: 18px;
}

.split {
  display: flex;
  gap: 14px;
  align-items: flex-end;
  padding: 8px 0;
}

.count {
  width: 260px;
}

.doors {
  display: flex;
  gap: 8px;
  padding-top: 8px;
}
</style>
