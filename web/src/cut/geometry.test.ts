import { expect, it } from 'vitest'
import { band, halfWidthAt, innerUpTo, mirrored, rulerMarks } from './geometry'

const cone = [
  { halfWidthMm: 25, heightMm: 0 },
  { halfWidthMm: 30, heightMm: 60 },
]

it('cuts the inner profile at the fill height', () => {
  expect(innerUpTo(cone, 30)).toEqual([
    { x: 25, z: 0 },
    { x: 27.5, z: 30 },
  ])
  expect(innerUpTo(cone, 60).at(-1)).toEqual({ x: 30, z: 60 })
})

it('knows the half-width at any height', () => {
  expect(halfWidthAt(cone, 0)).toBe(25)
  expect(halfWidthAt(cone, 12)).toBe(26)
  expect(halfWidthAt(cone, 99)).toBe(30)
})

it('mirrors a profile into a closed outline', () => {
  expect(
    mirrored([
      { x: 1, z: 0 },
      { x: 2, z: 3 },
    ]),
  ).toBe('M1 0L2 -3L-2 -3L-1 0Z')
})

it('numbers every tenth millimetre', () => {
  expect(rulerMarks(20).map((m) => m.label)).toEqual(['0', '', '10', '', '20'])
})

it('cuts a band between two heights, narrower by a lining', () => {
  expect(band(cone, 12, 30)).toEqual([
    { x: 26, z: 12 },
    { x: 27.5, z: 30 },
  ])
  expect(band(cone, 12, 30, 4)[0]).toEqual({ x: 22, z: 12 })
  const kinked = [...cone, { halfWidthMm: 40, heightMm: 80 }]
  expect(band(kinked, 30, 70).map((p) => p.z)).toEqual([30, 60, 70])
})

it('numbers as seldom as its letters leave room for', () => {
  expect(
    rulerMarks(40, 12)
      .filter((m) => m.label)
      .map((m) => m.label),
  ).toEqual(['0', '20', '40'])
})
