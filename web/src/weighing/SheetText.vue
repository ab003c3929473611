<script setup lang="ts">
import { computed } from 'vue'
import { setAt, textAt } from '@/document/document'
import ProblemChoices from '@/verdicts/ProblemChoices.vue'
import { useSheet } from '@/document/sheet'
import TypedField from '@/look/TypedField.vue'

/** A typed field of the sheet, at a JSON pointer into the formula. */
const props = defineProps<{
  path: string
  label: string
  step?: number
  hiddenLabel?: boolean
  narrow?: boolean
  placeholder?: string
}>()

const sheet = useSheet()
const text = computed(() => textAt(sheet.formula(), props.path))
const problem = computed(() => sheet.problems().find((p) => p.path === props.path))
</script>

<template>
  <div>
    <TypedField
      :label="label"
      :hidden-label="hiddenLabel"
      :narrow="narrow"
      :step="step"
      :placeholder="placeholder"
      :model-value="text"
      :problem="problem"
      @update:model-value="sheet.change(setAt(sheet.formula(), path, $event), path)"
    />
    <ProblemChoices v-if="problem && !narrow" :problem="problem" />
  </div>
</template>
