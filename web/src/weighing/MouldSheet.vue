<script setup lang="ts">
import { computed } from 'vue'
import type { Formula, Larder, Problem } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import { degrees } from '@/look/degrees'
import ChoiceField from '@/look/ChoiceField.vue'
import { setAt } from '@/document/document'
import RowProblems from '@/verdicts/RowProblems.vue'
import { useSheet } from '@/document/sheet'
import SheetChoice from './SheetChoice.vue'
import SheetText from './SheetText.vue'

/** What the dessert is filled into, where it chills, how it is served. */
const props = defineProps<{
  formula: Formula
  formulaId?: string
  larder: Larder
  problems: Problem[]
  fahrenheit?: boolean
}>()
const emit = defineEmits<{ scale: [] }>()
const { change } = useSheet()

const problemsAt = (...paths: string[]) => props.problems.filter((p) => paths.includes(p.path))
const moulds = computed(() =>
  props.larder.moulds.map((m) => ({
    value: m.id,
    label: `${m.name} · ${Math.round(m.brimMl)} ml`,
    group: m.material,
  })),
)
const coolers = computed(() => props.larder.coolers.map((c) => ({ value: c.id, label: c.name })))

function chooseCooler(id: string) {
  const air = props.larder.coolers.find((c) => c.id === id)?.airC
  const chosen = setAt(props.formula, '/cooler/of', id)
  change(air === undefined ? chosen : setAt(chosen, '/cooler/air', degrees(air, props.fahrenheit)), '')
}
const choices = useChoices()
</script>

<template>
  <div class="sheet">
    <h2 class="section-title">
      Mould and chill
      <small><button type="button" class="link-like" @click="emit('scale')">scale to…</button></small>
    </h2>
    <SheetChoice path="/moulds/of" label="Mould" :options="moulds" />
    <div class="filling">
      <SheetText path="/moulds/count" label="How many" narrow :step="1" />
      <SheetText path="/moulds/loss" label="Lost in bowl" narrow :step="1" placeholder="0 %" />
      <SheetText path="/starts" label="Poured at (time)" narrow />
      <SheetText path="/readyBy" label="Ready by (time)" narrow />
    </div>
    <p v-if="formula.cooler.places?.length" class="places">
      {{ formula.cooler.places?.length }} places, one after the other:
      <RouterLink :to="`/cold/${formulaId}`">change them in the Cold</RouterLink>
    </p>
    <div class="cooling">
      <ChoiceField
        label="Cooler"
        :model-value="formula.cooler.of"
        :options="coolers"
        :problem="problemsAt('/cooler/of')[0]"
        @update:model-value="chooseCooler"
      />
      <SheetText path="/cooler/air" label="Its air" narrow :step="1" />
    </div>
    <RowProblems
      :problems="[
        ...problemsAt(
          '/moulds/count',
          '/moulds/loss',
          '/moulds/slant',
          '/moulds/portions',
          '/starts',
          '/readyBy',
        ),
        ...props.problems.filter(
          (p) =>
            (p.path.startsWith('/cooler/') && p.path !== '/cooler/of') ||
            p.path === '/room' ||
            p.path === '/plate',
        ),
      ]"
    />
    <fieldset>
      <legend>Served</legend>
      <a-radio-group
        :value="formula.served"
        button-style="solid"
        @update:value="change(setAt(formula, '/served', String($event)), '')"
      >
        <a-radio-button v-for="o in choices('served')" :key="o.value" :value="o.value">{{
          o.label
        }}</a-radio-button>
      </a-radio-group>
    </fieldset>
    <SheetText
      v-if="formula.served === 'sliced' || formula.served === 'from-dish'"
      path="/moulds/portions"
      label="Portions of each"
      narrow
      :step="1"
      placeholder="1"
    />
    <div class="wishes">
      <SheetText path="/wanted" label="Wanted (else as served)" narrow :step="1" placeholder="55 or 44 mm" />
      <SheetText
        path="/eatenAt"
        label="Eaten at"
        narrow
        :step="1"
        :placeholder="`${degrees(4, fahrenheit)}, from the fridge`"
      />
    </div>
    <RowProblems :problems="problemsAt('/served', '/wanted', '/eatenAt')" />
  </div>
</template>

<style scoped>
.sheet {
  display: flex;
  flex-direction: column;
  gap: 6px;
}

.section-title {
  margin-top: 8px;
}

.section-title .link-like {
  font-size: 14px;
}

.filling {
  display: grid;
  grid-template-columns: 1fr 1fr 1.2fr;
  gap: 8px;
}

.places {
  font-size: 13px;
}

.wishes {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

.cooling {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 84px;
  gap: 8px;
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
  flex-wrap: wrap;
  row-gap: 4px;
}

fieldset :deep(.ant-radio-button-wrapper) {
  flex: 1 1 auto;
  padding-inline: 6px;
  font-size: 14px;
  text-align: center;
  white-space: nowrap;
}
</style>
