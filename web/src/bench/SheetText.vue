<script setup lang="ts">
import { computed } from 'vue'
import { setAt, textAt } from './document'
import { useSheet } from './sheet'
import TypedField from './TypedField.vue'

/** A typed field of the sheet, at a JSON pointer into the formula. */
const props = defineProps<{
  path: string
  label: string
  step?: number
  hiddenLabel?: boolean
  narrow?: boolean
}>()

const sheet = useSheet()
const text = computed(() => textAt(sheet.formula(), props.path))
const problem = computed(() => sheet.problems().find((p) => p.path === props.path))
</script>

<template>
  <TypedField
    :label="label"
    :hidden-label="hiddenLabel"
    :narrow="narrow"
    :step="step"
    :model-value="text"
    :problem="problem"
    @update:model-value="sheet.change(setAt(sheet.formula(), path, $event), path)"
  />
</template>
