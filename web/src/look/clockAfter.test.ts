import { expect, it } from 'vitest'
import { clockAfter } from '@/look/time'

it.each([
  ['14:00', 125, '16:05'],
  ['22:30', 120, '00:30'],
  ['9:05', 0, '09:05'],
  ['soon', 125, '2 h'],
])('%s and %s minutes is %s', (start, minutes, clock) => {
  expect(clockAfter(start, minutes)).toBe(clock)
})
