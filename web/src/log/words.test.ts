import { describe, expect, it } from 'vitest'
import { day, figure, gap, rounded, typed } from './words'

describe('words of the log', () => {
  it('names the year only when it is another', () => {
    expect(day('2026-05-03', new Date('2026-11-27'))).toBe('Sun 3 May')
    expect(day('2025-05-03', new Date('2026-11-27'))).toBe('Sat, 3 May 2025')
  })
  it.each([
    [187.44, '187'],
    [44.04, '44'],
    [5.432, '5.43'],
    [0.0153, '0.0153'],
    [-1.4, '-1.4'],
  ])('writes %d as %s', (value, text) => expect(figure(value)).toBe(text))
  it('tells a gap by a ruler', () => {
    expect(gap(44.3, 44)).toBe('as predicted')
    expect(gap(41, 44)).toBe('3 mm shorter')
    expect(gap(46, 44)).toBe('2 mm taller')
  })
  it.each([
    ['44 mm', 44],
    ['43,5', 43.5],
    ['', undefined],
    [' -1.5 °C', -1.5],
    ['about 44', 'unreadable'],
    ['4.4.1', 'unreadable'],
  ])('reads %s as %s', (text, value) => expect(typed(text)).toBe(value))
})

describe('a figure as its instrument shows it', () => {
  it.each([
    [-0.02, '°C', '0.0'],
    [-0.6, 'mm', '-0.6'],
    [0.7512, 'g/ml', '0.75'],
  ])('writes %d %s as %s', (value, unit, text) => expect(rounded(value, unit)).toBe(text))
})
