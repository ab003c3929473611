<script setup lang="ts">
import ChoiceField from '@/look/ChoiceField.vue'
import StationBar from '@/look/StationBar.vue'

/** The head of every page of a formula: its name, the way to another, how it stands with saving, undo and redo. */
const props = defineProps<{
  station: 'bench' | 'cold'
  id: string
  formulas: { id: string; name: string }[]
  /** How it stands with saving, in words. */
  state: string
  canUndo: boolean
  canRedo: boolean
}>()
const emit = defineEmits<{ open: [id: string]; undo: []; redo: [] }>()

const others = () => props.formulas.filter((f) => f.id !== props.id)
</script>

<template>
  <StationBar :station="station" :formula="id" class="formula-head">
    <slot name="name" />
    <ChoiceField
      v-if="others().length"
      class="open"
      hidden-label
      label="Open a formula"
      placeholder="Open another…"
      :options="others().map((f) => ({ value: f.id, label: f.name || 'Unnamed' }))"
      @update:model-value="emit('open', $event)"
    />
    <span class="state" role="status">{{ state }}</span>
    <span class="buttons">
      <a-button :disabled="!canUndo" title="Undo (Ctrl+Z)" @click="emit('undo')">Undo</a-button>
      <a-button :disabled="!canRedo" title="Redo (Ctrl+Shift+Z)" @click="emit('redo')">Redo</a-button>
      <slot />
    </span>
  </StationBar>
</template>

<style scoped>
.open {
  width: 160px;
}

.state {
  min-width: 52px;
  color: var(--wash);
  font-size: 13px;
}

.buttons {
  display: flex;
  gap: 6px;
  margin-left: auto;
}

.formula-head :deep(.ant-btn:not(:disabled, .made)) {
  border-color: var(--edge-deep);
  background: transparent;
  color: var(--white);
}

.formula-head :deep(.ant-btn:disabled) {
  border-color: var(--deep);
  background: transparent;
  color: var(--edge);
}

@media print {
  .formula-head {
    display: none;
  }
}
</style>
