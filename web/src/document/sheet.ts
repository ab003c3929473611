import { inject, provide, type InjectionKey } from 'vue'
import type { Formula, Problem } from '@/api/client'

/** What every field and every fix on the Bench needs. */
export interface Sheet {
  formula: () => Formula
  problems: () => Problem[]
  /** The document that is answered now: what is offered is offered for it. */
  answered?: () => Formula | undefined
  /** place: what was changed, for undo; empty for a change that stands alone. */
  change: (formula: Formula, place: string) => void
}

const KEY: InjectionKey<Sheet> = Symbol('sheet')

export const provideSheet = (sheet: Sheet) => provide(KEY, sheet)

export function useSheet(): Sheet {
  const sheet = inject(KEY)
  if (!sheet) throw new Error('a field of the Bench stands outside of it')
  return sheet
}
