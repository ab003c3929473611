import { expect, it } from 'vitest'
import type { Formula, Larder } from '@/api/client'
import { stepped } from './stepped'

it('offers the dose first, then the lines, then the whip', () => {
  const formula = {
    schema: 5,
    components: [
      {
        id: 'cream',
        lines: [
          { id: 'l1', of: 'sugar', amount: '60 g' },
          { id: 'l2', component: 'other' },
        ],
        foams: [{ id: 'f1', stage: 'soft' }],
        gels: [{ id: 'g1', of: 'gold', amount: '7 g' }],
      },
    ],
    moulds: {},
    cooler: {},
  } as unknown as Formula
  const larder = {
    gels: [{ id: 'gold', name: 'Gold sheets' }],
    ingredients: [{ id: 'sugar', name: 'Sugar' }],
  } as unknown as Larder
  expect(stepped(formula, larder)).toEqual([
    { value: '/components/0/gels/0/amount', label: 'Gold sheets 7 g' },
    { value: '/components/0/lines/0/amount', label: 'Sugar 60 g' },
    { value: '/components/0/foams/0/stage', label: 'how far it is whipped (soft)' },
  ])
})
