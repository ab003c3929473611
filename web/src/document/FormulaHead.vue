<script setup lang="ts">
import StationBar from '@/look/StationBar.vue'

/** The head of every page of a formula: its name, the way to another, how it stands with saving, undo and redo. */
defineProps<{
  station: 'bench' | 'cold'
  id: string
  /** How it stands with saving, in words. */
  state: string
  canUndo: boolean
  canRedo: boolean
}>()
const emit = defineEmits<{ undo: []; redo: [] }>()
</script>

<template>
  <StationBar :station="station" :formula="id" class="formula-head">
    <slot name="name" />
    <span class="state" role="status">{{ state }}</span>
    <span class="buttons">
      <a-button :disabled="!canUndo" title="Undo (Ctrl+Z)" @click="emit('undo')">Undo</a-button>
      <a-button :disabled="!canRedo" title="Redo (Ctrl+Shift+Z)" @click="emit('redo')">Redo</a-button>
      <slot />
    </span>
  </StationBar>
</template>

<style scoped>
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
