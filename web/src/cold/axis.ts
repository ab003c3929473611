import type { Chill, Milestone, Uncertainty, WhatIfRow } from '@/api/client'
import { shortClock } from '@/look/time'

/** How the time axis is laid out, px. */
export const LEFT = 46
export const RIGHT = 40
export const PLOT = 94
export const GATE = 19
/** A letter of the axis, about. */
const LETTER = 6.6
/** Points of a line closer together than this are not seen apart. */
const APART = 1.5
/** A row of flags, and how many there may be. */
const ROW = 24
const MOST_ROWS = 5
const BELOW_FLAGS = 8

/** From minutes to px across. */
export interface Scale {
  until: number
  width: number
  x: (minutes: number) => number
  /** px across at which the plot ends. */
  end: number
}

export function timeScale(width: number, until: number): Scale {
  const plot = Math.max(100, width - LEFT - RIGHT)
  return { until, width, x: (m) => LEFT + (Math.min(m, until) / until) * plot, end: LEFT + plot }
}

/** From a score of 0 to 100 to px down, in a plot that begins so far down. */
export const yOfScore = (top: number, score: number) => top + PLOT - (score / 100) * PLOT

/** Where the plot begins: below as many rows as the flags take. */
export const belowFlags = (flags: { row: number }[]) =>
  ROW * (1 + Math.max(0, ...flags.map((f) => f.row))) + BELOW_FLAGS

/** A line of values over time, thinned to what can be seen; the first point beyond the end closes it. */
export function linePath(
  scale: Scale,
  minutes: number[],
  values: number[],
  y: (v: number) => number,
): string {
  const points: string[] = []
  let last = -Infinity
  minutes.forEach((m, i) => {
    const at = scale.x(m)
    if ((minutes[i - 1] ?? 0) > scale.until) return
    if (at - last < APART && m <= scale.until && i < minutes.length - 1) return
    last = at
    points.push(`${at.toFixed(1)} ${y(values[i] ?? 0).toFixed(1)}`)
  })
  return points.length ? `M${points.join('L')}` : ''
}

const onAxis = (scale: Scale, minutes?: number): minutes is number =>
  minutes !== undefined && minutes <= scale.until

/** Flags of the milestones on the axis, one row below the other where they would lie upon each other. */
export function flagsOf(scale: Scale, milestones: Milestone[], uncertainty?: Uncertainty) {
  const rows = Array.from({ length: MOST_ROWS }, () => -Infinity)
  return milestones
    .filter((m) => onAxis(scale, m.minutes))
    .map((m) => {
      const at = scale.x(m.minutes as number)
      const text = `${m.label} ${shortClock(m.clock)}`
      const room = text.length * LETTER + 12
      const left = Math.min(at, scale.end - room + RIGHT)
      let row = rows.findIndex((end) => end < left)
      if (row < 0) row = rows.length - 1
      rows[row] = left + room
      const range = uncertainty?.ranges.find((r) => r.code === m.code)
      return { ...m, at, left, text, row, y: 12 + ROW * row, range }
    })
}

/** Those that come later, or never. */
export const laterThan = (scale: Scale, milestones: Milestone[]) =>
  milestones.filter((m) => !onAxis(scale, m.minutes))

/** When layers go on, as bars until they bond no more. */
export function gatesOf(scale: Scale, gates: Chill['gates'], top: number, degrees: (c: number) => string) {
  return gates
    .filter((g) => onAxis(scale, g.opensMinutes))
    .map((g, i) => {
      const from = scale.x(g.opensMinutes)
      const to = scale.x(g.bondsUntilMinutes ?? scale.until)
      const until = g.bondsUntil ? ` to ${shortClock(g.bondsUntil)}` : ' on'
      const text = `${g.name} goes on, bonds: ${shortClock(g.opens)}${until}, not above ${degrees(g.highestC)}`
      const room = text.length * LETTER
      // In its bar, else beside it, else over its end.
      const after = to + 6 + room < scale.width ? to + 6 : from - 6 - room
      const beside = after > 0 ? after : from + 6
      return {
        ...g,
        from,
        to,
        y: top + PLOT + 6 + i * GATE,
        text,
        left: to - from > room ? from + 6 : beside,
      }
    })
}

/** Limits whose time is up on the axis. */
export const limitsOf = (scale: Scale, limits: Chill['limits'], y: (celsius: number) => number) =>
  limits
    .filter((l) => onAxis(scale, l.byMinutes))
    .map((l) => ({ ...l, at: scale.x(l.byMinutes), y: y(l.celsius) }))

/** Other ways: firmness of each, with its letter where it is ready, pushed apart. */
export function othersOf(scale: Scale, others: WhatIfRow[], top: number) {
  const y = (score: number) => yOfScore(top, score)
  let below = -Infinity
  return others
    .map(({ answer }, i) => {
      const at = onAxis(scale, answer.goalMinutes) ? answer.goalMinutes : scale.until * 0.97
      const there = answer.minutes.findIndex((m) => m >= at)
      return {
        letter: String.fromCharCode(65 + i),
        d: linePath(scale, answer.minutes, answer.firmnessCourse, y),
        x: scale.x(at),
        y: y(answer.firmnessCourse[Math.max(0, there)] ?? 0) - 4,
      }
    })
    .sort((a, b) => a.x - b.x)
    .map((way) => {
      const left = Math.max(way.x, below + 12)
      below = left
      return { ...way, x: left }
    })
}
