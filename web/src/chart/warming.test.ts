import { expect, it } from 'vitest'
import type { Warming } from '@/api/client'
import { warmingLayout, warmingWords, wholeWords } from './warming'

const warming: Warming = {
  celsius: [4, 14, 24],
  firmness: [100, 50, 0],
  targetFrom: 25,
  targetTo: 75,
  fridgeC: 4,
  fridgeWords: 'hard',
  loose: false,
  rightFromC: 9,
  rightToC: 19,
  minutesOut: 22,
}

it('goes from edge to edge, cold and firm on the left', () => {
  const drawn = warmingLayout(warming, 252, 134)
  expect(drawn.curve.startsWith(`M${drawn.left},${drawn.top}`)).toBe(true)
  expect(drawn.fridge).toEqual({ x: drawn.left, y: drawn.top })
  expect(drawn.eatsRight).toEqual({ from: 30 + 50, to: 30 + 150 })
  expect(drawn.celsius.map((c) => c.text)).toEqual(['4 °C', '8 °C', '12 °C', '16 °C', '20 °C', '24 °C'])
})

it('says where it eats right and how long that takes', () => {
  expect(warmingWords(warming)).toBe(
    'At 4 °C: hard; right from 9 °C to 19 °C: about 20 min out of the fridge.',
  )
  expect(warmingWords({ ...warming, minutesOut: 0 })).toBe('At 4 °C: hard, right from 9 °C to 19 °C.')
  expect(warmingWords({ ...warming, rightFromC: undefined })).toContain('not in its band')
})

it('tells what is meant to stay loose from what is soft', () => {
  const sauce = { ...warming, loose: true, fridgeWords: 'loose', rightFromC: undefined }
  expect(warmingWords(sauce)).toBe('At 4 °C: loose; it stays so, to be spooned.')
})

it('says where all layers are right at once', () => {
  expect(wholeWords(undefined)).toBe('')
  expect(wholeWords({ components: [0, 1], rightFromC: 8, rightToC: 12, minutesOut: 21 })).toBe(
    'All layers are right from 8 °C to 12 °C: about 20 min out of the fridge.',
  )
  expect(wholeWords({ components: [0, 1], rightFromC: 4, rightToC: 12, minutesOut: 0 })).toBe(
    'All layers are right from 4 °C to 12 °C.',
  )
  expect(wholeWords({ components: [0, 1] })).toContain('At no temperature')
})

it('keeps the names of the other layers apart', () => {
  const other = { name: 'Jelly', warming }
  const ys = warmingLayout(warming, 252, 134, false, [other, { ...other, name: 'Cream' }]).others.map(
    (o) => o.y,
  )
  expect(Math.abs((ys[0] ?? 0) - (ys[1] ?? 0))).toBeGreaterThanOrEqual(14)
})
