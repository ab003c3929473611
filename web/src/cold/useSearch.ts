import { ref, shallowRef } from 'vue'
import { api, type Formula, type Way, type WhatIfRow } from '@/api/client'

/** So many ways are tried with one question: as many as come back before a cook grows impatient. */
const TOGETHER = 4

/**
 * Tries one way after the other, the cheapest first, until one meets the time. Can be stopped; what was tried stays.
 */
export function useSearch() {
  const tried = ref(0)
  const of = ref(0)
  const running = ref(false)
  const found = shallowRef<{ way: Way; row: WhatIfRow }>()
  const said = ref('')
  let stopper: AbortController | undefined

  async function search(formula: Formula, ways: Way[], by: string) {
    stop()
    const mine = new AbortController()
    stopper = mine
    tried.value = 0
    of.value = ways.length
    found.value = undefined
    said.value = ''
    running.value = true
    let best: { way: Way; row: WhatIfRow } | undefined
    try {
      const [present] = await api.whatIf(
        formula,
        [{ label: 'As it is', changes: [] }],
        by,
        mine.signal,
        'search',
      )
      if (present?.answer.meets) {
        said.value = `As it is: ${present.answer.goal.toLowerCase()} ${present.answer.goalClock}.`
        return
      }
      for (let i = 0; i < ways.length; i += TOGETHER) {
        const some = ways.slice(i, i + TOGETHER)
        const rows = await api.whatIf(formula, some, by, mine.signal, 'search')
        for (const [k, row] of rows.entries()) {
          tried.value++
          const way = some[k] as Way
          // What is sooner but goes wrong is no way.
          if (row.answer.problems.length || ['UNSAFE', 'BAD'].includes(row.answer.worst?.tone ?? '')) continue
          if (sooner(row, best?.row)) best = { way, row }
          if (row.answer.meets) {
            found.value = { way, row }
            return
          }
        }
      }
      if (best) {
        found.value = best
        said.value = `Nothing of this meets ${by}. Soonest: ${best.row.answer.goalClock}.`
      } else said.value = `Nothing of this meets ${by}. Start earlier.`
    } catch {
      said.value = mine.signal.aborted
        ? `Stopped after ${tried.value} of ${of.value}.`
        : 'No answer from Deft Chill. Try again.'
      if (best) found.value = best
    } finally {
      if (stopper === mine) running.value = false
    }
  }

  function stop() {
    stopper?.abort()
  }

  return { search, stop, tried, of, running, found, said }
}

function sooner(row: WhatIfRow, than?: WhatIfRow): boolean {
  return (row.answer.goalMinutes ?? Infinity) < (than?.answer.goalMinutes ?? Infinity)
}
