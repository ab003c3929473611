import { expect, it } from 'vitest'
import { scaleOf } from './plot'

it('holds every value between its ends, with round ticks inside', () => {
  const { at, ticks } = scaleOf([31.2, 46.8, 40], 30, 200)
  expect(at(31.2)).toBeGreaterThan(30)
  expect(at(46.8)).toBeLessThan(200)
  expect(ticks).toEqual([40])
  expect(scaleOf([0, 100], 0, 1).ticks).toEqual([0, 50, 100])
})

it('does not divide by nothing where all are alike', () => {
  const { at } = scaleOf([5, 5], 0, 100)
  expect(at(5)).toBeCloseTo(50)
})
