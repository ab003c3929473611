import type { PlanAnswer } from '@/api/client'
import { clock, isoDate, momentOf } from './clock'

/** A stretch of the axis: drawn to scale, or folded since nobody works in it. */
export interface Stretch {
  from: number
  to: number
  x: number
  width: number
  folded: boolean
}

export interface Axis {
  stretches: Stretch[]
  width: number
  x: (minute: number) => number
  minute: (x: number) => number
  hours: { minute: number; x: number; label: string }[]
  days: { minute: number; x: number }[]
}

/** Width of a folded night, px. */
const FOLD = 34
/** Shorter than this it is not worth a fold, min. */
const SHORT = 120
/** So much is left before and after what is done, min. */
const AIR = 20

type Timed = Pick<PlanAnswer, 'hands' | 'tasks' | 'dishes' | 'zone'>

/** When anything happens that is looked at: hands at work, services. Waits alone are folded. */
function busy(answer: Timed): [number, number][] {
  const all: [number, number][] = answer.tasks
    .filter((t) => t.hand && t.start)
    .map((t) => [t.start - AIR, t.start + t.minutes + AIR])
  for (const dish of answer.dishes) all.push([dish.due - AIR, Math.max(dish.due, dish.ready) + AIR])
  all.sort((a, b) => a[0] - b[0])
  const joined: [number, number][] = []
  for (const [from, to] of all) {
    const last = joined.at(-1)
    if (last && from - last[1] < SHORT) last[1] = Math.max(last[1], to)
    else joined.push([from, to])
  }
  return joined
}

/** @param room width that it should fill at least, px; @param least px a minute */
export function axisOf(answer: Timed, room: number, least: number): Axis {
  const parts = busy(answer)
  const minutes = parts.reduce((sum, [from, to]) => sum + to - from, 0)
  const folds = Math.max(0, parts.length - 1) * FOLD
  const scale = Math.max(least, minutes ? (room - folds) / minutes : least)
  const stretches: Stretch[] = []
  let x = 0
  for (const [i, [from, to]] of parts.entries()) {
    const before = parts[i - 1]
    if (before) {
      stretches.push({ from: before[1], to: from, x, width: FOLD, folded: true })
      x += FOLD
    }
    stretches.push({ from, to, x, width: (to - from) * scale, folded: false })
    x += (to - from) * scale
  }
  const at = (minute: number) => {
    const s = stretches.find((p) => minute < p.to) ?? stretches.at(-1)
    if (!s) return 0
    const share = (minute - s.from) / (s.to - s.from)
    return s.x + Math.min(1, Math.max(0, share)) * s.width
  }
  const back = (px: number) => {
    const s = stretches.find((p) => px < p.x + p.width) ?? stretches.at(-1)
    return s ? Math.round(s.from + Math.min(1, Math.max(0, (px - s.x) / s.width)) * (s.to - s.from)) : 0
  }
  return { stretches, width: x, x: at, minute: back, ...marks(stretches, scale, answer.zone, at) }
}

/** Clock hours as close as they can be read, and where each day begins. */
function marks(stretches: Stretch[], scale: number, zone: string, x: (minute: number) => number) {
  const step = 60 * scale >= 44 ? 60 : 120
  const hours: Axis['hours'] = []
  const days: Axis['days'] = []
  let day = ''
  for (const s of stretches.filter((p) => !p.folded)) {
    const midnight = momentOf(isoDate(s.from, zone), '00:00', zone)
    for (let minute = midnight; minute <= s.to; minute += step)
      if (minute >= s.from) hours.push({ minute, x: x(minute), label: clock(minute, zone) })
    const date = isoDate(s.from, zone)
    if (date !== day) days.push({ minute: s.from, x: s.x })
    day = date
  }
  return { hours, days }
}

/** Rows in which nothing lies over another: of each the first one that is free. */
export function packed<T>(items: T[], from: (item: T) => number, to: (item: T) => number): Map<T, number> {
  const ends: number[] = []
  const rows = new Map<T, number>()
  for (const item of [...items].sort((a, b) => from(a) - from(b))) {
    let row = ends.findIndex((end) => end <= from(item))
    if (row < 0) row = ends.length
    ends[row] = to(item)
    rows.set(item, row)
  }
  return rows
}
