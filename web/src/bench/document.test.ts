import { describe, expect, it } from 'vitest'
import { addLine, blankFormula, nudge, removeLine, setAt, stepFor, takeFix, textAt } from './document'

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

  it('makes what is missing on the way', () => {
    const bare = { ...blankFormula(), components: [] }
    expect(addLine(bare, 0, 'honey').components[0]?.lines).toEqual([
      { ingredient: 'honey', amount: '', treatment: '', share: '' },
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
