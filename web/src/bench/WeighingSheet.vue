<script setup lang="ts">
import { CloseOutlined } from '@ant-design/icons-vue'
import { computed } from 'vue'
import type { Assessment, Formula, Larder, Problem } from '@/api/client'
import ChoiceField from './ChoiceField.vue'
import { addLine, removeLine, setAt } from './document'
import RowProblems from './RowProblems.vue'
import { provideSheet } from './sheet'
import SheetChoice from './SheetChoice.vue'
import SheetText from './SheetText.vue'

const props = defineProps<{
  formula: Formula
  larder: Larder
  amounts?: Assessment['amounts']
  problems: Problem[]
}>()
const emit = defineEmits<{ change: [formula: Formula, place: string] }>()

const change = (formula: Formula, place = '') => emit('change', formula, place)
provideSheet({ formula: () => props.formula, problems: () => props.problems, change })

const lines = computed(() => props.formula.components[0]?.lines ?? [])
const problemsAt = (...paths: string[]) => props.problems.filter((p) => paths.includes(p.path))
const ingredientName = (id: string) =>
  props.larder.ingredients.find((i) => i.id === id)?.name ?? `${id} (unknown)`

const ingredients = computed(() =>
  props.larder.ingredients.map((i) => ({ value: i.id, label: i.name, group: i.group })),
)
const gelatins = computed(() => props.larder.gelatins.map((g) => ({ value: g.id, label: g.name })))
const moulds = computed(() =>
  props.larder.moulds.map((m) => ({ value: m.id, label: `${m.name} · ${Math.round(m.brimMl)} ml` })),
)
const coolers = computed(() => props.larder.coolers.map((c) => ({ value: c.id, label: c.name })))

function chooseCooler(id: string) {
  const air = props.larder.coolers.find((c) => c.id === id)?.airC
  const chosen = setAt(props.formula, '/cooler/cooler', id)
  change(air === undefined ? chosen : setAt(chosen, '/cooler/air', `${air} °C`))
}

const trim = (value: number, decimals: number) => String(Number(value.toFixed(decimals)))
const gelatinFigures = computed(() => {
  const a = props.amounts
  if (!a) return ''
  const sheets = a.sheets === undefined ? '' : `${trim(a.sheets, 1)} sheets · `
  return `${sheets}${trim(a.gelatinPercent, 2)} % of the mix · ${trim(a.gelatinGramsPerLitre, 1)} g/L of its water`
})
</script>

<template>
  <section class="sheet" aria-label="Formula">
    <h2 class="section-title">
      Ingredients <small v-if="amounts">{{ Math.round(amounts.totalG) }} g in all</small>
    </h2>
    <ul class="lines">
      <li v-for="(line, i) in lines" :key="i">
        <span class="name">{{ ingredientName(line.ingredient) }}</span>
        <SheetText
          :path="`/components/0/lines/${i}/amount`"
          :label="`Amount of ${ingredientName(line.ingredient)}`"
          :step="1"
          hidden-label
        />
        <button
          type="button"
          class="remove"
          :aria-label="`Remove ${ingredientName(line.ingredient)}`"
          @click="change(removeLine(formula, i))"
        >
          <CloseOutlined aria-hidden="true" />
        </button>
        <RowProblems class="whole" :problems="problemsAt(`/components/0/lines/${i}/ingredient`)" />
      </li>
    </ul>
    <ChoiceField
      hidden-label
      label="Add an ingredient"
      placeholder="Add an ingredient…"
      :options="ingredients"
      :problem="problemsAt('/components/0/lines', '/components')[0]"
      @update:model-value="change(addLine(formula, $event))"
    />

    <h2 class="section-title">Gelatin</h2>
    <SheetChoice
      path="/components/0/gelatin/product"
      label="Gelatin product"
      hidden-label
      :options="gelatins"
    />
    <div class="pair">
      <SheetText path="/components/0/gelatin/amount" label="Gelatin" :step="0.1" />
      <SheetText path="/components/0/gelatin/bloomWater" label="Bloom water it keeps" :step="1" />
    </div>
    <p class="figures">{{ gelatinFigures }}</p>

    <h2 class="section-title">Mould and chill</h2>
    <SheetChoice path="/mould/mould" label="Mould" :options="moulds" />
    <div class="cooling">
      <SheetText path="/mould/count" label="How many" narrow :step="1" />
      <ChoiceField
        label="Cooler"
        :model-value="formula.cooler.cooler"
        :options="coolers"
        :problem="problemsAt('/cooler/cooler')[0]"
        @update:model-value="chooseCooler"
      />
      <SheetText path="/cooler/air" label="Its air" narrow :step="1" />
    </div>
    <RowProblems :problems="problemsAt('/mould/count', '/cooler/air')" />
    <div class="triple">
      <SheetText path="/components/0/pourTemperature" label="Poured at" narrow :step="1" />
      <SheetText path="/pouredAt" label="Time" narrow />
      <fieldset>
        <legend>Served</legend>
        <a-radio-group
          :value="formula.served"
          button-style="solid"
          @update:value="change(setAt(formula, '/served', String($event)))"
        >
          <a-radio-button value="turned-out">turned out</a-radio-button>
          <a-radio-button value="in-glass">in glass</a-radio-button>
        </a-radio-group>
      </fieldset>
    </div>
    <RowProblems :problems="problemsAt('/components/0/pourTemperature', '/pouredAt', '/served')" />
  </section>
</template>

<style scoped>
.sheet {
  display: flex;
  flex-direction: column;
  gap: 6px;
}

.sheet .section-title:not(:first-child) {
  margin-top: 8px;
}

.lines li {
  display: grid;
  grid-template-columns: 1fr 116px 30px;
  gap: 8px;
  align-items: start;
  padding: 2px 0;
}

.lines .whole {
  grid-column: 1 / -1;
}

.lines .name {
  padding-top: 6px;
  line-height: 1.25;
}

.remove {
  height: 34px;
  border: 0;
  border-radius: 3px;
  background: none;
  color: var(--quiet);
  cursor: pointer;
}

.remove:hover {
  background: #dde6e8;
  color: var(--unsafe);
}

.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

.cooling {
  display: grid;
  grid-template-columns: 66px 1fr 70px;
  gap: 8px;
}

.triple {
  display: grid;
  grid-template-columns: 80px 70px 1fr;
  gap: 8px;
}

.figures {
  min-height: 19px;
  color: var(--quiet);
  font-size: 13px;
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
