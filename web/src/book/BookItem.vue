<script setup lang="ts">
import { computed } from 'vue'
import type { BookRow } from '@/api/client'
import MenuButton from '@/look/MenuButton.vue'
import SmallCut from './SmallCut.vue'
import { madeWords } from './wish'

/** A formula in the Book: its cut in small, what it is, how its line reads, when it was last made. */
const props = defineProps<{
  row: BookRow
  index: number
  putAway?: boolean
  /** Name of the formula that it may be put beside. */
  beside?: string
}>()
const emit = defineEmits<{
  copy: []
  plan: []
  make: []
  tags: []
  remove: []
  bringBack: []
  compare: []
  tag: [tag: string]
}>()

const SIGNS: Record<string, string> = { unsafe: '!!', bad: '!', caution: '~', good: '✓', unknown: '?' }
const SPOKEN: Record<string, string> = {
  unsafe: 'Unsafe',
  bad: 'Will not work',
  caution: 'Something to watch',
  good: 'Works',
  unknown: 'Not understood yet',
}
const name = computed(() => props.row.name || 'Unnamed')
const is = computed(() => [props.row.kindWords, props.row.served].filter(Boolean).join(' · '))
</script>

<template>
  <article :class="['item', row.tone, { old: !row.fresh }]">
    <SmallCut v-if="row.cut" class="cut" :cut="row.cut" />
    <span v-else class="cut" />
    <div class="text">
      <h2>
        <RouterLink :to="{ name: 'bench', params: { id: row.id } }" :data-index="index">{{
          name
        }}</RouterLink>
      </h2>
      <p class="is">
        {{ is }}
        <button
          v-for="tag in row.tags"
          :key="tag"
          type="button"
          class="tag"
          :aria-label="`Only those tagged ${tag}`"
          @click="emit('tag', tag)"
        >
          {{ tag }}
        </button>
      </p>
      <p v-if="row.line" class="line">
        <span class="sign" aria-hidden="true">{{ SIGNS[row.tone] }}</span>
        <span class="out-of-sight">{{ SPOKEN[row.tone] }}: </span>{{ row.line }}
      </p>
      <p v-else class="line waits">being computed…</p>
    </div>
    <div class="side">
      <MenuButton label="⋯" :spoken="`More for ${name}`">
        <a-menu-item key="copy" @click="emit('copy')">Copy</a-menu-item>
        <a-menu-item key="make" @click="emit('make')">Make it now</a-menu-item>
        <a-menu-item key="plan" @click="emit('plan')">Plan it for a day…</a-menu-item>
        <a-menu-item key="tags" @click="emit('tags')">Tags…</a-menu-item>
        <a-menu-item key="compare" @click="emit('compare')">
          {{ beside === undefined ? 'Compare with another…' : `Compare with ${beside}` }}
        </a-menu-item>
        <a-menu-item v-if="putAway" key="back" @click="emit('bringBack')">Bring back</a-menu-item>
        <a-menu-item v-else key="remove" danger @click="emit('remove')">Delete or put away…</a-menu-item>
      </MenuButton>
      <span class="made">{{ madeWords(row.made) }}</span>
    </div>
  </article>
</template>

<style scoped>
.item {
  display: grid;
  grid-template-columns: 104px 1fr 104px;
  gap: 12px;
  height: 112px;
  padding: 10px 4px;
  border-bottom: 1px solid var(--hairline);
}

.cut {
  width: 104px;
  height: 90px;
  align-self: end;
}

.text {
  min-width: 0;
}

h2 {
  overflow: hidden;
  font-size: 17px;
  font-weight: 700;
  line-height: 1.25;
  text-overflow: ellipsis;
  white-space: nowrap;
}

h2 a {
  display: inline-block;
  min-height: 24px;
  line-height: 24px;
  color: var(--ink);
  text-decoration: underline;
  text-decoration-color: var(--edge-strong);
  text-underline-offset: 3px;
}

.is {
  overflow: hidden;
  color: var(--quiet);
  font-size: 13px;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.tag {
  min-height: 24px;
  margin-left: 6px;
  padding: 0 8px;
  border: 1px solid var(--edge);
  border-radius: 8px;
  background: var(--white);
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}

.line {
  display: -webkit-box;
  overflow: hidden;
  font-size: 14px;
  line-height: 1.3;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
}

.sign {
  display: inline-block;
  min-width: 16px;
  margin-right: 6px;
  border-radius: 3px;
  background: var(--quiet);
  color: var(--white);
  font-size: 12px;
  font-weight: 700;
  text-align: center;
}

.good .sign {
  background: var(--good);
}

.caution .sign {
  background: var(--caution);
}

.bad .sign {
  background: var(--act);
}

.unsafe .sign {
  background: var(--unsafe);
}

.old .line,
.waits {
  color: var(--quiet);
}

.side {
  display: flex;
  flex-direction: column;
  align-items: flex-end;
  justify-content: space-between;
  text-align: right;
}

.side :deep(.ant-btn) {
  width: 36px;
  height: 28px;
  padding: 0;
  border-color: transparent;
  background: none;
  box-shadow: none;
}

.side :deep(.ant-btn:hover),
.side :deep(.ant-btn:focus-visible) {
  border-color: var(--edge);
}

.made {
  color: var(--quiet);
  font-size: 13px;
  line-height: 1.2;
}
</style>
