import { expect, it } from 'vitest'
import type { Chill, ChillField } from '@/api/client'
import { unpack } from './field'
import { readout, spokenReadout } from './readout'

const base64 = (bytes: number[]) => btoa(String.fromCharCode(...bytes))
/** A lower layer of one row that sets, and one on top that is poured later and never sets. */
const field = {
  columns: 1,
  rows: 2,
  rEdgesMm: [0, 10],
  zEdgesMm: [0, 10, 20],
  rowCells: [1, 1],
  minutes: [0, 60],
  filledRows: [1, 2],
  airC: [4, 5],
  lowC: [30, 10],
  highC: [31, 20],
  celsius: base64([0, 0, 0, 255]),
  firmness: base64([0, 255, 100, 255]),
} as ChillField
const chill = {
  pouredAt: '14:00',
  stays: [{ name: 'Fridge', airC: 4, fromMinutes: 0 }],
  section: {
    layers: [
      { component: 0, name: 'Cream', fromMm: 0, toMm: 10 },
      { component: 1, name: 'Pears', fromMm: 10, toMm: 20 },
    ],
  },
} as unknown as Chill
const degrees = (c: number) => `${c.toFixed(0)} °C`

it('says what is poured, set and laid in, and where it stands', () => {
  const film = unpack(field)
  const before = readout(chill, film, 0)
  expect(before.layers.map((l) => [l.name, l.poured, l.setShare])).toEqual([
    ['Cream', true, 0],
    ['Pears', false, 0],
  ])
  expect(spokenReadout(before, degrees)).toBe(
    'At 14:00, in Fridge: warmest 30 °C, coldest 30 °C. Cream 0 % set, Pears not poured yet.',
  )
  const after = readout(chill, film, 60)
  expect(after.airC).toBe(5)
  expect(spokenReadout(after, degrees)).toBe(
    'At 15:00, in Fridge: warmest 20 °C, coldest 10 °C. Cream set, Pears laid in.',
  )
})
