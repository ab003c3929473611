import { expect, it } from 'vitest'
import type { Fact, Formula } from '@/api/client'
import { lookedOver, namesNothing, reviewed, stretches } from './review'

const fact = (path: string, value: string, from: number, to: number, sure = true): Fact => ({
  path,
  component: 0,
  what: 'x',
  value,
  from,
  to,
  sure,
})
const FORMULA: Formula = {
  schema: 5,
  name: 'Pear',
  served: 'in-glass',
  components: [
    {
      id: 'c1',
      name: 'Cream',
      kind: 'set-cream',
      lines: [
        { id: 'l1', of: 'cream-35', amount: '300 g' },
        { id: 'l2', of: 'tea-leaves-black', amount: '10 g' },
      ],
      gels: [{ id: 'g1', of: 'sheet-gold', amount: '6 g' }],
      work: [
        { id: 'w1', verb: 'infuse', lines: ['l2'] },
        { id: 'w2', verb: 'heat', to: '80 °C' },
      ],
    },
  ],
  moulds: { of: 'glass-straight', count: '6' },
  cooler: { of: 'fridge-still', air: '4 °C' },
  starts: '10:00',
} as Formula

it('cuts the text where something begins or ends', () => {
  const cut = stretches('300 g cream, hot', [fact('/a', '300 g', 0, 11), fact('/b', 'hot', 13, 16)], [])
  expect(cut.map((s) => s.text)).toEqual(['300 g cream', ', ', 'hot'])
  expect(cut.map((s) => s.facts)).toEqual([[0], [], [1]])
  expect(cut.map((s) => s.text).join('')).toBe('300 g cream, hot')
})

it('takes at first what is sure', () => {
  const facts = [fact('/a', '1', 0, 1), fact('/b', '2', 1, 2, false)]
  expect(lookedOver({ document: FORMULA, facts, left: [] }).map((f) => f.taken)).toEqual([true, false])
})

it('corrects what is corrected and leaves out what is not taken, with all that speaks of it', () => {
  const formula = reviewed(FORMULA, [
    { ...fact('/components/0/lines/l1/amount', '350 g', 0, 1), taken: true },
    { ...fact('/components/0/lines/l2/amount', '10 g', 0, 1), taken: false },
    { ...fact('/components/0/work/heat/to', '80 °C', 0, 1), taken: false },
    { ...fact('/moulds/count', '8', 0, 1), taken: true },
  ])
  expect(formula.components[0]?.lines).toEqual([{ id: 'l1', of: 'cream-35', amount: '350 g' }])
  expect(formula.components[0]?.work?.find((w) => w.verb === 'infuse')?.lines ?? []).toEqual([])
  expect(formula.components[0]?.work?.find((w) => w.verb === 'heat')?.to ?? '').toBe('')
  expect(formula.moulds.count).toBe('8')
  expect(FORMULA.components[0]?.lines).toHaveLength(2)
})

it('knows a line of which nobody knows yet what it is', () => {
  const lines = [{ id: 'l1', amount: '200 g' }]
  const asked = { ...FORMULA, components: FORMULA.components.map((c) => ({ ...c, lines })) }
  const line = fact('/components/0/lines/l1/amount', '200 g', 0, 5, false)
  expect(namesNothing(line, asked)).toBe(true)
  expect(namesNothing(line, FORMULA)).toBe(false)
  expect(namesNothing(fact('/name', 'Pear', 0, 5), asked)).toBe(false)
})
