<script setup lang="ts">
import { hashKey, useQuery } from '@tanstack/vue-query'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ApiProblem, type Component, type Evidence, type SumAnswer } from '@/api/client'
import { ask, useAgain, useSend } from '@/answers/queries'
import ChoiceField from '@/look/ChoiceField.vue'
import { useFormulas } from '@/document/useFormulas'
import { addComponent, freeId } from '@/document/document'
import EvidenceDrawer from '@/verdicts/EvidenceDrawer.vue'
import TypedField from '@/look/TypedField.vue'
import StationBar from '@/look/StationBar.vue'

/** One question at a time, answered as it is typed; the address keeps what was typed, so that it can be sent. */
const route = useRoute()
const router = useRouter()
const askAgain = useAgain()
const { data: sums } = useQuery({ queryKey: ['sums'], queryFn: api.sums, staleTime: Infinity })
const { data: larder } = useQuery({ queryKey: ['larder'], queryFn: api.larder, staleTime: Infinity })
const formulas = useFormulas()

const sum = computed(() => sums.value?.find((s) => s.id === route.params.sum) ?? sums.value?.[0])
/** What was typed: at once here, a moment later in the address. */
const written = shallowRef(route.query)
watch(
  () => route.query,
  (query) => {
    if (hashKey([query]) !== hashKey([written.value])) written.value = query
  },
)
const typed = computed(() =>
  Object.fromEntries(
    (sum.value?.fields ?? []).map((f) => [f.name, String(written.value[f.name] ?? f.example)]),
  ),
)
function write(field: string, value: string) {
  written.value = { ...written.value, [field]: value }
  void router.replace({ name: 'sums', params: { sum: sum.value?.id }, query: written.value })
}

const { data, error, isFetching } = useQuery({
  queryKey: computed(() => ['sum', sum.value?.id, typed.value]),
  queryFn: async ({ signal }) => {
    const id = sum.value?.id as string
    return { id, answer: await api.answerSum(id, typed.value, signal) }
  },
  enabled: () => sum.value !== undefined,
  retry: 0,
  shallow: true,
})
/** The last answer stays, dimmed, while another is on its way or what is typed is not understood; so do its problems. */
const stale = computed(() => data.value === undefined)
const last = shallowRef<{ id: string; answer: SumAnswer }>()
const refused = shallowRef<Error | null>(null)
const notUsed = ref('')
watch(
  [data, error, isFetching],
  () => {
    if (isFetching.value) return
    last.value = data.value ?? last.value
    refused.value = error.value
    if (data.value) notUsed.value = ''
  },
  { immediate: true },
)
const answer = computed(() => (last.value?.id === sum.value?.id ? last.value?.answer : undefined))
const problems = computed(() => (refused.value instanceof ApiProblem ? refused.value.response.problems : []))
const failed = computed(() =>
  refused.value && !(refused.value instanceof ApiProblem)
    ? 'Deft Chill does not answer. What you typed is kept.'
    : notUsed.value,
)
const problemAt = (field: string) => problems.value.find((p) => p.path === `/fields/${field}`)

function options(kind: string, group: string) {
  if (kind === 'gel')
    return (larder.value?.gels ?? []).map((g) => ({ value: g.id, label: g.name, group: g.agent }))
  if (kind === 'mould') return (larder.value?.moulds ?? []).map((m) => ({ value: m.id, label: m.name }))
  return (larder.value?.ingredients ?? [])
    .filter((i) => !group || i.group === group)
    .map((i) => ({ value: i.id, label: i.name, group: i.group }))
}

const evidence = shallowRef<Evidence>()
const createFormula = useSend('create')
const saveFormula = useSend('save')
/** Into a new dessert, or on top of one that is there. */
async function use(formulaId?: string) {
  const made = answer.value?.component
  if (!made) return
  try {
    const id = formulaId ? await putInto(formulaId, made) : await begin(made)
    notUsed.value = ''
    await router.push({ name: 'bench', params: { id } })
  } catch {
    notUsed.value = formulaId
      ? 'It was not put into it: that dessert could not be changed just now.'
      : 'No dessert was begun: Deft Chill does not answer.'
  }
}

async function begin(made: Component): Promise<string> {
  const fresh = (await ask('starts')).formula
  // Made for a mould, it begins in it; anything else in a glass.
  const own = answer.value?.moulds
  const moulds = own ?? { ...fresh.moulds, of: 'glass-straight' }
  const served = own ? 'from-dish' : 'in-glass'
  const empty = { ...fresh, name: made.name, served, components: [], moulds }
  const stored = await createFormula(addComponent(empty, made))
  await askAgain(['formulas'])
  return stored.id
}

async function putInto(formulaId: string, made: Component): Promise<string> {
  const stored = await ask('formula', formulaId)
  const component = { ...made, id: freeId(stored.document, made.id) }
  await saveFormula(formulaId, stored.version, addComponent(stored.document, component))
  await askAgain(['formula', formulaId])
  return formulaId
}
</script>

<template>
  <div class="page">
    <StationBar station="sums" />
    <main v-if="sum && larder">
      <nav aria-label="Sums">
        <RouterLink
          v-for="s in sums"
          :key="s.id"
          :to="{ name: 'sums', params: { sum: s.id } }"
          :class="{ here: s.id === sum.id }"
          :aria-current="s.id === sum.id ? 'page' : undefined"
        >
          <b>{{ s.title }}</b>
          <small>{{ s.question }}</small>
        </RouterLink>
      </nav>
      <section class="ask" :aria-label="sum.title">
        <h1>{{ sum.question }}</h1>
        <div class="fields">
          <template v-for="field in sum.fields" :key="`${sum.id} ${field.name}`">
            <ChoiceField
              v-if="field.kind !== 'text' && field.kind !== 'temperature'"
              :label="field.label"
              :model-value="typed[field.name]"
              :options="
                field.kind === 'choice'
                  ? field.choices.map((c) => ({ value: c.id, label: c.words }))
                  : options(field.kind, field.group)
              "
              :problem="problemAt(field.name)"
              @update:model-value="write(field.name, $event)"
            />
            <TypedField
              v-else
              :label="field.label"
              :model-value="typed[field.name] ?? ''"
              :problem="problemAt(field.name)"
              :step="1"
              @update:model-value="write(field.name, $event)"
            />
          </template>
        </div>
        <p v-if="failed" class="broken-rule" role="alert">{{ failed }}</p>
        <div v-for="p in problems" :key="p.path" class="choices">
          <a-button
            v-for="fix in p.fixes"
            :key="fix.label"
            @click="write(p.path.slice('/fields/'.length), fix.changes[0]?.value ?? '')"
            >{{ fix.label }}: {{ fix.effect }}</a-button
          >
        </div>
      </section>
      <section v-if="answer" class="answer" aria-live="polite" aria-label="Answer" :class="{ old: stale }">
        <p class="sentence">{{ answer.sentence }}</p>
        <p v-if="answer.caution" class="caution">{{ answer.caution }}</p>
        <dl>
          <div v-for="figure in answer.figures" :key="figure.name">
            <dt>{{ figure.name }}</dt>
            <dd>{{ figure.value }}</dd>
          </div>
        </dl>
        <p>
          <button type="button" class="link-like" @click="evidence = answer.evidence">
            where this comes from
          </button>
        </p>
        <div v-if="answer.component" class="doors">
          <a-button type="primary" @click="use()">Begin a dessert with it</a-button>
          <ChoiceField
            hidden-label
            label="Put it into a dessert"
            placeholder="Put it on top of…"
            :options="formulas.map((f) => ({ value: f.id, label: f.name || 'Unnamed' }))"
            @update:model-value="use($event)"
          />
        </div>
      </section>
    </main>
    <EvidenceDrawer :title="sum?.title ?? ''" :evidence="evidence" @close="evidence = undefined" />
  </div>
</template>

<style scoped>
.page {
  display: flex;
  flex-direction: column;
  min-height: 100%;
}

main {
  display: grid;
  flex: 1;
  grid-template-columns: 250px minmax(320px, 1fr) minmax(360px, 1.2fr);
  gap: 10px;
  padding: 10px 20px 14px;
}

nav,
section {
  background: var(--panel);
}

nav {
  padding: 6px 0;
}

nav a {
  display: flex;
  flex-direction: column;
  padding: 8px 16px;
  border-left: 4px solid transparent;
  color: var(--ink);
  text-decoration: none;
}

nav a small {
  color: var(--quiet);
}

nav a.here {
  border-color: var(--act);
  background: var(--wash);
}

section {
  padding: 16px 20px;
}

h1 {
  margin: 0 0 12px;
  font-size: 22px;
}

.fields {
  display: grid;
  gap: 10px;
}

.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding-top: 8px;
}

.sentence {
  font-size: 24px;
  font-weight: 700;
  line-height: 1.25;
}

.caution {
  padding: 6px 0 0;
  color: var(--warm-ink);
}

.answer dl {
  margin: 14px 0;
  border-top: 1px solid var(--hairline);
}

.answer dl div {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.3fr);
  gap: 12px;
  padding: 6px 0;
  border-bottom: 1px solid var(--hairline);
}

.answer dt {
  color: var(--quiet);
}

.answer dt::first-letter {
  text-transform: uppercase;
}

.answer dd {
  margin: 0;
  font-weight: 700;
}

.doors {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 10px;
  padding-top: 10px;
}

.old {
  filter: saturate(0.35);
  opacity: 0.9;
}

@media (width <= 1000px) {
  main {
    grid-template-columns: 1fr;
  }

  nav {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  }
}
</style>
