<script setup lang="ts">
import { computed } from 'vue'
import type { Formula } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import { doneInstead } from '@/document/document'
import { useSheet } from '@/document/sheet'
import ChoiceField from '@/look/ChoiceField.vue'
import SheetText from './SheetText.vue'

/** What is done with oven, flame, brush or bag to what is laid in or put on. */
const props = defineProps<{ formula: Formula; index: number; top: boolean }>()
const { change } = useSheet()

const choices = useChoices()
const oven = computed(() => choices('oven'))
const options = computed(() => [
  { value: '', label: 'as it is' },
  ...oven.value,
  ...(props.top ? choices('top') : []),
])
const verbs = computed(() => [...oven.value, ...choices('top')].map((o) => o.value))
const done = computed(
  () =>
    props.formula.components[props.index]?.work?.find((entry) => verbs.value.includes(entry.verb))?.verb ??
    '',
)
const inOven = computed(() => oven.value.some((o) => o.value === done.value))
const at = computed(() => `/components/${props.index}/work/${done.value}`)
const choose = (verb: string) => change(doneInstead(props.formula, props.index, verbs.value, verb), '')
</script>

<template>
  <div class="side">
    <ChoiceField label="Done to it" :options="options" :model-value="done" @update:model-value="choose" />
    <template v-if="inOven">
      <SheetText
        :path="`${at}/to`"
        label="Oven"
        narrow
        :step="5"
        :placeholder="done === 'roast' ? '200 °C' : '160 °C'"
      />
      <SheetText
        :path="`${at}/lasts`"
        label="for"
        narrow
        :step="1"
        :placeholder="done === 'roast' ? '25 min' : '10 min'"
      />
    </template>
  </div>
</template>

<style scoped>
.side {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
}
</style>
