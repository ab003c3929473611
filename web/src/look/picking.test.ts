import { expect, it } from 'vitest'
import { chosen, MOST_SHOWN, pick, type Choice } from './picking'

const CHOICES: Choice[] = [
  {
    value: 'cream-35',
    label: 'Cream 35 % fat',
    group: 'dairy',
    otherNames: ['heavy cream', 'whipping cream'],
  },
  { value: 'icing', label: 'Icing sugar', group: 'sugar', otherNames: ["confectioners' sugar"] },
  { value: 'cream-cheese', label: 'Cream cheese', group: 'dairy' },
  { value: 'creme', label: 'Crème brûlée mix', group: 'other' },
  { value: 'ice', label: 'Ice cream', group: 'dairy' },
]
const values = (typed: string, recent: string[] = []) => pick(CHOICES, typed, recent).map((c) => c.value)

it('finds by the beginning of a name first, then by words within', () => {
  expect(values('cream')).toEqual(['cream-35', 'cream-cheese', 'ice'])
  expect(values('cream ch')).toEqual(['cream-cheese'])
})

it('finds without accents and by other names, and says by which', () => {
  expect(values('brulee')).toEqual(['creme'])
  expect(pick(CHOICES, 'heavy', [])).toMatchObject([{ value: 'cream-35', by: 'heavy cream' }])
})

it('finds by group last', () => {
  expect(values('dairy')).toEqual(['cream-35', 'cream-cheese', 'ice'])
  expect(values('sugar')[0]).toBe('icing')
})

it('begins with what was used lately, under a heading of its own', () => {
  const shown = pick(CHOICES, '', ['ice', 'gone'])
  expect(shown[0]).toMatchObject({ value: 'ice', heading: 'used lately' })
  expect(shown.map((c) => c.value)).toHaveLength(CHOICES.length)
})

it('takes what looks like a pattern as it is typed', () => {
  expect(values('cream (')).toEqual([])
  expect(values('35 %')).toEqual(['cream-35'])
})

it('finds in a thousand at a key, with a handful drawn', () => {
  const many = Array.from({ length: 1000 }, (_, i) => ({ value: `v${i}`, label: `Ingredient ${i} of many` }))
  expect(pick(many, 'ingredient 99', [])[0]?.value).toBe('v99')
  expect(MOST_SHOWN).toBeLessThan(100)
})

it('knows a choice by another word for it too, and nothing by no word', () => {
  const joins: Choice[] = [
    { value: '', label: 'hot cream', also: 'hot-cream' },
    { value: 'melted', label: 'melted', also: '' },
  ]
  expect(chosen(joins, 'hot-cream')?.label).toBe('hot cream')
  expect(chosen(joins, undefined)?.label).toBe('hot cream')
  expect(chosen(joins, 'cold')).toBeUndefined()
})
