import { expect, it } from 'vitest'
import type { Problem } from '@/api/client'
import { LARDER, onBench, type } from '@/testing/onBench'
import { blankFormula } from '@/testing/starts'
import MouldSheet from './MouldSheet.vue'

const larder = { larder: LARDER }

it('another cooler brings its own air, as one change', async () => {
  const { wrapper, formula, places } = onBench(MouldSheet, larder)
  await wrapper.findAll('select')[1]?.setValue('blast')
  expect(formula.value.cooler).toEqual({ ...blankFormula().cooler, of: 'blast', air: '-12 °C' })
  expect(places).toHaveLength(1)
})

it('a cooler of one’s own without a known air keeps what is typed', async () => {
  const coolers = [...LARDER.coolers, { id: 'cellar', name: 'Cellar' }]
  const { wrapper, formula } = onBench(MouldSheet, { larder: { ...LARDER, coolers } })
  await wrapper.findAll('select')[1]?.setValue('cellar')
  expect(formula.value.cooler).toEqual({ ...blankFormula().cooler, of: 'cellar' })
})

it('each field writes its own place, so that undo goes field by field', async () => {
  const { wrapper, formula, places } = onBench(MouldSheet, larder)
  await type(wrapper.findAll('input')[0], '12')
  await type(wrapper.findAll('input')[1], '3 %')
  expect(formula.value.moulds).toMatchObject({ count: '12', loss: '3 %' })
  expect(places).toEqual(['/moulds/count', '/moulds/loss'])
})

it('says what is wrong with a narrow field below its row', () => {
  const problem: Problem = {
    code: 'range',
    path: '/moulds/count',
    field: 'How many',
    value: '0',
    rule: 'must be at least 1',
    fixes: [],
  }
  const { wrapper } = onBench(MouldSheet, larder, blankFormula(), [problem])
  expect(wrapper.text()).toContain('must be at least 1')
  expect(wrapper.findAll('input')[0]?.attributes('aria-invalid')).toBe('true')
  expect(wrapper.findAll('input')[1]?.attributes('aria-invalid')).toBeUndefined()
})

it('an unknown mould stays written and is named', () => {
  const start = blankFormula()
  const strange = { ...start, moulds: { ...start.moulds, of: 'melon' } }
  const select = onBench(MouldSheet, larder, strange).wrapper.get('select')
  expect((select.element as HTMLSelectElement).value).toBe('melon')
  expect(select.text()).toContain('melon (unknown)')
})
