import { describe, expect, it } from 'vitest'
import { axisOf, packed } from './axis'
import { momentOf } from './clock'

const zone = 'Europe/Berlin'
const friday = (time: string) => momentOf('2026-11-27', time, zone)
const saturday = (time: string) => momentOf('2026-11-28', time, zone)
const step = (start: number, minutes: number, hand = 'p1') => ({ start, minutes, hand })
const answer = {
  zone,
  hands: [],
  tasks: [step(friday('14:00'), 60), step(friday('15:00'), 900, ''), step(saturday('09:00'), 30)],
  dishes: [{ due: saturday('10:00'), ready: saturday('09:30') }],
} as never

describe('the axis of a plan', () => {
  const axis = axisOf(answer, 1000, 0.5)

  it('folds the night, and fills its room', () => {
    expect(axis.stretches.map((s) => s.folded)).toEqual([false, true, false])
    expect(axis.width).toBeCloseTo(1000, 6)
  })

  it('is to scale outside folds, and its own inverse', () => {
    const hour = axis.x(friday('15:00')) - axis.x(friday('14:00'))
    expect(axis.x(saturday('10:00')) - axis.x(saturday('09:00'))).toBeCloseTo(hour, 6)
    expect(axis.minute(axis.x(saturday('09:17')))).toBe(saturday('09:17'))
  })

  it('never runs backwards', () => {
    const xs = Array.from({ length: 200 }, (_, i) => axis.x(friday('13:00') + i * 10))
    expect([...xs].sort((a, b) => a - b)).toEqual(xs)
  })

  it('marks each day and its hours', () => {
    expect(axis.days).toHaveLength(2)
    expect(axis.hours.map((h) => h.label)).toEqual(['14:00', '15:00', '09:00', '10:00'])
  })

  it('keeps a least scale where there is too much for its room', () => {
    expect(axisOf(answer, 10, 2).width).toBeGreaterThan(300)
  })
})

it('packs what lies over another into rows', () => {
  const items = [
    { from: 0, to: 10 },
    { from: 5, to: 8 },
    { from: 8, to: 12 },
  ]
  const rows = packed(
    items,
    (i) => i.from,
    (i) => i.to,
  )
  expect(items.map((i) => rows.get(i))).toEqual([0, 1, 1])
})
