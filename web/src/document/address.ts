import type { Component, Formula } from '@/api/client'

/**
 * Addresses in a formula document: JSON pointers, but that an entry of the work may be named by its verb and any element by its
 * id, and that a line has a `share`, kept by its foam and the work. The one place of the page that reads and writes them.
 */

type Line = Component['lines'][number]
export type Work = NonNullable<Component['work']>[number]
type Tree = Record<string, unknown>

/** How a line joins, by the verb that names it. */
const VERB_OF: Record<string, string> = { cold: 'join', infused: 'infuse', soak: 'soak' }

/** `cold`, `whipped`, `infused`, `soak`; empty: heated. */
export function shareOf(component: Component, line: Line): string {
  if (line.foam) return 'whipped'
  for (const [share, verb] of Object.entries(VERB_OF)) {
    if (component.work?.some((entry) => entry.verb === verb && entry.lines?.includes(line.id))) return share
  }
  return ''
}

/** Lets a line join otherwise; a foam or an entry that it needs is made. */
function setShare(component: Component, line: Line, share: string) {
  for (const entry of component.work ?? []) {
    if (!Object.values(VERB_OF).includes(entry.verb) || !entry.lines?.includes(line.id)) continue
    entry.lines = entry.lines.filter((id) => id !== line.id)
    if (!entry.lines.length) delete entry.lines
  }
  delete line.foam
  if (share === 'whipped') {
    component.foams ??= []
    if (!component.foams.length) component.foams.push({ id: 'f1' })
    line.foam = component.foams[0]?.id
  }
  const verb = VERB_OF[share]
  if (!verb) return
  const entry = entryOf(component, verb)
  entry.lines = [...(entry.lines ?? []), line.id]
}

/** An id that no entry has. */
export function freeWorkId(component: Component): string {
  const taken = new Set(component.work?.map((entry) => entry.id))
  let n = 1
  while (taken.has(`w${n}`)) n++
  return `w${n}`
}

/** The first entry of a verb; one is made where there is none. */
export function entryOf(component: Component, verb: string): Work {
  component.work ??= []
  const found = component.work.find((entry) => entry.verb === verb)
  if (found) return found
  const made = { id: freeWorkId(component), verb }
  component.work.push(made)
  return made
}

const isNumber = (step: string) => /^\d+$/.test(step)

/** Index of an element by number, id or verb; -1 where there is none. */
function indexOf(list: Tree[], step: string): number {
  if (isNumber(step)) return Number(step)
  const byId = list.findIndex((element) => element.id === step)
  return byId >= 0 ? byId : list.findIndex((element) => element.verb === step)
}

/** A new element of a list, with an id of its own where such elements have one. */
function blank(name: string, step: string, list: Tree[]): Tree {
  if (name === 'places' || name === 'variants' || name === 'own') return {}
  const letter = name.charAt(0)
  let n = 1
  while (list.some((element) => element.id === `${letter}${n}`)) n++
  return name === 'work' ? { id: `w${n}`, verb: isNumber(step) ? '' : step } : { id: `${letter}${n}` }
}

function lineAt(place: unknown, steps: string[], depth: number): Line | undefined {
  const [list, step, field] = steps.slice(depth)
  if (list !== 'lines' || field !== 'share' || step === undefined) return undefined
  const { lines } = place as Component
  return lines[indexOf(lines as Tree[], step)]
}

/** The text at an address; nothing where none is written. */
export function get(formula: Formula, address: string): string {
  const steps = address.split('/').slice(1)
  let place: unknown = formula
  for (const [depth, step] of steps.entries()) {
    if (place === undefined || place === null) return ''
    const line = lineAt(place, steps, depth)
    if (line) return shareOf(place as Component, line)
    place = Array.isArray(place) ? place[indexOf(place as Tree[], step)] : (place as Tree)[step]
  }
  return typeof place === 'string' ? place : ''
}

/** A new document with a text at an address. */
export function put(formula: Formula, address: string, text: string): Formula {
  const copy = structuredClone(formula)
  const steps = address.split('/').slice(1)
  const last = steps.pop() as string
  let place: unknown = copy
  for (const [depth, step] of steps.entries()) {
    const line = lineAt(place, [...steps, last], depth)
    if (line) {
      setShare(place as Component, line, text)
      return copy
    }
    place = child(place as Tree, step, steps[depth - 1] ?? '', steps[depth + 1] ?? last)
  }
  if (text === '') Reflect.deleteProperty(place as Tree, last)
  else (place as Tree)[last] = text
  return copy
}

const LISTS = new Set(['components', 'lines', 'gels', 'foams', 'work', 'places', 'variants', 'own'])

function child(place: Tree | Tree[], step: string, name: string, next: string): unknown {
  if (!Array.isArray(place)) return (place[step] ??= LISTS.has(step) || isNumber(next) ? [] : {})
  const index = indexOf(place, step)
  if (index >= 0 && index < place.length) return place[index]
  const made = blank(name, step, place)
  place.push(made)
  return made
}
