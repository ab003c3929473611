import { expect, it } from 'vitest'
import { degrees, onScale } from './degrees'

it('reads on the scale of the kitchen', () => {
  expect(degrees(4)).toBe('4 °C')
  expect(degrees(11.46, false, 1)).toBe('11.5 °C')
  expect(degrees(-18, true)).toBe('0 °F')
  expect(degrees(100, true, 1)).toBe('212 °F')
  expect([degrees(undefined), degrees(NaN, true)]).toEqual(['–', '–'])
  expect(onScale(-40, true)).toBe(-40)
})
