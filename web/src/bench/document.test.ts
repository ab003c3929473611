import type { Formula } from '@/api/client'
import { describe, expect, it } from 'vitest'
import {
  addComponent,
  addLine,
  blankComponent,
  blankFormula,
  copyComponent,
  freeId,
  moveComponent,
  nudge,
  removeComponent,
  removeLine,
  setAt,
  stepFor,
  takeFix,
  takePasted,
  textAt,
  withIds,
} from './document'

describe('changes to a formula', () => {
  it('sets text at a pointer and leaves the old document alone', () => {
    const before = blankFormula()
    const after = setAt(before, '/components/0/lines/1/amount', '300 g')
    expect(textAt(after, '/components/0/lines/1/amount')).toBe('300 g')
    expect(textAt(before, '/components/0/lines/1/amount')).toBe('250 g')
  })

  it('takes all changes of a fix together', () => {
    const fixed = takeFix(blankFormula(), {
      label: '',
      effect: '',
      changes: [
        { path: '/components/0/gel/amount', value: '12 g' },
        { path: '/mould/count', value: '9' },
      ],
    })
    expect(fixed.components[0]?.gel.amount).toBe('12 g')
    expect(fixed.mould.count).toBe('9')
  })

  it('adds and removes lines', () => {
    const longer = addLine(blankFormula(), 0, 'honey')
    expect(longer.components[0]?.lines).toHaveLength(4)
    expect(removeLine(longer, 0, 0).components[0]?.lines[0]?.ingredient).toBe('milk-35')
  })

  it('gives a line an id that no other has, nor any that the method speaks of', () => {
    const start = blankFormula()
    const said = setAt(start, '/components/0/steps/0/of', 'treat-l4')
    const ids = (formula: Formula) => formula.components[0]?.lines.map((l) => l.id)
    expect(ids(addLine(start, 0, 'honey'))).toEqual(['l1', 'l2', 'l3', 'l4'])
    expect(ids(addLine(said, 0, 'honey'))).toEqual(['l1', 'l2', 'l3', 'l5'])
    expect(ids(addLine(removeLine(start, 0, 0), 0, 'honey'))).toEqual(['l2', 'l3', 'l1'])
  })

  it('makes what is missing on the way', () => {
    const bare = { ...blankFormula(), components: [] }
    expect(addLine(bare, 0, 'honey').components[0]?.lines).toEqual([
      { id: 'l1', ingredient: 'honey', amount: '', treatment: '', share: '' },
    ])
    expect(setAt(bare, '/components/0/gel/amount', '5 g').components[0]?.gel.amount).toBe('5 g')
  })

  it('gives nothing for a pointer that leads nowhere', () => {
    expect(textAt(blankFormula(), '/components/7/lines/0/amount')).toBe('')
  })
})

describe('nudging', () => {
  it.each([
    ['500 g', 1, '501 g'],
    ['7.4 g', 0.1, '7.5 g'],
    ['7,4 g', -0.1, '7.3 g'],
    ['0 g', -1, '0 g'],
    ['32 °C', -1, '31 °C'],
    ['a pinch', 1, 'a pinch'],
    ['', 1, ''],
  ])('%s by %s is %s', (text, step, expected) => {
    expect(nudge(text, step)).toBe(expected)
  })
})

it('a new formula follows the kitchen', () => {
  const american = blankFormula({
    ...({} as Parameters<typeof blankFormula>[0]),
    measures: 'us',
    temperature: 'fahrenheit',
    bloomSchool: 'squeezed',
  } as Parameters<typeof blankFormula>[0])
  expect(american.measures).toBe('us')
  expect(american.components[0]?.pourTemperature).toBe('90 °F')
  expect(american.components[0]?.gel).toMatchObject({ bloom: 'squeezed', bloomWater: '' })
})

it.each([
  ['3 sheets', 0.5],
  ['1 1/2 cups', 0.25],
  ['0.5 kg', 0.25],
  ['2 tbsp', 0.5],
  ['250 ml', 1],
  ['90', 1],
])('an arrow key moves %s by %s', (text, step) => {
  expect(stepFor(text, 1)).toBe(step)
})

describe('components', () => {
  const two = () => addComponent(blankFormula(), blankComponent('jelly', 'Jelly', 'jelly'))

  it('are put on top, each under an id of its own', () => {
    const three = addComponent(two(), blankComponent('jelly', 'Another', freeId(two(), 'jelly')))
    expect(three.components.map((c) => c.id)).toEqual(['cream', 'jelly', 'jelly-2'])
    expect(
      withIds({ ...two(), components: two().components.map((c) => ({ ...c, id: '' })) }).components,
    ).toSatisfy((components: { id: string }[]) => new Set(components.map((c) => c.id)).size === 2)
  })

  it('are moved, and stay at their ends', () => {
    const moved = moveComponent(two(), 0, 1)
    expect(moved.components.map((c) => c.id)).toEqual(['jelly', 'cream'])
    const formula = two()
    expect(moveComponent(formula, 1, 2)).toBe(formula)
    expect(moveComponent(formula, 0, -1)).toBe(formula)
  })

  it('are taken whole until the cook says how much', () => {
    expect(addLine(two(), 0, '@jelly').components[0]?.lines.at(-1)?.amount).toBe('all')
    expect(addLine(two(), 0, 'honey').components[0]?.lines.at(-1)?.amount).toBe('')
  })

  it('leave with the lines that took from them', () => {
    const using = addLine(two(), 0, '@jelly')
    expect(removeComponent(using, 1).components[0]?.lines.map((l) => l.ingredient)).not.toContain('@jelly')
    expect(removeComponent(using, 0).components).toHaveLength(1)
  })

  it('are copied with what they take from, under ids that are free', () => {
    const source = addLine(two(), 0, '@jelly')
    const copied = copyComponent(two(), source, 0)
    expect(copied.components.map((c) => c.id)).toEqual(['cream', 'jelly', 'jelly-2', 'cream-2'])
    expect(copied.components[3]?.lines.at(-1)?.ingredient).toBe('@jelly-2')
  })

  it.each(['ganache', 'mousse', 'crumb', 'soaked', 'garnish'])(
    'of the kind %s begin with something',
    (kind) => {
      const made = blankComponent(kind, 'New', 'new')
      expect(made.lines.length).toBeGreaterThan(0)
      expect(made.gel.product === '').toBe(kind !== 'mousse')
    },
  )

  it('take a pasted list, a gelling agent as their own', () => {
    const taken = takePasted(two(), 1, [
      { id: 'honey', gel: false, amount: '40 g' },
      { id: 'sheet-silver', gel: true, amount: '3 sheets' },
    ])
    expect(taken.components[1]?.lines.at(-1)).toEqual({
      id: expect.stringMatching(/^l\d+$/) as string,
      ingredient: 'honey',
      amount: '40 g',
      treatment: '',
      share: '',
    })
    expect(taken.components[1]?.gel).toMatchObject({ product: 'sheet-silver', amount: '3 sheets' })
    const formula = two()
    expect(takePasted(formula, 7, [])).toBe(formula)
  })
})
