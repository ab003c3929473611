import type { Larder } from '@/api/client'
import { degrees } from '@/look/degrees'

/** The shelves of the larder; an id is also the kind of an own entry. */
export const SHELVES = [
  { id: 'ingredient', path: 'ingredients', label: 'Ingredients' },
  { id: 'gel', path: 'gelling', label: 'Gelling agents' },
  { id: 'mould', path: 'moulds', label: 'Moulds and glasses' },
  { id: 'cooler', path: 'coolers', label: 'Coolers' },
] as const
export type Shelf = (typeof SHELVES)[number]['id']

/** A thing on a shelf, as the list shows it. */
export interface Item {
  id: string
  name: string
  group: string
  brief: string
  own: boolean
}

const plain = (value: number, decimals: number) => String(Number(value.toFixed(decimals)))

/** What stands on a shelf, narrowed by what is searched for. */
export function itemsOf(larder: Larder, shelf: Shelf, search: string, fahrenheit = false): Item[] {
  const wanted = search.trim().toLowerCase()
  return all(larder, shelf, fahrenheit).filter((i) =>
    `${i.name} ${i.group} ${i.brief}`.toLowerCase().includes(wanted),
  )
}

function all(larder: Larder, shelf: Shelf, fahrenheit: boolean): Item[] {
  switch (shelf) {
    case 'ingredient':
      return larder.ingredients.map((i) => ({
        id: i.id,
        name: i.name,
        group: i.group,
        brief: i.shares
          .slice()
          .sort((a, b) => b.percent - a.percent)
          .slice(0, 2)
          .map((s) => `${s.name.toLowerCase()} ${plain(s.percent, 1)} %`)
          .join(', '),
        own: i.own,
      }))
    case 'gel':
      return larder.gels.map((g) => ({
        id: g.id,
        name: g.name,
        group: g.agent,
        brief: g.bloom ? `${plain(g.bloom, 0)} Bloom` : `sets at ${degrees(g.setsC, fahrenheit)}`,
        own: g.own,
      }))
    case 'mould':
      return larder.moulds.map((m) => ({
        id: m.id,
        name: m.name,
        group: m.release === 'none' ? 'eaten from' : 'turned out',
        brief: `${plain(m.brimMl, 0)} ml, ${m.material}`,
        own: m.own,
      }))
    case 'cooler':
      return larder.coolers.map((c) => ({
        id: c.id,
        name: c.name,
        group: '',
        brief: degrees(c.airC, fahrenheit),
        own: c.own,
      }))
  }
}

/** A figure of a thing: its name, and its value with unit. */
export interface Fact {
  name: string
  value: string
}

const RELEASES: Record<string, string> = {
  dip: 'a dip in hot water',
  peel: 'peeling it off',
  lift: 'lifting it off',
  none: 'not at all: eaten from it',
}
const DIETS: Record<string, string> = { vegetarian: 'yes', ask: 'some makes are not: ask', not: 'no' }

/** Everything known about a thing, its source last. */
export function factsOf(larder: Larder, shelf: Shelf, id: string, fahrenheit = false): Fact[] {
  const allergen = (key: string) => larder.allergens.find((a) => a.id === key)?.name ?? key
  const facts: Fact[] = []
  const add = (name: string, value: string) => value && facts.push({ name, value })
  if (shelf === 'ingredient') {
    const i = larder.ingredients.find((x) => x.id === id)
    if (!i) return []
    i.shares.forEach((s) => add(s.name, `${plain(s.percent, 2)} %`))
    add('pH', `${plain(i.ph, 1)}, held with ${plain(i.buffer, 0)} mmol/kg`)
    add('Cuts gelatin while raw', i.enzyme === 'none' ? '' : i.enzyme)
    add('Curdles when heated', i.curdles ? 'yes, acid dairy' : '')
    add('1 ml of it', `${plain(i.spoonGramsPerMl, 2)} g`)
    add('Pieces', i.pieces.join(', '))
    add('Contains', i.allergens.map(allergen).join(', '))
    add('May contain', i.mayContain.map(allergen).join(', '))
    add('Vegetarian', DIETS[i.diet] ?? i.diet)
    add('Source', i.source)
  } else if (shelf === 'gel') {
    const g = larder.gels.find((x) => x.id === id)
    if (!g) return []
    add('Strength', g.bloom ? `${plain(g.bloom, 0)} Bloom` : '')
    add('Sold as', g.sheetG ? `sheets of ${plain(g.sheetG, 2)} g` : 'powder')
    add('One packet', g.packetG ? `${plain(g.packetG, 1)} g` : '')
    add('Sets below', g.bloom ? '' : degrees(g.setsC, fahrenheit))
    add(g.bloom ? 'No gel of it lasts above' : 'Melts at', degrees(g.meltsC, fahrenheit, 1))
    add('As firm as', g.bloom ? '' : `${plain(g.likeGelatin, 1)} times as much 200 Bloom gelatin`)
    add('From', g.origin)
    add('Contains', g.allergens.map(allergen).join(', '))
    add('Vegetarian', DIETS[g.diet] ?? g.diet)
    add('Source', g.source)
  } else if (shelf === 'mould') {
    const m = larder.moulds.find((x) => x.id === id)
    if (!m) return []
    add('Volume to the brim', `${plain(m.brimMl, 0)} ml`)
    add('Inner height', `${plain(m.heightMm, 1)} mm`)
    add('Shape', m.symmetry)
    add('Wall', `${m.material}, ${plain(m.wallMm, 1)} mm`)
    add('Base', m.baseMm ? `${plain(m.baseMm, 1)} mm` : 'none: a ring')
    add('Dessert leaves by', RELEASES[m.release] ?? m.release)
    add('Source', m.source)
  } else {
    const c = larder.coolers.find((x) => x.id === id)
    if (!c) return []
    add('Usual air', degrees(c.airC, fahrenheit))
    add('Takes heat from the sides', `${plain(c.h, 0)} W/m2K`)
    add('From below', `${plain(c.hBase, 0)} W/m2K`)
    add('Can take away', c.powerW ? `${plain(c.powerW, 0)} W` : 'as much as comes')
    add('Its contents take up', c.powerW ? `${plain(c.contentsKj, 0)} kJ/K` : '')
    add('Source', c.source)
  }
  return facts
}
