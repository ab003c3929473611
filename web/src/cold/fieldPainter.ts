import { colours } from '@/look/theme'
import type { FieldFilm, Moment } from './field'
import { rowRuns } from './field'
import { contour } from './contours'
import { onScale } from '@/look/degrees'
import { colourOf, levels } from './palette'

/** From this rigidity on a point no longer runs, Pa. */
const HOLDS_PA = 20
/** The scale that the set front is interpolated on. */
const logOf = (pa: number) => (pa < 1 ? 0 : Math.log10(pa))

/** From millimetres, z upward from the inside of the base, to pixels. */
export interface View {
  scale: number
  x: (mm: number) => number
  y: (mm: number) => number
}

/** How lines of equal temperature are named. */
export interface Letters {
  font: string
  fahrenheit?: boolean
}

export interface Painted {
  low: number
  high: number
}

/** Paints the field of a moment: temperature as colour, lines of equal temperature, the set front. */
export class FieldPainter {
  private readonly image: ImageData
  private readonly cells: HTMLCanvasElement
  private readonly xs: number[]
  private readonly ys: number[]
  private readonly runs: { from: number; to: number }[]

  constructor(private readonly film: FieldFilm) {
    const { columns, rows, rEdgesMm, zEdgesMm } = film.field
    this.image = new ImageData(2 * columns, rows)
    this.cells = document.createElement('canvas')
    this.cells.width = 2 * columns
    this.cells.height = rows
    this.runs = rowRuns(film.field)
    const middle = (edges: number[], i: number) => ((edges[i] as number) + (edges[i + 1] as number)) / 2
    const right = Array.from({ length: columns }, (_, i) => middle(rEdgesMm, i))
    this.xs = [...right.map((x) => -x).reverse(), ...right]
    this.ys = Array.from({ length: rows }, (_, j) => middle(zEdgesMm, j))
  }

  /** @param clip outline of what is filled, px */
  paint(
    canvas: CanvasRenderingContext2D,
    moment: Moment,
    view: View,
    clip: Path2D,
    letters: Letters,
  ): Painted {
    const range = this.colourCells(moment)
    canvas.save()
    canvas.clip(clip)
    this.drawRuns(canvas, moment, view)
    this.drawLevels(canvas, moment, view, range, letters)
    this.drawFront(canvas, moment, view)
    canvas.restore()
    return range
  }

  private colourCells(moment: Moment): Painted {
    const { columns, rows, rowCells } = this.film.field
    let low = Infinity
    let high = -Infinity
    for (let row = 0; row < rows; row++) {
      const inside = rowCells[row] ?? 0
      for (let column = 0; column < columns; column++) {
        // Beyond the wall the outermost cell goes on, so that nothing foreign blurs in at the edge.
        const celsius = this.film.celsius(
          moment,
          this.film.cell(Math.min(column, Math.max(0, inside - 1)), row),
        )
        const [r, g, b] = colourOf(celsius)
        for (const x of [columns + column, columns - 1 - column]) {
          const at = 4 * ((rows - 1 - row) * 2 * columns + x)
          this.image.data[at] = r
          this.image.data[at + 1] = g
          this.image.data[at + 2] = b
          this.image.data[at + 3] = 255
        }
        if (this.film.filled(moment, column, row)) {
          low = Math.min(low, celsius)
          high = Math.max(high, celsius)
        }
      }
    }
    this.cells.getContext('2d')?.putImageData(this.image, 0, 0)
    return { low, high }
  }

  private drawRuns(canvas: CanvasRenderingContext2D, moment: Moment, view: View) {
    const { columns, rows, rEdgesMm, zEdgesMm, filledRows } = this.film.field
    const half = rEdgesMm[columns] as number
    const filled = filledRows[moment.frame] as number
    canvas.imageSmoothingEnabled = true
    canvas.imageSmoothingQuality = 'high'
    for (const run of this.runs) {
      const to = Math.min(run.to, filled)
      if (to <= run.from) continue
      const top = view.y(zEdgesMm[to] as number)
      const bottom = view.y(zEdgesMm[run.from] as number)
      canvas.drawImage(
        this.cells,
        0,
        rows - to,
        2 * columns,
        to - run.from,
        view.x(-half),
        top,
        2 * half * view.scale,
        bottom - top,
      )
    }
  }

  private drawLevels(
    canvas: CanvasRenderingContext2D,
    moment: Moment,
    view: View,
    { low, high }: Painted,
    { font, fahrenheit }: Letters,
  ) {
    canvas.lineWidth = 0.8
    canvas.strokeStyle = 'rgba(23, 50, 58, 0.55)'
    canvas.fillStyle = colours.ink
    canvas.font = `12px ${font}`
    const value = this.values(moment, (cell) => this.film.celsius(moment, cell))
    for (const level of levels(low, high)) {
      const pieces = contour(this.xs, this.ys, value, level)
      canvas.beginPath()
      for (const [x0, y0, x1, y1] of pieces) {
        canvas.moveTo(view.x(x0), view.y(y0))
        canvas.lineTo(view.x(x1), view.y(y1))
      }
      canvas.stroke()
      // Named once, where it lies furthest to the left.
      const at = pieces.reduce((best, p) => (p[0] < best[0] ? p : best), pieces[0] ?? [0, 0, 0, 0])
      if (pieces.length > 3)
        canvas.fillText(`${Math.round(onScale(level, fahrenheit))}°`, view.x(at[0]) + 4, view.y(at[1]) - 3)
    }
  }

  private drawFront(canvas: CanvasRenderingContext2D, moment: Moment, view: View) {
    const value = this.values(moment, (cell) => logOf(this.film.pascal(moment, cell)))
    canvas.lineWidth = 3
    canvas.strokeStyle = colours.ink
    canvas.beginPath()
    for (const [x0, y0, x1, y1] of contour(this.xs, this.ys, value, Math.log10(HOLDS_PA))) {
      canvas.moveTo(view.x(x0), view.y(y0))
      canvas.lineTo(view.x(x1), view.y(y1))
    }
    canvas.stroke()
  }

  /** A value at the nodes of both halves; none outside the dessert or above what is filled. */
  private values(moment: Moment, of: (cell: number) => number) {
    const { columns } = this.film.field
    return (i: number, j: number) => {
      const column = i < columns ? columns - 1 - i : i - columns
      return this.film.filled(moment, column, j) ? of(this.film.cell(column, j)) : NaN
    }
  }
}
