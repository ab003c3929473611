<script setup lang="ts">
import { useId } from 'vue'
import type { Formula } from '@/api/client'
import MenuButton from '@/look/MenuButton.vue'
import MakeButton from '@/make/MakeButton.vue'
import { setAt } from './document'
import FormulaHead from './FormulaHead.vue'

defineProps<{
  id: string
  formula: Formula
  /** How it stands with saving, in words. */
  state: string
  canUndo: boolean
  canRedo: boolean
}>()
const emit = defineEmits<{
  change: [formula: Formula, place: string]
  undo: []
  redo: []
  add: []
  copy: []
  remove: []
  log: []
  revisions: []
  method: []
  variants: []
  take: []
}>()
const nameId = useId()
</script>

<template>
  <FormulaHead
    :id="id"
    station="bench"
    :state="state"
    :can-undo="canUndo"
    :can-redo="canRedo"
    @undo="emit('undo')"
    @redo="emit('redo')"
  >
    <template #name>
      <label :for="nameId" class="out-of-sight">Name of the formula</label>
      <!-- Of a long name both lines are seen; it is one line of text all the same. -->
      <a-textarea
        :id="nameId"
        class="name"
        :class="{ long: (formula.name ?? '').length > 34 }"
        :rows="(formula.name ?? '').length > 34 ? 2 : 1"
        :value="formula.name"
        :title="formula.name"
        :maxlength="200"
        @keydown.enter.prevent
        @update:value="emit('change', setAt(formula, '/name', $event), '/name')"
      />
    </template>
    <MenuButton label="Formula ▾">
      <a-menu-item key="new" @click="emit('add')">New formula</a-menu-item>
      <a-menu-item key="copy" @click="emit('copy')">Copy of this one</a-menu-item>
      <a-menu-item key="revisions" class="begins" @click="emit('revisions')">Earlier states…</a-menu-item>
      <a-menu-item key="method" @click="emit('method')">Method and notes, in your words…</a-menu-item>
      <a-menu-item key="variants" @click="emit('variants')"
        >Vegetarian, without alcohol, otherwise…</a-menu-item
      >
      <a-menu-item key="card">
        <RouterLink :to="{ name: 'card', params: { id } }">Method card to print</RouterLink>
      </a-menu-item>
      <a-menu-item key="export" class="begins">
        <a :href="`/api/formulas/${id}/export`" download>Save as a file</a>
      </a-menu-item>
      <a-menu-item key="recipe">
        <a :href="`/api/formulas/${id}/recipe`" download>Save as a recipe for other programs</a>
      </a-menu-item>
      <a-menu-item key="import" @click="emit('take')">Take from a file…</a-menu-item>
      <a-menu-item key="remove" class="begins" danger @click="emit('remove')"
        >Delete or put away…</a-menu-item
      >
    </MenuButton>
    <MakeButton :formula="id" class="now" />
    <a-button class="made" @click="emit('log')">Log a batch</a-button>
  </FormulaHead>
</template>

<style scoped>
.name {
  flex: 1;
  min-width: 160px;
  max-width: 520px;
  border-width: 0 0 2px;
  border-color: var(--edge-deep);
  border-radius: 0;
  resize: none;
  background: transparent;
  color: var(--white);
  font-size: 18px;
  font-weight: 700;
}

.name.long {
  font-size: 15px;
  line-height: 18px;
}

.name:focus,
.name:hover {
  border-color: var(--glow);
  background: var(--deeper);
  color: var(--white);
}

.ant-btn.made,
.ant-btn.made:hover,
.ant-btn.made:focus {
  border-color: var(--glow);
  background: var(--glow);
  color: var(--ink);
  font-weight: 700;
}
</style>
