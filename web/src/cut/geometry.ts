import type { Section } from '@/api/client'

/** Drawing units are millimetres, z upward from the inside of the base; SVG's y is -z. */
export interface XY {
  x: number
  z: number
}

interface ProfilePoint {
  halfWidthMm: number
  heightMm: number
}

/** A closed outline from a right-hand profile mirrored about the axis. */
export function mirrored(profile: XY[]): string {
  const right = profile.map(({ x, z }) => `${round(x)} ${round(-z)}`)
  const left = [...profile].reverse().map(({ x, z }) => `${round(-x)} ${round(-z)}`)
  return `M${[...right, ...left].join('L')}Z`
}

/** The inner profile from the bottom up to a height, its last point interpolated. */
export function innerUpTo(inner: ProfilePoint[], height: number): XY[] {
  const points: XY[] = []
  inner.forEach((point, i) => {
    if (point.heightMm <= height) {
      points.push({ x: point.halfWidthMm, z: point.heightMm })
      return
    }
    const before = inner[i - 1]
    if (before && before.heightMm < height) points.push({ x: halfWidthAt(inner, height), z: height })
  })
  return points
}

/** The inner profile between two heights, both ends interpolated. */
export function band(inner: ProfilePoint[], from: number, to: number, insetMm = 0): XY[] {
  const narrower = (x: number) => Math.max(0, x - insetMm)
  const between = inner.filter((p) => p.heightMm > from && p.heightMm < to)
  return [
    { x: narrower(halfWidthAt(inner, from)), z: from },
    ...between.map((p) => ({ x: narrower(p.halfWidthMm), z: p.heightMm })),
    { x: narrower(halfWidthAt(inner, to)), z: to },
  ]
}

/** Half-width of the inner profile at a height. */
export function halfWidthAt(inner: ProfilePoint[], height: number): number {
  for (let i = 1; i < inner.length; i++) {
    const low = inner[i - 1] as ProfilePoint
    const high = inner[i] as ProfilePoint
    if (height <= high.heightMm) {
      const share = (height - low.heightMm) / (high.heightMm - low.heightMm)
      return low.halfWidthMm + share * (high.halfWidthMm - low.halfWidthMm)
    }
  }
  return inner.at(-1)?.halfWidthMm ?? 0
}

/** The outside of the vessel: the inner profile moved out by the wall's thickness along its normal, and the base below. */
export function outside(section: Pick<Section, 'inner' | 'wallMm' | 'baseMm'>): XY[] {
  const { inner, wallMm, baseMm } = section
  const moved = inner.map((point, i) => {
    const before = inner[Math.max(0, i - 1)] as ProfilePoint
    const after = inner[Math.min(inner.length - 1, i + 1)] as ProfilePoint
    const run = after.heightMm - before.heightMm
    const slope = after.halfWidthMm - before.halfWidthMm
    const length = Math.hypot(run, slope) || 1
    return {
      x: point.halfWidthMm + (wallMm * run) / length,
      z: point.heightMm - (wallMm * slope) / length,
    }
  })
  const first = moved[0] as XY
  return [{ x: first.x, z: -baseMm }, ...moved.map((p) => ({ x: p.x, z: Math.max(p.z, -baseMm) }))]
}

/** Ruler marks every 5 mm, numbered every 10, or as seldom as letters of a height, mm, leave room for. */
export function rulerMarks(height: number, letterMm = 0): { z: number; label: string }[] {
  const numbered = Math.max(height > 100 ? 20 : 10, [10, 20, 50].find((n) => n >= 1.15 * letterMm) ?? 100)
  const marks = []
  for (let z = 0; z <= height + 1e-9; z += 5) {
    marks.push({ z, label: z % numbered === 0 ? String(z) : '' })
  }
  return marks
}

function round(value: number): number {
  return Math.round(value * 100) / 100
}
