<script setup lang="ts">
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { refDebounced, useTitle } from '@vueuse/core'
import { computed, reactive, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ApiProblem, type Formula } from '@/api/client'
import { useAgain, useSend } from '@/answers/queries'
import ChoiceField from '@/look/ChoiceField.vue'
import StationBar from '@/look/StationBar.vue'
import TypedField from '@/look/TypedField.vue'
import NewPreview from './NewPreview.vue'

/** A new dessert from four answers, seen and judged while they are given. */
const router = useRouter()
const askAgain = useAgain()
useTitle('New dessert · Deft Chill')
const { data: offered } = useQuery({
  queryKey: ['new-desserts'],
  queryFn: api.newDesserts,
  staleTime: Infinity,
})
const { data: larder } = useQuery({ queryKey: ['larder'], queryFn: api.larder })

const kinds = computed(() => [...new Set(offered.value?.map((o) => o.what))])
const answers = reactive({ id: '', served: '', mould: '', count: '', ready: '' })
const chosen = computed(() => offered.value?.find((o) => o.id === answers.id))
const schools = computed(() => offered.value?.filter((o) => o.what === chosen.value?.what) ?? [])
watch(
  offered,
  (now) => {
    if (!answers.id && now?.[0]) pick(now[0].id)
  },
  { immediate: true },
)

function pick(id: string) {
  const now = offered.value?.find((o) => o.id === id)
  if (!now) return
  answers.id = id
  serve(now.served.some((s) => s.id === answers.served) ? answers.served : (now.served[0]?.id ?? ''))
}

function pickKind(what: string) {
  const first = offered.value?.find((o) => o.what === what)
  if (first && what !== chosen.value?.what) pick(first.id)
}

/** What is served otherwise needs another mould. */
function serve(id: string) {
  const way = chosen.value?.served.find((s) => s.id === id)
  answers.served = id
  answers.mould = way?.mould ?? ''
  answers.count = way?.count ?? ''
}

const moulds = computed(() =>
  (larder.value?.moulds ?? []).map((m) => ({
    value: m.id,
    label: `${m.name} · ${Math.round(m.brimMl)} ml`,
    group: m.material,
  })),
)
const asked = refDebounced(
  computed(() => ({ ...answers })),
  150,
)
const {
  data: begun,
  error,
  isFetching,
} = useQuery({
  queryKey: computed(() => ['new-dessert', asked.value]),
  queryFn: ({ signal }) => api.beginDessert(asked.value, signal),
  enabled: computed(() => asked.value.id !== ''),
  placeholderData: keepPreviousData,
  retry: 0,
})
const problems = computed(() => (error.value instanceof ApiProblem ? error.value.response.problems : []))
const problemAt = (path: string) => problems.value.find((p) => p.path === path)
const unanswered = computed(() => error.value !== null && !problems.value.length)

/** When it must be poured, in words. */
const pour = computed(() => {
  if (!begun.value || !answers.ready) return ''
  const before = begun.value.daysBefore
  const day = before === 0 ? '' : before === 1 ? ' the day before' : ` ${before} days before`
  return `Pour at ${begun.value.document.starts ?? ''}${day}.`
})

const createFormula = useSend('create')
const failed = ref(false)
async function begin(document: Formula) {
  try {
    const made = await createFormula(document)
    void askAgain(['formulas'], ['book'])
    await router.push({ name: 'bench', params: { id: made.id } })
  } catch {
    failed.value = true
  }
}
</script>

<template>
  <div class="new-page">
    <StationBar station="book" />
    <main>
      <form @submit.prevent="begun && begin(begun.document)">
        <h1>A new dessert</h1>
        <fieldset>
          <legend><span aria-hidden="true">1</span> What is it?</legend>
          <div class="many">
            <label v-for="what in kinds" :key="what" :class="{ on: what === chosen?.what }">
              <input type="radio" name="what" :checked="what === chosen?.what" @change="pickKind(what)" />
              {{ what }}
            </label>
          </div>
          <div v-if="schools.length > 1" class="many schools">
            <label v-for="o in schools" :key="o.id" :class="{ on: o.id === answers.id }">
              <input type="radio" name="school" :checked="o.id === answers.id" @change="pick(o.id)" />
              {{ o.school }}
            </label>
          </div>
          <p v-else-if="chosen" class="only">{{ chosen.school }}</p>
        </fieldset>
        <fieldset>
          <legend><span aria-hidden="true">2</span> How is it served?</legend>
          <div class="many">
            <label v-for="s in chosen?.served" :key="s.id" :class="{ on: s.id === answers.served }">
              <input type="radio" name="served" :checked="s.id === answers.served" @change="serve(s.id)" />
              {{ s.words }}
            </label>
          </div>
        </fieldset>
        <fieldset>
          <legend><span aria-hidden="true">3</span> In what, and how many?</legend>
          <div class="mould">
            <ChoiceField
              v-model="answers.mould"
              label="Mould or glass"
              :options="moulds"
              :problem="problemAt('/mould')"
            />
            <TypedField v-model="answers.count" label="How many" :step="1" :problem="problemAt('/count')" />
          </div>
        </fieldset>
        <fieldset>
          <legend><span aria-hidden="true">4</span> When must it be ready?</legend>
          <div class="ready">
            <TypedField
              v-model="answers.ready"
              label="Time, such as 19:30; or leave it open"
              :problem="problemAt('/ready')"
            />
            <p role="status">{{ pour }}</p>
          </div>
        </fieldset>
        <p class="go">
          <a-button type="primary" size="large" html-type="submit" :disabled="!begun || problems.length > 0">
            Begin with this
          </a-button>
          <RouterLink :to="{ name: 'recipe' }">or from a recipe you have</RouterLink>
        </p>
        <p v-if="failed" role="alert" class="broken-rule">
          It could not be kept: Deft Chill does not answer.
        </p>
      </form>
      <NewPreview v-if="begun" :class="{ old: isFetching || error }" :begun="begun" :larder="larder" />
      <p v-else-if="unanswered" role="alert" class="unanswered">
        Deft Chill does not answer. Change an answer to try again.
      </p>
    </main>
  </div>
</template>

<style scoped>
a {
  color: var(--cold-ink);
  text-underline-offset: 2px;
}

main {
  display: grid;
  grid-template-columns: minmax(420px, 1.1fr) minmax(360px, 1fr);
  gap: 20px;
  max-width: 1280px;
  margin: 0 auto;
  padding: 16px 20px;
}

form {
  padding: 14px 20px;
  background: var(--panel);
}

h1 {
  padding-bottom: 6px;
  font-size: 22px;
  font-weight: 700;
}

fieldset {
  margin: 0;
  padding: 8px 0 10px;
  border: 0;
  border-bottom: 1px solid var(--hairline);
}

legend {
  margin: 0;
  padding: 0;
  font-size: 17px;
  font-weight: 700;
}

legend span {
  display: inline-block;
  width: 22px;
  height: 22px;
  margin-right: 6px;
  border-radius: 50%;
  background: var(--ink);
  color: var(--white);
  font-size: 14px;
  line-height: 22px;
  text-align: center;
}

.many {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding-top: 8px;
}

.many label {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 34px;
  padding: 3px 12px 3px 9px;
  border: 1px solid var(--edge);
  border-radius: 3px;
  background: var(--white);
  cursor: pointer;
}

.many label.on {
  border-color: var(--act);
  box-shadow: inset 0 0 0 1px var(--act);
}

.many input {
  accent-color: var(--act);
}

.schools {
  padding-left: 28px;
}

.only {
  padding: 6px 0 0 28px;
  color: var(--quiet);
}

.mould {
  display: grid;
  grid-template-columns: 1fr 110px;
  gap: 12px;
  padding-top: 6px;
}

.ready {
  display: grid;
  grid-template-columns: 250px 1fr;
  gap: 16px;
  align-items: end;
  padding-top: 6px;
}

.ready p {
  padding-bottom: 6px;
  font-weight: 700;
}

.go {
  display: flex;
  gap: 18px;
  align-items: center;
  padding-top: 14px;
}

.old {
  opacity: 0.6;
}

.unanswered {
  padding: 14px 20px;
}

@media (width <= 900px) {
  main {
    grid-template-columns: 1fr;
  }
}
</style>
