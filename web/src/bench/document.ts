import type { Fix, Formula } from '@/api/client'

/** Pure changes to a formula document; each gives a new document and leaves the old one alone. */

/** Puts text at a JSON pointer; what is missing on the way there is made. */
export function setAt(formula: Formula, pointer: string, value: string): Formula {
  const copy = structuredClone(formula)
  const steps = pointer.split('/').slice(1)
  const last = steps.pop() as string
  let place = copy as unknown as Record<string, unknown>
  steps.forEach((step, i) => {
    place[step] ??= /^\d+$/.test(steps[i + 1] ?? last) ? [] : {}
    place = place[step] as Record<string, unknown>
  })
  place[last] = value
  return copy
}

/** The text at a JSON pointer, or nothing. */
export function textAt(formula: Formula, pointer: string): string {
  let place: unknown = formula
  for (const step of pointer.split('/').slice(1)) {
    place = (place as Record<string, unknown> | undefined)?.[step]
  }
  return typeof place === 'string' ? place : ''
}

/** Takes a fix: all of its changes together. */
export function takeFix(formula: Formula, fix: Fix): Formula {
  return fix.changes.reduce((result, change) => setAt(result, change.path, change.value), formula)
}

export function addLine(formula: Formula, ingredient: string): Formula {
  const next = formula.components[0]?.lines.length ?? 0
  const added = setAt(formula, `/components/0/lines/${next}/ingredient`, ingredient)
  return setAt(added, `/components/0/lines/${next}/amount`, '')
}

export function removeLine(formula: Formula, index: number): Formula {
  const copy = structuredClone(formula)
  copy.components[0]?.lines.splice(index, 1)
  return copy
}

/** The same text with its number moved by a step, never below zero; text without a number stays. */
export function nudge(text: string, step: number): string {
  const match = /^(\s*)(\d+(?:[.,]\d+)?)(.*)$/.exec(text)
  if (!match) return text
  const decimals = Math.max(decimalsOf(match[2] as string), decimalsOf(String(Math.abs(step))))
  const moved = Math.max(0, Number((match[2] as string).replace(',', '.')) + step)
  return `${match[1]}${Number(moved.toFixed(decimals))}${match[3]}`
}

function decimalsOf(number: string): number {
  return number.split(/[.,]/)[1]?.length ?? 0
}

/** An empty formula to start from. */
export function blankFormula(): Formula {
  return {
    schema: 1,
    name: 'New set cream',
    served: 'turned-out',
    components: [
      {
        name: 'Set cream',
        lines: [
          { ingredient: 'cream-35', amount: '500 g' },
          { ingredient: 'milk-35', amount: '250 g' },
          { ingredient: 'sugar', amount: '75 g' },
        ],
        gelatin: { product: 'sheet-gold', amount: '10 g', bloomWater: '50 g' },
        pourTemperature: '32 °C',
      },
    ],
    mould: { mould: 'dariole', count: '8' },
    cooler: { cooler: 'fridge-still', air: '4 °C' },
    pouredAt: '14:00',
  }
}
