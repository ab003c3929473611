import { onBeforeUnmount, shallowRef, watch, type Ref } from 'vue'
import { api, type Chill, type Formula, type Uncertainty } from '@/api/client'

/** The corners take longer than the chill: they follow once it has stood still for so long. */
const STILL_MS = 350

/** How sure the milestones are, kept up with every chill; nothing while it is being computed. */
export function useUncertainty(formula: Ref<Formula | undefined>, chill: Ref<Chill | undefined>) {
  const uncertainty = shallowRef<Uncertainty>()
  let waiting: ReturnType<typeof setTimeout> | undefined
  let asking: AbortController | undefined

  function stop() {
    clearTimeout(waiting)
    asking?.abort()
  }

  async function ask() {
    const document = formula.value
    if (!document || !chill.value) return
    const mine = new AbortController()
    asking = mine
    const found = await api.uncertainty(document, mine.signal).catch(() => undefined)
    if (!mine.signal.aborted) uncertainty.value = found
  }

  watch(chill, () => {
    stop()
    uncertainty.value = undefined
    waiting = setTimeout(() => void ask(), STILL_MS)
  })
  onBeforeUnmount(stop)
  return uncertainty
}
