<script setup lang="ts">
import { computed, ref } from 'vue'
import type { PlanAnswer } from '@/api/client'
import ChoiceField from '@/look/ChoiceField.vue'
import { traysOf } from './trays'

/** What to fetch over all desserts, by where it stands in the larder, or to weigh out, tray by tray. */
const props = defineProps<{
  answer: PlanAnswer
  allergens: { id: string; name: string }[]
  printed?: boolean
}>()

const groups = computed(() => {
  const found = new Map<string, PlanAnswer['fetch']>()
  for (const item of props.answer.fetch) found.set(item.group, [...(found.get(item.group) ?? []), item])
  return [...found]
})
const BY = [
  { value: 'place', label: 'by where it stands' },
  { value: 'tray', label: 'tray by tray, as it is weighed' },
]
const by = ref('place')
const trays = computed(() => traysOf(props.answer))
const grams = (g: number) =>
  g >= 1000 ? `${(g / 1000).toFixed(2)} kg` : g >= 100 ? `${g.toFixed(0)} g` : `${g.toFixed(1)} g`
const cost = computed(() => props.answer.fetch.reduce((sum, item) => sum + item.cost, 0))
const unpriced = computed(() => props.answer.fetch.filter((item) => !item.cost).length)
const named = (ids: string[]) =>
  ids.map((id) => props.allergens.find((a) => a.id === id)?.name ?? id).join(', ')
const contained = computed(() => named([...new Set(props.answer.fetch.flatMap((i) => i.allergens))].sort()))
</script>

<template>
  <section class="fetch" :aria-label="printed ? undefined : 'What to fetch and weigh'">
    <h2 class="section-title">Fetch and weigh <small>for everything together</small></h2>
    <ChoiceField v-if="!printed" v-model="by" class="by" label="In order" :options="BY" />
    <div v-if="by === 'tray' && !printed" class="columns">
      <div v-for="tray in trays" :key="tray.key" class="group" data-testid="tray">
        <h3 class="tray">
          <b>{{ tray.title }}</b> {{ tray.dishes }}<br />{{ tray.when }}
        </h3>
        <ul>
          <li v-for="line in tray.lines" :key="line.id">
            <b>{{ grams(line.grams) }}</b> <span>{{ line.name }}</span>
          </li>
        </ul>
      </div>
    </div>
    <div v-else class="columns">
      <div v-for="[group, items] in groups" :key="group" class="group">
        <h3>{{ group }}</h3>
        <ul>
          <li v-for="item in items" :key="item.id">
            <b>{{ grams(item.grams) }}</b>
            <span>
              {{ item.name }}
              <small>{{ item.uses.map((u) => `${grams(u.grams)} ${u.component}`).join(' + ') }}</small>
            </span>
          </li>
        </ul>
      </div>
      <div class="group">
        <h3>moulds, glasses and bowls</h3>
        <ul>
          <li v-if="answer.bowls">
            <b>{{ answer.bowls }}</b> <span>bowls at once, at most</span>
          </li>
          <li v-for="v in answer.vessels" :key="v.id">
            <b>{{ v.count }}</b>
            <span
              >{{ v.name }} <small>{{ v.dishes.join(' + ') }}</small></span
            >
          </li>
        </ul>
      </div>
    </div>
    <p v-if="answer.leftOver.length" class="sum" data-testid="left-over">
      Left over:
      {{
        answer.leftOver
          .map(
            (l) =>
              `of ${l.count} ${l.count === 1 ? l.one : l.more} ${l.rests.map((r) => `${grams(r.grams)} ${r.name.toLowerCase()}`).join(', ')}`,
          )
          .join('; ')
      }}.
    </p>
    <p class="sum">
      <template v-if="cost">
        To buy: {{ cost.toFixed(2) }} {{ answer.currency
        }}<template v-if="unpriced">, without {{ unpriced }} that have no price</template>.
      </template>
      Contains {{ contained || 'none of the listed allergens by its formulas' }}. Local rules come first.
    </p>
  </section>
</template>

<style scoped>
.columns {
  columns: 3 260px;
  column-gap: 26px;
  padding-top: 8px;
}

.by {
  max-width: 300px;
}

.group {
  break-inside: avoid;
  padding-bottom: 10px;
}

h3 {
  font-weight: 700;
  margin: 0;
  color: var(--quiet);
  font-size: 14px;
}

.tray {
  font-weight: 400;
}

.tray b {
  color: var(--ink);
}

li {
  display: grid;
  grid-template-columns: 76px 1fr;
  gap: 8px;
  padding: 2px 0;
  border-bottom: 1px solid var(--hairline);
}

li b {
  text-align: right;
}

small {
  display: block;
  color: var(--quiet);
  font-size: 12.5px;
}

.sum {
  padding-top: 6px;
  color: var(--quiet);
}
</style>
