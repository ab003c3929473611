/** Times of the Cold: minutes after the first pour, as a cook reads them. */

/** Clock time so many minutes after another, such as 17:05, with the days on: 09:40 +1 d. */
export function clockAt(start: string, minutes: number): string {
  const match = /^(\d{1,2})\D(\d{2})/.exec(start.trim())
  if (!match) return spanOf(minutes)
  const all = Number(match[1]) * 60 + Number(match[2]) + Math.round(minutes)
  const ofDay = ((all % 1440) + 1440) % 1440
  const days = Math.floor(all / 1440)
  const clock = `${String(Math.floor(ofDay / 60)).padStart(2, '0')}:${String(ofDay % 60).padStart(2, '0')}`
  return days > 0 ? `${clock} +${days} d` : clock
}

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
  const match = /^(\d{1,2})\D(\d{2})/.exec(start.trim())
  const offset = match ? Number(match[1]) * 60 + Number(match[2]) : 0
  const marks: number[] = []
  for (let clock = Math.ceil(offset / step) * step; clock - offset <= until; clock += step)
    marks.push(clock - offset)
  return marks
}
