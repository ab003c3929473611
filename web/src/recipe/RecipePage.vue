<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useDropZone, useTitle } from '@vueuse/core'
import { computed, nextTick, ref, shallowRef, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import { api, type Formula } from '@/api/client'
import { ask, useAgain, useSend } from '@/answers/queries'
import { useChoices } from '@/answers/useChoices'
import { setAt } from '@/document/document'
import ChoiceField from '@/look/ChoiceField.vue'
import StationBar from '@/look/StationBar.vue'
import FactRow from './FactRow.vue'
import { lookedOver, namesNothing, reviewed, stretches, type Looked } from './review'

/** A recipe as it is written down becomes a formula; every value is looked over beside the words that it was read from. */
const router = useRouter()
const askAgain = useAgain()
useTitle('From a recipe · Deft Chill')
const { data: larder } = useQuery({ queryKey: ['larder'], queryFn: api.larder })

const text = ref('')
const measures = ref('metric')
const choices = useChoices()
const EXAMPLE = `Pear and bay cream
Serves 6

For the cream:
300 g pear puree
400 ml whipping cream
70 g sugar
4 sheets gold gelatine

Soak the gelatine in cold water. Heat the cream with the sugar to 65 °C, dissolve the squeezed gelatine in it and stir in the pear. Cool to 30 °C, pour into six glasses and chill for 4 hours.`

const shown = ref('')
const document = shallowRef<Formula>()
const facts = ref<Looked[]>([])
const left = ref<{ text: string; from: number; to: number }[]>([])
const failed = ref('')
const reading = ref(false)

async function read() {
  failed.value = ''
  reading.value = true
  try {
    const answer = await ask('readRecipe', text.value, measures.value)
    shown.value = answer.text
    document.value = answer.read.document
    facts.value = lookedOver(answer.read)
    left.value = answer.read.left
  } catch (e) {
    failed.value = e instanceof Error ? e.message : 'Deft Chill does not answer.'
  } finally {
    reading.value = false
  }
}

const cut = computed(() => stretches(shown.value, facts.value, left.value))
const groups = computed(() => [
  { name: 'The whole', index: -1 },
  ...(document.value?.components ?? []).map((c, index) => ({ name: c.name ?? '', index })),
])
const unsure = computed(() => facts.value.filter((f) => !f.sure && !f.taken).length)
/** Of a component its kind first, then what was read of it in the order of the text. */
const factsOf = (group: number) =>
  facts.value
    .map((fact, i) => ({ fact, i }))
    .filter(({ fact }) => fact.component === group)
    .sort((a, b) => Number(b.fact.path.endsWith('/kind')) - Number(a.fact.path.endsWith('/kind')))
/** But for lines of which it is not known what they are: somebody has to say. */
const takeAll = () => facts.value.forEach((f) => (f.taken ||= !namesNothing(f, document.value)))
const pointed = ref(-1)
const page = useTemplateRef<HTMLElement>('page')
async function point(fact: number | undefined, to: 'text' | 'fact') {
  if (fact === undefined) return
  pointed.value = fact
  await nextTick()
  page.value
    ?.querySelector(to === 'text' ? '.stretch.pointed' : `[data-fact='${fact}']`)
    ?.scrollIntoView({ block: 'center', behavior: 'auto' })
}

function change(path: string, value: string) {
  if (document.value) document.value = setAt(document.value, path, value)
}

/** A recipe in a file: dropped anywhere on the page. */
useDropZone(page, {
  onDrop: async (files) => {
    const file = files?.[0]
    if (!file) return
    text.value = await file.text()
    await read()
  },
})

const createFormula = useSend('create')
async function begin() {
  if (!document.value) return
  try {
    const made = await createFormula(reviewed(document.value, facts.value))
    void askAgain(['formulas'], ['book'])
    await router.push({ name: 'bench', params: { id: made.id } })
  } catch {
    failed.value = 'It could not be kept: Deft Chill does not answer.'
  }
}
</script>

<template>
  <div ref="page" class="recipe-page">
    <StationBar station="book" />
    <main v-if="!document" class="paste">
      <h1>From a recipe</h1>
      <p>
        Paste it as it is: headings, lists, method; from a notebook, a message, or a file of another program.
        Nothing is kept until you have looked it over.
      </p>
      <a-textarea
        v-model:value="text"
        aria-label="The recipe"
        :rows="18"
        :maxlength="40000"
        :placeholder="EXAMPLE"
      />
      <p class="go">
        <ChoiceField
          v-model="measures"
          class="measures"
          label="Spoons and cups in it"
          :options="choices('measures')"
        />
        <a-button type="primary" size="large" :disabled="!text.trim() || reading" @click="read"
          >Read it</a-button
        >
        <button v-if="!text" type="button" class="link-like" @click="text = EXAMPLE">take the example</button>
      </p>
      <p v-if="failed" role="alert" class="broken-rule">{{ failed }}</p>
    </main>
    <main v-else class="review">
      <section class="words" aria-label="The recipe as it is written">
        <h1>{{ document.name || 'A recipe' }}</h1>
        <p class="legend">
          <span class="stretch sure">read</span> <span class="stretch unsure">to look at</span>
          <span class="stretch kept">kept as your words</span>
        </p>
        <p class="text">
          <template v-for="(s, i) in cut" :key="i"
            ><mark
              v-if="s.facts.length"
              class="stretch"
              :class="{
                sure: s.facts.every((f) => facts[f]?.sure),
                unsure: s.facts.some((f) => !facts[f]?.sure),
                pointed: s.facts.includes(pointed),
              }"
              @click="point(s.facts.at(-1), 'fact')"
              >{{ s.text }}</mark
            ><span v-else :class="{ stretch: s.left, kept: s.left }">{{ s.text }}</span></template
          >
        </p>
      </section>
      <section class="facts" aria-label="What was read">
        <p class="summary" role="status">
          {{ facts.length }} values read{{
            unsure ? `, ${unsure} to look at: they are left out until you tick them` : ''
          }}.
          <button v-if="unsure" type="button" class="link-like" @click="takeAll">they are all right</button
          >{{ ' ' }}
          <template v-if="left.length"
            >{{ left.length }} {{ left.length === 1 ? 'sentence is' : 'sentences are' }} kept as your
            words.</template
          >
          All of the text stays in its notes (Method and notes).
        </p>
        <p v-if="!document.components.length" role="alert">
          No ingredient with an amount was found in it. Go back and put each on a line of its own.
        </p>
        <div v-for="group in groups" :key="group.index" class="group">
          <h2 class="section-title">{{ group.name }}</h2>
          <FactRow
            v-for="{ fact, i } in factsOf(group.index)"
            :key="i"
            :fact="fact"
            :number="i"
            :document="document"
            :larder="larder"
            :pointed="pointed === i"
            @point="point(i, 'text')"
            @take="fact.taken = $event"
            @value="((fact.value = $event), (fact.taken = true))"
            @change="(path, value) => (change(path, value), (fact.taken = true))"
          />
        </div>
        <p class="go">
          <a-button type="primary" size="large" :disabled="!document.components.length" @click="begin">
            Begin with this
          </a-button>
          <button type="button" class="link-like" @click="document = undefined">back to the text</button>
        </p>
        <p v-if="failed" role="alert" class="broken-rule">{{ failed }}</p>
      </section>
    </main>
  </div>
</template>

<style scoped>
.recipe-page {
  display: flex;
  flex-direction: column;
  height: 100%;
}

h1 {
  font-size: 22px;
  font-weight: 700;
}

.paste {
  width: min(860px, 100%);
  margin: 0 auto;
  padding: 18px 20px;
}

.paste > p {
  padding: 6px 0 10px;
}

.go {
  display: flex;
  gap: 18px;
  align-items: flex-end;
  padding: 12px 0;
}

.measures {
  width: 210px;
}

.review {
  display: grid;
  flex: 1;
  grid-template-columns: minmax(360px, 1fr) minmax(440px, 1.1fr);
  gap: 16px;
  min-height: 0;
  width: min(1360px, 100%);
  margin: 0 auto;
  padding: 14px 20px;
}

.words,
.facts {
  min-height: 0;
  padding: 12px 18px;
  overflow: auto;
  background: var(--panel);
}

.legend {
  padding: 6px 0;
  font-size: 13px;
}

.text {
  line-height: 1.6;
  white-space: pre-wrap;
}

.stretch {
  padding: 1px 2px;
  border-radius: 3px;
  color: var(--ink);
}

mark.stretch {
  cursor: pointer;
}

.sure {
  background: var(--good-wash);
  box-shadow: inset 0 -2px var(--good-edge);
}

.unsure {
  background: var(--warm-wash);
  box-shadow: inset 0 -2px var(--warm-edge);
}

.kept {
  background: var(--wash);
}

.pointed {
  outline: 3px solid var(--act);
}

.summary {
  padding-bottom: 8px;
}

.group {
  padding-bottom: 12px;
}
</style>
