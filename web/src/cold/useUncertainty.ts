import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { shallowRef, watch, type Ref } from 'vue'
import { queries } from '@/answers/queries'
import { api, type Chill, type Formula } from '@/api/client'

/** The corners take longer than the chill: they follow once it has stood still for so long. */
const STILL_MS = 350

/** How sure the milestones are, kept up with every chill; nothing while it is being computed. */
export function useUncertainty(formula: Ref<Formula | undefined>, chill: Ref<Chill | undefined>) {
  const still = refDebounced(chill, STILL_MS)
  const asked = shallowRef<Formula>()
  watch(chill, () => (asked.value = undefined))
  watch(still, (now) => (asked.value = now && formula.value))
  const { data } = useQuery(
    {
      queryKey: ['uncertainty', asked],
      queryFn: ({ signal }) => api.uncertainty(asked.value as Formula, signal),
      enabled: () => asked.value !== undefined,
      retry: false,
      networkMode: 'always',
      shallow: true,
      structuralSharing: false,
      gcTime: 0,
    },
    queries,
  )
  return data
}
