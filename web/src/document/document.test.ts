import type { Formula } from '@/api/client'
import { describe, expect, it } from 'vitest'
import { blankComponent, blankFormula } from '@/testing/starts'
import {
  doneInstead,
  addComponent,
  addLine,
  copyComponent,
  freeId,
  moveComponent,
  removeComponent,
  removeLine,
  setAt,
  removeVariant,
  splitBatch,
  swapInVariant,
  takeFix,
  takePasted,
  textAt,
  withIds,
  whipIn,
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
        { path: '/components/0/gels/0/amount', value: '12 g' },
        { path: '/moulds/count', value: '9' },
      ],
    })
    expect(fixed?.components[0]?.gels?.[0]?.amount).toBe('12 g')
    expect(fixed?.moulds.count).toBe('9')
  })

  it('refuses a fix whose place has been changed meanwhile, and takes it where only others were', () => {
    const fix = { label: '', effect: '', changes: [{ path: '/components/0/work/heat/to', value: '60 °C' }] }
    const offeredFor = blankFormula()
    const other = setAt(offeredFor, '/cooler/air', '6 °C')
    expect(textAt(takeFix(other, fix, offeredFor) ?? other, '/components/0/work/heat/to')).toBe('60 °C')
    expect(takeFix(setAt(offeredFor, '/components/0/work/heat/to', '65 °C'), fix, offeredFor)).toBeUndefined()
  })

  it('adds and removes lines', () => {
    const longer = addLine(blankFormula(), 0, 'honey')
    expect(longer.components[0]?.lines).toHaveLength(4)
    expect(removeLine(longer, 0, 0).components[0]?.lines[0]?.of).toBe('milk-35')
  })

  it('gives a line an id that no other has, nor any that the method speaks of', () => {
    const start = blankFormula()
    const said = structuredClone(start)
    said.components[0]?.work?.push({ id: 'w9', verb: 'treat', lines: ['l4'], text: 'Simmer it.' })
    const ids = (formula: Formula) => formula.components[0]?.lines.map((l) => l.id)
    expect(ids(addLine(start, 0, 'honey'))).toEqual(['l1', 'l2', 'l3', 'l4'])
    expect(ids(addLine(said, 0, 'honey'))).toEqual(['l1', 'l2', 'l3', 'l5'])
    expect(ids(addLine(removeLine(start, 0, 0), 0, 'honey'))).toEqual(['l2', 'l3', 'l1'])
  })

  it('makes what is missing on the way', () => {
    const bare = blankFormula()
    delete bare.components[0]?.gels
    expect(setAt(bare, '/components/0/gels/0/amount', '5 g').components[0]?.gels?.[0]?.amount).toBe('5 g')
  })

  it('gives nothing for a pointer that leads nowhere', () => {
    expect(textAt(blankFormula(), '/components/7/lines/0/amount')).toBe('')
  })
})

describe('addresses', () => {
  it('name an entry of the work by its verb, and make it where there is none', () => {
    const held = setAt(blankFormula(), '/components/0/work/hold/lasts', '5 min')
    expect(textAt(held, '/components/0/work/hold/lasts')).toBe('5 min')
    expect(held.components[0]?.work?.at(-1)).toEqual({ id: 'w3', verb: 'hold', lasts: '5 min' })
    expect(textAt(blankFormula(), '/components/0/work/heat/to')).toBe('70 °C')
  })

  it('what becomes empty is not written any more', () => {
    const bare = setAt(blankFormula(), '/components/0/work/heat/to', '')
    expect(bare.components[0]?.work?.[0]).toEqual({ id: 'w1', verb: 'heat' })
  })

  it('keep how a line joins by its foam and the work', () => {
    const share = (formula: Formula) => textAt(formula, '/components/0/lines/0/share')
    const at = '/components/0/lines/0/share'
    const whipped = setAt(blankFormula(), at, 'whipped')
    expect(whipped.components[0]).toMatchObject({ foams: [{ id: 'f1' }], lines: [{ foam: 'f1' }, {}, {}] })
    const cold = setAt(whipped, at, 'cold')
    expect(cold.components[0]?.lines[0]).not.toHaveProperty('foam')
    expect(cold.components[0]?.work?.at(-1)).toEqual({ id: 'w3', verb: 'join', lines: ['l1'] })
    expect([share(blankFormula()), share(whipped), share(cold)]).toEqual(['', 'whipped', 'cold'])
    expect(share(setAt(cold, at, ''))).toBe('')
  })
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
    expect(addLine(two(), 0, 'honey').components[0]?.lines.at(-1)?.amount).toBeUndefined()
  })

  it('leave with the lines that took from them', () => {
    const using = addLine(two(), 0, '@jelly')
    expect(removeComponent(using, 1).components[0]?.lines.map((l) => l.component)).not.toContain('jelly')
    expect(removeComponent(using, 0).components).toHaveLength(1)
  })

  it('are copied with what they take from, under ids that are free', () => {
    const source = addLine(two(), 0, '@jelly')
    const copied = copyComponent(two(), source, 0)
    expect(copied.components.map((c) => c.id)).toEqual(['cream', 'jelly', 'jelly-2', 'cream-2'])
    expect(copied.components[3]?.lines.at(-1)?.component).toBe('jelly-2')
  })

  it.each(['ganache', 'mousse', 'crumb', 'soaked', 'garnish'])(
    'of the kind %s begin with something',
    (kind) => {
      const made = blankComponent(kind, 'New', 'new')
      expect(made.lines.length).toBeGreaterThan(0)
      expect(made.gels === undefined).toBe(kind !== 'mousse')
    },
  )

  it('take a pasted list, a gelling agent as their own', () => {
    const taken = takePasted(two(), 1, [
      { id: 'honey', gel: false, amount: '40 g' },
      { id: 'sheet-silver', gel: true, amount: '3 sheets' },
    ])
    expect(taken.components[1]?.lines.at(-1)).toEqual({
      id: expect.stringMatching(/^l\d+$/) as string,
      of: 'honey',
      amount: '40 g',
    })
    expect(taken.components[1]?.gels?.[0]).toMatchObject({ of: 'sheet-silver', amount: '3 sheets' })
    const formula = two()
    expect(takePasted(formula, 7, [])).toBe(formula)
  })
})

it('gives a line a bowl of its own, and lets an empty bowl go', () => {
  const formula = blankFormula()
  const mousse = formula.components[0]
  if (!mousse) throw new Error('a blank formula has a component')
  mousse.lines = [
    { id: 'l1', of: 'egg-white', amount: '60 g', foam: 'f1' },
    { id: 'l2', of: 'cream-35', amount: '200 g', foam: 'f1' },
  ]
  mousse.foams = [{ id: 'f1', stage: 'soft' }]
  const two = whipIn(formula, 0, 0, '')
  expect(two.components[0]?.foams?.map((foam) => foam.id)).toEqual(['f1', 'f2'])
  expect(two.components[0]?.lines.map((line) => line.foam)).toEqual(['f2', 'f1'])
  const one = whipIn(two, 0, 1, 'f2')
  expect(one.components[0]?.foams?.map((foam) => foam.id)).toEqual(['f2'])
})

it('splits a batch, and is one again when none is made otherwise', () => {
  const formula = { schema: 5, components: [], moulds: { of: 'dariole', count: '12' } } as unknown as Formula
  const split = splitBatch(formula, 'without-alcohol', '4')
  expect(split.variants).toEqual([{ of: 'without-alcohol', count: '4' }])
  expect(splitBatch(split, 'without-alcohol', '5').variants).toEqual([{ of: 'without-alcohol', count: '5' }])
  expect('variants' in splitBatch(split, 'without-alcohol', ' ')).toBe(false)
  expect(formula.variants).toBeUndefined()
})

it('keeps a variant of one’s own while its count is typed anew, until it is taken away', () => {
  const formula = { schema: 5, components: [], moulds: { of: 'dariole', count: '12' } } as unknown as Formula
  const nut = { component: 'base', line: 'l2', of: '' }
  const once = swapInVariant(formula, nut, 'Without hazelnuts')
  expect(once.variants).toEqual([{ of: 'own-1', name: 'Without hazelnuts', count: '1', swaps: [nut] }])
  const counted = splitBatch(splitBatch(once, 'own-1', ''), 'own-1', '3')
  expect(counted.variants).toEqual([{ of: 'own-1', name: 'Without hazelnuts', count: '3', swaps: [nut] }])
  const seeds = { ...nut, of: 'sunflower-seeds' }
  expect(swapInVariant(counted, seeds, '', 'own-1').variants?.[0]?.swaps).toEqual([seeds])
  expect(swapInVariant(counted, { ...nut, component: 'cream' }, 'Other').variants?.map((v) => v.of)).toEqual([
    'own-1',
    'own-2',
  ])
  expect('variants' in removeVariant(counted, 'own-1')).toBe(false)
})

it('does one of several things to a component, and nothing of another', () => {
  const verbs = ['roast', 'toast']
  const roasted = setAt(
    doneInstead(blankFormula(), 0, verbs, 'roast'),
    '/components/0/work/roast/to',
    '190 °C',
  )
  const toasted = doneInstead(roasted, 0, verbs, 'toast')
  const done = (formula: Formula) => formula.components[0]?.work?.filter((w) => verbs.includes(w.verb))
  expect(done(roasted)).toMatchObject([{ verb: 'roast', to: '190 °C' }])
  expect(done(toasted)?.map((w) => [w.verb, w.to])).toEqual([['toast', undefined]])
  expect(done(doneInstead(toasted, 0, verbs, ''))).toEqual(done(blankFormula()))
})
