import { describe, expect, it } from 'vitest'
import type { Larder } from '@/api/client'
import { factsOf, itemsOf, SHELVES } from './shelves'

const larder: Larder = {
  ingredients: [
    {
      id: 'cream',
      name: 'Cream',
      otherNames: [],
      group: 'dairy',
      shares: [
        { key: 'water', name: 'Water', percent: 60 },
        { key: 'milkFat', name: 'Milk fat', percent: 35 },
        { key: 'sugars', name: 'Sugars', percent: 5 },
      ],
      ph: 6.6,
      buffer: 20,
      enzyme: 'none',
      spoonGramsPerMl: 0.99,
      pieces: [],
      allergens: ['milk'],
      mayContain: [],
      diet: 'vegetarian',
      traits: [],
      curdles: false,
      source: 'a table',
      own: false,
    },
  ],
  gels: [
    {
      id: 'leaf',
      name: 'Leaf',
      agent: 'gelatin',
      bloom: 200,
      form: 'sheet',
      sheetG: 2,
      packetG: 0,
      setsC: 0,
      meltsC: 33,
      likeGelatin: 0,
      origin: 'pork',
      allergens: [],
      diet: 'not',
      source: 's',
      own: true,
    },
    {
      id: 'agar',
      name: 'Agar',
      agent: 'agar',
      bloom: 0,
      form: 'powder',
      sheetG: 0,
      packetG: 0,
      setsC: 35,
      meltsC: 85,
      likeGelatin: 4,
      origin: 'seaweed',
      allergens: [],
      diet: 'vegetarian',
      source: 's',
      own: false,
    },
  ],
  moulds: [
    {
      id: 'ring',
      name: 'Ring',
      brimMl: 127.2,
      heightMm: 45,
      symmetry: 'round',
      inner: [],
      material: 'steel',
      wallMm: 0.8,
      baseMm: 0,
      release: 'lift',
      source: 's',
      own: false,
    },
  ],
  coolers: [
    {
      id: 'fridge',
      name: 'Fridge',
      airC: 4,
      h: 7,
      hBase: 7,
      powerW: 120,
      contentsKj: 60,
      source: 's',
      own: false,
    },
  ],
  allergens: [{ id: 'milk', name: 'Milk', eu: 'Milk', us: 'Milk' }],
  ownKinds: [],
  componentKinds: [],
  choices: {},
}
const value = (shelf: (typeof SHELVES)[number]['id'], id: string, name: string) =>
  factsOf(larder, shelf, id).find((f) => f.name === name)?.value

describe('the shelves', () => {
  it('list by name with what matters most first', () => {
    expect(itemsOf(larder, 'ingredient', '')[0]?.brief).toBe('water 60 %, milk fat 35 %')
    expect(itemsOf(larder, 'gel', '').map((i) => i.brief)).toEqual(['200 Bloom', 'sets at 35 °C'])
    expect(itemsOf(larder, 'mould', '')[0]?.brief).toBe('127 ml, steel')
    expect(itemsOf(larder, 'cooler', '')[0]?.brief).toBe('4 °C')
  })

  it.each([
    ['ingredient', 'DAIRY', 1],
    ['ingredient', 'milk fat', 1],
    ['ingredient', 'fish', 0],
    ['gel', ' leaf ', 1],
    ['mould', 'steel', 1],
  ] as const)('%s searched for “%s” are %s', (shelf, search, count) => {
    expect(itemsOf(larder, shelf, search)).toHaveLength(count)
  })

  it('tell an own entry from a shipped one', () => {
    expect(itemsOf(larder, 'gel', '').map((i) => i.own)).toEqual([true, false])
  })
})

describe('what is known about a thing', () => {
  it('has units, names of allergens and a source', () => {
    expect(value('ingredient', 'cream', 'Milk fat')).toBe('35 %')
    expect(value('ingredient', 'cream', 'Contains')).toBe('Milk')
    expect(value('ingredient', 'cream', 'Source')).toBe('a table')
    expect(value('ingredient', 'cream', 'May contain')).toBeUndefined()
  })

  it('differs between gelatin and the other agents', () => {
    expect(value('gel', 'leaf', 'Strength')).toBe('200 Bloom')
    expect(value('gel', 'leaf', 'Sold as')).toBe('sheets of 2 g')
    expect(value('gel', 'leaf', 'Sets below')).toBeUndefined()
    expect(value('gel', 'agar', 'Sets below')).toBe('35 °C')
    expect(value('gel', 'agar', 'As firm as')).toContain('4 times')
  })

  it('says how a dessert leaves a mould, and that a ring has no base', () => {
    expect(value('mould', 'ring', 'Dessert leaves by')).toBe('lifting it off')
    expect(value('mould', 'ring', 'Base')).toBe('none: a ring')
    expect(value('cooler', 'fridge', 'From below')).toBe('7 W/m2K')
  })

  it('is nothing for what is not there', () => {
    for (const shelf of SHELVES) expect(factsOf(larder, shelf.id, 'nothing')).toEqual([])
  })
})
