import type { DoseStrip } from '@/api/client'

type Doses = DoseStrip['doses']

/** A mark on the ruler: its label, where it stands (0 to 100), and whether it is a small one. */
export interface Mark {
  label: string
  grams: number
  firmness: number
  minor: boolean
}

/** Labels nearer to each other than this share of the ruler, %, are left out: on a wide page, and on a narrow one. */
const LABEL_GAP = 2.6
export const NARROW_LABEL_GAP = 5.5
/** And marks nearer than this. */
const TICK_GAP = 0.6

/** A figure of the ruler at a dose, between the doses computed by the server. */
function between(doses: Doses, grams: number, figure: (dose: Doses[number]) => number): number {
  const high = doses.findIndex((d) => d.grams >= grams)
  if (high === 0) return figure(doses[0] as Doses[number])
  if (high < 0) return figure(doses.at(-1) as Doses[number])
  const a = doses[high - 1] as Doses[number]
  const b = doses[high] as Doses[number]
  return figure(a) + ((grams - a.grams) / (b.grams - a.grams)) * (figure(b) - figure(a))
}

export const firmnessAt = (doses: Doses, grams: number) => between(doses, grams, (d) => d.firmness)
export const waterAt = (doses: Doses, grams: number) => between(doses, grams, (d) => d.waterG)
export const standingAt = (doses: Doses, grams: number) =>
  doses[0]?.standingMm === undefined ? undefined : between(doses, grams, (d) => d.standingMm ?? 0)

/** The dose that gives a firmness, as the ruler goes; its ends where it does not reach. */
export function gramsAt(doses: Doses, firmness: number): number {
  for (let i = 1; i < doses.length; i++) {
    const a = doses[i - 1] as Doses[number]
    const b = doses[i] as Doses[number]
    if (firmness <= b.firmness && b.firmness > a.firmness) {
      const share = Math.max(0, (firmness - a.firmness) / (b.firmness - a.firmness))
      return a.grams + share * (b.grams - a.grams)
    }
  }
  return doses.at(-1)?.grams ?? 0
}

/** Grams to what the scale shows, as text. */
export function weighed(grams: number, step: number): string {
  const decimals = String(step).split('.')[1]?.length ?? 0
  return `${Number((Math.max(1, Math.round(grams / step)) * step).toFixed(decimals))} g`
}

/** Whole and half sheets, or grams where the agent is a powder; labels as far as there is room. */
export function marks(strip: DoseStrip, labelGap = LABEL_GAP): Mark[] {
  const all: Mark[] = strip.sheets.length
    ? strip.sheets.map((s) => ({
        label: String(s.sheets),
        grams: s.grams,
        firmness: s.firmness,
        minor: s.sheets % 1 !== 0,
      }))
    : gramMarks(strip.doses)
  let last = -Infinity
  let drawn = -Infinity
  return all.flatMap((mark) => {
    if (mark.firmness - drawn < TICK_GAP) return []
    drawn = mark.firmness
    const shown = !mark.minor && mark.firmness - last >= labelGap
    if (shown) last = mark.firmness
    return [{ ...mark, label: shown ? mark.label : '' }]
  })
}

function gramMarks(doses: Doses): Mark[] {
  const on = doses.filter((d) => d.firmness > 0 && d.firmness < 100)
  const low = on[0]?.grams ?? 0
  const high = on.at(-1)?.grams ?? 0
  const raw = (high - low) / 24
  if (!(raw > 0)) return []
  const ten = 10 ** Math.floor(Math.log10(raw))
  const step = ([1, 2, 5, 10].find((n) => n * ten >= raw) ?? 10) * ten
  const found: Mark[] = []
  for (let n = Math.ceil(low / step); n * step <= high; n++) {
    const grams = Number((n * step).toPrecision(6))
    found.push({ label: String(grams), grams, firmness: firmnessAt(doses, grams), minor: false })
  }
  return found
}
