<script setup lang="ts">
import { computed } from 'vue'
import type { ComponentKind, Formula, KitchenSettings, Problem } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import { shareOf } from '@/document/address'
import RowProblems from '@/verdicts/RowProblems.vue'
import SheetChoice from './SheetChoice.vue'
import SheetText from './SheetText.vue'
import SideFields from './SideFields.vue'

/** What is done to a component: how it is joined, cooked, soaked, pressed, heated, folded, poured. */
const props = defineProps<{
  formula: Formula
  index: number
  kind: ComponentKind
  kitchen?: KitchenSettings
  /** The bowls in which its foams are whipped, by what is in them. */
  bowls?: { value: string; label: string }[]
  problems: Problem[]
}>()

const at = computed(() => `/components/${props.index}`)
const component = computed(() => props.formula.components[props.index])
const asks = (field: string) => props.kind.asks.includes(field)
const choices = useChoices()
const anyCold = computed(() =>
  component.value?.lines.some((line) => component.value && shareOf(component.value, line) === 'cold'),
)
const fahrenheit = computed(() => props.kitchen?.temperature === 'fahrenheit')
/** Only what goes on another layer has something to wait for. */
const waits = computed(() => {
  const layers = props.formula.components.filter((c) => c.role !== 'part')
  return props.kind.poured && component.value !== undefined && layers.indexOf(component.value) > 0
})
const when = computed(() => component.value?.work?.find((entry) => entry.verb === 'pour')?.when ?? '')
/** Choices say themselves what is wrong with them. */
const CHOICES = /\/(way|stage|barrier|when)$/
const written = computed(() =>
  props.problems.filter(
    ({ path }) =>
      [`${at.value}/work`, `${at.value}/foams`].some((place) => path.startsWith(place)) &&
      !CHOICES.test(path),
  ),
)
</script>

<template>
  <div class="work">
    <div v-if="asks('join') || asks('stage')" class="pair">
      <SheetChoice
        v-if="asks('join')"
        :path="`${at}/work/join/way`"
        label="Joined"
        :options="choices('ganache')"
      />
      <SheetChoice
        v-if="asks('stage')"
        :path="`${at}/work/heat/stage`"
        label="Burnt to"
        :options="choices('caramel')"
      />
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
      <SheetChoice :path="`${at}/work/soak/barrier`" label="Barrier below" :options="choices('barrier')" />
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
      <SheetChoice
        v-if="kind.id === 'shell'"
        :path="`${at}/work/press/barrier`"
        label="Inside"
        :options="choices('coat')"
      />
      <SheetChoice v-else :path="`${at}/work/press/way`" label="Base is" :options="choices('base')" />
    </div>
    <SideFields v-if="asks('oven')" :formula="formula" :index="index" :top="asks('top')" />
    <div v-if="asks('heat') || kind.poured" class="heat" :class="{ three: anyCold && asks('heat') }">
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
        placeholder="none"
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
        v-if="kind.poured"
        :path="`${at}/work/pour/at`"
        label="Poured at"
        narrow
        :step="1"
        :placeholder="asks('fold') ? 'as folded' : ''"
      />
    </div>
    <div v-if="waits" class="pair">
      <SheetChoice :path="`${at}/work/pour/when`" label="Goes on" :options="choices('pour')" />
      <SheetText
        v-if="when === 'not-before'"
        :path="`${at}/work/pour/clock`"
        label="not before"
        narrow
        placeholder="16:00"
      />
      <SheetText
        v-else-if="when === 'after'"
        :path="`${at}/work/pour/lasts`"
        label="after"
        narrow
        :step="5"
        placeholder="1 h"
      />
    </div>
    <template v-if="asks('fold')">
      <div v-for="n in Math.max(1, bowls?.length ?? 0)" :key="n" class="bowl">
        <p v-if="(bowls?.length ?? 0) > 1">{{ bowls?.[n - 1]?.label }}</p>
        <div class="pair">
          <SheetChoice :path="`${at}/foams/${n - 1}/stage`" label="Whipped" :options="choices('whip')" />
          <SheetText
            :path="`${at}/foams/${n - 1}/at`"
            label="Foam when folded"
            narrow
            :step="1"
            :placeholder="fahrenheit ? '41 °F' : '5 °C'"
          />
        </div>
      </div>
      <div class="pair">
        <SheetChoice :path="`${at}/work/fold/way`" label="Joined" :options="choices('fold')" />
        <SheetText
          :path="`${at}/work/fold/base`"
          label="Base when folded"
          narrow
          :step="1"
          placeholder="in its window"
        />
      </div>
    </template>
    <RowProblems :problems="written" />
  </div>
</template>

<style scoped>
.work {
  display: flex;
  flex-direction: column;
  gap: 6px;
}

.pair {
  display: grid;
  grid-auto-columns: minmax(0, 1fr);
  grid-auto-flow: column;
  gap: 8px;
}

.bowl p {
  color: var(--quiet);
  font-size: 13px;
}

.heat {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
}

.heat.three {
  grid-template-columns: repeat(4, 1fr);
}
</style>
