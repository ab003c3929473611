import { scaleLinear } from 'd3-scale'
import { curveMonotoneX, line } from 'd3-shape'
import type { Warming } from '@/api/client'
import { degrees } from '@/look/degrees'

/** Room round the plot for its figures, px. */
const EDGE = { left: 30, right: 22, top: 12, bottom: 22 }
const MARK_K = 4

/** Firmness over temperature, laid out in its frame: the curve, the band in which it eats right, where it is in between. */
export function warmingLayout(warming: Warming, width: number, height: number, fahrenheit = false) {
  const { celsius, firmness } = warming
  const low = celsius[0] ?? 4
  const high = celsius.at(-1) ?? 24
  const right = Math.max(EDGE.left + 60, width - EDGE.right)
  const bottom = Math.max(EDGE.top + 40, height - EDGE.bottom)
  const x = scaleLinear([low, high], [EDGE.left, right])
  const y = scaleLinear([0, 100], [bottom, EDGE.top])
  const marks = Array.from({ length: Math.floor((high - low) / MARK_K) + 1 }, (_, i) => low + i * MARK_K)
  return {
    left: EDGE.left,
    right,
    top: EDGE.top,
    bottom,
    curve:
      line<number>(
        (c) => x(c),
        (_, i) => y(firmness[i] ?? 0),
      ).curve(curveMonotoneX)(celsius) ?? '',
    band: { top: y(warming.targetTo), height: y(warming.targetFrom) - y(warming.targetTo) },
    eatsRight:
      warming.rightFromC === undefined || warming.rightToC === undefined
        ? undefined
        : { from: x(warming.rightFromC), to: x(warming.rightToC) },
    fridge: { x: x(warming.fridgeC), y: y(firmness[celsius.findIndex((c) => c >= warming.fridgeC)] ?? 0) },
    celsius: marks.map((c) => ({ x: x(c), text: degrees(c, fahrenheit) })),
    firm: [0, 25, 50, 75, 100].map((score) => ({ y: y(score), text: `${score}` })),
  }
}

/** What the curve says, in a sentence. */
export function warmingWords(warming: Warming, fahrenheit = false): string {
  const cold = `At ${degrees(warming.fridgeC, fahrenheit)} it is ${warming.fridgeWords}`
  if (warming.rightFromC === undefined || warming.rightToC === undefined)
    return `${cold}; it is not in its band at any temperature from fridge to room.`
  const band = `right from ${degrees(warming.rightFromC, fahrenheit)} to ${degrees(warming.rightToC, fahrenheit)}`
  if (!warming.minutesOut) return `${cold}, ${band}.`
  return `${cold}; ${band}: about ${Math.round(warming.minutesOut / 5) * 5} min out of the fridge.`
}
