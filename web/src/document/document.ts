import { applyPatch, compare, type Operation } from 'fast-json-patch'
import type { Component, Fix, Formula } from '@/api/client'
import { freeWorkId, get, put } from './address'

/** Pure changes to a formula document; each gives a new document and leaves the old one alone. */

/** Puts text at an address (see address.ts); what is missing on the way there is made, what becomes empty goes. */
export const setAt = (formula: Formula, address: string, text: string): Formula => put(formula, address, text)

/** The text at an address, or nothing. */
export const textAt = (formula: Formula, address: string): string => get(formula, address)

/** Changes as a JSON Patch (RFC 6902) of the document that they were offered for, each with a test of what it takes the place of. */
export function patchOf(offeredFor: Formula, changes: Fix['changes']): Operation[] {
  const changed = changes.reduce((result, change) => setAt(result, change.path, change.value), offeredFor)
  return compare(offeredFor, changed, true)
}

/**
 * Takes a fix: all of its changes together. Nothing where what it would change has been changed meanwhile.
 *
 * @param offeredFor the document that it was offered for
 */
export function takeFix(formula: Formula, fix: Fix, offeredFor = formula): Formula | undefined {
  try {
    return applyPatch(structuredClone(formula), patchOf(offeredFor, fix.changes), true).newDocument
  } catch {
    return undefined
  }
}

/** Ids that no line of a component has had: what is said about a line must not come to be said about another. */
function* freeLineIds(component?: Component): Generator<string, never> {
  const taken = new Set(component?.lines.map((l) => l.id))
  const said = new Set(component?.work?.flatMap((w) => w.lines ?? []))
  for (let n = 1; ; n++) if (!taken.has(`l${n}`) && !said.has(`l${n}`)) yield `l${n}`
}

/** Adds a line of an ingredient, or of {@code @id}, another component: all there is of it, until the cook says how much. */
export function addLine(formula: Formula, component: number, chosen: string): Formula {
  const copy = structuredClone(formula)
  const into = copy.components[component]
  if (!into) return formula
  const id = freeLineIds(into).next().value
  into.lines.push(
    chosen.startsWith('@') ? { id, component: chosen.slice(1), amount: 'all' } : { id, of: chosen },
  )
  return copy
}

/** Whips a line in one of the bowls of its component, or in a new one of its own; bowls with nothing in them go. */
export function whipIn(formula: Formula, component: number, line: number, bowl: string): Formula {
  const copy = structuredClone(formula)
  const into = copy.components[component]
  const whipped = into?.lines[line]
  if (!into || !whipped) return formula
  let id = bowl
  if (!id) {
    let n = 1
    while (into.foams?.some((foam) => foam.id === `f${n}`)) n++
    id = `f${n}`
    into.foams = [...(into.foams ?? []), { id }]
  }
  whipped.foam = id
  into.foams = into.foams?.filter((foam) => into.lines.some((each) => each.foam === foam.id))
  return copy
}

export function removeLine(formula: Formula, component: number, index: number): Formula {
  const copy = structuredClone(formula)
  const from = copy.components[component]
  const [gone] = from?.lines.splice(index, 1) ?? []
  // What was done to it is done to nothing now.
  for (const entry of from?.work ?? []) {
    if (!gone || !entry.lines?.includes(gone.id)) continue
    entry.lines = entry.lines.filter((id) => id !== gone.id)
    if (!entry.lines.length) delete entry.lines
  }
  return copy
}

/** An id that no component has yet. */
export function freeId(formula: Formula, wish: string): string {
  const taken = new Set(formula.components.map((c) => c.id))
  if (!taken.has(wish)) return wish
  let n = 2
  while (taken.has(`${wish}-${n}`)) n++
  return `${wish}-${n}`
}

/** Puts a component on top of the others. */
export function addComponent(formula: Formula, component: Component): Formula {
  return { ...formula, components: [...withIds(formula).components, component] }
}

/** Every component with an id, so that others can take from it. */
export function withIds(formula: Formula): Formula {
  return formula.components.reduce(
    (result, component, i) =>
      component.id ? result : setAt(result, `/components/${i}/id`, freeId(result, component.kind || 'cream')),
    formula,
  )
}

/** Takes a component out, and the lines that took from it. */
export function removeComponent(formula: Formula, index: number): Formula {
  const id = formula.components[index]?.id
  const copy = structuredClone(formula)
  copy.components.splice(index, 1)
  if (id) {
    for (const other of copy.components) other.lines = other.lines.filter((l) => l.component !== id)
  }
  return copy
}

/** Moves a component up (+1) or down (-1) in the stack; at its end it stays. */
export function moveComponent(formula: Formula, from: number, to: number): Formula {
  if (to < 0 || to >= formula.components.length || from === to) return formula
  const copy = structuredClone(formula)
  const [moved] = copy.components.splice(from, 1)
  if (moved) copy.components.splice(to, 0, moved)
  return copy
}

/** A component of another dessert, with those that it takes from, under ids that are free here. */
export function copyComponent(into: Formula, from: Formula, index: number): Formula {
  const source = withIds(structuredClone(from))
  const wanted: Component[] = []
  const gather = (component?: Component) => {
    if (!component || wanted.includes(component)) return
    for (const line of component.lines) {
      if (line.component) gather(source.components.find((c) => c.id === line.component))
    }
    wanted.push(component)
  }
  gather(source.components[index])
  let result = withIds(into)
  const renamed = new Map<string, string>()
  for (const component of wanted) {
    const id = freeId(result, component.id)
    renamed.set(component.id, id)
    const lines = component.lines.map((l) =>
      l.component ? { ...l, component: renamed.get(l.component) ?? l.component } : l,
    )
    result = { ...result, components: [...result.components, { ...component, id, lines }] }
  }
  return result
}

/** Puts lines of a pasted list into a component; a gelling agent becomes its own. */
export function takePasted(
  formula: Formula,
  component: number,
  pasted: { id: string; gel: boolean; amount: string }[],
): Formula {
  const copy = structuredClone(formula)
  const into = copy.components[component]
  if (!into) return formula
  const ids = freeLineIds(formula.components[component])
  for (const line of pasted) {
    if (line.gel)
      into.gels = [{ id: into.gels?.[0]?.id ?? 'g1', of: line.id, amount: line.amount, bloom: 'squeezed' }]
    else into.lines.push({ id: ids.next().value, of: line.id, amount: line.amount })
  }
  return copy
}

/** The same without what is not written: texts and lists with nothing in them. */
export function sparse<T>(value: T): T {
  if (Array.isArray(value)) return value.map((element: unknown) => sparse(element)) as T
  if (typeof value !== 'object' || value === null) return value
  const written = Object.entries(value)
    .map(([key, child]) => [key, sparse(child)] as const)
    .filter(([, child]) => child !== '' && child !== undefined && !(Array.isArray(child) && !child.length))
  return Object.fromEntries(written) as T
}

/** One of several things is done to a component, or none of them; what was written about another of them goes. */
export function doneInstead(formula: Formula, component: number, ofThese: string[], verb: string): Formula {
  const copy = structuredClone(formula)
  const into = copy.components[component]
  if (!into) return formula
  const others = into.work?.filter((entry) => !ofThese.includes(entry.verb)) ?? []
  into.work = verb ? [...others, { id: freeWorkId(into), verb }] : others
  if (!into.work.length) delete into.work
  return copy
}

type Otherwise = NonNullable<Formula['variants']>[number]

function withVariants(formula: Formula, variants: Otherwise[]): Formula {
  const copy = structuredClone(formula)
  if (variants.length) copy.variants = structuredClone(variants)
  else delete copy.variants
  return copy
}

/**
 * So many of the moulds made otherwise: one formula, another count for the guests who do not eat or drink something. A variant
 * of the cook's own stays without a count.
 */
export function splitBatch(formula: Formula, variant: string, count: string): Formula {
  const written = formula.variants?.find((v) => v.of === variant)
  const others = (formula.variants ?? []).filter((v) => v !== written)
  const made: Otherwise = { ...(written ?? { of: variant }), count: count.trim() }
  if (!made.count) delete made.count
  return withVariants(formula, made.count || made.swaps?.length ? [...others, made] : others)
}

/** A variant that is none any more. */
export const removeVariant = (formula: Formula, variant: string): Formula =>
  withVariants(
    formula,
    (formula.variants ?? []).filter((v) => v.of !== variant),
  )

/** A variant of the cook's own with one more line made otherwise; a new one under that name where it has no id yet. */
export function swapInVariant(
  formula: Formula,
  swap: NonNullable<Otherwise['swaps']>[number],
  name: string,
  variant = '',
): Formula {
  const all = formula.variants ?? []
  if (variant)
    return withVariants(
      formula,
      all.map((v) =>
        v.of === variant
          ? {
              ...v,
              swaps: [
                ...(v.swaps ?? []).filter((s) => s.component !== swap.component || s.line !== swap.line),
                swap,
              ],
            }
          : v,
      ),
    )
  let n = 1
  while (all.some((v) => v.of === `own-${n}`)) n++
  return withVariants(formula, [...all, { of: `own-${n}`, name, count: '1', swaps: [swap] }])
}
