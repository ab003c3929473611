import { expect, it } from 'vitest'
import { contour } from './contours'

const xs = [0, 1, 2, 3]
const ys = [0, 1, 2]

it('a plane is cut along a straight line', () => {
  const pieces = contour(xs, ys, (i) => i, 1.25)
  expect(pieces).toHaveLength(2)
  for (const [x0, , x1] of pieces) expect([x0, x1]).toEqual([1.25, 1.25])
})

it('a circle comes near its radius', () => {
  const n = Array.from({ length: 41 }, (_, i) => -2 + i / 10)
  const r2 = (i: number, j: number) => (n[i] as number) ** 2 + (n[j] as number) ** 2
  const pieces = contour(n, n, r2, 1)
  expect(pieces.length).toBeGreaterThan(40)
  for (const [x, y] of pieces) expect(Math.hypot(x, y)).toBeCloseTo(1, 1)
  const length = pieces.reduce((sum, [a, b, c, d]) => sum + Math.hypot(c - a, d - b), 0)
  expect(length).toBeCloseTo(2 * Math.PI, 1)
})

it('a saddle is two lines, and what has no value is left out', () => {
  expect(contour([0, 1], [0, 1], (i, j) => (i === j ? 1 : 0), 0.5)).toHaveLength(2)
  expect(contour(xs, ys, (i, j) => (i === 2 && j === 1 ? NaN : i), 1.5)).toHaveLength(0)
  expect(contour(xs, ys, () => 3, 1)).toEqual([])
})
