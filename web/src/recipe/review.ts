import type { Fact, Formula, ReadRecipe } from '@/api/client'
import { setAt } from '@/document/document'

/** A value that was read, as the cook leaves it. */
export interface Looked extends Fact {
  /** Whether it is taken: at first what is sure. */
  taken: boolean
}

/** A stretch of the text: what was read from it, as numbers of the facts; the last one that begins there is meant. */
export interface Stretch {
  text: string
  facts: number[]
  left: boolean
}

export const lookedOver = (read: ReadRecipe): Looked[] => read.facts.map((f) => ({ ...f, taken: f.sure }))

/** The text cut where something read from it begins or ends. */
export function stretches(text: string, facts: Fact[], left: ReadRecipe['left']): Stretch[] {
  // The kind of a component is read from all of its lines: it would mark everything.
  const marked = facts.map((f, i) => ({ ...f, i })).filter((f) => !f.path.endsWith('/kind'))
  const cuts = new Set([0, text.length])
  for (const { from, to } of [...marked, ...left]) {
    cuts.add(from)
    cuts.add(to)
  }
  const at = [...cuts].filter((c) => c >= 0 && c <= text.length).sort((a, b) => a - b)
  return at.slice(0, -1).map((from, i) => {
    const to = at[i + 1] as number
    return {
      text: text.slice(from, to),
      facts: marked.filter((f) => f.from <= from && f.to >= to && f.to > f.from).map((f) => f.i),
      left: left.some((l) => l.from <= from && l.to >= to),
    }
  })
}

const LINE = /^\/components\/(\d+)\/(lines|gels)\/([^/]+)\/amount$/

/** The formula as the cook leaves it: values as they are corrected, without what is not taken. */
export function reviewed(document: Formula, facts: Looked[]): Formula {
  let formula = structuredClone(document)
  const dropped: { component: number; list: 'lines' | 'gels'; id: string }[] = []
  for (const fact of facts) {
    const line = LINE.exec(fact.path)
    // A component has a kind; one that is not believed is corrected, not left out.
    if (fact.path.endsWith('/kind') || isList(fact.path)) continue
    if (fact.taken)
      formula = setAt(
        formula,
        fact.path,
        fact.path === '/moulds/of' ? (document.moulds.of ?? '') : fact.value,
      )
    else if (line)
      dropped.push({ component: Number(line[1]), list: line[2] as 'lines' | 'gels', id: line[3] ?? '' })
    else formula = setAt(formula, fact.path, '')
  }
  for (const { component, list, id } of dropped) {
    const from = formula.components[component]
    if (!from) continue
    if (list === 'lines') from.lines = from.lines.filter((l) => l.id !== id)
    else from.gels = from.gels?.filter((g) => g.id !== id)
    for (const work of from.work ?? []) {
      if (work.lines) work.lines = work.lines.filter((l) => l !== id)
    }
  }
  return formula
}

/** What is said of lines as a whole has no field of its own: it stands in the document as it was read. */
const isList = (path: string) =>
  /\/work\/(press|infuse|join)$/.test(path) || path.endsWith('/cooking') || path.endsWith('/bloom')

/** A fact whose value is a choice or a remark, not typed. */
export const isTyped = (fact: Fact) =>
  !fact.path.endsWith('/kind') && !isList(fact.path) && !['/served', '/moulds/of'].includes(fact.path)

/** What of the larder a line is, where the fact is one of a line. */
export function lineOf(fact: Fact): { component: number; id: string } | undefined {
  const line = /^\/components\/(\d+)\/lines\/([^/]+)\/amount$/.exec(fact.path)
  return line ? { component: Number(line[1]), id: line[2] ?? '' } : undefined
}

/** Whether a line's ingredient is not of the larder: what it is has to be chosen. */
export function namesNothing(fact: Fact, document?: Formula): boolean {
  const line = lineOf(fact)
  const found = line && document?.components[line.component]?.lines.find((l) => l.id === line.id)
  return !!found && !found.of && !found.component
}
