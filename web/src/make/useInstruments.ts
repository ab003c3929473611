import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type Instrument } from '@/api/client'

/** So often they are asked: what a probe shows is on the screen within a second. */
const ASKED_MS = 300

/** What probe and scale show now; nothing where there is none, and all is entered by hand. */
export function useInstruments() {
  const { data } = useQuery({
    queryKey: ['instruments'],
    queryFn: () => api.instruments(),
    refetchInterval: ASKED_MS,
    networkMode: 'always',
    retry: 0,
  })
  const of = (kind: string) => computed(() => data.value?.instruments.find((i) => i.kind === kind))
  return {
    probe: of('probe'),
    scale: of('scale'),
    known: computed(() => !!data.value),
    pages: computed(() => data.value?.pages ?? []),
  }
}

/** As it is entered and shown: a probe to the tenth, a scale as it weighs. */
export const shown = (of: Instrument) => (of.value === undefined ? '' : `${of.value.toFixed(1)} °C`)
export const weighed = (of: Instrument) =>
  of.value === undefined ? '' : `${(Math.round(of.value * 10) / 10).toFixed(1)} g`

/** Grams that are written as grams; else nothing can be compared with the scale. */
export function written(text: string): number | undefined {
  const grams = /^(\d+(?:[.,]\d+)?)\s*g$/.exec(text.trim())?.[1]
  return grams === undefined ? undefined : Number(grams.replace(',', '.'))
}
