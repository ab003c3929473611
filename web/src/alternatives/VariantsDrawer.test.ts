import { afterEach, describe, expect, it, vi } from 'vitest'
import { api, type Formula } from '@/api/client'
import { LARDER, onBench } from '@/testing/onBench'
import { blankFormula } from '@/testing/starts'
import { setAt } from '@/document/document'
import VariantsDrawer from './VariantsDrawer.vue'

const agar = setAt(blankFormula(), '/components/0/gels/0/of', 'agar')
const variant = {
  id: 'no-gelatin',
  name: 'Without gelatin',
  honest: 'Agar sets brittle and does not melt in the mouth.',
  document: agar,
  comparison: { changes: [], before: 'Sets by 18:40.', after: 'Sets by 16:10.', figures: [] },
}

describe('the dessert for other guests', () => {
  afterEach(() => vi.restoreAllMocks())

  const mounted = async () => {
    const bench = onBench(VariantsDrawer, { open: true, larder: LARDER })
    await bench.settled()
    return bench
  }

  it('says what is not the same', async () => {
    vi.spyOn(api, 'variants').mockResolvedValue([variant] as never)
    const { wrapper } = await mounted()
    expect(wrapper.text()).toContain('does not melt in the mouth')
    expect(wrapper.text()).toContain('Sets by 16:10.')
  })

  it('keeps it as a formula of its own under a name that tells', async () => {
    vi.spyOn(api, 'variants').mockResolvedValue([variant] as never)
    const { button, emitted, formula } = await mounted()
    await button('formula of its own').trigger('click')
    expect(emitted<Formula>('copy')?.name).toBe('New set cream (without gelatin)')
    expect(emitted<boolean>('update:open')).toBe(false)
    expect(formula.value.components[0]?.gels?.[0]?.of).toBe('sheet-gold')
  })

  it('or changes this one', async () => {
    vi.spyOn(api, 'variants').mockResolvedValue([variant] as never)
    const { button, emitted } = await mounted()
    await button('Change this formula').trigger('click')
    expect(emitted<Formula>('take')?.components[0]?.gels?.[0]?.of).toBe('agar')
  })

  it('says so when nothing needs another one', async () => {
    vi.spyOn(api, 'variants').mockResolvedValue([])
    expect((await mounted()).wrapper.text()).toContain('neither gelatin nor alcohol')
  })

  it('says why there is no answer', async () => {
    vi.spyOn(api, 'variants').mockRejectedValue(new Error('1 problem'))
    expect((await mounted()).wrapper.text()).toContain('must be understood first: 1 problem.')
  })

  it('makes one of one’s own: another ingredient, or one left out', async () => {
    vi.spyOn(api, 'variants').mockResolvedValue([])
    const { wrapper, button, emitted, settled } = await mounted()
    expect(button('Make some so').attributes('disabled')).toBeDefined()
    const [line, instead] = wrapper.findAll('select')
    await line?.setValue(line.findAll('option')[1]?.element.value)
    await instead?.setValue('left-out')
    await button('Make some so').trigger('click')
    await settled()
    const [made] = emitted<Formula>('split')?.variants ?? []
    expect(made?.name).toMatch(/^Without /)
    expect(made?.count).toBe('1')
    expect(made?.swaps).toMatchObject([{ of: '' }])
  })
})
