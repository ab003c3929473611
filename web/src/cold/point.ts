import type { FieldFilm } from './field'

/** A point of the dessert, by its cell. */
export interface Point {
  column: number
  row: number
}

/** As the firmness of the whole is scored: 0 at 20 Pa, 100 at 20 kPa, logarithmic. */
const score = (pa: number) => (pa > 20 ? Math.min(100, (100 * Math.log10(pa / 20)) / 3) : 0)

/** The course of a point, from its pour on. */
export function pointCurve(film: FieldFilm, { column, row }: Point) {
  const cell = film.cell(column, row)
  const minutes: number[] = []
  const celsius: number[] = []
  const firmness: number[] = []
  film.field.minutes.forEach((m, frame) => {
    const moment = { frame, share: 0 }
    if (!film.filled(moment, column, row)) return
    minutes.push(m)
    celsius.push(film.celsius(moment, cell))
    firmness.push(score(film.pascal(moment, cell) || 0))
  })
  return { minutes, celsius, firmness }
}

/** How warm and how firm a point is at a minute, in words. */
export function pointWords(
  film: FieldFilm,
  point: Point,
  minute: number,
  degrees: (c: number) => string,
): string {
  const moment = film.at(minute)
  if (!film.filled(moment, point.column, point.row)) return 'not poured yet'
  const cell = film.cell(point.column, point.row)
  const pa = film.pascal(moment, cell)
  const firm = Number.isNaN(pa) ? 'does not set' : pa < 20 ? 'runs' : `${Math.round(pa)} Pa`
  return `${degrees(film.celsius(moment, cell))}, ${firm}`
}
