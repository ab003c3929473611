import type { ChillField } from '@/api/client'

/** The field over time, unpacked: what every cell is at any minute between the first frame and the last. */
export interface FieldFilm {
  field: ChillField
  /** Index of the frame at or before a minute, and how far it is on the way to the next, 0 to 1. */
  at: (minute: number) => Moment
  celsius: (moment: Moment, cell: number) => number
  /** Pa; NaN for what does not set. */
  pascal: (moment: Moment, cell: number) => number
  cell: (column: number, row: number) => number
  /** Whether a cell lies in the dessert and is filled at that moment. */
  filled: (moment: Moment, column: number, row: number) => boolean
  /** The cell at a place, mm from the axis and above the base; nothing outside the dessert. */
  cellAt: (x: number, z: number) => { column: number; row: number } | undefined
}

export interface Moment {
  frame: number
  share: number
}

const STEPS = 255
const NOT_SET = 255
const PER_DECADE = 50

export function unpack(field: ChillField): FieldFilm {
  const warm = bytes(field.celsius)
  const firm = bytes(field.firmness)
  const cells = field.columns * field.rows
  const last = field.minutes.length - 1

  const celsiusIn = (frame: number, cell: number) => {
    const low = field.lowC[frame] as number
    const high = field.highC[frame] as number
    return low + ((warm[frame * cells + cell] as number) / STEPS) * (high - low)
  }
  const pascalIn = (frame: number, cell: number) => {
    const byte = firm[frame * cells + cell] as number
    if (byte === NOT_SET) return NaN
    return byte === 0 ? 0 : 10 ** (byte / PER_DECADE)
  }
  const cell = (column: number, row: number) => row * field.columns + column

  return {
    field,
    at(minute) {
      let frame = 0
      let high = last
      while (frame < high) {
        const middle = Math.ceil((frame + high) / 2)
        if ((field.minutes[middle] as number) <= minute) frame = middle
        else high = middle - 1
      }
      const from = field.minutes[frame] as number
      const to = field.minutes[Math.min(last, frame + 1)] as number
      return { frame, share: to > from ? Math.min(1, Math.max(0, (minute - from) / (to - from))) : 0 }
    },
    celsius({ frame, share }, c) {
      const here = celsiusIn(frame, c)
      if (share === 0 || frame === last) return here
      return here + share * (celsiusIn(frame + 1, c) - here)
    },
    pascal({ frame, share }, c) {
      const here = pascalIn(frame, c)
      if (share === 0 || frame === last) return here
      const next = pascalIn(frame + 1, c)
      // A layer that is poured between two frames has nothing to come from.
      return Number.isNaN(here) ? here : here + share * ((Number.isNaN(next) ? here : next) - here)
    },
    cell,
    filled: ({ frame }, column, row) =>
      row < (field.filledRows[frame] as number) && column < (field.rowCells[row] ?? 0),
    cellAt(x, z) {
      const row = field.zEdgesMm.findIndex((edge, i) => i > 0 && z <= edge) - 1
      const column = field.rEdgesMm.findIndex((edge, i) => i > 0 && Math.abs(x) <= edge) - 1
      if (row < 0 || column < 0 || z < 0) return undefined
      return { column: Math.min(column, (field.rowCells[row] ?? 1) - 1), row }
    },
  }
}

/** Runs of rows of one height, bottom first: layers, which are drawn one by one so that they do not blur into each other. */
export function rowRuns(field: Pick<ChillField, 'zEdgesMm'>): { from: number; to: number }[] {
  const runs: { from: number; to: number }[] = []
  const edges = field.zEdgesMm
  for (let row = 0; row + 1 < edges.length; row++) {
    const height = (edges[row + 1] as number) - (edges[row] as number)
    const last = runs.at(-1)
    const before = row > 0 ? (edges[row] as number) - (edges[row - 1] as number) : 0
    if (last && Math.abs(height - before) < 1e-6) last.to = row + 1
    else runs.push({ from: row, to: row + 1 })
  }
  return runs
}

function bytes(base64: string): Uint8Array {
  const text = atob(base64)
  const out = new Uint8Array(text.length)
  for (let i = 0; i < text.length; i++) out[i] = text.charCodeAt(i)
  return out
}
