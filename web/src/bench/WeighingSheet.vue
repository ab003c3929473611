<script setup lang="ts">
import { CloseOutlined } from '@ant-design/icons-vue'
import { computed } from 'vue'
import type { Assessment, Formula, Larder, Problem } from '@/api/client'
import ChoiceField from './ChoiceField.vue'
import { addLine, removeLine, setAt, textAt } from './document'
import RowProblems from './RowProblems.vue'
import TypedField from './TypedField.vue'

const props = defineProps<{
  formula: Formula
  larder: Larder
  amounts?: Assessment['amounts']
  problems: Problem[]
}>()
/** place: what was changed, for undo; empty for a change that stands alone. */
const emit = defineEmits<{ change: [formula: Formula, place: string] }>()

const component = computed(() => props.formula.components[0])
const problemAt = (path: string) => props.problems.find((p) => p.path === path)
const problemsAt = (...paths: string[]) => props.problems.filter((p) => paths.includes(p.path))
const text = (path: string) => textAt(props.formula, path)
const type = (path: string) => (value: string) => emit('change', setAt(props.formula, path, value), path)

const ingredientName = (id: string) =>
  props.larder.ingredients.find((i) => i.id === id)?.name ?? `${id} (unknown)`
const ingredientChoices = computed(() =>
  props.larder.ingredients.map((i) => ({ value: i.id, label: i.name, group: i.group })),
)
const gelatinChoices = computed(() => props.larder.gelatins.map((g) => ({ value: g.id, label: g.name })))
const mouldChoices = computed(() =>
  props.larder.moulds.map((m) => ({ value: m.id, label: `${m.name} · ${Math.round(m.brimMl)} ml` })),
)
const coolerChoices = computed(() => props.larder.coolers.map((c) => ({ value: c.id, label: c.name })))

function chooseCooler(id: string) {
  const air = props.larder.coolers.find((c) => c.id === id)?.airC
  const chosen = setAt(props.formula, '/cooler/cooler', id)
  emit('change', air === undefined ? chosen : setAt(chosen, '/cooler/air', `${air} °C`), '')
}

const gelatinFigures = computed(() => {
  const a = props.amounts
  if (!a) return ''
  const sheets = a.sheets === undefined ? '' : `${trim(a.sheets, 1)} sheets · `
  return `${sheets}${trim(a.gelatinPercent, 2)} % of the mix · ${trim(a.gelatinGramsPerLitre, 1)} g/L of its water`
})
const trim = (value: number, decimals: number) => String(Number(value.toFixed(decimals)))
</script>

<template>
  <section class="sheet" aria-label="Formula">
    <h2 class="section-title">
      Ingredients <small v-if="amounts">{{ Math.round(amounts.totalG) }} g in all</small>
    </h2>
    <ul class="lines">
      <li v-for="(line, i) in component?.lines" :key="i">
        <span class="name">{{ ingredientName(line.ingredient) }}</span>
        <TypedField
          hidden-label
          :label="`Amount of ${ingredientName(line.ingredient)}`"
          :model-value="line.amount"
          :problem="
            problemAt(`/components/0/lines/${i}/amount`) ?? problemAt(`/components/0/lines/${i}/ingredient`)
          "
          :step="1"
          @update:model-value="type(`/components/0/lines/${i}/amount`)($event)"
        />
        <button
          type="button"
          class="remove"
          :aria-label="`Remove ${ingredientName(line.ingredient)}`"
          @click="emit('change', removeLine(formula, i), '')"
        >
          <CloseOutlined aria-hidden="true" />
        </button>
      </li>
    </ul>
    <ChoiceField
      hidden-label
      label="Add an ingredient"
      placeholder="Add an ingredient…"
      :options="ingredientChoices"
      :problem="problemAt('/components/0/lines')"
      @update:model-value="emit('change', addLine(formula, $event), '')"
    />

    <h2 class="section-title">Gelatin</h2>
    <ChoiceField
      hidden-label
      label="Gelatin product"
      :model-value="component?.gelatin.product"
      :options="gelatinChoices"
      :problem="problemAt('/components/0/gelatin/product')"
      @update:model-value="emit('change', setAt(formula, '/components/0/gelatin/product', $event), '')"
    />
    <div class="pair">
      <TypedField
        label="Gelatin"
        :model-value="text('/components/0/gelatin/amount')"
        :problem="problemAt('/components/0/gelatin/amount')"
        :step="0.1"
        @update:model-value="type('/components/0/gelatin/amount')($event)"
      />
      <TypedField
        label="Bloom water it keeps"
        :model-value="text('/components/0/gelatin/bloomWater')"
        :problem="problemAt('/components/0/gelatin/bloomWater')"
        :step="1"
        @update:model-value="type('/components/0/gelatin/bloomWater')($event)"
      />
    </div>
    <p class="figures">{{ gelatinFigures }}</p>

    <h2 class="section-title">Mould and chill</h2>
    <ChoiceField
      label="Mould"
      :model-value="formula.mould.mould"
      :options="mouldChoices"
      :problem="problemAt('/mould/mould')"
      @update:model-value="emit('change', setAt(formula, '/mould/mould', $event), '')"
    />
    <div class="cooling">
      <TypedField
        label="How many"
        narrow
        :model-value="formula.mould.count"
        :problem="problemAt('/mould/count')"
        :step="1"
        @update:model-value="type('/mould/count')($event)"
      />
      <ChoiceField
        label="Cooler"
        :model-value="formula.cooler.cooler"
        :options="coolerChoices"
        :problem="problemAt('/cooler/cooler')"
        @update:model-value="chooseCooler"
      />
      <TypedField
        label="Its air"
        narrow
        :model-value="formula.cooler.air"
        :problem="problemAt('/cooler/air')"
        :step="1"
        @update:model-value="type('/cooler/air')($event)"
      />
    </div>
    <RowProblems :problems="problemsAt('/mould/count', '/cooler/air')" />
    <div class="triple">
      <TypedField
        label="Poured at"
        narrow
        :model-value="text('/components/0/pourTemperature')"
        :problem="problemAt('/components/0/pourTemperature')"
        :step="1"
        @update:model-value="type('/components/0/pourTemperature')($event)"
      />
      <TypedField
        label="Time"
        narrow
        :model-value="formula.pouredAt"
        :problem="problemAt('/pouredAt')"
        @update:model-value="type('/pouredAt')($event)"
      />
      <fieldset>
        <legend>Served</legend>
        <a-radio-group
          :value="formula.served"
          button-style="solid"
          @update:value="emit('change', setAt(formula, '/served', String($event)), '')"
        >
          <a-radio-button value="turned-out">turned out</a-radio-button>
          <a-radio-button value="in-glass">in glass</a-radio-button>
        </a-radio-group>
      </fieldset>
    </div>
    <RowProblems :problems="problemsAt('/components/0/pourTemperature', '/pouredAt')" />
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
