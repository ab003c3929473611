<script setup lang="ts">
import { computed } from 'vue'
import type { Assessment, Formula, KitchenSettings, Larder, Problem } from '@/api/client'
import ChoiceField from './ChoiceField.vue'
import { addLine, removeLine, setAt } from './document'
import IngredientLine from './IngredientLine.vue'
import RowProblems from './RowProblems.vue'
import { useSheet } from './sheet'
import SheetChoice from './SheetChoice.vue'
import SheetText from './SheetText.vue'

const props = defineProps<{
  formula: Formula
  larder: Larder
  kitchen?: KitchenSettings
  amounts?: Assessment['amounts']
  problems: Problem[]
}>()
const emit = defineEmits<{ swap: []; scale: [] }>()

const { change } = useSheet()

const lines = computed(() => props.formula.components[0]?.lines ?? [])
const problemsAt = (...paths: string[]) => props.problems.filter((p) => paths.includes(p.path))
const inLarder = (id: string) => props.larder.ingredients.find((i) => i.id === id)
const understood = (index: number) =>
  props.amounts?.lines.length === lines.value.length ? props.amounts.lines[index] : undefined

const ingredients = computed(() =>
  props.larder.ingredients.map((i) => ({ value: i.id, label: i.name, group: i.group })),
)
const gels = computed(() => props.larder.gels.map((g) => ({ value: g.id, label: g.name, group: g.agent })))
const moulds = computed(() =>
  props.larder.moulds.map((m) => ({ value: m.id, label: `${m.name} · ${Math.round(m.brimMl)} ml` })),
)
const coolers = computed(() => props.larder.coolers.map((c) => ({ value: c.id, label: c.name })))
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
const chosenGel = computed(() =>
  props.larder.gels.find((g) => g.id === props.formula.components[0]?.gel.product),
)
const isGelatin = computed(() => chosenGel.value?.agent !== undefined && chosenGel.value.bloom > 0)
const bloom = computed(() => props.formula.components[0]?.gel.bloom || 'weighed')
const anyCold = computed(() => lines.value.some((line) => line.share === 'cold'))
const fahrenheit = computed(() => props.kitchen?.temperature === 'fahrenheit')

function chooseCooler(id: string) {
  const air = props.larder.coolers.find((c) => c.id === id)?.airC
  const chosen = setAt(props.formula, '/cooler/cooler', id)
  change(air === undefined ? chosen : setAt(chosen, '/cooler/air', `${air} °C`), '')
}

const trim = (value: number, decimals: number) => String(Number(value.toFixed(decimals)))
const gelFigures = computed(() => {
  const a = props.amounts
  if (!a) return ''
  const how = a.gel.how ? `= ${trim(a.gel.grams, 2)} g · ` : ''
  return `${how}${trim(a.gelatinPercent, 2)} % of the mix · ${trim(a.gelatinGramsPerLitre, 1)} g/L of its water · ${trim(a.bloomWaterG, 1)} g of bloom water stays in`
})
</script>

<template>
  <section class="sheet" aria-label="Formula">
    <h2 class="section-title">
      Ingredients <small v-if="amounts">{{ Math.round(amounts.totalG) }} g in all</small>
    </h2>
    <ul class="lines">
      <IngredientLine
        v-for="(line, i) in lines"
        :key="i"
        :index="i"
        :ingredient="inLarder(line.ingredient)"
        :understood="understood(i)"
        :step="1"
        @remove="change(removeLine(formula, i), '')"
      />
    </ul>
    <div class="adding">
      <ChoiceField
        hidden-label
        label="Add an ingredient"
        placeholder="Add an ingredient…"
        :options="ingredients"
        :problem="problemsAt('/components/0/lines', '/components')[0]"
        @update:model-value="change(addLine(formula, $event), '')"
      />
      <SheetChoice path="/measures" label="Spoons and cups" hidden-label :options="MEASURES" />
    </div>

    <h2 class="section-title">
      Gelling agent
      <small><button type="button" class="link-like" @click="emit('swap')">swap it…</button></small>
    </h2>
    <div class="agent">
      <SheetChoice path="/components/0/gel/product" label="Gelling agent" hidden-label :options="gels" />
      <SheetText path="/components/0/gel/amount" label="Dose" hidden-label :step="0.1" />
    </div>
    <div v-if="isGelatin" class="agent">
      <SheetChoice path="/components/0/gel/bloom" label="Bloom" hidden-label :options="BLOOMS" />
      <SheetText
        v-if="bloom !== 'dry'"
        path="/components/0/gel/bloomWater"
        label="Bloom water"
        hidden-label
        :step="1"
        :placeholder="bloom === 'squeezed' ? 'keeps 5 x' : 'water'"
      />
    </div>
    <p class="figures">{{ gelFigures }}</p>
    <div class="heat" :class="{ three: anyCold }">
      <SheetText path="/components/0/heat/hot" label="Heated to" narrow :step="1" placeholder="not said" />
      <SheetText path="/components/0/heat/held" label="held for" narrow :step="1" placeholder="not held" />
      <SheetText
        v-if="anyCold"
        path="/components/0/heat/cold"
        label="Cold share"
        narrow
        :step="1"
        :placeholder="fahrenheit ? '41 °F' : '5 °C'"
      />
      <SheetText path="/components/0/pourTemperature" label="Poured at" narrow :step="1" />
    </div>
    <RowProblems
      :problems="
        problemsAt(
          '/components/0/heat/hot',
          '/components/0/heat/held',
          '/components/0/heat/cold',
          '/components/0/pourTemperature',
        )
      "
    />

    <h2 class="section-title">
      Mould and chill
      <small><button type="button" class="link-like" @click="emit('scale')">scale to…</button></small>
    </h2>
    <SheetChoice path="/mould/mould" label="Mould" :options="moulds" />
    <div class="filling">
      <SheetText path="/mould/count" label="How many" narrow :step="1" />
      <SheetText path="/mould/loss" label="Lost in bowl" narrow :step="1" placeholder="0 %" />
      <SheetText path="/pouredAt" label="Poured at (time)" narrow />
    </div>
    <div class="cooling">
      <ChoiceField
        label="Cooler"
        :model-value="formula.cooler.cooler"
        :options="coolers"
        :problem="problemsAt('/cooler/cooler')[0]"
        @update:model-value="chooseCooler"
      />
      <SheetText path="/cooler/air" label="Its air" narrow :step="1" />
    </div>
    <RowProblems :problems="problemsAt('/mould/count', '/mould/loss', '/cooler/air', '/pouredAt')" />
    <div class="serving">
      <fieldset>
        <legend>Served</legend>
        <a-radio-group
          :value="formula.served"
          button-style="solid"
          @update:value="change(setAt(formula, '/served', String($event)), '')"
        >
          <a-radio-button value="turned-out">turned out</a-radio-button>
          <a-radio-button value="in-glass">in glass</a-radio-button>
        </a-radio-group>
      </fieldset>
      <SheetText path="/wanted" label="Wanted (else as served)" narrow :step="1" placeholder="55 or 44 mm" />
    </div>
    <RowProblems :problems="problemsAt('/served', '/wanted')" />
  </section>
</template>

<style scoped>
.sheet {
  display: flex;
  flex-direction: column;
  gap: 6px;
}

/* Scrolled, never squeezed. */
.sheet > * {
  flex-shrink: 0;
}

.sheet .section-title:not(:first-child) {
  margin-top: 8px;
}

.section-title .link-like {
  font-size: 14px;
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

.heat {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
}

.heat.three {
  grid-template-columns: repeat(4, 1fr);
}

.filling {
  display: grid;
  grid-template-columns: 1fr 1fr 1.2fr;
  gap: 8px;
}

.cooling {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 84px;
  gap: 8px;
}

.serving {
  display: grid;
  grid-template-columns: 178px minmax(0, 1fr);
  gap: 8px;
}

.figures {
  min-height: 19px;
  color: var(--quiet);
  font-size: 13px;
  line-height: 1.3;
}

fieldset {
  min-width: 0;
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  margin: 0;
  border: 0;
  color: var(--quiet);
  font-size: 13px;
  line-height: 21px;
}

fieldset :deep(.ant-radio-group) {
  display: flex;
}

fieldset :deep(.ant-radio-button-wrapper) {
  flex: 1;
  padding-inline: 6px;
  text-align: center;
  white-space: nowrap;
}
</style>
