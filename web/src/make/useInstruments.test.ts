import { expect, it } from 'vitest'
import type { Instrument } from '@/api/client'
import { shown, weighed, written } from './useInstruments'

const of = (value?: number) => ({ value }) as Instrument

it('shows a probe to the tenth and a scale as it weighs', () => {
  expect(shown(of(36.98))).toBe('37.0 °C')
  expect(weighed(of(249.84))).toBe('249.8 g')
  expect(shown(of())).toBe('')
})

it('compares the scale with grams alone', () => {
  expect(written('250 g')).toBe(250)
  expect(written('8,4 g')).toBe(8.4)
  expect(written('1 cup')).toBeUndefined()
  expect(written('2 kg')).toBeUndefined()
})
