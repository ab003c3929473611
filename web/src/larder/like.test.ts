import { describe, expect, it } from 'vitest'
import type { Larder } from '@/api/client'
import { likeFields, priceOf, withPrice } from './like'

const larder = {
  ingredients: [
    {
      id: 'cream-35',
      name: 'Cream',
      group: 'dairy',
      shares: [
        { key: 'water', name: 'Water', percent: 59 },
        { key: 'milkFat', name: 'Milk fat', percent: 35 },
      ],
      ph: 6.6,
      buffer: 20,
      enzyme: 'none',
      allergens: ['milk'],
      mayContain: [],
      diet: 'vegetarian',
    },
  ],
  gels: [
    { id: 'gold', name: 'Gold', bloom: 200, form: 'sheet', sheetG: 2 },
    { id: 'agar', name: 'Agar', bloom: 0 },
  ],
  moulds: [
    {
      id: 'dariole',
      name: 'Dariole',
      inner: [
        { halfWidthMm: 25, heightMm: 0 },
        { halfWidthMm: 30, heightMm: 60 },
      ],
      heightMm: 60,
      material: 'aluminium',
      wallMm: 0.8,
      baseMm: 0.8,
      release: 'dip',
    },
  ],
  coolers: [{ id: 'fridge', name: 'Fridge', airC: 4, h: 7, hBase: 7, powerW: 120, contentsKj: 60 }],
} as unknown as Larder

describe('an entry like one that is there', () => {
  it('leaves the water to be the rest', () => {
    expect(likeFields(larder, 'ingredient', 'cream-35')).toMatchObject({
      name: 'Cream (yours)',
      milkFat: '35',
      allergens: 'milk',
    })
    expect(likeFields(larder, 'ingredient', 'cream-35')).not.toHaveProperty('water')
  })

  it('has the widths of a mould', () => {
    expect(likeFields(larder, 'mould', 'dariole')).toMatchObject({ bottom: '50', top: '60', height: '60' })
  })

  it('is nothing for what cannot be typed', () => {
    expect(likeFields(larder, 'gel', 'gold')).toMatchObject({ bloom: '200', sheet: '2' })
    expect(likeFields(larder, 'gel', 'agar')).toBeUndefined()
    expect(likeFields(larder, 'ingredient', 'nobody')).toBeUndefined()
    expect(likeFields(larder, 'cooler', 'fridge')).toMatchObject({ air: '4' })
  })
})

describe('prices', () => {
  it('are kept a line each, changed and taken out', () => {
    const one = withPrice('', 'sugar', ' 1.20 ')
    expect(one).toBe('sugar = 1.20')
    const two = withPrice(one, 'cream-35', '4.80')
    expect(priceOf(two, 'cream-35')).toBe('4.80')
    expect(withPrice(two, 'sugar', '')).toBe('cream-35 = 4.80')
    expect(priceOf(two, 'nobody')).toBe('')
  })
})
