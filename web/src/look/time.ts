/** Times as a cook reads them. */

/** Minutes of the day of a clock time such as 14:00; nothing for other text. */
function minuteOfDay(clock: string): number | undefined {
  const match = /^(\d{1,2})\D(\d{2})$/.exec(clock.trim())
  return match ? Number(match[1]) * 60 + Number(match[2]) : undefined
}

/** Clock time so many minutes after another, such as 17:05, with the days on: 09:40 +1 d. */
export function clockAt(start: string, minutes: number): string {
  const from = minuteOfDay(start)
  if (from === undefined) return spanOf(minutes)
  const all = from + Math.round(minutes)
  const ofDay = ((all % 1440) + 1440) % 1440
  const days = Math.floor(all / 1440)
  const clock = `${String(Math.floor(ofDay / 60)).padStart(2, '0')}:${String(ofDay % 60).padStart(2, '0')}`
  return days > 0 ? `${clock} +${days} d` : clock
}

/** The time of day alone; whole hours for a start that cannot be read. */
export function clockAfter(start: string, minutes: number): string {
  return minuteOfDay(start) === undefined
    ? `${Math.round(minutes / 60)} h`
    : clockAt(start, minutes).replace(/ \+\d+ d$/, '')
}

/** A clock time of the server with the days on in short. */
export const shortClock = (clock?: string) =>
  clock
    ?.replace(' the next day', ' +1 d')
    .replace(' two days on', ' +2 d')
    .replace(/ (\d+) days on/, ' +$1 d') ?? ''

/** A span such as 45 min, 2 h 05 or 1 d 3 h. */
export function spanOf(minutes: number): string {
  const m = Math.round(minutes)
  if (m < 60) return `${m} min`
  if (m < 2880) return `${Math.floor(m / 60)} h ${String(m % 60).padStart(2, '0')}`
  return `${Math.floor(m / 1440)} d ${Math.round((m % 1440) / 60)} h`
}

/** The same as it is written into a formula: 2 h 30 min. */
export function writtenSpan(minutes: number): string {
  const m = Math.max(1, Math.round(minutes))
  if (m < 60) return `${m} min`
  return m % 60 === 0 ? `${m / 60} h` : `${Math.floor(m / 60)} h ${m % 60} min`
}

/** Whole hours, or minutes, for the marks of an axis: about as many as fit, each on a round clock time. */
export function axisMarks(start: string, until: number, most: number): number[] {
  const step = [15, 30, 60, 120, 180, 360, 720, 1440, 2880].find((s) => until / s <= most) ?? 2880
  const offset = minuteOfDay(start) ?? 0
  const marks: number[] = []
  for (let clock = Math.ceil(offset / step) * step; clock - offset <= until; clock += step)
    marks.push(clock - offset)
  return marks
}
