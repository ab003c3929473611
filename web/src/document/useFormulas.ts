import { useQuery, type QueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api } from '@/api/client'

/** So many are offered in a list to choose from; the others are found by a part of their name. */
const LISTED = 100

type List = Awaited<ReturnType<typeof api.formulas>>

/** The formulas at hand that were changed last, by name, to choose from. */
export function useFormulas() {
  const { data } = useQuery({
    queryKey: ['formulas'],
    queryFn: () => api.formulas({ size: LISTED, order: 'UPDATED' }),
    staleTime: 60_000,
  })
  return computed(() => data.value?.formulas.toSorted((a, b) => a.name.localeCompare(b.name)) ?? [])
}

/** A formula was saved: nothing of a list changes but its name, if that did. */
export function renamed(queries: QueryClient, id: string, name: string) {
  queries.setQueryData<List>(['formulas'], (list) =>
    list?.formulas.some((f) => f.id === id && f.name !== name)
      ? { ...list, formulas: list.formulas.map((f) => (f.id === id ? { ...f, name } : f)) }
      : list,
  )
}
