import { expect, it } from 'vitest'
import type { Chill, Milestone } from '@/api/client'
import { shortClock } from '@/look/time'
import { belowFlags, flagsOf, gatesOf, laterThan, LEFT, linePath, RIGHT, timeScale } from './axis'

const scale = timeScale(1000, 400)
const milestone = (code: string, minutes?: number) =>
  ({ code, label: `Milestone ${code}`, minutes, clock: '15:00' }) as unknown as Milestone

it('minutes lie between both ends, and beyond the end at the end', () => {
  expect([scale.x(0), scale.x(400), scale.x(900)]).toEqual([LEFT, 1000 - RIGHT, 1000 - RIGHT])
})

it('flags that would lie upon each other go one row down', () => {
  const flags = flagsOf(scale, [milestone('a', 100), milestone('b', 105), milestone('c', 390)])
  expect(flags.map((f) => f.row)).toEqual([0, 1, 0])
  expect(belowFlags(flags)).toBe(56)
  // The last one is pushed in from the right edge.
  expect(flags[2]?.left).toBeLessThan(scale.x(390))
})

it('what comes later or never stands beside the axis', () => {
  const all = [milestone('a', 100), milestone('late', 900), milestone('never')]
  expect(flagsOf(scale, all)).toHaveLength(1)
  expect(laterThan(scale, all).map((m) => m.code)).toEqual(['late', 'never'])
})

it('a gate is a bar until it bonds no more, its words within or beside it', () => {
  const gate = { component: 1, name: 'Jelly', on: 'Cream', opensMinutes: 40, opens: '14:40', highestC: 31 }
  const [long, short] = gatesOf(
    scale,
    [
      { ...gate, bondsUntilMinutes: 390, bondsUntil: '20:30' },
      { ...gate, bondsUntilMinutes: 60, bondsUntil: '15:00' },
    ] as unknown as Chill['gates'],
    60,
    (c) => `${c} °C`,
  )
  expect(long?.text).toBe('Jelly goes on, bonds: 14:40 to 20:30, not above 31 °C')
  expect(long?.left).toBe((long?.from ?? 0) + 6)
  expect(short?.left).toBeGreaterThan(short?.to ?? 0)
})

it('a line is thinned to what can be seen and closed beyond the end', () => {
  const minutes = Array.from({ length: 5000 }, (_, i) => i / 10)
  const line = linePath(scale, minutes, minutes, (v) => v)
  expect(line.split('L').length).toBeLessThan(640)
  expect(line.split('L').at(-1)).toBe(`${(1000 - RIGHT).toFixed(1)} 400.1`)
})

it('days on are short', () => {
  expect(['09:00', '09:00 the next day', '09:00 two days on', '09:00 5 days on'].map(shortClock)).toEqual([
    '09:00',
    '09:00 +1 d',
    '09:00 +2 d',
    '09:00 +5 d',
  ])
})
