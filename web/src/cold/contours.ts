/** A piece of a contour line: x0, y0, x1, y1. */
export type Piece = [number, number, number, number]

/**
 * Lines along which a value on a grid of nodes passes a level, by marching squares with linear interpolation. Squares with
 * a node that has no value (NaN) are left out.
 *
 * @param xs places of the columns, ys of the rows
 * @param value at a column and row
 */
export function contour(
  xs: number[],
  ys: number[],
  value: (i: number, j: number) => number,
  level: number,
): Piece[] {
  const pieces: Piece[] = []
  for (let j = 0; j + 1 < ys.length; j++) {
    for (let i = 0; i + 1 < xs.length; i++) {
      const corners = [value(i, j), value(i + 1, j), value(i + 1, j + 1), value(i, j + 1)] as const
      if (corners.some(Number.isNaN)) continue
      const crossings = edgeCrossings(
        [xs[i] as number, xs[i + 1] as number],
        [ys[j] as number, ys[j + 1] as number],
        corners,
        level,
      )
      // Two crossings are a line; four are a saddle, cut into two.
      for (let k = 0; k + 1 < crossings.length; k += 2) {
        const [a, b] = [crossings[k] as [number, number], crossings[k + 1] as [number, number]]
        pieces.push([a[0], a[1], b[0], b[1]])
      }
    }
  }
  return pieces
}

function edgeCrossings(
  [x0, x1]: [number, number],
  [y0, y1]: [number, number],
  [a, b, c, d]: readonly [number, number, number, number],
  level: number,
): [number, number][] {
  const found: [number, number][] = []
  const share = (from: number, to: number) => (level - from) / (to - from)
  const passes = (from: number, to: number) => from < level !== to < level
  if (passes(a, b)) found.push([x0 + share(a, b) * (x1 - x0), y0])
  if (passes(b, c)) found.push([x1, y0 + share(b, c) * (y1 - y0)])
  if (passes(d, c)) found.push([x0 + share(d, c) * (x1 - x0), y1])
  if (passes(a, d)) found.push([x0, y0 + share(a, d) * (y1 - y0)])
  return found
}
