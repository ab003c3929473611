import type { SaveState } from './held'

const STATES: Record<SaveState, string> = {
  saved: 'Saved',
  saving: 'Saving…',
  waiting: 'Not saved yet, trying again',
  conflict: 'Saved elsewhere',
  missing: 'Deleted elsewhere',
  refused: 'Not saved',
}

/**
 * How it stands with saving, as the cook reads it.
 *
 * @param kept whether what is not saved yet is at least kept in this browser
 */
export function stateWords(state: SaveState, kept = true, refusal = ''): string {
  const words = state === 'refused' && refusal ? `Not saved: ${refusal}` : STATES[state]
  return kept || state === 'saved' ? words : `${words}; the browser's storage is full, keep this window open`
}
