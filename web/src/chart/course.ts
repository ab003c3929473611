import { scaleLinear } from 'd3-scale'
import { curveMonotoneX, line } from 'd3-shape'
import type { Course, Milestone } from '@/api/client'
import { onScale } from '@/look/degrees'
import { clockAfter } from '@/look/time'

const SHOWN_MINUTES = 24 * 60
const MARK_MINUTES = 4 * 60
/** Room round the plot for its figures, px. */
const EDGE = { left: 30, right: 48, top: 20, bottom: 22 }
const MARKED: Record<string, { words: string; anchor: string; by: number }> = {
  sets: { words: 'set', anchor: 'end', by: -4 },
  'turns-out': { words: 'turn out', anchor: 'start', by: 4 },
}

/** The room that a chart is given, and what is read on it. */
export interface Frame {
  width: number
  height: number
  pouredAt: string
  fahrenheit?: boolean
}

/** The course of firmness and of the warmest point over a day, laid out in its frame. */
export function courseLayout(course: Course, milestones: Milestone[], frame: Frame) {
  const { pouredAt, fahrenheit = false } = frame
  const [low, high, step] = fahrenheit ? [20, 180, 40] : [0, 80, 20]
  const plot = { left: EDGE.left, right: Math.max(EDGE.left + 60, frame.width - EDGE.right) }
  const bottom = Math.max(EDGE.top + 40, frame.height - EDGE.bottom)
  const x = scaleLinear([0, SHOWN_MINUTES], [plot.left, plot.right])
  const firm = scaleLinear([0, 100], [bottom, EDGE.top])
  const warm = scaleLinear([low, high], [bottom, EDGE.top]).clamp(true)
  const beyond = course.minutes.findIndex((m) => m > SHOWN_MINUTES)
  const shown = course.minutes.slice(0, beyond < 0 ? undefined : beyond)
  const drawn = (y: (i: number) => number) =>
    line<number>(
      (m) => x(m),
      (_, i) => y(i),
    ).curve(curveMonotoneX)(shown) ?? ''
  const every = (from: number, to: number, by: number) =>
    Array.from({ length: (to - from) / by + 1 }, (_, i) => from + i * by)
  return {
    ...plot,
    top: EDGE.top,
    bottom,
    firmness: drawn((i) => firm(course.firmness[i] ?? 0)),
    warmest: drawn((i) => warm(onScale(course.warmestC[i] ?? 0, fahrenheit))),
    target: { from: firm(course.targetFrom), to: firm(course.targetTo) },
    clocks: every(0, SHOWN_MINUTES, MARK_MINUTES).map((m) => ({ x: x(m), text: clockAfter(pouredAt, m) })),
    firmMarks: every(0, 100, 25).map((score) => ({ y: firm(score), text: `${score}` })),
    warmMarks: every(low, high, step).map((t) => ({ y: warm(t), text: `${t} ${fahrenheit ? '°F' : '°C'}` })),
    marked: milestones.flatMap(({ code, minutes }) => {
      const how = MARKED[code]
      return how && minutes !== undefined && minutes < SHOWN_MINUTES ? [{ ...how, x: x(minutes) }] : []
    }),
    /** The point of the course nearest to so many px across. */
    at(px: number) {
      const minute = Math.round(x.invert(px))
      if (minute < 0 || minute > SHOWN_MINUTES || !shown.length) return undefined
      const i = shown.reduce(
        (best, m, k) => (Math.abs(m - minute) < Math.abs((shown[best] ?? 0) - minute) ? k : best),
        0,
      )
      return {
        x: x(shown[i] ?? 0),
        clock: clockAfter(pouredAt, shown[i] ?? 0),
        firmness: course.firmness[i] ?? 0,
        warmestC: course.warmestC[i] ?? 0,
      }
    },
  }
}
