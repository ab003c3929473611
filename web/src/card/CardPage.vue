<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { api, ApiProblem, type Step } from '@/api/client'
import { shareOf } from '@/document/address'
import StationBar from '@/look/StationBar.vue'
import MadeOtherwise from './MadeOtherwise.vue'

/** The method on one page of A4, black on white: to hang beside the bench. */
const route = useRoute()
const id = computed(() => String(route.params.id))
const { data: stored, error: missing } = useQuery({
  queryKey: computed(() => ['formula', id.value]),
  queryFn: () => api.formula(id.value),
})
const { data: larder } = useQuery({ queryKey: ['larder'], queryFn: api.larder, staleTime: 60_000 })
const { data: kitchen } = useQuery({ queryKey: ['kitchen'], queryFn: api.kitchen, staleTime: 60_000 })
const { data: assessment, error } = useQuery({
  queryKey: computed(() => ['card', stored.value?.document]),
  queryFn: () => {
    const document = stored.value?.document
    return document ? api.assess(document) : Promise.reject(new Error('not opened yet'))
  },
  enabled: computed(() => stored.value !== undefined),
  retry: 0,
})
const formula = computed(() => stored.value?.document)
const several = computed(() => (formula.value?.components.length ?? 0) > 1)
const trouble = computed(() => (error.value instanceof ApiProblem ? error.value.response.problems : []))
const name = (line: { of?: string; component?: string }) =>
  line.component
    ? formula.value?.components.find((c) => c.id === line.component)?.name
    : (larder.value?.ingredients.find((i) => i.id === line.of)?.name ?? line.of)
const agent = (product?: string) => larder.value?.gels.find((g) => g.id === product)?.name
/** Each component with what was understood of it, in the order of making: what others take from first. */
const weighing = computed(() =>
  (formula.value?.components ?? []).map((written, i) => ({
    written,
    amounts: assessment.value?.components[i]?.amounts,
  })),
)
const portionG = computed(
  () => assessment.value?.components.reduce((sum, c) => sum + c.amounts.portionG, 0) ?? 0,
)
const grams = (g: number) => (g < 10 ? g.toFixed(1) : g.toFixed(0))
const KINDS: Record<Step['kind'], string> = { ACTIVE: 'hands', TENDED: 'keep an eye', WAITING: 'wait' }

function time(minutes: number): string {
  const whole = Math.max(1, Math.round(minutes))
  if (whole < 60) return `${whole} min`
  return `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, '0')}`
}
const hands = computed(() =>
  time(
    (assessment.value?.method ?? [])
      .filter((s) => s.kind === 'ACTIVE')
      .reduce((sum, s) => sum + s.takes.likely, 0),
  ),
)
const warnings = computed(
  () => assessment.value?.verdicts.filter((v) => ['UNSAFE', 'BAD', 'CAUTION'].includes(v.tone)) ?? [],
)
const print = () => window.print()
</script>

<template>
  <div class="page">
    <StationBar station="bench" class="screen-only">
      <RouterLink class="back" :to="{ name: 'bench', params: { id } }">← back to the Bench</RouterLink>
      <a-button class="print" type="primary" @click="print">Print</a-button>
    </StationBar>
    <main v-if="missing" class="trouble"><p>This formula does not exist any more.</p></main>
    <main v-else-if="trouble.length" class="trouble">
      <p>This formula cannot be understood yet, so there is no method for it:</p>
      <p v-for="p in trouble" :key="p.path">{{ p.field }} “{{ p.value }}” {{ p.rule }}</p>
    </main>
    <main v-else-if="formula && assessment && larder" class="card" data-testid="card">
      <header>
        <h1>{{ formula.name }}</h1>
        <p>
          {{ kitchen?.settings.name }} · {{ formula.moulds.count }} × {{ assessment.section.mould }} ·
          {{ Math.round(assessment.section.fillMl) }} ml, {{ Math.round(portionG) }} g each · hands
          {{ hands }}
        </p>
        <p class="line">{{ assessment.line.map((s) => s.text).join(' ') }}</p>
      </header>
      <div class="halves">
        <section>
          <h2>Weigh</h2>
          <table v-for="({ written, amounts }, c) in weighing" :key="c">
            <caption v-if="several">
              {{
                written.name
              }}
            </caption>
            <tbody>
              <tr v-for="(line, i) in written.lines" :key="i">
                <td class="grams">{{ grams(amounts?.lines[i]?.grams ?? 0) }} g</td>
                <td>
                  {{ name(line) }}<em v-if="line.treatment">, {{ line.treatment }}</em
                  ><em v-if="shareOf(written, line)">, {{ shareOf(written, line) }}</em>
                  <small v-if="amounts?.lines[i]?.how"> ({{ line.amount }})</small>
                </td>
              </tr>
              <tr v-if="amounts?.gel">
                <td class="grams">{{ grams(amounts.gel.grams) }} g</td>
                <td>
                  {{ agent(written.gels?.[0]?.of) }}
                  <small v-if="amounts.sheets !== undefined">
                    ({{ Number(amounts.sheets.toFixed(1)) }} sheets)</small
                  >
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
          <MadeOtherwise :formula="formula" />
          <h2>Know</h2>
          <ul>
            <li v-for="flag in assessment.flags" :key="flag.code">
              <b>{{ flag.label }}:</b> {{ flag.words }}
            </li>
          </ul>
          <template v-if="warnings.length">
            <h2>Mind</h2>
            <ul>
              <li v-for="(v, i) in warnings" :key="i">
                <b>{{ v.headline }}.</b> {{ v.sentence }}
              </li>
            </ul>
          </template>
        </section>
        <section>
          <h2>Do</h2>
          <ol>
            <li v-for="step in assessment.method" :key="step.id">
              <p class="head">
                <b>{{ step.component ? `${step.component}: ${step.title}` : step.title }}</b>
                <span>{{ KINDS[step.kind] }} · {{ time(step.takes.likely) }}</span>
                <span v-if="step.temperature" class="temperature">{{ step.temperature }}</span>
              </p>
              <p>{{ step.text }}</p>
              <p v-if="step.cue" class="cue">Done when: {{ step.cue }}.</p>
              <p v-if="step.caution" class="caution">Mind: {{ step.caution }}</p>
            </li>
          </ol>
        </section>
      </div>
      <footer>
        Times and temperatures are computed estimates. Local food-safety rules and the kitchen's own plan come
        first. Nothing here says that a kitchen is free of an allergen.
      </footer>
    </main>
    <main v-else class="trouble"><p>Opening…</p></main>
  </div>
</template>

<style scoped>
.page {
  min-height: 100%;
}

.back {
  color: var(--white);
}

.print {
  margin-left: auto;
}

.card {
  width: 210mm;
  min-height: 290mm;
  margin: 16px auto;
  padding: 12mm;
  background: var(--white);
  color: var(--print);
  font-size: 13px;
  line-height: 1.32;
  box-shadow: 0 2px 14px rgba(23, 50, 58, 0.25);
}

.card h1 {
  color: var(--print);
  font-size: 24px;
  font-weight: 700;
  line-height: 1.15;
}

.card h2 {
  margin: 10px 0 3px;
  border-bottom: 2px solid var(--print);
  color: var(--print);
  font-size: 15px;
  font-weight: 700;
}

.line {
  margin-top: 5px;
  padding: 4px 8px;
  border: 2px solid var(--print);
  font-size: 15px;
  font-weight: 700;
}

.halves {
  display: grid;
  grid-template-columns: 66mm 1fr;
  gap: 8mm;
}

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

ul li {
  padding: 1px 0;
}

ol {
  counter-reset: step;
}

ol li {
  position: relative;
  padding: 2px 0 4px 24px;
  border-bottom: 1px solid var(--print-line);
  counter-increment: step;
}

ol li::before {
  position: absolute;
  top: 2px;
  left: 0;
  width: 18px;
  border: 1.5px solid var(--print);
  border-radius: 50%;
  font-size: 12px;
  font-weight: 700;
  line-height: 15px;
  text-align: center;
  content: counter(step);
}

.head {
  display: flex;
  gap: 10px;
}

.temperature {
  margin-left: auto;
  font-weight: 700;
}

.caution {
  font-weight: 700;
}

.cue {
  font-style: italic;
}

footer {
  padding-top: 8px;
  font-size: 12px;
}

.trouble {
  padding: 40px;
  font-size: 18px;
}

@page {
  size: A4;
  margin: 10mm;
}

@media print {
  .screen-only {
    display: none;
  }

  .card {
    width: auto;
    min-height: 0;
    margin: 0;
    padding: 0;
    box-shadow: none;
  }
}
</style>
