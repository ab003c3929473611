<script setup lang="ts">
import type { Assessment, Evidence, Formula, KitchenSettings, Larder, Problem } from '@/api/client'
import AddComponent from './AddComponent.vue'
import ComponentList from './ComponentList.vue'
import ComponentSheet from './ComponentSheet.vue'
import MouldSheet from './MouldSheet.vue'

/** The formula as it is written: its components, the chosen one's ingredients, the mould. */
defineProps<{
  formula: Formula
  formulaId: string
  formulas: { id: string; name: string }[]
  larder: Larder
  kitchen?: KitchenSettings
  assessment?: Assessment
  problems: Problem[]
}>()
const emit = defineEmits<{
  swap: []
  scale: []
  paste: []
  evidence: [title: string, evidence: Evidence]
}>()
const chosen = defineModel<number>('chosen', { required: true })
</script>

<template>
  <section class="formula" aria-label="Formula">
    <ComponentList
      v-if="formula.components.length > 1"
      v-model:chosen="chosen"
      :formula="formula"
      :assessment="assessment"
      :problems="problems"
    />
    <AddComponent
      v-if="formula.components.length > 1"
      :formula="formula"
      :formula-id="formulaId"
      :formulas="formulas"
      :larder="larder"
      :fahrenheit="kitchen?.temperature === 'fahrenheit'"
      @added="chosen = $event"
    />
    <ComponentSheet
      :key="chosen"
      :formula="formula"
      :index="chosen"
      :larder="larder"
      :kitchen="kitchen"
      :answer="assessment?.components[chosen]"
      :problems="problems"
      @swap="emit('swap')"
      @paste="emit('paste')"
      @evidence="(title, evidence) => emit('evidence', title, evidence)"
    >
      <template #add>
        <AddComponent
          :formula="formula"
          :formula-id="formulaId"
          :formulas="formulas"
          :larder="larder"
          :fahrenheit="kitchen?.temperature === 'fahrenheit'"
          @added="chosen = $event"
        />
      </template>
    </ComponentSheet>
    <MouldSheet
      :formula="formula"
      :formula-id="formulaId"
      :larder="larder"
      :problems="problems"
      :fahrenheit="kitchen?.temperature === 'fahrenheit'"
      @scale="emit('scale')"
    />
  </section>
</template>

<style scoped>
.formula {
  display: flex;
  flex-direction: column;
  gap: 6px;
}

/* Scrolled, never squeezed. */
.formula > * {
  flex-shrink: 0;
}
</style>
