import { expect, it } from 'vitest'
import { weeks } from './calendar'

it('begins with the Monday before the first and ends with the Sunday after the last', () => {
  const november = weeks('2026-11')
  expect(november[0]?.[0]).toBe('2026-10-26')
  expect(november[0]?.[6]).toBe('2026-11-01')
  expect(november.at(-1)?.at(-1)).toBe('2026-12-06')
  expect(november.flat().filter((d) => d.startsWith('2026-11'))).toHaveLength(30)
})

it('knows a leap day and a February of four weeks', () => {
  expect(weeks('2028-02').flat()).toContain('2028-02-29')
  expect(weeks('2027-02')).toHaveLength(4)
})
