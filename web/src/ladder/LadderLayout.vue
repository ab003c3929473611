<script setup lang="ts">
import { computed } from 'vue'
import type { LadderView } from '@/api/client'

/** What is weighed: the base once, then what each cup gets. For whoever weighs, not for those who taste. */
const props = defineProps<{ ladder: LadderView }>()
const layout = computed(() => props.ladder.layout)
const grams = (g: number) => (g < 10 ? g.toFixed(2) : g.toFixed(1))
const order = (i: number) =>
  (layout.value.orders[i] ?? []).map((cup) => layout.value.cups[cup]?.code).join(' · ')
const fine = computed(() => layout.value.cups.some((c) => c.own.some((w) => w.grams < 2)))
const total = computed(() => layout.value.base.reduce((sum, w) => sum + w.grams, 0))
</script>

<template>
  <div class="layout">
    <section aria-label="The base">
      <h2 class="section-title">
        The base, once <small>{{ total.toFixed(0) }} g, a little to spare</small>
      </h2>
      <table>
        <tbody>
          <tr v-for="w in layout.base" :key="w.name">
            <th scope="row">{{ w.name }}</th>
            <td>
              <b>{{ grams(w.grams) }} g</b>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <section aria-label="The cups">
      <h2 class="section-title">
        The cups <small>for whoever weighs: those who taste see only the codes</small>
      </h2>
      <p v-if="fine" class="fine">
        Some of it is less than 2 g: weigh on a scale that shows 0.01 g, or the steps drown in its error.
      </p>
      <ol>
        <li v-for="c in layout.cups" :key="c.code">
          <b class="code">{{ c.code }}</b>
          <span class="value">{{ c.text }}<small> in the whole formula</small></span>
          <span>{{ grams(layout.baseEachG) }} g of the base</span>
          <span v-for="w in c.own" :key="w.name"
            ><b>{{ grams(w.grams) }} g</b> {{ w.name }}</span
          >
        </li>
      </ol>
    </section>
    <section aria-label="Orders">
      <h2 class="section-title">Who tastes in which order</h2>
      <ul>
        <li v-for="(t, i) in layout.tasters" :key="t">
          <b>{{ t }}</b>
          <span>{{ order(i) }}</span>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.layout {
  display: grid;
  grid-template-columns: minmax(240px, 1fr) 2fr;
  gap: 18px;
}

.layout > :last-child {
  grid-column: 1 / -1;
}

section {
  padding: 14px 16px;
  background: var(--panel);
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 7px 0;
  border-bottom: 1px solid var(--hairline);
  font-weight: 400;
  text-align: left;
}

td {
  text-align: right;
}

ol {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(116px, 1fr));
  gap: 10px;
  padding-top: 10px;
}

ol li {
  display: grid;
  gap: 3px;
  align-content: start;
  padding: 10px 12px;
  border-top: 5px solid var(--cold);
  background: var(--ground-light);
}

.fine {
  padding-top: 8px;
  color: var(--caution);
}

.code {
  font-size: 24px;
  letter-spacing: 0.1em;
}

.value {
  padding-bottom: 4px;
  border-bottom: 1px solid var(--edge);
}

small {
  color: var(--quiet);
}

ul li {
  display: grid;
  grid-template-columns: 140px 1fr;
  padding: 6px 0;
  border-bottom: 1px solid var(--hairline);
  letter-spacing: 0.03em;
}

@media (max-width: 800px) {
  .layout {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
