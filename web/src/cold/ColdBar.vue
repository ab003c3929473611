<script setup lang="ts">
import type { Formula } from '@/api/client'
import ChoiceField from '@/look/ChoiceField.vue'
import StationBar from '@/look/StationBar.vue'

defineProps<{
  id: string
  formula: Formula
  formulas: { id: string; name: string }[]
  /** How it stands with saving, in words. */
  state: string
  canUndo: boolean
  canRedo: boolean
}>()
const emit = defineEmits<{ open: [id: string]; undo: []; redo: []; print: [] }>()
</script>

<template>
  <StationBar station="cold" :formula="id" class="cold-bar">
    <span class="name">{{ formula.name }}</span>
    <ChoiceField
      v-if="formulas.some((f) => f.id !== id)"
      class="open"
      hidden-label
      label="Open a formula"
      placeholder="Open another…"
      :options="formulas.filter((f) => f.id !== id).map((f) => ({ value: f.id, label: f.name || 'Unnamed' }))"
      @update:model-value="emit('open', $event)"
    />
    <span class="state" role="status">{{ state }}</span>
    <span class="buttons">
      <a-button :disabled="!canUndo" title="Undo (Ctrl+Z)" @click="emit('undo')">Undo</a-button>
      <a-button :disabled="!canRedo" title="Redo (Ctrl+Shift+Z)" @click="emit('redo')">Redo</a-button>
      <a-button @click="emit('print')">Print</a-button>
    </span>
  </StationBar>
</template>

<style scoped>
.name {
  overflow: hidden;
  max-width: 300px;
  font-size: 18px;
  font-weight: 700;
  text-overflow: ellipsis;
  white-space: nowrap;
}

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

.cold-bar :deep(.ant-btn:not(:disabled)) {
  border-color: var(--edge-deep);
  background: transparent;
  color: var(--white);
}

.cold-bar :deep(.ant-btn:disabled) {
  border-color: var(--deep);
  background: transparent;
  color: var(--edge);
}

@media print {
  .cold-bar {
    display: none;
  }
}
</style>
