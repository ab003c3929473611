import { expect, it } from 'vitest'
import { clockOf, countdown } from './moments'

it('counts down in minutes, in hours, and past the end', () => {
  expect(countdown(245)).toBe('4:05')
  expect(countdown(4320)).toBe('1:12:00')
  expect(countdown(0)).toBe('0:00')
  expect(countdown(-61)).toBe('−1:01')
  expect(countdown(-0.3)).toBe('0:00')
})

it('tells the clock of the kitchen, not of the device', () => {
  expect(clockOf(1_796_302_800, 'Europe/Vienna')).toBe('14:00')
  expect(clockOf(1_796_302_800, 'UTC')).toBe('13:00')
})
