<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced, useTitle } from '@vueuse/core'
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, type BookRow } from '@/api/client'
import { ask, useAgain, useSend } from '@/answers/queries'
import FileNotice from '@/document/FileNotice.vue'
import { useFiles } from '@/document/useFiles'
import { useShelf } from '@/document/useShelf'
import StationBar from '@/look/StationBar.vue'
import { useBegin } from '@/make/useBegin'
import TypedField from '@/look/TypedField.vue'
import BookFilters from './BookFilters.vue'
import BookList from './BookList.vue'
import CompareDrawer from './CompareDrawer.vue'
import TagsDrawer from './TagsDrawer.vue'
import { searchAsked } from './toSearch'
import { queryOf, wishOf, type Wish } from './wish'

/** Where the work begins: every formula by its cut, found by what it is called, what it is and what is in it. */
const route = useRoute()
const router = useRouter()
const { begin } = useBegin()
const askAgain = useAgain()
useTitle('Book · Deft Chill')
const { data: larder } = useQuery({ queryKey: ['larder'], queryFn: api.larder })

const wish = computed(() => wishOf(route.query))
const search = ref(wish.value.search ?? '')
const searched = refDebounced(search, 120)
const want = (change: Partial<Wish>) => router.replace({ query: queryOf({ ...wish.value, ...change }) })
watch(searched, (now) => want({ search: now.trim() }))
watch(
  () => wish.value.search ?? '',
  (now) => {
    if (now !== search.value.trim()) search.value = now
  },
)

/** The one search of the kitchen: from anywhere by its key. */
const finder = useTemplateRef<HTMLElement>('finder')
function focusSearch() {
  if (!searchAsked.value) return
  searchAsked.value = false
  const field = finder.value?.querySelector('input')
  field?.focus()
  field?.select()
}
watch(searchAsked, focusSearch)
onMounted(focusSearch)

const openBench = (id: string) => router.push({ name: 'bench', params: { id } })
const { create, remove } = useShelf(openBench)
async function copy(row: BookRow) {
  const { document } = await ask('formula', row.id)
  await create({ ...document, name: `${document.name ?? ''} (copy)` })
}
const bringBackFormula = useSend('bringBack')
async function bringBack(row: BookRow) {
  await bringBackFormula(row.id, row.version)
  await askAgain(['book'])
}
const files = useFiles((taken) => void openBench(taken))

const tagging = ref<BookRow>()
const tagsOpen = ref(false)
function editTags(row: BookRow) {
  tagging.value = row
  tagsOpen.value = true
}

/** Those that are to be planned together, in the order in which they were touched. */
const planned = ref<BookRow[]>([])
const plan = (row: BookRow) => {
  if (!planned.value.some((p) => p.id === row.id)) planned.value = [...planned.value, row]
}

/** The first of two that are put beside each other, and the second. */
const first = ref<BookRow>()
const second = ref<BookRow>()
const comparing = ref(false)
function compare(row: BookRow) {
  if (!first.value || first.value.id === row.id) {
    first.value = row
    return
  }
  second.value = row
  comparing.value = true
}
watch(comparing, (now) => {
  if (!now) first.value = undefined
})
</script>

<template>
  <div class="book-page">
    <h1 class="out-of-sight">The Book</h1>
    <StationBar station="book">
      <span class="tools">
        <a-button @click="files.choose">Take from a file…</a-button>
        <RouterLink class="recipe" :to="{ name: 'recipe' }">From a recipe…</RouterLink>
        <RouterLink class="new" :to="{ name: 'new' }">New dessert</RouterLink>
      </span>
    </StationBar>
    <main>
      <div ref="finder" class="search">
        <TypedField
          v-model="search"
          label="Search the Book: a name, an ingredient, a tag"
          placeholder="Search: name, ingredient, tag   ( / )"
          hidden-label
        />
      </div>
      <BookFilters :wish="wish" :larder="larder" @want="want" />
      <FileNotice
        v-if="files.failed.value"
        :file="files.failed.value"
        :problems="files.problems.value"
        @close="files.close"
      />
      <p v-if="first" class="comparing" role="status">
        Compare <strong>{{ first.name || 'Unnamed' }}</strong> with another: choose it in its menu ⋯.
        <button type="button" class="link-like" @click="first = undefined">Leave it</button>
      </p>
      <BookList
        :wish="wish"
        :beside="first"
        @want="want"
        @copy="copy"
        @plan="plan"
        @make="begin($event.id)"
        @tags="editTags"
        @compare="compare"
        @bring-back="bringBack"
        @remove="(row) => remove(row.id, row.name, row.version)"
      />
    </main>
    <aside v-if="planned.length" class="to-plan" aria-label="To be planned together">
      <span v-for="p in planned" :key="p.id">
        {{ p.name }}
        <a-button
          size="small"
          type="text"
          :aria-label="`Leave out ${p.name}`"
          @click="planned = planned.filter((x) => x.id !== p.id)"
          >✕</a-button
        >
      </span>
      <RouterLink class="go" :to="{ name: 'days', query: { of: planned.map((p) => p.id).join(',') } }">
        Plan {{ planned.length === 1 ? 'it' : 'these' }} for a day
      </RouterLink>
    </aside>
    <TagsDrawer v-model:open="tagsOpen" :row="tagging" />
    <CompareDrawer v-model:open="comparing" :before="first" :after="second" />
    <p v-if="files.over.value" class="drop">Let go: the formula in this file is added to yours.</p>
  </div>
</template>

<style scoped>
.book-page {
  display: flex;
  flex-direction: column;
  height: 100%;
}

.tools {
  display: flex;
  gap: 8px;
  align-items: center;
  margin-left: auto;
}

.tools :deep(.ant-btn) {
  border-color: var(--edge-deep);
  background: transparent;
  color: var(--white);
}

.recipe {
  padding: 5px 14px;
  border: 1px solid var(--edge-deep);
  border-radius: 3px;
  color: var(--white);
}

.recipe:hover {
  border-color: var(--glow);
  color: var(--white);
}

.new {
  padding: 6px 16px;
  border-radius: 3px;
  background: var(--glow);
  color: var(--ink);
  font-weight: 700;
}

.new:hover {
  color: var(--ink);
  text-decoration: underline;
}

main {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 0;
  width: min(1360px, 100%);
  margin: 0 auto;
  padding: 14px 20px 0;
}

.search :deep(.ant-input) {
  height: 42px;
  font-size: 18px;
}

.comparing {
  margin-top: 8px;
  padding: 6px 12px;
  background: var(--warm-wash);
}

.drop {
  position: fixed;
  inset: 0;
  z-index: 20;
  display: grid;
  place-items: center;
  background: rgb(23 50 58 / 70%);
  color: var(--white);
  font-size: 24px;
}

.to-plan {
  position: sticky;
  bottom: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
  padding: 10px 20px;
  border-top: 3px solid var(--act);
  background: var(--panel);
}

.to-plan .go {
  margin-left: auto;
  padding: 6px 14px;
  border-radius: 3px;
  background: var(--act);
  color: var(--white);
}
</style>
