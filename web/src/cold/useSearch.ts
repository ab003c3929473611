import { ref, shallowRef } from 'vue'
import type { Formula, Way, WhatIfRow } from '@/api/client'
import { ask } from '@/answers/queries'

/** So many ways are tried with one question: as many as come back before a cook grows impatient. */
const TOGETHER = 4

interface Found {
  way: Way
  row: WhatIfRow
}

/**
 * Tries one way after the other, the cheapest first, until one meets the time. Can be stopped; what was tried stays.
 */
export function useSearch() {
  const tried = ref(0)
  const of = ref(0)
  const running = ref(false)
  const found = shallowRef<Found>()
  const said = ref('')
  let stopper: AbortController | undefined
  /** The soonest so far; shown when the search has come to its end. */
  let best: Found | undefined

  async function search(formula: Formula, ways: Way[], by: string) {
    stop()
    const mine = new AbortController()
    stopper = mine
    tried.value = 0
    of.value = ways.length
    found.value = best = undefined
    said.value = ''
    running.value = true
    try {
      said.value = await tryThem(formula, ways, by, mine.signal)
    } catch {
      said.value = mine.signal.aborted
        ? `Stopped after ${tried.value} of ${of.value}.`
        : 'No answer from Deft Chill. Try again.'
    } finally {
      if (stopper === mine) {
        found.value = best
        running.value = false
      }
    }
  }

  /** What is to be said when the search has come to its end. */
  async function tryThem(formula: Formula, ways: Way[], by: string, signal: AbortSignal): Promise<string> {
    const [present] = await ask('whatIf', formula, [{ label: 'As it is', changes: [] }], by, signal, 'search')
    if (present?.answer.meets) return asItIs(present)
    for (let i = 0; i < ways.length; i += TOGETHER) {
      const some = ways.slice(i, i + TOGETHER)
      const rows = await ask('whatIf', formula, some, by, signal, 'search')
      signal.throwIfAborted()
      for (const [k, row] of rows.entries()) {
        tried.value++
        if (goesWrong(row)) continue
        const mine = { way: some[k] as Way, row }
        if (row.answer.meets) {
          best = mine
          return ''
        }
        if (sooner(row, best?.row)) best = mine
      }
    }
    const soonest = best?.row.answer.goalClock
    return `Nothing of this meets ${by}. ${soonest ? `Soonest: ${soonest}.` : 'Start earlier.'}`
  }

  const stop = () => stopper?.abort()

  return { search, stop, tried, of, running, found, said }
}

const asItIs = ({ answer }: WhatIfRow) => `As it is: ${answer.goal.toLowerCase()} ${answer.goalClock}.`

/** What is sooner but goes wrong is no way. */
function goesWrong({ answer }: WhatIfRow): boolean {
  return answer.problems.length > 0 || ['UNSAFE', 'BAD'].includes(answer.worst?.tone ?? '')
}

function sooner(row: WhatIfRow, than?: WhatIfRow): boolean {
  return (row.answer.goalMinutes ?? Infinity) < (than?.answer.goalMinutes ?? Infinity)
}
