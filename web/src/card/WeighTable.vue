<script setup lang="ts">
import type { Amounts, Component, Formula, Larder } from '@/api/client'
import { shareOf } from '@/document/address'

/** What is weighed for a component. */
const props = defineProps<{
  component: Component
  amounts?: Amounts
  caption: string
  formula: Formula
  larder: Larder
}>()
const name = (line: { of?: string; component?: string }) =>
  line.component
    ? props.formula.components.find((c) => c.id === line.component)?.name
    : (props.larder.ingredients.find((i) => i.id === line.of)?.name ?? line.of)
const agent = (product?: string) => props.larder.gels.find((g) => g.id === product)?.name
const grams = (g: number) => (g < 10 ? g.toFixed(1) : g.toFixed(0))
</script>

<template>
  <table>
    <caption v-if="caption">
      {{
        caption
      }}
    </caption>
    <tbody>
      <tr v-for="(line, i) in component.lines" :key="i">
        <td class="grams">{{ grams(amounts?.lines[i]?.grams ?? 0) }} g</td>
        <td>
          {{ name(line) }}<em v-if="line.treatment">, {{ line.treatment }}</em
          ><em v-if="shareOf(component, line)">, {{ shareOf(component, line) }}</em>
          <small v-if="amounts?.lines[i]?.how"> ({{ line.amount }})</small>
        </td>
      </tr>
      <tr v-if="amounts?.gel">
        <td class="grams">{{ grams(amounts.gel.grams) }} g</td>
        <td>
          {{ agent(component.gels?.[0]?.of) }}
          <small v-if="amounts.sheets !== undefined"> ({{ Number(amounts.sheets.toFixed(1)) }} sheets)</small>
        </td>
      </tr>
      <tr v-if="amounts && amounts.bloomWaterG > 0">
        <td class="grams">{{ grams(amounts.bloomWaterG) }} g</td>
        <td>water of the bloom</td>
      </tr>
      <tr class="sum">
        <td class="grams">{{ grams(amounts?.totalG ?? 0) }} g</td>
        <td>in all, {{ Math.round(amounts?.yieldMl ?? 0) }} ml</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
caption {
  padding: 4px 0 0;
  caption-side: top;
  color: var(--print);
  font-weight: 700;
  text-align: left;
}

table {
  width: 100%;
  border-collapse: collapse;
}

td {
  padding: 2px 4px 2px 0;
  border-bottom: 1px solid var(--print-line);
  vertical-align: top;
}

.grams {
  width: 54px;
  padding-right: 8px;
  font-weight: 700;
  text-align: right;
  white-space: nowrap;
}

.sum td {
  border-top: 2px solid var(--print);
  border-bottom: 0;
}
</style>
