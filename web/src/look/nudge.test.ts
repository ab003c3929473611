import { describe, expect, it } from 'vitest'
import { nudge, stepFor } from './nudge'

describe('nudging', () => {
  it.each([
    ['500 g', 1, '501 g'],
    ['7.4 g', 0.1, '7.5 g'],
    ['7,4 g', -0.1, '7.3 g'],
    ['0 g', -1, '0 g'],
    ['32 °C', -1, '31 °C'],
    ['a pinch', 1, 'a pinch'],
    ['', 1, ''],
  ])('%s by %s is %s', (text, step, expected) => {
    expect(nudge(text, step)).toBe(expected)
  })
})

it.each([
  ['3 sheets', 0.5],
  ['1 1/2 cups', 0.25],
  ['0.5 kg', 0.25],
  ['2 tbsp', 0.5],
  ['250 ml', 1],
  ['90', 1],
])('an arrow key moves %s by %s', (text, step) => {
  expect(stepFor(text, 1)).toBe(step)
})
