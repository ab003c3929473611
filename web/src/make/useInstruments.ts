import { useQuery } from '@tanstack/vue-query'
import { useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import { api, type Instrument } from '@/api/client'

/** So often they are asked: what a probe shows is on the screen within a second. */
const ASKED_MS = 300

/** Whether simulated instruments are heard on this device: they measure nothing, so nobody meets one unasked. */
export const useSimulated = () => useLocalStorage('deft-chill.simulated', false)

/** What probe and scale show now; nothing where there is none, and all is entered by hand. */
export function useInstruments() {
  const { data } = useQuery({
    queryKey: ['instruments'],
    queryFn: () => api.instruments(),
    refetchInterval: ASKED_MS,
    networkMode: 'always',
    retry: 0,
  })
  const simulated = useSimulated()
  const heard = computed(() => data.value?.instruments ?? [])
  const of = (kind: string) =>
    computed(() => heard.value.find((i) => i.kind === kind && (simulated.value || !i.simulated)))
  return {
    probe: of('probe'),
    scale: of('scale'),
    /** Whether there are stand-ins, heard here or not. */
    standIns: computed(() => heard.value.some((i) => i.simulated)),
    known: computed(() => !!data.value),
    pages: computed(() => data.value?.pages ?? []),
  }
}

/** What it is called wherever it is shown. */
export const nameOf = (of: Instrument) =>
  of.simulated ? `Simulated ${of.kind}` : of.kind === 'probe' ? 'Probe' : 'Scale'

/** As it is entered and shown: a probe to the tenth, a scale as it weighs. */
export const shown = (of: Instrument) => (of.value === undefined ? '' : `${of.value.toFixed(1)} °C`)
export const weighed = (of: Instrument) =>
  of.value === undefined ? '' : `${(Math.round(of.value * 10) / 10).toFixed(1)} g`

/** Grams that are written as grams; else nothing can be compared with the scale. */
export function written(text: string): number | undefined {
  const grams = /^(\d+(?:[.,]\d+)?)\s*g$/.exec(text.trim())?.[1]
  return grams === undefined ? undefined : Number(grams.replace(',', '.'))
}
