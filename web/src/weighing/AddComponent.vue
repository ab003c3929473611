<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { type Formula, type Larder } from '@/api/client'
import { ask } from '@/answers/queries'
import ChoiceField from '@/look/ChoiceField.vue'
import { addComponent, copyComponent, freeId } from '@/document/document'
import { useSheet } from '@/document/sheet'

/** A new component by its kind, or one of another dessert. */
const props = defineProps<{
  formula: Formula
  larder: Larder
  formulas: { id: string; name: string }[]
  formulaId: string
  fahrenheit?: boolean
}>()
const emit = defineEmits<{ added: [index: number] }>()
const { change } = useSheet()

const from = shallowRef<Formula>()
const failed = ref('')
const ANOTHER = 'another:'
const options = computed(() => [
  ...props.larder.componentKinds.map((k) => ({ value: k.id, label: k.words, group: 'a new one' })),
  ...props.formulas
    .filter((f) => f.id !== props.formulaId)
    .map((f) => ({ value: ANOTHER + f.id, label: f.name || 'Unnamed', group: 'out of another dessert' })),
])

async function choose(value: string) {
  if (value.startsWith(ANOTHER)) {
    await open(value.slice(ANOTHER.length))
    return
  }
  const words = props.larder.componentKinds.find((k) => k.id === value)?.words ?? value
  const name = words.charAt(0).toUpperCase() + words.slice(1)
  const id = freeId(props.formula, value)
  try {
    const start = (await ask('starts')).components.find((c) => c.kind === value) ?? { kind: value, lines: [] }
    failed.value = ''
    take(addComponent(props.formula, { ...start, name, id }))
  } catch {
    failed.value = `${name} could not be begun: Deft Chill does not answer.`
  }
}

async function open(id: string) {
  const name = props.formulas.find((f) => f.id === id)?.name || 'Unnamed'
  try {
    from.value = (await ask('formula', id)).document
    failed.value = ''
  } catch {
    failed.value = `${name} could not be opened.`
  }
}

function copy(index: string) {
  if (from.value) take(copyComponent(props.formula, from.value, Number(index)))
  from.value = undefined
}

function take(formula: Formula) {
  change(formula, '')
  emit('added', formula.components.length - 1)
}
</script>

<template>
  <div class="add-component">
    <ChoiceField
      v-if="!from"
      hidden-label
      label="Add a component"
      placeholder="Add a component…"
      :options="options"
      @update:model-value="choose"
    />
    <template v-else>
      <ChoiceField
        hidden-label
        label="Which component of it"
        :placeholder="`Which one of ${from.name}?`"
        :options="from.components.map((c, i) => ({ value: String(i), label: c.name || 'Unnamed' }))"
        @update:model-value="copy"
      />
      <button type="button" class="link-like" @click="from = undefined">none</button>
    </template>
    <p v-if="failed" class="broken-rule" role="alert">{{ failed }}</p>
  </div>
</template>

<style scoped>
.add-component {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

.add-component > :first-child {
  flex: 1;
}
</style>
