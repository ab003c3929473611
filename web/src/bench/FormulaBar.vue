<script setup lang="ts">
import { useId } from 'vue'
import type { Formula } from '@/api/client'
import ChoiceField from './ChoiceField.vue'
import { setAt } from './document'
import type { SaveState } from './useStoredFormula'

defineProps<{
  id: string
  formula: Formula
  formulas: { id: string; name: string }[]
  state: SaveState
  canUndo: boolean
  canRedo: boolean
}>()
const emit = defineEmits<{
  open: [id: string]
  change: [formula: Formula, place: string]
  undo: []
  redo: []
  add: []
  copy: []
  remove: []
  log: []
}>()
const nameId = useId()

const STATES: Record<SaveState, string> = {
  saved: 'Saved',
  saving: 'Saving…',
  waiting: 'Not saved yet, trying again',
  conflict: 'Saved elsewhere',
  missing: 'Deleted elsewhere',
}
</script>

<template>
  <header class="bar">
    <span class="wordmark"><img src="/favicon.svg" alt="" width="26" height="26" /> Deft Chill</span>
    <nav aria-label="Stations"><RouterLink to="/" aria-current="page">Bench</RouterLink></nav>
    <label :for="nameId" class="out-of-sight">Name of the formula</label>
    <a-input
      :id="nameId"
      class="name"
      :value="formula.name"
      :maxlength="200"
      @update:value="emit('change', setAt(formula, '/name', $event), '/name')"
    />
    <ChoiceField
      v-if="formulas.some((f) => f.id !== id)"
      class="open"
      hidden-label
      label="Open a formula"
      placeholder="Open another…"
      :options="formulas.filter((f) => f.id !== id).map((f) => ({ value: f.id, label: f.name || 'Unnamed' }))"
      @update:model-value="emit('open', $event)"
    />
    <span class="state" role="status">{{ STATES[state] }}</span>
    <span class="buttons">
      <a-button :disabled="!canUndo" title="Undo (Ctrl+Z)" @click="emit('undo')">Undo</a-button>
      <a-button :disabled="!canRedo" title="Redo (Ctrl+Shift+Z)" @click="emit('redo')">Redo</a-button>
      <a-dropdown :trigger="['click']">
        <a-button>Formula ▾</a-button>
        <template #overlay>
          <a-menu>
            <a-menu-item key="new" @click="emit('add')">New formula</a-menu-item>
            <a-menu-item key="copy" @click="emit('copy')">Copy of this one</a-menu-item>
            <a-menu-item key="remove" danger @click="emit('remove')">Delete…</a-menu-item>
          </a-menu>
        </template>
      </a-dropdown>
      <a-button class="made" @click="emit('log')">Made it</a-button>
    </span>
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  padding: 7px 20px;
  background: var(--ink);
  color: #ffffff;
}

.wordmark {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 17px;
  font-weight: 700;
  white-space: nowrap;
}

nav a {
  padding: 4px 2px;
  border-bottom: 3px solid #f2a765;
  color: #ffffff;
  font-weight: 700;
}

.open {
  width: 160px;
}

.name {
  flex: 1;
  min-width: 160px;
  max-width: 360px;
  border-width: 0 0 2px;
  border-color: #6d8990;
  border-radius: 0;
  background: transparent;
  color: #ffffff;
  font-size: 18px;
  font-weight: 700;
}

.name:focus,
.name:hover {
  border-color: #f2a765;
  background: #24454e;
  color: #ffffff;
}

.state {
  min-width: 60px;
  color: #d5e2e5;
  font-size: 13px;
}

.buttons {
  display: flex;
  gap: 6px;
  margin-left: auto;
}

.bar :deep(.ant-btn:not(:disabled, .made)) {
  border-color: #6d8990;
  background: transparent;
  color: #ffffff;
}

.bar :deep(.ant-btn:disabled) {
  border-color: #3d5a62;
  background: transparent;
  color: #9db3b9;
}

.bar :deep(.made),
.bar :deep(.made:hover),
.bar :deep(.made:focus) {
  border-color: #f2a765;
  background: #f2a765;
  color: var(--ink);
  font-weight: 700;
}
</style>
