import type { LocationQuery } from 'vue-router'
import type { BookWish } from '@/api/client'

/** Which formulas are wanted, as it stands in the address of the page: what is not asked for is absent. */
export type Wish = Pick<
  BookWish,
  'search' | 'kind' | 'tone' | 'without' | 'tag' | 'made' | 'order' | 'putAway'
>

const ORDERS = ['OPENED', 'NAME', 'UPDATED', 'MADE', 'WORST'] as const
const MADE = ['EITHER', 'MADE', 'NEVER'] as const
const TEXTS = ['search', 'kind', 'tone', 'without', 'tag'] as const

const text = (query: LocationQuery, key: string) => {
  const value = query[key]
  return typeof value === 'string' ? value : ''
}

/** What an address asks for; what it does not know is left out. */
export function wishOf(query: LocationQuery): Wish {
  const wish: Wish = {}
  for (const key of TEXTS) if (text(query, key)) wish[key] = text(query, key)
  const order = ORDERS.find((o) => o === text(query, 'order'))
  const made = MADE.find((m) => m === text(query, 'made'))
  if (order && order !== 'OPENED') wish.order = order
  if (made && made !== 'EITHER') wish.made = made
  if (text(query, 'putAway') === 'true') wish.putAway = true
  return wish
}

/** The same for the address. */
export const queryOf = (wish: Wish): Record<string, string> =>
  Object.fromEntries(
    Object.entries(wish)
      .filter(([key, value]) => value && value !== 'EITHER' && !(key === 'order' && value === 'OPENED'))
      .map(([key, value]) => [key, String(value)]),
  )

/** Whether anything narrows the list. */
export const narrowed = (wish: Wish) => Object.keys(queryOf({ ...wish, order: undefined })).length > 0

const OUTCOMES: Record<string, string> = {
  clean: 'came out clean',
  'small-divots': 'with small divots',
  torn: 'torn',
  stuck: 'stuck',
  slumped: 'slumped',
  'did-not-hold': 'did not hold',
}

/** When it was last made and how it came out, in words. */
export function madeWords(made: { on: string; outcome: string } | undefined, today = new Date()): string {
  if (!made) return 'never made'
  const on = new Date(`${made.on}T12:00:00`)
  const day = on.toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    year: on.getFullYear() === today.getFullYear() ? undefined : 'numeric',
  })
  return `${day}: ${OUTCOMES[made.outcome] ?? made.outcome}`
}
