<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { api, ApiProblem } from '@/api/client'
import StationBar from '@/look/StationBar.vue'
import { lasting } from './lasting'
import MadeOtherwise from './MadeOtherwise.vue'
import StepList from './StepList.vue'
import WeighTable from './WeighTable.vue'

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
const { data: split, error: splitError } = useQuery({
  queryKey: computed(() => ['split', formula.value]),
  queryFn: () =>
    formula.value ? api.splitBatch(formula.value) : Promise.reject(new Error('not opened yet')),
  enabled: computed(() => formula.value?.variants?.some((v) => Number(v.count) > 0) ?? false),
  retry: 0,
})
const splitTrouble = computed(() =>
  splitError.value instanceof ApiProblem && splitError.value.response.problems.length
    ? splitError.value.response.problems.map((p) => `${p.field} “${p.value}” ${p.rule}.`).join(' ')
    : splitError.value?.message,
)
/** Components that are made by themselves for some of the moulds. */
const apart = computed(
  () =>
    new Set(
      [...(split.value?.parts ?? []), ...(split.value?.rest ? [split.value.rest] : [])].flatMap((part) =>
        part.apart.map((a) => a.component),
      ),
    ),
)
/** Of such a component, what is made of it as written. */
const ofRest = (component: number) => split.value?.rest?.apart.find((a) => a.component === component)
/** Each component with what was understood of it: all of it, or what is left to be made as written. */
const weighing = computed(() =>
  (formula.value?.components ?? []).flatMap((written, i) => {
    const rest = split.value?.rest
    if (apart.value.has(i) && !rest) return []
    const named = several.value ? written.name : ''
    const count = apart.value.has(i) ? `for ${rest?.count} of ${split.value?.count}` : ''
    return [
      {
        written,
        amounts: ofRest(i)?.amounts ?? assessment.value?.components[i]?.amounts,
        caption: [named, count].filter(Boolean).join(', '),
      },
    ]
  }),
)
const method = computed(() =>
  (assessment.value?.method ?? []).flatMap((step) => {
    const component = [...apart.value].find((i) => step.id.startsWith(`${i}.`))
    if (component === undefined) return [step]
    return ofRest(component)?.method.filter((s) => s.id === step.id) ?? []
  }),
)
const portionG = computed(
  () => assessment.value?.components.reduce((sum, c) => sum + c.amounts.portionG, 0) ?? 0,
)
const hands = computed(() =>
  lasting(
    (assessment.value?.method ?? [])
      .filter((s) => s.kind === 'ACTIVE')
      .reduce((sum, s) => sum + s.takes.likely, 0),
  ),
)
const warnings = computed(
  () => assessment.value?.verdicts.filter((v) => ['UNSAFE', 'BAD', 'CAUTION'].includes(v.tone)) ?? [],
)
const print = () => window.print()
/** The same as PDF, made by the server; the labels say that it is made now. */
const papers = computed(() => {
  const now = new Date()
  const local = new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 19)
  const at = `/api/formulas/${id.value}`
  const count = Number(formula.value?.moulds.count)
  const labels = Number.isInteger(count) && count >= 1 && count <= 200 ? count : 12
  return [
    { label: 'PDF, A4', href: `${at}/card.pdf?format=A4` },
    { label: 'PDF, A5', href: `${at}/card.pdf?format=A5` },
    { label: 'Labels', href: `${at}/label.pdf?made=${local}&count=${labels}` },
  ]
})
</script>

<template>
  <div class="page">
    <StationBar station="bench" class="screen-only">
      <RouterLink class="back" :to="{ name: 'bench', params: { id } }">← back to the Bench</RouterLink>
      <span class="print">
        <a v-for="p in papers" :key="p.label" :href="p.href" target="_blank" rel="noopener">{{ p.label }}</a>
        <a-button type="primary" @click="print">Print</a-button>
      </span>
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
          <WeighTable
            v-for="{ written, amounts, caption } in weighing"
            :key="written.id"
            :component="written"
            :amounts="amounts"
            :caption="caption"
            :formula="formula"
            :larder="larder"
          />
          <p v-if="splitError" class="caution">
            Those made otherwise are not on this card: {{ splitTrouble }}
          </p>
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
          <StepList :steps="method" />
        </section>
      </div>
      <MadeOtherwise
        v-if="split"
        :split="split"
        :formula="formula"
        :larder="larder"
        :known="assessment.flags"
      />
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
  display: flex;
  gap: 16px;
  align-items: center;
  margin-left: auto;
}

.print a {
  color: var(--white);
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

ul li {
  padding: 1px 0;
}

.caution {
  font-weight: 700;
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
