import type { Formula } from '@/api/client'

/** What was typed and has not reached the server yet, kept in the browser so that a reload loses nothing. */
export interface Draft {
  /** The stored version that the document was changed from. */
  version: number
  document: Formula
  /** What was on its way to the store last: should the answer have been lost, it is recognised as our own. */
  sent?: Formula
}

const key = (id: string) => `deft-chill-draft-${id}`

export function readDraft(id: string): Draft | undefined {
  const text = localStorage.getItem(key(id))
  if (!text) return undefined
  try {
    return JSON.parse(text) as Draft
  } catch {
    return undefined
  }
}

export function keepDraft(id: string, draft: Draft) {
  localStorage.setItem(key(id), JSON.stringify(draft))
}

export function forgetDraft(id: string) {
  localStorage.removeItem(key(id))
}
