import { useQuery } from '@tanstack/vue-query'
import { api, type Choice } from '@/api/client'

/** The short lists a cook chooses from, as the server gives them; empty until they have arrived. */
export function useChoices() {
  const { data: larder } = useQuery({ queryKey: ['larder'], queryFn: api.larder, staleTime: Infinity })
  return (field: string): Choice[] => larder.value?.choices[field] ?? []
}
