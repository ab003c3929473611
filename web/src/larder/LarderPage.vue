<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { Modal } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ApiProblem, type OwnEntry } from '@/api/client'
import { useAgain, useSend } from '@/answers/queries'
import TypedField from '@/look/TypedField.vue'
import StationBar from '@/look/StationBar.vue'
import MouldCut from './MouldCut.vue'
import OwnEntryForm from './OwnEntryForm.vue'
import ShareBar from './ShareBar.vue'
import { likeFields, priceOf, withPrice } from './like'
import { factsOf, itemsOf, SHELVES } from './shelves'

/** Everything a formula can name: to look up, and to add one's own to. */
const route = useRoute()
const router = useRouter()
const askAgain = useAgain()
const { data: larder } = useQuery({ queryKey: ['larder'], queryFn: api.larder })
const { data: kitchen } = useQuery({ queryKey: ['kitchen'], queryFn: api.kitchen })
const { data: own } = useQuery({ queryKey: ['own'], queryFn: api.ownEntries })

const fahrenheit = computed(() => kitchen.value?.settings.temperature === 'fahrenheit')
const shelf = computed(() => SHELVES.find((s) => s.path === route.params.shelf) ?? SHELVES[0])
const search = ref('')
const chosen = ref('')
const editing = ref(false)
const adding = ref(false)
watch(shelf, () => {
  search.value = ''
  chosen.value = ''
  editing.value = adding.value = false
})

const items = computed(() =>
  larder.value ? itemsOf(larder.value, shelf.value.id, search.value, fahrenheit.value) : [],
)
const groups = computed(() => [...new Set(items.value.map((i) => i.group))])
const shown = computed(() => items.value.find((i) => i.id === chosen.value) ?? items.value[0])
const facts = computed(() =>
  larder.value && shown.value ? factsOf(larder.value, shelf.value.id, shown.value.id, fahrenheit.value) : [],
)
const mould = computed(() =>
  shelf.value.id === 'mould' ? larder.value?.moulds.find((m) => m.id === shown.value?.id) : undefined,
)
const ingredient = computed(() =>
  shelf.value.id === 'ingredient'
    ? larder.value?.ingredients.find((i) => i.id === shown.value?.id)
    : undefined,
)
const entry = computed(() =>
  own.value?.find((o) => o.entry.kind === shelf.value.id && o.entry.id === shown.value?.id),
)
/** A new entry that begins with the figures of the one shown. */
const like = ref<Record<string, string>>()
function addLike() {
  const id = shown.value?.id
  like.value = larder.value && id ? likeFields(larder.value, shelf.value.id, id, entry.value) : undefined
  adding.value = true
}
function add() {
  like.value = undefined
  adding.value = true
}

const priced = computed(() => ['ingredient', 'gel'].includes(shelf.value.id))
const price = ref('')
const priceProblem = ref('')
const saveKitchen = useSend('saveKitchen')
const importTable = useSend('importTable')
const removeOwnEntry = useSend('removeOwnEntry')
watch(
  [shown, kitchen],
  () => {
    price.value = priceOf(kitchen.value?.settings.prices ?? '', shown.value?.id ?? '')
    priceProblem.value = ''
  },
  { immediate: true },
)
async function keepPrice() {
  if (!kitchen.value || !shown.value) return
  const settings = {
    ...kitchen.value.settings,
    prices: withPrice(kitchen.value.settings.prices, shown.value.id, price.value),
  }
  try {
    await saveKitchen(kitchen.value.version, settings)
    priceProblem.value = ''
    await askAgain(['kitchen'])
  } catch (error) {
    priceProblem.value =
      error instanceof ApiProblem
        ? (error.response.problems[0]?.rule ?? error.message)
        : 'Not kept: Deft Chill does not answer. Nothing typed is lost.'
  }
}

const tableProblems = ref<string[]>([])
async function takeTable(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (!file) return
  tableProblems.value = []
  try {
    await importTable(shelf.value.id, file)
    await again()
  } catch (error) {
    tableProblems.value =
      error instanceof ApiProblem
        ? error.response.problems.map((p) => `${p.field} “${p.value}” ${p.rule}`)
        : ['Not taken: Deft Chill does not answer.']
  }
  input.value = ''
}

const kind = computed(() => larder.value?.ownKinds.find((k) => k.id === shelf.value.id))

async function again() {
  await askAgain(['larder'], ['own'])
}

async function done(id: string) {
  await again()
  search.value = ''
  chosen.value = id
  editing.value = adding.value = false
}

function choose(id: string) {
  chosen.value = id
  editing.value = adding.value = false
}

/** The formulas that use an entry: the first by name, of the others how many. */
function usedBy({ usedBy: names, uses }: OwnEntry): string {
  const more = uses - names.length
  return names.join(', ') + (more > 0 ? ` and ${more} more` : '')
}

function remove() {
  const mine = entry.value
  if (!mine) return
  const used = mine.uses ? `It is used by ${usedBy(mine)}; there it will be unknown.` : 'No formula uses it.'
  Modal.confirm({
    title: `Take “${mine.entry.fields.name}” out of the larder?`,
    content: used,
    okText: 'Take it out',
    okButtonProps: { danger: true },
    onOk: async () => {
      try {
        await removeOwnEntry(mine.key, mine.version)
      } catch (error) {
        if (!(error instanceof ApiProblem)) throw error
      }
      chosen.value = ''
      await again()
    },
  })
}
</script>

<template>
  <div class="larder">
    <StationBar station="larder" />
    <main>
      <h1 class="out-of-sight">The larder</h1>
      <nav class="shelves" aria-label="Shelves">
        <button
          v-for="s in SHELVES"
          :key="s.id"
          type="button"
          :class="{ here: s.id === shelf.id }"
          :aria-pressed="s.id === shelf.id"
          @click="router.push({ name: 'larder', params: { shelf: s.path } })"
        >
          {{ s.label }}
        </button>
        <label class="search">
          <span class="out-of-sight">Search the shelf</span>
          <a-input v-model:value="search" placeholder="Search…" allow-clear />
        </label>
        <a-button type="primary" @click="add">Add your own…</a-button>
        <a class="table-link" :href="`/api/larder/own/${shelf.id}.csv`" download>your own as a table</a>
        <label class="table-link">
          take from a table…
          <input type="file" accept=".csv,text/csv" class="out-of-sight" @change="takeTable" />
        </label>
      </nav>
      <ul v-if="tableProblems.length" class="table-problems" role="alert">
        <li v-for="(p, i) in tableProblems" :key="i">{{ p }}</li>
      </ul>
      <div v-if="larder" class="sides">
        <section class="panel list" :aria-label="shelf.label">
          <p v-if="!items.length" class="none">Nothing on this shelf is called “{{ search }}”.</p>
          <div class="two">
            <template v-for="group in groups" :key="group">
              <h2 v-if="group" class="group">{{ group }}</h2>
              <ul>
                <li v-for="item in items.filter((i) => i.group === group)" :key="item.id">
                  <button
                    type="button"
                    :class="{ here: item.id === shown?.id && !adding }"
                    :aria-pressed="item.id === shown?.id"
                    @click="choose(item.id)"
                  >
                    <span>{{ item.name }} <em v-if="item.own">yours</em></span>
                    <small>{{ item.brief }}</small>
                  </button>
                </li>
              </ul>
            </template>
          </div>
        </section>
        <section class="panel" aria-label="About it">
          <OwnEntryForm
            v-if="kind && (adding || (editing && entry))"
            :kind="kind"
            :entry="adding ? undefined : entry"
            :start="adding ? like : undefined"
            :larder="larder"
            @done="done"
            @cancel="editing = adding = false"
          />
          <template v-else-if="shown">
            <h2 class="section-title">
              {{ shown.name }} <small>{{ shown.own ? 'your own entry' : 'shipped with Deft Chill' }}</small>
            </h2>
            <MouldCut v-if="mould" :mould="mould" />
            <ShareBar v-if="ingredient" :shares="ingredient.shares" />
            <dl>
              <template v-for="fact in facts" :key="fact.name">
                <dt>{{ fact.name }}</dt>
                <dd>{{ fact.value }}</dd>
              </template>
              <template v-if="entry">
                <dt>Used by</dt>
                <dd>{{ usedBy(entry) || 'no formula yet' }}</dd>
              </template>
            </dl>
            <form v-if="priced" class="price" @submit.prevent="keepPrice">
              <TypedField
                v-model="price"
                :label="`Price of a kilogram, ${kitchen?.settings.currency ?? ''}`"
                :step="0.1"
              />
              <a-button
                html-type="submit"
                :disabled="price === priceOf(kitchen?.settings.prices ?? '', shown.id)"
                >Keep the price</a-button
              >
              <p v-if="priceProblem" class="broken-rule" role="alert">{{ priceProblem }}</p>
            </form>
            <p class="go">
              <a-button @click="addLike">Like this one, but…</a-button>
              <template v-if="entry">
                <a-button @click="editing = true">Change it</a-button>
                <a-button danger @click="remove">Take it out…</a-button>
              </template>
            </p>
          </template>
        </section>
      </div>
      <p v-else>Opening…</p>
    </main>
  </div>
</template>

<style scoped src="./LarderPage.css"></style>
