<script setup lang="ts">
import { useVirtualizer } from '@tanstack/vue-virtual'
import { useElementSize } from '@vueuse/core'
import { computed, nextTick, ref, toRef, useTemplateRef, watch } from 'vue'
import type { BookRow } from '@/api/client'
import TintPatterns from '@/cut/TintPatterns.vue'
import BookItem from './BookItem.vue'
import { useBook } from './useBook'
import { narrowed, type Wish } from './wish'

/** The formulas themselves: only those in sight are drawn and asked for, however many there are. */
const props = defineProps<{
  wish: Wish
  /** The first of two that are to be put beside each other. */
  beside?: BookRow
}>()
const emit = defineEmits<{
  want: [change: Partial<Wish>]
  copy: [row: BookRow]
  plan: [row: BookRow]
  make: [row: BookRow]
  tags: [row: BookRow]
  compare: [row: BookRow]
  bringBack: [row: BookRow]
  remove: [row: BookRow]
}>()

/** Two beside each other where there is room. */
const ROW_PX = 112
const TWO_FROM_PX = 980
const list = useTemplateRef<HTMLElement>('list')
const { width } = useElementSize(list)
const columns = computed(() => (width.value >= TWO_FROM_PX ? 2 : 1))
const total = ref(0)
const virtual = useVirtualizer(
  computed(() => ({
    count: Math.ceil(total.value / columns.value),
    getScrollElement: () => list.value,
    estimateSize: () => ROW_PX,
    overscan: 4,
  })),
)
const lines = computed(() => virtual.value.getVirtualItems())
const inSight = computed(
  () =>
    [
      (lines.value[0]?.index ?? 0) * columns.value,
      ((lines.value.at(-1)?.index ?? 0) + 1) * columns.value - 1,
    ] as const,
)
const book = useBook(toRef(props, 'wish'), inSight)
watch(book.total, (now) => (total.value = now), { immediate: true })
watch(
  () => JSON.stringify(props.wish),
  () => list.value?.scrollTo({ top: 0 }),
)
const shelves = computed(() =>
  lines.value.map((line) => ({
    line,
    places: Array.from({ length: columns.value }, (_, column) => line.index * columns.value + column)
      .filter((index) => index < total.value)
      .map((index) => ({ index, row: book.row(index) })),
  })),
)
const NOTHING: Partial<Wish> = {
  search: '',
  kind: '',
  tone: '',
  without: '',
  tag: '',
  made: undefined,
  putAway: undefined,
}

/** Arrow keys go from formula to formula. */
async function walk(event: KeyboardEvent) {
  const here = Number((event.target as HTMLElement).dataset?.index)
  const steps: Record<string, number> = {
    ArrowDown: columns.value,
    ArrowUp: -columns.value,
    ArrowRight: 1,
    ArrowLeft: -1,
  }
  const step = steps[event.key]
  if (Number.isNaN(here) || !step) return
  event.preventDefault()
  const to = Math.max(0, Math.min(total.value - 1, here + step))
  virtual.value.scrollToIndex(Math.floor(to / columns.value))
  await nextTick()
  list.value?.querySelector<HTMLElement>(`[data-index='${to}']`)?.focus()
}
</script>

<template>
  <p class="count" role="status">
    <template v-if="book.failed.value"
      >The list cannot be read now{{ total ? ': it is as it was last known' : '' }}.</template
    >
    <template v-else-if="book.answered.value">
      {{ total === 1 ? '1 formula' : `${book.totalWords.value} formulas`
      }}{{ narrowed(wish) && !book.stale.value ? ' like that' : '' }}
    </template>
  </p>
  <svg class="tints" aria-hidden="true"><TintPatterns /></svg>
  <div
    ref="list"
    class="list"
    :class="{ stale: book.stale.value }"
    role="region"
    aria-label="Formulas"
    tabindex="0"
    @keydown="walk"
  >
    <div v-if="book.answered.value && !total" class="none">
      <p v-if="narrowed(wish)">
        Nothing is like that.
        <button type="button" class="link-like" @click="emit('want', NOTHING)">Show all</button>
      </p>
      <p v-else>
        The Book is empty. <RouterLink :to="{ name: 'new' }">Begin a new dessert</RouterLink>: four questions
        give a formula that already works.
      </p>
    </div>
    <div class="whole" :style="{ height: `${virtual.getTotalSize()}px` }">
      <div
        v-for="shelf in shelves"
        :key="shelf.line.index"
        class="shelf"
        :style="{
          transform: `translateY(${shelf.line.start}px)`,
          gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`,
        }"
      >
        <template v-for="{ index, row } in shelf.places" :key="index">
          <BookItem
            v-if="row"
            :row="row"
            :index="index"
            :put-away="wish.putAway"
            :beside="beside && beside.id !== row.id ? beside.name || 'Unnamed' : undefined"
            @copy="emit('copy', row)"
            @plan="emit('plan', row)"
            @make="emit('make', row)"
            @tags="emit('tags', row)"
            @compare="emit('compare', row)"
            @bring-back="emit('bringBack', row)"
            @remove="emit('remove', row)"
            @tag="emit('want', { tag: $event })"
          />
          <div v-else class="empty" />
        </template>
      </div>
    </div>
  </div>
</template>

<style scoped>
.count {
  min-height: 21px;
  padding: 6px 0 2px;
  color: var(--quiet);
  font-size: 14px;
}

.tints {
  position: absolute;
  width: 0;
  height: 0;
}

.list {
  flex: 1;
  min-height: 0;
  padding: 0 16px;
  overflow-y: auto;
  background: var(--panel);
}

.list.stale {
  opacity: 0.6;
}

.whole {
  position: relative;
}

.shelf {
  position: absolute;
  inset: 0 0 auto;
  display: grid;
  gap: 0 32px;
}

.empty {
  height: 112px;
  border-bottom: 1px solid var(--hairline);
}

.none {
  padding: 40px;
  font-size: 17px;
  text-align: center;
}
</style>
