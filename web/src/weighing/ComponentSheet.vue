<script setup lang="ts">
import { computed } from 'vue'
import type { ComponentAnswer, Evidence, Formula, KitchenSettings, Larder, Problem } from '@/api/client'
import ChoiceField from '@/look/ChoiceField.vue'
import { shareOf } from '@/document/address'
import { addLine, removeLine } from '@/document/document'
import IngredientLine from './IngredientLine.vue'
import RowProblems from '@/verdicts/RowProblems.vue'
import { useSheet } from '@/document/sheet'
import SheetChoice from './SheetChoice.vue'
import SheetText from './SheetText.vue'

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
  ...props.larder.ingredients.map((i) => ({ value: i.id, label: i.name, group: i.group })),
])
/** A component without a kind is a set cream. */
const kinds = computed(() =>
  props.larder.componentKinds.map((k) => ({
    value: k.id === 'set-cream' && component.value?.kind !== 'set-cream' ? '' : k.id,
    label: k.words,
  })),
)
const shares = computed(() => {
  if (kind.value?.id === 'soaked')
    return [
      { value: '', label: 'is dipped' },
      { value: 'soak', label: 'is the liquid' },
    ]
  const joins = [
    { value: '', label: 'is heated' },
    { value: 'cold', label: 'joins cold' },
    { value: 'infused', label: 'steeped, strained out' },
  ]
  return asks('fold') ? [...joins, { value: 'whipped', label: 'is whipped in' }] : joins
})
const gels = computed(() => [
  ...(kind.value?.gel === 'may' ? [{ value: '', label: 'no gelling agent' }] : []),
  ...props.larder.gels.map((g) => ({ value: g.id, label: g.name, group: g.agent })),
])
const MEASURES = [
  { value: 'metric', label: 'metric spoons' },
  { value: 'us', label: 'US spoons' },
  { value: 'uk', label: 'UK spoons' },
  { value: 'au', label: 'Australian' },
  { value: '', label: 'ask each time' },
]
const BLOOMS = [
  { value: 'weighed', label: 'in weighed water' },
  { value: 'squeezed', label: 'squeezed' },
  { value: 'dry', label: 'stirred in dry' },
]
const PLACES = [
  { value: '', label: 'a layer of it' },
  { value: 'part', label: 'made for others' },
]
const WHIPS = [
  { value: 'ribbon', label: 'to a ribbon' },
  { value: 'soft', label: 'soft peaks' },
  { value: '', label: 'medium peaks' },
  { value: 'stiff', label: 'stiff peaks' },
]
const SCHOOLS = [
  { value: '', label: 'folded in thirds' },
  { value: 'first-beaten', label: 'first third beaten in' },
  { value: 'beaten', label: 'beaten together' },
]
const JOINS = [
  { value: '', label: 'hot cream over chocolate' },
  { value: 'melted', label: 'chocolate melted first' },
  { value: 'butter-in-bits', label: 'butter bit by bit' },
]
const STAGES = [
  { value: 'light', label: 'light amber' },
  { value: '', label: 'amber' },
  { value: 'dark', label: 'dark' },
]
const FINISHES = [
  { value: '', label: 'chilled' },
  { value: 'baked', label: 'baked' },
]
const BARRIERS = [
  { value: '', label: 'none' },
  { value: 'cream', label: 'thin cream' },
]
const gelled = computed(() => Boolean(component.value?.gels?.[0]?.of))
const chosenGel = computed(() => props.larder.gels.find((g) => g.id === component.value?.gels?.[0]?.of))
const isGelatin = computed(() => (chosenGel.value?.bloom ?? 0) > 0)
const bloom = computed(() => component.value?.gels?.[0]?.bloom || 'weighed')
const anyCold = computed(() =>
  lines.value.some((line) => component.value && shareOf(component.value, line) === 'cold'),
)
const fahrenheit = computed(() => props.kitchen?.temperature === 'fahrenheit')

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
  <div class="sheet">
    <template v-if="several">
      <div class="identity">
        <SheetText :path="`${at}/name`" label="Name of the component" hidden-label />
        <SheetChoice :path="`${at}/kind`" label="Kind" hidden-label :options="kinds" />
        <SheetChoice :path="`${at}/role`" label="Place" hidden-label :options="PLACES" />
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
      <SheetChoice path="/measures" label="Spoons and cups" hidden-label :options="MEASURES" />
    </div>

    <template v-if="kind?.gel !== 'never'">
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
        <SheetChoice :path="`${at}/gels/0/bloom`" label="Bloom" hidden-label :options="BLOOMS" />
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
    </template>

    <div v-if="asks('join') || asks('stage')" class="pair">
      <SheetChoice v-if="asks('join')" :path="`${at}/work/join/way`" label="Joined" :options="JOINS" />
      <SheetChoice v-if="asks('stage')" :path="`${at}/work/heat/stage`" label="Burnt to" :options="STAGES" />
      <SheetText
        v-if="asks('stage')"
        :path="`${at}/work/boil/away`"
        label="Boils away"
        narrow
        :step="1"
        placeholder="its water"
      />
    </div>
    <div v-else-if="asks('boil')" class="pair">
      <SheetText :path="`${at}/work/boil/lasts`" label="Simmered for" narrow :step="1" placeholder="10 min" />
      <SheetText :path="`${at}/work/boil/away`" label="Boils away" narrow :step="1" placeholder="estimated" />
    </div>
    <div v-if="asks('soak')" class="pair">
      <SheetText
        :path="`${at}/work/soak/lasts`"
        label="Dipped, each side"
        narrow
        :step="1"
        placeholder="2 s"
      />
      <SheetChoice :path="`${at}/work/soak/barrier`" label="Barrier below" :options="BARRIERS" />
    </div>
    <div v-if="asks('crust')" class="heat">
      <SheetText
        :path="`${at}/work/press/thickness`"
        label="Thickness"
        narrow
        :step="1"
        placeholder="as it is"
      />
      <SheetText :path="`${at}/work/press/wall`" label="Wall" narrow :step="1" placeholder="none" />
      <SheetChoice :path="`${at}/work/press/way`" label="Base is" :options="FINISHES" />
    </div>
    <div v-if="asks('heat') || kind?.poured" class="heat" :class="{ three: anyCold && asks('heat') }">
      <SheetText
        v-if="asks('heat')"
        :path="`${at}/work/heat/to`"
        label="Heated to"
        narrow
        :step="1"
        placeholder="not said"
      />
      <SheetText
        v-if="asks('heat')"
        :path="`${at}/work/hold/lasts`"
        label="held for"
        narrow
        :step="1"
        placeholder="not held"
      />
      <SheetText
        v-if="anyCold && asks('heat')"
        :path="`${at}/work/join/at`"
        label="Cold share"
        narrow
        :step="1"
        :placeholder="fahrenheit ? '41 °F' : '5 °C'"
      />
      <SheetText
        v-if="kind?.poured"
        :path="`${at}/work/pour/at`"
        label="Poured at"
        narrow
        :step="1"
        :placeholder="asks('fold') ? 'as folded' : ''"
      />
    </div>
    <template v-if="asks('fold')">
      <div class="pair">
        <SheetChoice :path="`${at}/foams/0/stage`" label="Whipped" :options="WHIPS" />
        <SheetChoice :path="`${at}/work/fold/way`" label="Joined" :options="SCHOOLS" />
      </div>
      <div class="pair">
        <SheetText
          :path="`${at}/work/fold/base`"
          label="Base when folded"
          narrow
          :step="1"
          placeholder="in its window"
        />
        <SheetText
          :path="`${at}/foams/0/at`"
          label="Foam when folded"
          narrow
          :step="1"
          :placeholder="fahrenheit ? '41 °F' : '5 °C'"
        />
      </div>
    </template>
    <RowProblems
      :problems="
        problemsAt(
          '/name',
          '/work/heat/to',
          '/work/hold/lasts',
          '/work/join/at',
          '/work/pour/at',
          '/work/boil/lasts',
          '/work/boil/away',
          '/work/soak/lasts',
          '/work/press/thickness',
          '/work/press/wall',
          '/work/fold/base',
          '/foams/0/at',
        )
      "
    />
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

.adding,
.agent {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 8px;
}

.agent {
  grid-template-columns: minmax(0, 1fr) 118px;
}

.pair {
  display: grid;
  grid-auto-columns: minmax(0, 1fr);
  grid-auto-flow: column;
  gap: 8px;
}

.heat {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
}

.heat.three {
  grid-template-columns: repeat(4, 1fr);
}

.figures {
  min-height: 19px;
  color: var(--quiet);
  font-size: 13px;
  line-height: 1.3;
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
