import { beforeEach, expect, it } from 'vitest'
import type { KitchenSettings } from '@/api/client'
import { keepTyped, unsaved } from './typedSettings'

const stored = { name: 'Ours', room: '20 °C' } as KitchenSettings
const typed = { ...stored, room: '24 °C' }

beforeEach(() => localStorage.clear())

it('keeps what was typed and not saved, for its kitchen alone', () => {
  keepTyped(localStorage, { kitchen: 'own', version: 3, settings: typed })
  expect(unsaved(localStorage, 'own', stored)).toEqual({ kitchen: 'own', version: 3, settings: typed })
  expect(unsaved(localStorage, 'other', stored)).toBeUndefined()
})

it('has nothing to say once it is saved, taken back or unreadable', () => {
  keepTyped(localStorage, { kitchen: 'own', version: 3, settings: typed })
  expect(unsaved(localStorage, 'own', typed)).toBeUndefined()
  keepTyped(localStorage)
  expect(unsaved(localStorage, 'own', stored)).toBeUndefined()
  localStorage.setItem('deft-chill.settings', '{')
  expect(unsaved(localStorage, 'own', stored)).toBeUndefined()
})
