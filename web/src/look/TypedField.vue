<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Problem } from '@/api/client'
import { nudge, stepFor } from '@/look/nudge'

/** A field that keeps what is typed. Arrow keys nudge its number by a step, with Shift by ten steps. */
const props = defineProps<{
  label: string
  modelValue: string
  problem?: Problem
  hiddenLabel?: boolean
  /** Too narrow for the rule: it is only read out here, and shown below the row. */
  narrow?: boolean
  step?: number
  placeholder?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()

const id = useId()
const rule = computed(() => props.problem?.rule)

function arrow(event: KeyboardEvent) {
  if (!props.step || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return
  event.preventDefault()
  const step =
    (event.key === 'ArrowUp' ? 1 : -1) * stepFor(props.modelValue, props.step) * (event.shiftKey ? 10 : 1)
  emit('update:modelValue', nudge(props.modelValue, step))
}
</script>

<template>
  <div class="field">
    <label :for="id" :class="{ 'out-of-sight': hiddenLabel }">{{ label }}</label>
    <a-input
      :id="id"
      :value="modelValue"
      :status="problem ? 'error' : undefined"
      :aria-invalid="problem ? 'true' : undefined"
      :aria-describedby="problem ? `${id}-rule` : undefined"
      :placeholder="placeholder"
      autocomplete="off"
      spellcheck="false"
      @update:value="emit('update:modelValue', $event)"
      @keydown="arrow"
    />
    <p v-if="problem" :id="`${id}-rule`" class="broken-rule" :class="{ 'out-of-sight': narrow }">
      {{ rule }}
    </p>
  </div>
</template>
