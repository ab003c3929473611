<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Problem } from '@/api/client'
import PlainChoice from './PlainChoice.vue'
import SearchChoice from './SearchChoice.vue'
import type { Choice } from './picking'

/** One thing of several: from the browser's own list where it is short, else found as one types. */
const props = defineProps<{
  label: string
  modelValue?: string
  options: Choice[]
  problem?: Problem
  placeholder?: string
  hiddenLabel?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: string]; find: [typed: string] }>()
const id = useId()

/** More than these are not looked through. */
const SHORT = 12
const long = computed(() => props.options.length > SHORT)
</script>

<template>
  <div class="field">
    <label :for="id" :class="{ 'out-of-sight': hiddenLabel }">{{ label }}</label>
    <component
      :is="long ? SearchChoice : PlainChoice"
      :id="id"
      :label="label"
      :model-value="modelValue"
      :options="options"
      :placeholder="placeholder"
      :wrong="problem !== undefined"
      :described-by="problem ? `${id}-rule` : undefined"
      @find="emit('find', $event)"
      @update:model-value="emit('update:modelValue', $event)"
    />
    <p v-if="problem" :id="`${id}-rule`" class="broken-rule">{{ problem.rule }}</p>
  </div>
</template>
