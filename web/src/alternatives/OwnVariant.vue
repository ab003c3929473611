<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Formula, Larder } from '@/api/client'
import { swapInVariant } from '@/document/document'
import ChoiceField from '@/look/ChoiceField.vue'

/** A variant of the cook's own: another fruit for some of the glasses, or something left out. */
const props = defineProps<{ formula: Formula; larder: Larder }>()
const emit = defineEmits<{ split: [formula: Formula] }>()

const LEFT_OUT = 'left-out'
const NEW = 'new'
const line = ref('')
const instead = ref('')
const variant = ref(NEW)

const nameOf = (id: string) => props.larder.ingredients.find((i) => i.id === id)?.name ?? id
const lines = computed(() =>
  props.formula.components.flatMap((component, c) =>
    component.lines.flatMap((l) =>
      l.of
        ? [
            {
              value: `${c}/${l.id}`,
              label: nameOf(l.of),
              group: component.name || 'Unnamed',
              of: l.of,
              id: l.id,
            },
          ]
        : [],
    ),
  ),
)
const ingredients = computed(() => [
  { value: LEFT_OUT, label: 'nothing: leave it out' },
  ...props.larder.ingredients.map((i) => ({
    value: i.id,
    label: i.name,
    group: i.group,
    otherNames: i.otherNames,
  })),
])
const own = computed(() => (props.formula.variants ?? []).filter((v) => v.swaps?.length))
const variants = computed(() => [
  { value: NEW, label: 'a new one' },
  ...own.value.map((v) => ({ value: v.of ?? '', label: v.name ?? 'Otherwise' })),
])

function add() {
  const chosen = lines.value.find((l) => l.value === line.value)
  const component = props.formula.components[Number(line.value.split('/')[0])]
  if (!chosen || !component || !instead.value) return
  const of = instead.value === LEFT_OUT ? '' : instead.value
  const name = of ? `With ${nameOf(of).toLowerCase()}` : `Without ${chosen.label.toLowerCase()}`
  const into = variant.value === NEW ? '' : variant.value
  emit('split', swapInVariant(props.formula, { component: component.id, line: chosen.id, of }, name, into))
  line.value = ''
  instead.value = ''
}
</script>

<template>
  <section>
    <h2 class="section-title">One of your own</h2>
    <p>Another fruit for some of them, or something left out. What that does is computed.</p>
    <div class="fields">
      <ChoiceField
        v-if="own.length"
        label="Which variant"
        :model-value="variant"
        :options="variants"
        @update:model-value="variant = $event"
      />
      <ChoiceField
        label="In place of"
        placeholder="which ingredient?"
        :model-value="line"
        :options="lines"
        @update:model-value="line = $event"
      />
      <ChoiceField
        label="They get"
        placeholder="what?"
        :model-value="instead"
        :options="ingredients"
        @update:model-value="instead = $event"
      />
      <a-button :disabled="!line || !instead" @click="add">Make some so</a-button>
    </div>
  </section>
</template>

<style scoped>
section {
  padding: 18px 0;
}

.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 14px;
  align-items: flex-end;
  padding-top: 8px;
}

.fields > :not(button) {
  width: 220px;
}
</style>
