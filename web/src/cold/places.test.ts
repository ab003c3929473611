import { expect, it } from 'vitest'
import { blankFormula } from '@/testing/starts'
import { addPlace, movePlace, placesOf, removePlace, setStay } from './places'

const start = blankFormula()

it('without places the cooler alone counts, until it is served', () => {
  expect(placesOf(start)).toEqual([{}])
})

it('a place is added behind one that gets an end', () => {
  const two = addPlace(start, 0, 'room', '20 min', '6 h')
  expect(placesOf(two).map((s) => [s.of, s.stay])).toEqual([
    [undefined, '6 h'],
    ['room', '20 min'],
  ])
  expect(start.cooler.places ?? []).toEqual([])
  const between = addPlace(two, 0, 'blast', '', '1 h')
  expect(placesOf(between).map((s) => s.stay)).toEqual(['6 h', '30 min', '20 min'])
})

it('a place moves, and what was open and is not last any more gets an end', () => {
  const open = addPlace(start, 0, 'room', '', '2 h')
  const moved = movePlace(open, 1, -1)
  expect(placesOf(moved).map((s) => [s.of, s.stay])).toEqual([
    ['room', '6 h'],
    [undefined, '2 h'],
  ])
  expect(movePlace(open, 0, -1)).toBe(open)
})

it('the last one taken out leaves the cooler alone', () => {
  const two = addPlace(start, 0, 'room', '20 min', '6 h')
  expect(removePlace(removePlace(two, 1), 0).cooler.places ?? []).toEqual([])
})

it('one field changes and the rest stays', () => {
  const covered = setStay(start, 0, 'cover', 'film')
  expect(placesOf(covered)[0]).toMatchObject({ cover: 'film' })
})
