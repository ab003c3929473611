import { useInfiniteQuery, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute, useRouter, type LocationQueryRaw } from 'vue-router'
import { api, type LogWish } from '@/api/client'
import { counted } from '@/look/counted'

const SIZE = 50
const FIELDS = ['formula', 'outcome', 'words', 'cook', 'since', 'until'] as const
type Field = (typeof FIELDS)[number]

/** The batches that are wished for. The wish stands in the address: it survives a reload and can be sent on. */
export function useLog() {
  const route = useRoute()
  const router = useRouter()
  const wish = computed(() => {
    const of: Partial<Record<Field, string>> = {}
    for (const field of FIELDS) {
      const value = route.query[field]
      if (typeof value === 'string' && value) of[field] = value
    }
    return of as LogWish & { words?: string; formula?: string }
  })
  const wishes = computed(() => Object.keys(wish.value).length)

  function ask(change: Partial<Record<Field, string>>) {
    const all: LocationQueryRaw = { ...route.query, ...change }
    void router.replace({ query: Object.fromEntries(Object.entries(all).filter(([, value]) => value)) })
  }

  const found = useInfiniteQuery({
    queryKey: computed(() => ['log', wish.value]),
    queryFn: ({ pageParam }) => api.searchLog({ ...wish.value, page: pageParam, size: SIZE } as LogWish),
    initialPageParam: 0,
    getNextPageParam: (last) =>
      last.more || (last.page + 1) * last.size < last.total ? last.page + 1 : undefined,
    placeholderData: (before) => before,
  })
  const lines = computed(() => found.data.value?.pages.flatMap((p) => p.lines) ?? [])
  const total = computed(() => found.data.value?.pages[0]?.total ?? 0)
  const totalWords = computed(() => counted(total.value, !!found.data.value?.pages[0]?.more))
  const { data: cooks } = useQuery({ queryKey: ['log-cooks'], queryFn: api.logCooks })
  const csv = computed(
    () => `/api/log/table.csv?${new URLSearchParams(wish.value as Record<string, string>).toString()}`,
  )
  return {
    wish,
    wishes,
    ask,
    found,
    lines,
    total,
    totalWords,
    cooks: computed(() => cooks.value?.cooks ?? []),
    csv,
  }
}
