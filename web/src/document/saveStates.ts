import type { SaveState } from './held'

const STATES: Record<SaveState, string> = {
  saved: 'Saved',
  saving: 'Saving…',
  waiting: 'Not saved yet, trying again',
  conflict: 'Saved elsewhere',
  missing: 'Deleted elsewhere',
  refused: 'Not saved',
}

const WAITS: Record<string, string> = {
  'database-away': 'the database does not answer',
  'disk-full': 'the disk is full',
}

/** Why nothing can be stored just now, by the code of the answer; empty where nobody said. */
export const whyItWaits = (code = '') => WAITS[code] ?? ''

/**
 * How it stands with saving, as the cook reads it.
 *
 * @param kept whether what is not saved yet is at least kept in this browser
 */
export function stateWords(state: SaveState, kept = true, refusal = ''): string {
  const words = withReason(state, refusal) ?? STATES[state]
  if (kept && state === 'waiting' && refusal) return `${words}. It is kept in this browser`
  return kept || state === 'saved' ? words : `${words}; the browser's storage is full, keep this window open`
}

function withReason(state: SaveState, reason: string): string | undefined {
  if (!reason) return undefined
  if (state === 'refused') return `Not saved: ${reason}`
  return state === 'waiting' ? `Not saved yet, ${reason}` : undefined
}
