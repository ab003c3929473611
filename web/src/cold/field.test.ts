import { expect, it } from 'vitest'
import type { ChillField } from '@/api/client'
import { rowRuns, unpack } from './field'

/** Two columns, three rows of which the uppermost is narrow; three frames, the last row poured in the second. */
const base64 = (bytes: number[]) => btoa(String.fromCharCode(...bytes))
const FIELD: ChillField = {
  columns: 2,
  rows: 3,
  rEdgesMm: [0, 10, 20],
  zEdgesMm: [0, 10, 20, 25],
  rowCells: [2, 2, 1],
  minutes: [0, 10, 30],
  filledRows: [2, 3, 3],
  airC: [4, 4, 4],
  lowC: [20, 10, 4],
  highC: [30, 20, 8],
  celsius: base64([0, 255, 0, 255, 0, 0, 0, 255, 0, 255, 51, 0, 255, 255, 0, 0, 0, 0]),
  firmness: base64([0, 0, 0, 0, 255, 255, 0, 50, 0, 50, 255, 255, 100, 100, 100, 100, 255, 255]),
}
const film = unpack(FIELD)

it('finds the frame of a minute and how far it is on the way', () => {
  expect(film.at(0)).toEqual({ frame: 0, share: 0 })
  expect(film.at(5)).toEqual({ frame: 0, share: 0.5 })
  expect(film.at(10)).toEqual({ frame: 1, share: 0 })
  expect(film.at(20).share).toBeCloseTo(0.5)
  expect(film.at(999)).toEqual({ frame: 2, share: 0 })
})

it('reads temperature between coldest and warmest of the frame, and between frames', () => {
  expect(film.celsius(film.at(0), 0)).toBe(20)
  expect(film.celsius(film.at(0), 1)).toBe(30)
  expect(film.celsius(film.at(5), 0)).toBe(15)
  expect(film.celsius(film.at(10), 4)).toBe(12)
})

it('reads firmness on its logarithmic scale: liquid, set, and what does not set', () => {
  expect(film.pascal(film.at(0), 1)).toBe(0)
  expect(film.pascal(film.at(10), 1)).toBeCloseTo(10)
  expect(film.pascal(film.at(30), 0)).toBeCloseTo(100)
  expect(film.pascal(film.at(0), 4)).toBeNaN()
})

it('knows what is filled and which cell lies where', () => {
  expect(film.filled(film.at(0), 0, 2)).toBe(false)
  expect(film.filled(film.at(10), 0, 2)).toBe(true)
  expect(film.filled(film.at(10), 1, 2)).toBe(false)
  expect(film.cellAt(-15, 12)).toEqual({ column: 1, row: 1 })
  // Beyond the wall the outermost cell of the row is meant.
  expect(film.cellAt(15, 22)).toEqual({ column: 0, row: 2 })
  expect(film.cellAt(0, 26)).toBeUndefined()
  expect(film.cellAt(25, 5)).toBeUndefined()
})

it('rows of one height are drawn together', () => {
  expect(rowRuns(FIELD)).toEqual([
    { from: 0, to: 2 },
    { from: 2, to: 3 },
  ])
})
