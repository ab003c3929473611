import { afterEach, describe, expect, it, vi } from 'vitest'
import { api, ApiProblem, type ScaleWish } from '@/api/client'
import { LARDER, onBench, type } from '@/testing/onBench'
import { blankFormula } from '@/testing/starts'
import { setAt } from '@/document/document'
import ScaleDrawer from './ScaleDrawer.vue'

const scaled = (wish: ScaleWish) => ({
  document: setAt(blankFormula(), '/moulds/count', wish.count),
  factor: Number(wish.count) / 8,
  lines: [
    { name: 'Sugar', nowG: 75, exactG: 9.375 * Number(wish.count), weighedG: 9.4 * Number(wish.count) },
  ],
  rounding: 'Rounded to 0.1 g.',
  leftover: '12 g are left over.',
  figures: [{ name: 'Portion', before: '90 g', after: '90 g', differs: false }],
  evidence: { inputs: [], rule: 'volume by volume', constants: [], uncertainty: '', wouldChange: '' },
})

describe('scaling', () => {
  afterEach(() => vi.restoreAllMocks())

  const mounted = async () => {
    const bench = onBench(ScaleDrawer, { open: true, larder: LARDER })
    await bench.settled()
    return bench
  }

  it('begins with the mould and the count that are there', async () => {
    const asked = vi
      .spyOn(api, 'scale')
      .mockImplementation((_, wish) => Promise.resolve(scaled(wish) as never))
    const { wrapper } = await mounted()
    expect(asked.mock.calls[0]?.[1]).toEqual({ mould: 'dariole', count: '8', total: '', fill: '' })
    expect(wrapper.text()).toContain('factor 1.000')
    expect(wrapper.text()).toContain('12 g are left over.')
  })

  it('takes the answer to the wish that is written', async () => {
    vi.spyOn(api, 'scale').mockImplementation((_, wish) => Promise.resolve(scaled(wish) as never))
    const { wrapper, button, emitted } = await mounted()
    await type(wrapper.findAll('input')[0], '12')
    expect(wrapper.text()).toContain('factor 1.500')
    expect(wrapper.get('tbody').text()).toBe('Sugar75.0113112.8')
    await button('Scale the formula').trigger('click')
    expect(emitted<ReturnType<typeof blankFormula>>('take')?.moulds.count).toBe('12')
  })

  it('an answer to another wish can be read, not taken', async () => {
    vi.spyOn(api, 'scale')
      .mockImplementationOnce((_, wish) => Promise.resolve(scaled(wish) as never))
      .mockReturnValue(new Promise(() => undefined))
    const { wrapper, button, emitted } = await mounted()
    await type(wrapper.findAll('input')[0], '12')
    expect(wrapper.text()).toContain('factor 1.000')
    expect(button('Scale the formula').attributes('disabled')).toBeDefined()
    await button('Scale the formula').trigger('click')
    expect(emitted('take')).toBeUndefined()
  })

  it('names what is wrong at its field, or under them all, and keeps what was typed', async () => {
    const problem = (path: string, rule: string) => ({
      code: 'c',
      path,
      field: 'Total',
      value: '2 kilometres',
      rule,
      fixes: [],
    })
    vi.spyOn(api, 'scale').mockRejectedValue(
      new ApiProblem({
        title: 'Not understood',
        status: 422,
        detail: '',
        problems: [problem('/total', 'must be a weight'), problem('/document/name', 'must not be empty')],
      } as never),
    )
    const { wrapper } = await mounted()
    await type(wrapper.findAll('input')[1], '2 kilometres')
    expect(wrapper.findAll('input')[1]?.attributes('aria-invalid')).toBe('true')
    expect(wrapper.text()).toContain('Total “2 kilometres” must not be empty')
    expect(wrapper.findAll('input')[1]?.element.value).toBe('2 kilometres')
    expect(wrapper.text()).not.toContain('Scale the formula')
  })
})
