import { useQueries, useQuery } from '@tanstack/vue-query'
import { computed, ref, shallowRef, watch } from 'vue'
import { api } from '@/api/client'

/** So many are there to choose from before anything is typed. */
const LISTED = 200
/** And so many of those that what is typed finds. */
const FOUND = 60
const LEAST_TYPED = 2

interface Dessert {
  id: string
  name: string
}

/**
 * Desserts of the Book to choose from: those changed last, and of a long Book also those that the Book finds by what is typed.
 * What was seen once can be named from then on, and so can those that the page speaks of already.
 */
export function useDesserts(spokenOf: () => (string | undefined)[] = () => []) {
  const typed = ref('')
  const last = useQuery({
    queryKey: ['formulas', 'to-choose'],
    queryFn: () => api.formulas({ size: LISTED, order: 'UPDATED' }),
  })
  const isLong = computed(() => !!last.data.value?.more || (last.data.value?.total ?? 0) > LISTED)
  const found = useQuery({
    queryKey: computed(() => ['formulas', 'to-choose', typed.value]),
    queryFn: ({ signal }) => api.book({ search: typed.value, size: FOUND }, signal),
    enabled: computed(() => isLong.value && typed.value.length >= LEAST_TYPED),
  })
  const seen = shallowRef(new Map<string, Dessert>())
  watch(
    [last.data, found.data],
    (answers) => {
      const all = new Map(seen.value)
      const [changed, like] = answers
      for (const dessert of [...(changed?.formulas ?? []), ...(like?.rows ?? [])])
        all.set(dessert.id, dessert)
      seen.value = all
    },
    { immediate: true },
  )
  const unknown = computed(() =>
    last.data.value ? spokenOf().filter((id): id is string => !!id && !seen.value.has(id)) : [],
  )
  const named = useQueries({
    queries: computed(() =>
      unknown.value.map((id) => ({
        queryKey: ['formulas', 'to-name', id],
        queryFn: () => api.formula(id),
        retry: 0,
      })),
    ),
  })
  const spoken = computed(
    () => new Map(named.value.flatMap(({ data }) => (data ? [[data.id, data.document.name]] : []))),
  )
  return {
    options: computed(() =>
      [...seen.value.values()].map((d) => ({ value: d.id, label: d.name || 'Unnamed' })),
    ),
    nameOf: (id = '') => seen.value.get(id)?.name ?? spoken.value.get(id),
    find: (text: string) => {
      typed.value = text.trim()
    },
  }
}
