import { scaleLinear } from 'd3-scale'
import { curveMonotoneX, line } from 'd3-shape'
import type { Warming, WholeWarming } from '@/api/client'
import { degrees } from '@/look/degrees'

/** Room round the plot for its figures, px. */
const EDGE = { left: 30, right: 22, top: 12, bottom: 22 }
const MARK_K = 4

/** Lines of text are at least so far apart, px. */
const LINE = 14

/** Another layer of the same dessert. */
export type OtherLayer = { name: string; warming: Warming }

/** Firmness over temperature, laid out in its frame: the curve, the band in which it eats right, where it is in between. */
export function warmingLayout(
  warming: Warming,
  width: number,
  height: number,
  fahrenheit = false,
  others: OtherLayer[] = [],
) {
  const { celsius, firmness } = warming
  const low = celsius[0] ?? 4
  const high = celsius.at(-1) ?? 24
  const right = Math.max(EDGE.left + 60, width - EDGE.right)
  const bottom = Math.max(EDGE.top + 40, height - EDGE.bottom)
  const x = scaleLinear([low, high], [EDGE.left, right])
  const y = scaleLinear([0, 100], [bottom, EDGE.top])
  const marks = Array.from({ length: Math.floor((high - low) / MARK_K) + 1 }, (_, i) => low + i * MARK_K)
  const curve = ({ celsius, firmness }: Warming) =>
    line<number>(
      (c) => x(c),
      (_, i) => y(firmness[i] ?? 0),
    ).curve(curveMonotoneX)(celsius) ?? ''
  return {
    left: EDGE.left,
    right,
    top: EDGE.top,
    bottom,
    curve: curve(warming),
    others: apart(
      others.map((other) => ({
        name: other.name,
        curve: curve(other.warming),
        x: right - 4,
        y: y(other.warming.firmness.at(-1) ?? 0) - 5,
      })),
      bottom - 5,
    ),
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

/** Names that would lie on each other are moved up until they do not. */
function apart<T extends { y: number }>(names: T[], lowest: number): T[] {
  let last = lowest + LINE
  return [...names]
    .sort((a, b) => b.y - a.y)
    .map((name) => {
      last = Math.min(name.y, last - LINE)
      return { ...name, y: last }
    })
}

/** Where all layers eat right at once, in a sentence; nothing where there is only one. */
export function wholeWords(whole: WholeWarming | undefined, fahrenheit = false): string {
  if (!whole) return ''
  if (whole.rightFromC === undefined || whole.rightToC === undefined)
    return 'At no temperature are all of its layers right at once.'
  const band = `All layers are right from ${degrees(whole.rightFromC, fahrenheit)} to ${degrees(whole.rightToC, fahrenheit)}`
  return whole.minutesOut ? `${band}: ${out(whole.minutesOut)}.` : `${band}.`
}

const out = (minutes: number) => `about ${Math.max(5, Math.round(minutes / 5) * 5)} min out of the fridge`

/** What the curve says, in a sentence. */
export function warmingWords(warming: Warming, fahrenheit = false): string {
  const cold = `At ${degrees(warming.fridgeC, fahrenheit)}: ${warming.fridgeWords}`
  if (warming.loose) return `${cold}; it stays so, to be spooned.`
  if (warming.rightFromC === undefined || warming.rightToC === undefined)
    return `${cold}; it is not in its band at any temperature from fridge to room.`
  const band = `right from ${degrees(warming.rightFromC, fahrenheit)} to ${degrees(warming.rightToC, fahrenheit)}`
  if (!warming.minutesOut) return `${cold}, ${band}.`
  return `${cold}; ${band}: ${out(warming.minutesOut)}.`
}
