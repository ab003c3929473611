<script setup lang="ts">
import { computed } from 'vue'
import type { ComponentAnswer, ComponentKind, Formula, Larder, Problem } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import ChoiceField from '@/look/ChoiceField.vue'
import RowProblems from '@/verdicts/RowProblems.vue'
import { useSheet } from '@/document/sheet'
import SheetChoice from './SheetChoice.vue'
import SheetText from './SheetText.vue'

/** The gelling agent of a component: which, how much of it, how it is bloomed. */
const props = defineProps<{
  formula: Formula
  index: number
  larder: Larder
  kind: ComponentKind
  answer?: ComponentAnswer
  problems: Problem[]
}>()
const emit = defineEmits<{ swap: [] }>()

const { change } = useSheet()
const at = computed(() => `/components/${props.index}`)
const component = computed(() => props.formula.components[props.index])
const amounts = computed(() => props.answer?.amounts)
const problemsAt = (place: string) => props.problems.filter((p) => p.path === at.value + place)
const choices = useChoices()
const gels = computed(() => [
  ...(props.kind.gel === 'may' ? [{ value: '', label: 'no gelling agent' }] : []),
  ...props.larder.gels.map((g) => ({ value: g.id, label: g.name, group: g.agent })),
])
const gelled = computed(() => Boolean(component.value?.gels?.[0]?.of))
const chosenGel = computed(() => props.larder.gels.find((g) => g.id === component.value?.gels?.[0]?.of))
const isGelatin = computed(() => (chosenGel.value?.bloom ?? 0) > 0)
const bloom = computed(() => component.value?.gels?.[0]?.bloom || 'weighed')

/** A gelling agent taken up starts with a usual dose; given up it takes its dose along. */
function chooseGel(product: string) {
  const now = component.value?.gels?.[0]
  const copy = structuredClone(props.formula)
  const into = copy.components[props.index]
  if (!into) return
  if (!product) delete into.gels
  else {
    const gel = { id: now?.id ?? 'g1', ...now, of: product, amount: now?.amount || '5 g' }
    if ((props.larder.gels.find((g) => g.id === product)?.bloom ?? 0) > 0) {
      gel.bloom = now?.bloom || 'weighed'
      if (gel.bloom === 'weighed') gel.water = now?.water || '25 g'
    }
    into.gels = [gel, ...(into.gels?.slice(1) ?? [])]
  }
  change(copy, '')
}

const trim = (value: number, decimals: number) => String(Number(value.toFixed(decimals)))
const gelFigures = computed(() => {
  const a = amounts.value
  if (!a?.gel) return ''
  const how = a.gel.how ? `= ${trim(a.gel.grams, 2)} g · ` : ''
  return `${how}${trim(a.gelatinPercent, 2)} % of the mix · ${trim(a.gelatinGramsPerLitre, 1)} g/L of its water · ${trim(a.bloomWaterG, 1)} g of bloom water stays in`
})
</script>

<template>
  <div class="gel">
    <h2 class="section-title">
      Gelling agent
      <small v-if="answer?.strip"
        ><button type="button" class="link-like" @click="emit('swap')">swap it…</button></small
      >
    </h2>
    <div class="agent">
      <ChoiceField
        hidden-label
        label="Gelling agent"
        :model-value="component?.gels?.[0]?.of ?? ''"
        :options="gels"
        :problem="problemsAt('/gels/0/of')[0]"
        @update:model-value="chooseGel"
      />
      <SheetText v-if="gelled" :path="`${at}/gels/0/amount`" label="Dose" hidden-label :step="0.1" />
    </div>
    <div v-if="gelled && isGelatin" class="agent">
      <SheetChoice :path="`${at}/gels/0/bloom`" label="Bloom" hidden-label :options="choices('bloom')" />
      <SheetText
        v-if="bloom !== 'dry'"
        :path="`${at}/gels/0/water`"
        label="Bloom water"
        hidden-label
        :step="1"
        :placeholder="bloom === 'squeezed' ? 'keeps 5 x' : 'water'"
      />
    </div>
    <p v-if="gelFigures" class="figures">{{ gelFigures }}</p>
    <RowProblems :problems="problems.filter((p) => p.path.startsWith(`${at}/gels/1/`))" />
  </div>
</template>

<style scoped>
.gel {
  display: flex;
  flex-direction: column;
  gap: 6px;
}

.section-title {
  margin-top: 6px;
}

.section-title .link-like {
  font-size: 14px;
}

.agent {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 118px;
  gap: 8px;
}

.figures {
  min-height: 19px;
  color: var(--quiet);
  font-size: 13px;
  line-height: 1.3;
}
</style>
