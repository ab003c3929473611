import { expect, it } from 'vitest'
import type { Kitchen, KitchenSettings } from '@/api/client'
import { CHOICES } from '@/testing/choices'
import { settingGroups } from './settings'

const settings: KitchenSettings = {
  name: 'K',
  measures: 'metric',
  temperature: 'celsius',
  swapSchool: 'sheets',
  bloomSchool: 'weighed',
  straining: 'yes',
  safetyRules: 'us-code',
  allergenList: 'eu',
  scale: '1 g',
  fineScale: '0.1 g',
  fineBelow: '50 g',
  room: '20 °C',
  currency: '€',
  prices: '',
  zone: 'Europe/Lisbon',
}
const kitchen: Kitchen = {
  version: 1,
  settings,
  safetyRules: [{ id: 'us-code', name: 'US', meaning: 'below 21 °C after 2 h' }],
  zones: ['Europe/Lisbon'],
  swapSchools: [{ id: 'sheets', name: 'sheet for sheet', meaning: 'the same number' }],
}
const rows = settingGroups(kitchen, settings, (field) => CHOICES[field] ?? []).flatMap((g) => g.rows)

it('shows every setting once', () => {
  expect(rows.map((r) => r.field).sort()).toEqual(
    Object.keys(settings)
      // Prices stand in the larder, each at its ingredient.
      .filter((field) => field !== 'prices')
      .sort(),
  )
})

it('every present setting is among its choices', () => {
  for (const row of rows.filter((r) => r.choices)) {
    expect(row.choices?.map((c) => c.value)).toContain(settings[row.field])
  }
})

it('says what a school and a rule set mean', () => {
  expect(rows.find((r) => r.field === 'swapSchool')?.hint).toBe('the same number')
  expect(rows.find((r) => r.field === 'safetyRules')?.hint).toContain('below 21 °C after 2 h. Local rules')
})
