import type { SaveState } from './useStoredFormula'

/** How it stands with saving, as the cook reads it. */
export const STATES: Record<SaveState, string> = {
  saved: 'Saved',
  saving: 'Saving…',
  waiting: 'Not saved yet, trying again',
  conflict: 'Saved elsewhere',
  missing: 'Deleted elsewhere',
}
