<script setup lang="ts">
import { useId } from 'vue'
import type { Problem } from '@/api/client'

/** One thing of the larder, found by typing part of its name. */
defineProps<{
  label: string
  modelValue?: string
  options: { value: string; label: string }[]
  problem?: Problem
  placeholder?: string
  hiddenLabel?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()
const id = useId()

function matches(typed: string, option?: { label?: string }) {
  return (option?.label ?? '').toLowerCase().includes(typed.toLowerCase())
}
</script>

<template>
  <div class="field">
    <label :for="id" :class="{ 'out-of-sight': hiddenLabel }">{{ label }}</label>
    <a-select
      :id="id"
      :value="modelValue"
      :options="options"
      :placeholder="placeholder"
      :status="problem ? 'error' : undefined"
      :aria-label="label"
      show-search
      :filter-option="matches"
      :virtual="false"
      @change="emit('update:modelValue', String($event))"
    />
    <p v-if="problem" class="rule">{{ problem.rule }}</p>
  </div>
</template>

<style scoped>
.field {
  min-width: 0;
}

.field :deep(.ant-select) {
  width: 100%;
}

label {
  display: block;
  color: var(--quiet);
  font-size: 13px;
}

.rule {
  color: var(--unsafe);
  font-size: 13px;
}
</style>
