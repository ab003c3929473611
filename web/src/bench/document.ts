import type { Component, Fix, Formula, KitchenSettings } from '@/api/client'

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

const blankLine = { treatment: '', share: '' }

/** Ids that no line of a component has had: what is said about a line must not come to be said about another. */
function* freeLineIds(component?: Component): Generator<string, never> {
  const taken = new Set(component?.lines.map((l) => l.id))
  const said = (id: string) => component?.steps.some((s) => `${s.of} ${s.text}`.includes(`treat-${id}`))
  for (let n = 1; ; n++) if (!taken.has(`l${n}`) && !said(`l${n}`)) yield `l${n}`
}

/** Adds a line to a component; of another component all there is, until the cook says how much. */
export function addLine(formula: Formula, component: number, ingredient: string): Formula {
  const into = formula.components[component]
  const at = `/components/${component}/lines/${into?.lines.length ?? 0}`
  const id = freeLineIds(into).next().value
  const line = { ...blankLine, id, ingredient, amount: ingredient.startsWith('@') ? 'all' : '' }
  return Object.entries(line).reduce(
    (result, [field, text]) => setAt(result, `${at}/${field}`, text),
    formula,
  )
}

export function removeLine(formula: Formula, component: number, index: number): Formula {
  const copy = structuredClone(formula)
  copy.components[component]?.lines.splice(index, 1)
  return copy
}

const NO_GEL = { product: '', amount: '', bloom: '', bloomWater: '' }

/** A component of a kind, with what it hardly goes without. */
export function blankComponent(
  kind: string,
  name: string,
  id: string,
  temperature = (celsius: number) => `${celsius} °C`,
): Component {
  const line = (ingredient: string, amount: string, share = '') => ({
    ...blankLine,
    ingredient,
    amount,
    share,
  })
  const starts: Record<string, Omit<Component['lines'][number], 'id'>[]> = {
    ganache: [line('dark-65', '100 g'), line('cream-35', '100 g')],
    mousse: [line('pear-puree', '250 g'), line('sugar', '40 g'), line('cream-35', '250 g', 'whipped')],
    whipped: [line('cream-35', '250 g', 'whipped')],
    custard: [line('milk-35', '250 g'), line('egg-yolk', '60 g'), line('sugar', '40 g')],
    'starch-custard': [line('milk-35', '250 g'), line('corn-starch', '10 g'), line('sugar', '35 g')],
    cheesecake: [
      line('cream-cheese', '300 g', 'cold'),
      line('sugar', '60 g', 'cold'),
      line('cream-35', '200 g', 'whipped'),
    ],
    jelly: [line('apple-juice', '250 g'), line('sugar', '20 g')],
    compote: [line('pears', '300 g'), line('sugar', '40 g')],
    caramel: [line('sugar', '100 g'), line('cream-35', '100 g', 'cold')],
    crumb: [line('crumb-biscuits', '120 g'), line('butter', '60 g')],
    shell: [line('shell-sweet', '150 g')],
    soaked: [line('sponge', '100 g'), line('barley-tea', '80 g', 'soak')],
    pieces: [line('pears', '100 g')],
    garnish: [line('hazelnuts', '30 g')],
  }
  const gelled = ['set-cream', 'mousse', 'jelly'].includes(kind)
  const hot: Record<string, number> = {
    ganache: 85,
    mousse: 60,
    custard: 83,
    'starch-custard': 95,
    jelly: 60,
    'set-cream': 70,
  }
  const pours: Record<string, number> = {
    ganache: 34,
    custard: 34,
    'starch-custard': 40,
    jelly: 28,
    compote: 20,
    caramel: 30,
    'set-cream': 32,
  }
  const written = (celsius?: number) => (celsius === undefined ? '' : temperature(celsius))
  return {
    id,
    name,
    kind,
    place: '',
    lines: (starts[kind] ?? [line('cream-35', '250 g'), line('sugar', '30 g')]).map((l, i) => ({
      id: `l${i + 1}`,
      ...l,
    })),
    gel: gelled
      ? { product: 'sheet-gold', amount: '5 g', bloom: 'weighed', bloomWater: '25 g' }
      : { ...NO_GEL },
    heat: { hot: written(hot[kind]), held: '', cold: '' },
    fold: { whip: '', school: '', base: '', foam: '' },
    cook: { join: '', minutes: kind === 'compote' ? '10 min' : '', boiledAway: '', stage: '' },
    soak: { dip: kind === 'soaked' ? '8 s' : '', barrier: '' },
    crust: { thickness: kind === 'crumb' ? '6 mm' : '', wall: '', finish: '' },
    steps: [],
    pourTemperature: written(pours[kind]),
  }
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
    for (const other of copy.components) other.lines = other.lines.filter((l) => l.ingredient !== `@${id}`)
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
      if (line.ingredient.startsWith('@'))
        gather(source.components.find((c) => `@${c.id}` === line.ingredient))
    }
    wanted.push(component)
  }
  gather(source.components[index])
  let result = withIds(into)
  const renamed = new Map<string, string>()
  for (const component of wanted) {
    const id = freeId(result, component.id)
    renamed.set(`@${component.id}`, `@${id}`)
    const lines = component.lines.map((l) => ({
      ...l,
      ingredient: renamed.get(l.ingredient) ?? l.ingredient,
    }))
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
      into.gel = { ...into.gel, product: line.id, amount: line.amount, bloomWater: '', bloom: 'squeezed' }
    else into.lines.push({ ...blankLine, id: ids.next().value, ingredient: line.id, amount: line.amount })
  }
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
  const line = (id: string, ingredient: string, amount: string) => ({
    ...blankLine,
    id,
    ingredient,
    amount,
  })
  const fahrenheit = kitchen?.temperature === 'fahrenheit'
  return {
    schema: 4,
    name: 'New set cream',
    measures: kitchen?.measures ?? 'metric',
    served: 'turned-out',
    wanted: '',
    components: [
      {
        ...blankComponent('set-cream', 'Set cream', 'cream'),
        kind: '',
        lines: [line('l1', 'cream-35', '500 g'), line('l2', 'milk-35', '250 g'), line('l3', 'sugar', '75 g')],
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
    mould: { mould: 'dariole', count: '8', loss: '', slant: '' },
    cooler: {
      cooler: 'fridge-still',
      air: fahrenheit ? '39 °F' : '4 °C',
      places: [],
      doors: '',
      room: '',
      plate: '',
    },
    pouredAt: '14:00',
    own: [],
  }
}
