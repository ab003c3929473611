import { expect, it } from 'vitest'
import { madeWords, narrowed, queryOf, wishOf } from './wish'

it('stands in the address and is read from it again', () => {
  const wish = { search: 'pear bay', made: 'NEVER', order: 'NAME', putAway: true } as const
  expect(wishOf(queryOf(wish))).toEqual(wish)
})

it('leaves out what is as ever, and what an address does not know', () => {
  expect(queryOf({ order: 'OPENED', made: 'EITHER', search: '' })).toEqual({})
  expect(wishOf({ order: 'SIDEWAYS', made: 'MAYBE', kind: ['a', 'b'] })).toEqual({})
})

it('knows an order from a narrowing', () => {
  expect(narrowed({ order: 'NAME' })).toBe(false)
  expect(narrowed({ tone: 'bad' })).toBe(true)
})

it('tells when it was made last and how it came out', () => {
  const today = new Date('2026-11-26T12:00:00')
  expect(madeWords(undefined, today)).toBe('never made')
  expect(madeWords({ on: '2026-11-12', outcome: 'small-divots' }, today)).toBe('12 Nov: with small divots')
  expect(madeWords({ on: '2025-03-01', outcome: 'torn' }, today)).toBe('1 Mar 2025: torn')
})
