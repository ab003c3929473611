<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '@/look/ChoiceField.vue'
import type { Choice } from '@/look/picking'
import { setAt, textAt } from '@/document/document'
import { useSheet } from '@/document/sheet'

/** A choice on the sheet, at a JSON pointer into the formula. */
const props = defineProps<{ path: string; label: string; options: Choice[]; hiddenLabel?: boolean }>()

const sheet = useSheet()
const chosen = computed(() => textAt(sheet.formula(), props.path))
const problem = computed(() => sheet.problems().find((p) => p.path === props.path))
</script>

<template>
  <ChoiceField
    :label="label"
    :hidden-label="hiddenLabel"
    :options="options"
    :model-value="chosen"
    :problem="problem"
    @update:model-value="sheet.change(setAt(sheet.formula(), path, $event), '')"
  />
</template>
