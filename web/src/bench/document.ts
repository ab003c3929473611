import type { Fix, Formula, KitchenSettings } from '@/api/client'

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
  const at = `/components/0/lines/${formula.components[0]?.lines.length ?? 0}`
  return ['amount', 'treatment', 'share'].reduce(
    (result, field) => setAt(result, `${at}/${field}`, ''),
    setAt(formula, `${at}/ingredient`, ingredient),
  )
}

export function removeLine(formula: Formula, index: number): Formula {
  const copy = structuredClone(formula)
  copy.components[0]?.lines.splice(index, 1)
  return copy
}

/** What an arrow key moves an amount by: a scale's step for grams, what a cook measures for anything else. */
export function stepFor(text: string, gramStep: number): number {
  if (/sheet|packet|tsp|tbsp|spoon/i.test(text)) return 0.5
  return /cup|kg|\bl\b|lit|lb|pound|pint|quart|stick/i.test(text) ? 0.25 : gramStep
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

/** A formula to start from, in a kitchen's measures. */
export function blankFormula(kitchen?: KitchenSettings): Formula {
  const line = (ingredient: string, amount: string) => ({ ingredient, amount, treatment: '', share: '' })
  const fahrenheit = kitchen?.temperature === 'fahrenheit'
  return {
    schema: 2,
    name: 'New set cream',
    measures: kitchen?.measures ?? 'metric',
    served: 'turned-out',
    wanted: '',
    components: [
      {
        name: 'Set cream',
        lines: [line('cream-35', '500 g'), line('milk-35', '250 g'), line('sugar', '75 g')],
        gel: {
          product: 'sheet-gold',
          amount: '10 g',
          bloom: kitchen?.bloomSchool ?? 'weighed',
          bloomWater: kitchen?.bloomSchool === 'squeezed' || kitchen?.bloomSchool === 'dry' ? '' : '50 g',
        },
        heat: { hot: fahrenheit ? '160 °F' : '70 °C', held: '', cold: '' },
        pourTemperature: fahrenheit ? '90 °F' : '32 °C',
      },
    ],
    mould: { mould: 'dariole', count: '8', loss: '' },
    cooler: { cooler: 'fridge-still', air: fahrenheit ? '39 °F' : '4 °C' },
    pouredAt: '14:00',
    own: [],
  }
}
