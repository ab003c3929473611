import type { Component, Formula } from '@/api/client'
import components from '../../../server/src/main/resources/starts/components.json'
import formula from '../../../server/src/main/resources/starts/formula.json'

/** A formula to start from, as the server gives it. */
export const blankFormula = (): Formula => structuredClone(formula)

/** A component of a kind, as the server gives it. */
export function blankComponent(kind: string, name: string, id: string): Component {
  const start = (components as Component[]).find((c) => c.kind === kind)
  if (!start) throw new Error(`no start of the kind ${kind}`)
  return { ...structuredClone(start), name, id }
}
