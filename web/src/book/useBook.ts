import { useQueries } from '@tanstack/vue-query'
import { computed, shallowRef, watch, type Ref } from 'vue'
import { api, type BookRow } from '@/api/client'
import { counted } from '@/look/counted'
import type { Wish } from './wish'

/** Rows of a page; a page is asked for when one of its rows comes into sight. */
export const SIZE = 60
/** While rows are still being computed the list is asked for again, ms. */
const AGAIN_MS = 1200

interface Held {
  wish: string
  total: number
  more: boolean
  pages: Map<number, BookRow[]>
}

/**
 * The Book as it is wished for, as far as it is in sight. While another wish is not answered yet, the rows of the last one stay.
 *
 * @param rows first and last row in sight
 */
export function useBook(wish: Ref<Wish>, rows: Ref<readonly [number, number]>) {
  const held = shallowRef<Held>({ wish: '', total: 0, more: false, pages: new Map() })
  const key = computed(() => JSON.stringify(wish.value))
  const wanted = computed(() => {
    const first = Math.floor(rows.value[0] / SIZE)
    const last = Math.floor(rows.value[1] / SIZE)
    return Array.from({ length: Math.max(1, last - first + 1) }, (_, i) => first + i)
  })
  const answers = useQueries({
    queries: computed(() =>
      wanted.value.map((page) => ({
        queryKey: ['book', 'rows', key.value, page],
        queryFn: ({ signal }: { signal: AbortSignal }) =>
          api.book({ ...wish.value, page, size: SIZE }, signal),
        refetchInterval: (query: { state: { data?: { computing: boolean } } }) =>
          query.state.data?.computing ? AGAIN_MS : false,
        staleTime: 5000,
        shallow: true,
      })),
    ),
  })
  watch(
    answers,
    (now) => {
      const came = now.flatMap((a) => (a.data ? [a.data] : []))
      if (!came.length) return
      const same = held.value.wish === key.value
      const pages = new Map(same ? held.value.pages : [])
      for (const page of came) pages.set(page.page, page.rows)
      // Counting goes on with the page that is looked at.
      const far = came.reduce((a, b) => (b.total > a.total ? b : a))
      held.value = { wish: key.value, total: far.total, more: far.more, pages }
    },
    { immediate: true, deep: false },
  )
  return {
    total: computed(() => held.value.total),
    totalWords: computed(() => counted(held.value.total, held.value.more)),
    answered: computed(() => held.value.wish !== ''),
    /** Whether the rows are those of an earlier wish. */
    stale: computed(() => held.value.wish !== key.value),
    failed: computed(() => answers.value.some((a) => a.isError)),
    row: (index: number): BookRow | undefined =>
      held.value.pages.get(Math.floor(index / SIZE))?.[index % SIZE],
  }
}
