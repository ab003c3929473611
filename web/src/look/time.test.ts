import { expect, it } from 'vitest'
import { colourOf, levels } from '@/cold/palette'
import { axisMarks, clockAt, spanOf, writtenSpan } from '@/look/time'

it('clock times go over midnight and name the days', () => {
  expect(clockAt('14:00', 95)).toBe('15:35')
  expect(clockAt('14:00', 10 * 60)).toBe('00:00 +1 d')
  expect(clockAt('14:00', 14 * 1440)).toBe('14:00 +14 d')
  expect(clockAt('soon', 90)).toBe('1 h 30')
})

it('spans are read and written', () => {
  expect([spanOf(45), spanOf(125), spanOf(2 * 1440 + 180)]).toEqual(['45 min', '2 h 05', '2 d 3 h'])
  expect([writtenSpan(0), writtenSpan(50), writtenSpan(120), writtenSpan(155)]).toEqual([
    '1 min',
    '50 min',
    '2 h',
    '2 h 35 min',
  ])
})

it('marks lie on round clock times', () => {
  expect(axisMarks('14:20', 240, 8)).toEqual([10, 40, 70, 100, 130, 160, 190, 220])
  expect(axisMarks('14:00', 14 * 1440, 8).length).toBeLessThanOrEqual(9)
})

it('colours are bounded and lines of equal temperature few', () => {
  expect(colourOf(-40)).toEqual(colourOf(-18))
  expect(colourOf(200)).toEqual(colourOf(80))
  expect(levels(4, 32)).toEqual([5, 10, 15, 20, 25, 30])
  expect(levels(4, 4.4)).toEqual([])
  for (const [low, high] of [
    [4, 11],
    [-18, 60],
    [2, 5],
  ] as const)
    expect(levels(low, high).length).toBeLessThan(9)
})
