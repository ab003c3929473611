import { expect, it } from 'vitest'
import type { Making, Remedy } from '@/api/client'
import { takes } from './rescue'

const step = (id: string, state: string) => ({ step: { id, work: id.split('.')[1] ?? id }, state })
const making = {
  made: { components: [{ work: [{}, {}] }] },
  steps: [step('0.heat', 'DONE'), step('0.fill', 'DONE'), step('chill', 'RUNNING')],
  events: [
    { id: 'a', kind: 'ENDED', step: '0.heat' },
    { id: 'b', kind: 'BEGAN', step: '0.fill' },
    { id: 'c', kind: 'ENDED', step: '0.fill' },
    { id: 'd', kind: 'MEASURED', step: '0.fill' },
  ],
} as unknown as Making
const remedy = {
  id: 'redose',
  label: 'Melt it',
  changes: [{ path: '/components/0/gels/0/amount', value: '9 g' }],
  again: ['0.fill', 'chill'],
} as unknown as Remedy

it('opens the steps that are done once more and puts its own before them', () => {
  const [took, ...undone] = takes(remedy, making)
  expect(took?.[0]).toBe('TOOK')
  expect(took?.[1]?.changes).toEqual([
    { path: '/components/0/gels/0/amount', value: '9 g' },
    { path: '/components/0/work/2/verb', value: 'own' },
    { path: '/components/0/work/2/text', value: 'Melt it' },
    { path: '/components/0/work/2/follows', value: 'heat' },
  ])
  expect(undone.map((u) => u[1]?.text)).toEqual(['b', 'c'])
})

it('stands after the last that is done where nothing is done again', () => {
  const [took, ...undone] = takes({ ...remedy, changes: [], again: [] }, making)
  expect(took?.[1]?.changes?.at(-1)?.value).toBe('fill')
  expect(undone).toEqual([])
})
