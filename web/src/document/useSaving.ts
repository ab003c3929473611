import { hashKey, useQueryClient } from '@tanstack/vue-query'
import { onBeforeUnmount } from 'vue'
import { ApiProblem, type Formula, type StoredFormula } from '@/api/client'
import { ask, useSend } from '@/answers/queries'
import { isOurs, keepDraft, type Held } from './held'
import { whyItWaits } from './saveStates'
import { renamed } from './useFormulas'

export const RETRY_MS = 3000
export const WAIT_MS = 250

/** Saves what is held, one save at a time, the newest always last. */
export function useSaving(held: Held) {
  const queries = useQueryClient()
  const saveFormula = useSend('save')
  let timer: ReturnType<typeof setTimeout> | undefined
  let inFlight = false
  const stop = () => clearTimeout(timer)

  function later(wait: number) {
    stop()
    timer = setTimeout(() => void save(), wait)
  }

  function schedule(wait: number) {
    held.state.value = 'saving'
    later(wait)
  }

  async function save() {
    const document = held.formula.value
    if (!document || held.state.value === 'conflict') return
    if (inFlight) return schedule(WAIT_MS)
    const saving = held.id.value
    inFlight = true
    const sentBefore = held.sent
    held.sent = document
    keepDraft(held, saving, document)
    try {
      const stored = await saveFormula(saving, held.version, document)
      if (saving === held.id.value) saved(stored, document)
    } catch (error) {
      if (saving === held.id.value) await failed(held, error, sentBefore, { schedule, later })
    } finally {
      inFlight = false
    }
  }

  function saved(stored: StoredFormula, document: Formula) {
    const id = held.id.value
    held.version = stored.version
    renamed(queries, id, document.name ?? '')
    if (held.formula.value === document) {
      held.drafts.forget(id)
      held.state.value = 'saved'
    } else {
      keepDraft(held, id, held.formula.value as Formula)
      schedule(0)
    }
  }

  /** Saves what is still waiting before another formula is opened. */
  function flush(leaving: string) {
    const document = held.formula.value
    if (!document || held.state.value !== 'saving') return
    const sent = saveFormula(leaving, held.version, document)
    sent.then(() => void forgetSaved(held, leaving, document)).catch(() => undefined)
  }

  onBeforeUnmount(stop)
  return { schedule, flush, stop }
}

interface Again {
  schedule: (wait: number) => void
  later: (wait: number) => void
}

async function failed(held: Held, error: unknown, sentBefore: Formula | undefined, again: Again) {
  const problem = error instanceof ApiProblem ? error : undefined
  if (problem?.response.status === 409) {
    await outOfDate(held, sentBefore, again)
  } else if (problem?.response.status === 404) {
    held.state.value = 'missing'
  } else if (problem && !problem.mayPass) {
    // Sent again it would be refused again: the next change is the next try.
    held.state.value = 'refused'
    held.refusal.value = reason(problem)
  } else {
    held.state.value = 'waiting'
    held.refusal.value = whyItWaits(problem?.response.code)
    again.later(RETRY_MS)
  }
}

/** The store is newer: by a save of our own that we never heard of, or by another window. */
async function outOfDate(held: Held, sentBefore: Formula | undefined, again: Again) {
  const asked = held.id.value
  const stored = await ask('formula', asked).catch(() => undefined)
  if (asked !== held.id.value) return
  if (stored && isOurs(stored, sentBefore)) {
    held.version = stored.version
    again.schedule(0)
  } else {
    held.state.value = 'conflict'
  }
}

/** Unless it was opened again and typed on in the meantime. */
async function forgetSaved(held: Held, left: string, saved: Formula) {
  const draft = await held.drafts.read(left)
  if (draft && hashKey([draft.document]) === hashKey([saved])) held.drafts.forget(left)
}

/** Why the server refuses it, to be read after “Not saved:”. */
function reason({ response }: ApiProblem): string {
  const first = response.problems[0]
  return first ? `${first.field || 'the formula'} ${first.rule}` : response.detail || response.title
}
