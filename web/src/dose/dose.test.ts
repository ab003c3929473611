import { describe, expect, it } from 'vitest'
import type { DoseStrip } from '@/api/client'
import { firmnessAt, gramsAt, marks, standingAt, waterAt, weighed } from './dose'

const dose = (grams: number, firmness: number) => ({
  grams,
  waterG: 5 * grams,
  firmness,
  standingMm: 20 + firmness / 2,
})
const doses = [dose(2, 0), dose(4, 0), dose(8, 30), dose(16, 60), dose(32, 90), dose(64, 100)]
const strip = (sheets: DoseStrip['sheets'] = []): DoseStrip => ({
  grams: 8,
  firmness: 30,
  targetFrom: 40,
  targetTo: 60,
  zones: [],
  doses,
  sheets,
  stepG: 0.1,
  evidence: { inputs: [], rule: '', constants: [], uncertainty: '', wouldChange: '' },
})

describe('the ruler between the doses computed', () => {
  it('goes in straight lines', () => {
    expect(firmnessAt(doses, 12)).toBe(45)
    expect(waterAt(doses, 12)).toBe(60)
    expect(standingAt(doses, 12)).toBe(42.5)
  })

  it('ends where it ends', () => {
    expect(firmnessAt(doses, 1)).toBe(0)
    expect(firmnessAt(doses, 500)).toBe(100)
    expect(gramsAt(doses, 120)).toBe(64)
  })

  it('finds the dose of a firmness, and back', () => {
    for (const grams of [4.5, 8, 11, 25, 40])
      expect(gramsAt(doses, firmnessAt(doses, grams))).toBeCloseTo(grams, 9)
  })

  it('takes the highest dose that still runs for the lower end', () => {
    expect(gramsAt(doses, 0)).toBe(4)
    expect(gramsAt(doses, -5)).toBe(4)
  })

  it('says nothing of standing where it is not turned out', () => {
    const glass = doses.map(({ grams, waterG, firmness }) => ({ grams, waterG, firmness }))
    expect(standingAt(glass, 12)).toBeUndefined()
  })
})

it.each([
  [14.04, 0.1, '14 g'],
  [14.06, 0.1, '14.1 g'],
  [14.06, 0.01, '14.06 g'],
  [0.001, 0.1, '0.1 g'],
  [62.4, 1, '62 g'],
  [7.3, 0.5, '7.5 g'],
])('%s g on a scale of %s g is %s', (grams, step, text) => {
  expect(weighed(grams, step)).toBe(text)
})

describe('marks', () => {
  it('are whole and half sheets, halves without a label', () => {
    const sheets = [1.5, 2, 2.5, 3].map((n) => ({ sheets: n, grams: 4 * n, firmness: 10 * n }))
    expect(marks(strip(sheets)).map((m) => [m.label, m.minor])).toEqual([
      ['', true],
      ['2', false],
      ['', true],
      ['3', false],
    ])
  })

  it('leave out labels and then themselves where they crowd', () => {
    const crowded = Array.from({ length: 40 }, (_, i) => ({
      sheets: i + 1,
      grams: i + 1,
      firmness: 50 + i * 0.5,
    }))
    const drawn = marks(strip(crowded))
    expect(drawn.length).toBeLessThan(crowded.length)
    for (let i = 1; i < drawn.length; i++) {
      expect((drawn[i]?.firmness ?? 0) - (drawn[i - 1]?.firmness ?? 0)).toBeGreaterThanOrEqual(0.6)
    }
    const labelled = drawn.filter((m) => m.label)
    for (let i = 1; i < labelled.length; i++) {
      expect((labelled[i]?.firmness ?? 0) - (labelled[i - 1]?.firmness ?? 0)).toBeGreaterThanOrEqual(2.6)
    }
  })

  it('are round grams for a powder, within the ruler', () => {
    const drawn = marks(strip())
    expect(drawn.length).toBeGreaterThan(5)
    for (const mark of drawn) {
      expect(mark.firmness).toBeCloseTo(firmnessAt(doses, mark.grams), 9)
      expect(mark.firmness).toBeGreaterThanOrEqual(30)
      expect(mark.firmness).toBeLessThanOrEqual(100)
    }
  })
})
