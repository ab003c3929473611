<script setup lang="ts">
import { computed } from 'vue'
import type { ComponentAnswer, Evidence, Formula, KitchenSettings, Larder, Problem } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import ChoiceField from '@/look/ChoiceField.vue'
import { addLine, removeLine } from '@/document/document'
import GelFields from './GelFields.vue'
import IngredientLine from './IngredientLine.vue'
import RowProblems from '@/verdicts/RowProblems.vue'
import { useSheet } from '@/document/sheet'
import SheetChoice from './SheetChoice.vue'
import SheetText from './SheetText.vue'
import WorkFields from './WorkFields.vue'

/** The weighing sheet of one component: what goes in, how it is worked, what it comes to. */
const props = defineProps<{
  formula: Formula
  index: number
  larder: Larder
  kitchen?: KitchenSettings
  answer?: ComponentAnswer
  problems: Problem[]
}>()
const emit = defineEmits<{ swap: []; paste: []; evidence: [title: string, evidence: Evidence] }>()

const { change } = useSheet()
const at = computed(() => `/components/${props.index}`)
const component = computed(() => props.formula.components[props.index])
const lines = computed(() => component.value?.lines ?? [])
const amounts = computed(() => props.answer?.amounts)
const several = computed(() => props.formula.components.length > 1)
const problemsAt = (...places: string[]) =>
  props.problems.filter((p) => places.some((place) => p.path === at.value + place))
const kind = computed(
  () =>
    props.larder.componentKinds.find((k) => k.id === (component.value?.kind || 'set-cream')) ??
    props.larder.componentKinds[0],
)
const asks = (field: string) => kind.value?.asks.includes(field) ?? false
const understood = (index: number) =>
  amounts.value?.lines.length === lines.value.length ? amounts.value.lines[index] : undefined

const others = computed(() => props.formula.components.filter((c, i) => i !== props.index && c.id))
const nameOf = (line: { of?: string; component?: string }) =>
  line.component
    ? props.formula.components.find((c) => c.id === line.component)?.name
    : props.larder.ingredients.find((i) => i.id === line.of)?.name
const ingredients = computed(() => [
  ...others.value.map((c) => ({ value: `@${c.id}`, label: c.name || 'Unnamed', group: 'of this dessert' })),
  ...props.larder.ingredients.map((i) => ({
    value: i.id,
    label: i.name,
    group: i.group,
    otherNames: i.otherNames,
  })),
])
/** A component without a kind is a set cream. */
const kinds = computed(() =>
  props.larder.componentKinds.map((k) => ({
    value: k.id === 'set-cream' && component.value?.kind !== 'set-cream' ? '' : k.id,
    label: k.words,
  })),
)
const choices = useChoices()
const shares = computed(() =>
  choices(kind.value?.id === 'soaked' ? 'share-dipped' : asks('fold') ? 'share-folded' : 'share'),
)
/** The bowls in which its foams are whipped, by what is in them. */
const bowls = computed(() =>
  (component.value?.foams ?? []).map((foam, i) => ({
    value: foam.id,
    label: `bowl ${i + 1}: ${lines.value
      .filter((line) => line.foam === foam.id)
      .map((line) => nameOf(line) ?? 'unnamed')
      .join(', ')}`,
  })),
)
</script>

<template>
  <div class="sheet">
    <template v-if="several">
      <div class="identity">
        <SheetText :path="`${at}/name`" label="Name of the component" hidden-label />
        <SheetChoice :path="`${at}/kind`" label="Kind" hidden-label :options="kinds" />
        <SheetChoice :path="`${at}/role`" label="Place" hidden-label :options="choices('role')" />
      </div>
    </template>
    <div v-else class="pair">
      <SheetChoice :path="`${at}/kind`" label="Kind" hidden-label :options="kinds" />
      <slot name="add" />
    </div>
    <h2 class="section-title">
      Ingredients
      <small v-if="amounts">{{ Math.round(amounts.totalG) }} g · {{ Math.round(amounts.yieldMl) }} ml</small>
      <small><button type="button" class="link-like" @click="emit('paste')">paste a list…</button></small>
    </h2>
    <ul class="lines">
      <IngredientLine
        v-for="(line, i) in lines"
        :key="i"
        :component="index"
        :index="i"
        :name="nameOf(line)"
        :understood="understood(i)"
        :shares="shares"
        :bowls="bowls"
        :step="1"
        @remove="change(removeLine(formula, index, i), '')"
      />
    </ul>
    <div class="adding">
      <ChoiceField
        hidden-label
        label="Add an ingredient"
        placeholder="Add an ingredient…"
        :options="ingredients"
        :problem="problemsAt('/lines')[0]"
        @update:model-value="change(addLine(formula, index, $event), '')"
      />
      <SheetChoice path="/measures" label="Spoons and cups" hidden-label :options="choices('measures')" />
    </div>

    <GelFields
      v-if="kind && kind.gel !== 'never'"
      :formula="formula"
      :index="index"
      :larder="larder"
      :kind="kind"
      :answer="answer"
      :problems="problems"
      @swap="emit('swap')"
    />
    <WorkFields
      v-if="kind"
      :formula="formula"
      :index="index"
      :kind="kind"
      :kitchen="kitchen"
      :bowls="bowls"
      :problems="problems"
    />
    <RowProblems :problems="problemsAt('/name')" />
    <dl v-if="answer && (several || !answer.strip)" class="comes-to">
      <div v-for="figure in answer.figures" :key="figure.name">
        <dt>
          <button
            type="button"
            class="link-like"
            :aria-label="`${figure.name}: ${figure.value}, why`"
            @click="emit('evidence', figure.name, figure.evidence)"
          >
            {{ figure.name }}
          </button>
        </dt>
        <dd>{{ figure.value }}</dd>
      </div>
    </dl>
  </div>
</template>

<style scoped>
.sheet {
  display: flex;
  flex-direction: column;
  gap: 6px;
}

.sheet > * {
  flex-shrink: 0;
}

.sheet .section-title:not(:first-child) {
  margin-top: 6px;
}

.section-title .link-like {
  font-size: 14px;
}

.identity {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}

.identity > :first-child {
  grid-column: 1 / -1;
}

.adding {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 8px;
}

.pair {
  display: grid;
  grid-auto-columns: minmax(0, 1fr);
  grid-auto-flow: column;
  gap: 8px;
}

.comes-to {
  margin: 4px 0 0;
  border-top: 1px solid var(--hairline);
  font-size: 14px;
}

.comes-to div {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 8px;
  padding: 2px 0;
}

.comes-to .link-like {
  min-height: 24px;
}

.comes-to dd {
  margin: 0;
}
</style>
