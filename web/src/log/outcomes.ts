import type { LoggedBatch } from '@/api/client'

/** How a batch came out, in the words of the log. */
export const OUTCOMES: { value: LoggedBatch['outcome']; label: string }[] = [
  { value: 'CLEAN', label: 'clean' },
  { value: 'SMALL_DIVOTS', label: 'small divots' },
  { value: 'TORN', label: 'torn' },
  { value: 'STUCK', label: 'stuck' },
  { value: 'SLUMPED', label: 'slumped' },
  { value: 'DID_NOT_HOLD', label: 'did not hold' },
]

export const outcomeWords = (outcome: LoggedBatch['outcome']) =>
  OUTCOMES.find((o) => o.value === outcome)?.label ?? outcome
