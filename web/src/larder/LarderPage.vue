<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { Modal } from 'ant-design-vue'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ApiProblem } from '@/api/client'
import StationBar from '@/look/StationBar.vue'
import MouldCut from './MouldCut.vue'
import OwnEntryForm from './OwnEntryForm.vue'
import ShareBar from './ShareBar.vue'
import { factsOf, itemsOf, SHELVES } from './shelves'

/** Everything a formula can name: to look up, and to add one's own to. */
const route = useRoute()
const router = useRouter()
const queries = useQueryClient()
const { data: larder } = useQuery({ queryKey: ['larder'], queryFn: api.larder })
const { data: own } = useQuery({ queryKey: ['own'], queryFn: api.ownEntries })

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

const items = computed(() => (larder.value ? itemsOf(larder.value, shelf.value.id, search.value) : []))
const groups = computed(() => [...new Set(items.value.map((i) => i.group))])
const shown = computed(() => items.value.find((i) => i.id === chosen.value) ?? items.value[0])
const facts = computed(() =>
  larder.value && shown.value ? factsOf(larder.value, shelf.value.id, shown.value.id) : [],
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
const kind = computed(() => larder.value?.ownKinds.find((k) => k.id === shelf.value.id))

async function again() {
  await Promise.all([
    queries.invalidateQueries({ queryKey: ['larder'] }),
    queries.invalidateQueries({ queryKey: ['own'] }),
  ])
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

function remove() {
  const mine = entry.value
  if (!mine) return
  const used = mine.usedBy.length
    ? `It is used by ${mine.usedBy.join(', ')}; there it will be unknown.`
    : 'No formula uses it.'
  Modal.confirm({
    title: `Take “${mine.entry.fields.name}” out of the larder?`,
    content: used,
    okText: 'Take it out',
    okButtonProps: { danger: true },
    onOk: async () => {
      try {
        await api.removeOwnEntry(mine.key, mine.version)
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
        <a-button type="primary" @click="adding = true">Add your own…</a-button>
      </nav>
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
                <dd>{{ entry.usedBy.join(', ') || 'no formula yet' }}</dd>
              </template>
            </dl>
            <p v-if="entry" class="go">
              <a-button @click="editing = true">Change it</a-button>
              <a-button danger @click="remove">Take it out…</a-button>
            </p>
          </template>
        </section>
      </div>
      <p v-else>Opening…</p>
    </main>
  </div>
</template>

<style scoped>
.larder {
  display: flex;
  flex-direction: column;
  height: 100%;
}

main {
  display: flex;
  flex: 1;
  flex-direction: column;
  gap: 10px;
  min-height: 0;
  padding: 10px 20px 14px;
}

.shelves {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

.shelves > button:not(.ant-btn) {
  padding: 6px 14px;
  border: 1px solid #9fb1b6;
  border-radius: 3px;
  background: var(--panel);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}

.shelves > button.here:not(.ant-btn) {
  border-color: var(--ink);
  background: var(--ink);
  color: #ffffff;
}

.search {
  width: 240px;
  margin-left: auto;
}

.sides {
  display: grid;
  flex: 1;
  grid-template-columns: 1.1fr 1fr;
  gap: 10px;
  min-height: 300px;
}

.panel {
  padding: 10px 16px 14px;
  overflow-y: auto;
  background: var(--panel);
}

.two {
  columns: 2;
  column-gap: 16px;
}

.group {
  padding: 6px 0 2px;
  border-bottom: 2px solid var(--ink);
  font-size: 14px;
  font-weight: 700;
  break-after: avoid;
}

.group::first-letter {
  text-transform: uppercase;
}

li {
  break-inside: avoid;
}

li button {
  display: flex;
  flex-direction: column;
  width: 100%;
  padding: 3px 8px;
  border: 0;
  border-bottom: 1px solid var(--hairline);
  border-left: 4px solid transparent;
  background: none;
  color: var(--ink);
  font: inherit;
  line-height: 1.25;
  text-align: left;
  cursor: pointer;
}

li button:hover {
  background: #eef3f4;
}

li button.here {
  border-left-color: var(--act);
  background: #fdf1e6;
}

small,
.none {
  color: var(--quiet);
  font-size: 13px;
}

em {
  padding: 0 5px;
  border-radius: 3px;
  background: var(--good);
  color: #ffffff;
  font-size: 12px;
  font-style: normal;
}

dl {
  display: grid;
  grid-template-columns: 200px 1fr;
}

dt,
dd {
  padding: 4px 0;
  border-bottom: 1px solid var(--hairline);
}

dt {
  color: var(--quiet);
}

.go {
  display: flex;
  gap: 8px;
  padding-top: 12px;
}
</style>
