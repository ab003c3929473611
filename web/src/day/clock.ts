/** Moments of a plan: whole minutes since 1970, shown by the clock of its kitchen. */

const formats = new Map<string, Intl.DateTimeFormat>()
function format(zone: string, options: Intl.DateTimeFormatOptions) {
  const key = zone + JSON.stringify(options)
  const there = formats.get(key) ?? new Intl.DateTimeFormat('en-GB', { timeZone: zone, ...options })
  formats.set(key, there)
  return there
}

const HHMM = { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' } as const
const date = (minute: number) => new Date(minute * 60_000)

export const clock = (minute: number, zone: string) => format(zone, HHMM).format(date(minute))
export const weekday = (minute: number, zone: string) =>
  format(zone, { weekday: 'short', day: 'numeric', month: 'short' }).format(date(minute)).replace(',', '')
export const dayClock = (minute: number, zone: string) =>
  `${format(zone, { weekday: 'short' }).format(date(minute))} ${clock(minute, zone)}`

/** The date there, such as 2026-11-28. */
export function isoDate(minute: number, zone: string) {
  const parts = format(zone, { year: 'numeric', month: '2-digit', day: '2-digit' }).formatToParts(
    date(minute),
  )
  const of = (type: string) => parts.find((p) => p.type === type)?.value ?? ''
  return `${of('year')}-${of('month')}-${of('day')}`
}

/** How far a zone is before UTC at a moment, min. */
function offset(minute: number, zone: string) {
  const [year = 0, month = 1, day = 1] = isoDate(minute, zone).split('-').map(Number)
  const [hours = 0, minutes = 0] = clock(minute, zone).split(':').map(Number)
  return Date.UTC(year, month - 1, day, hours, minutes) / 60_000 - minute
}

/** The moment of a clock time there; where the clock is put forward over it, the moment after. */
export function momentOf(day: string, time: string, zone: string) {
  const wall = Date.parse(`${day}T${time.padStart(5, '0')}:00Z`) / 60_000
  const first = wall - offset(wall, zone)
  return wall - offset(first, zone)
}

/** A clock time typed for a step: the one nearest to where it stands; undefined where it is none. */
export function nearest(typed: string, minute: number, zone: string): number | undefined {
  const found = /^\s*(\d{1,2})[:.]?(\d{2})\s*$/.exec(typed)
  if (!found || Number(found[1]) > 23 || Number(found[2]) > 59) return undefined
  const time = `${found[1]?.padStart(2, '0')}:${found[2]}`
  const days = [-1440, 0, 1440].map((by) => momentOf(isoDate(minute + by, zone), time, zone))
  return days.sort((a, b) => Math.abs(a - minute) - Math.abs(b - minute))[0]
}

export const instant = (minute: number) => date(minute).toISOString().replace('.000Z', 'Z')

export function lasting(minutes: number) {
  const hours = Math.floor(minutes / 60)
  const rest = Math.round(minutes % 60)
  if (!hours) return `${rest} min`
  return rest ? `${hours} h ${String(rest).padStart(2, '0')}` : `${hours} h`
}
