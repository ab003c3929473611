import type { Chill } from '@/api/client'
import type { FieldFilm } from './field'
import { clockAt, spanOf } from '@/look/time'

const HOLDS_PA = 20

/** What can be read off the field at a moment. */
export interface Readout {
  clock: string
  after: string
  warmestC: number
  coldestC: number
  airC: number
  place: string
  layers: {
    component: number
    name: string
    poured: boolean
    setShare: number
    sets: boolean
    warmestC: number
  }[]
}

export function readout(chill: Chill, film: FieldFilm, minute: number): Readout {
  const moment = film.at(minute)
  const { columns, zEdgesMm, rowCells, airC } = film.field
  let warmest = -Infinity
  let coldest = Infinity
  const layers = chill.section.layers.map((layer) => {
    let cells = 0
    let set = 0
    let known = 0
    let warm = -Infinity
    let poured = false
    zEdgesMm.slice(0, -1).forEach((edge, row) => {
      const middle = (edge + (zEdgesMm[row + 1] as number)) / 2
      if (middle < layer.fromMm || middle > layer.toMm) return
      for (let column = 0; column < Math.min(columns, rowCells[row] ?? 0); column++) {
        if (!film.filled(moment, column, row)) continue
        poured = true
        const celsius = film.celsius(moment, film.cell(column, row))
        warm = Math.max(warm, celsius)
        warmest = Math.max(warmest, celsius)
        coldest = Math.min(coldest, celsius)
        const pa = film.pascal(moment, film.cell(column, row))
        // A cell further out is a longer ring.
        const size = column + 0.5
        cells += size
        if (!Number.isNaN(pa)) {
          known += size
          if (pa >= HOLDS_PA) set += size
        }
      }
    })
    return {
      component: layer.component,
      name: layer.name,
      poured,
      setShare: known ? set / known : 0,
      sets: known > 0 || !cells,
      warmestC: warm,
    }
  })
  const stay = [...chill.stays].reverse().find((s) => s.fromMinutes <= minute) ?? chill.stays[0]
  return {
    clock: clockAt(chill.pouredAt, minute),
    after: spanOf(minute),
    warmestC: warmest,
    coldestC: coldest,
    airC: Number(airC[moment.frame] ?? stay?.airC ?? 0) || (stay?.airC ?? 0),
    place: stay?.name ?? '',
    layers,
  }
}

/** The same to be read out. */
export function spokenReadout(r: Readout, degrees: (c: number) => string): string {
  const layers = r.layers
    .map((l) =>
      !l.poured
        ? `${l.name} not poured yet`
        : !l.sets
          ? `${l.name} laid in`
          : `${l.name} ${l.setShare >= 0.999 ? 'set' : `${Math.round(100 * l.setShare)} % set`}`,
    )
    .join(', ')
  return `At ${r.clock}, in ${r.place}: warmest ${degrees(r.warmestC)}, coldest ${degrees(r.coldestC)}. ${layers}.`
}
