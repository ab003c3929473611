import { afterEach, describe, expect, it, vi } from 'vitest'
import { api, type StoredFormula } from '@/api/client'
import { LARDER, onBench } from '@/testing/onBench'
import AddComponent from './AddComponent.vue'
import { blankComponent, blankFormula } from '@/testing/starts'
import { addComponent } from '@/document/document'

const given = {
  larder: LARDER,
  formulaId: 'own',
  formulas: [
    { id: 'own', name: 'This one' },
    { id: 'other', name: 'Fig slice' },
    { id: 'bare', name: '' },
  ],
}
const mounted = () => onBench(AddComponent, given)

describe('adding a component', () => {
  afterEach(() => vi.restoreAllMocks())

  it('offers kinds, and every dessert but this one', () => {
    const options = mounted()
      .wrapper.findAll('option')
      .map((o) => o.text())
    expect(options).toEqual(['Add a component…', 'jelly or glaze', 'ganache', 'Fig slice', 'Unnamed'])
  })

  it('puts a new one on top under a free id, and opens it', async () => {
    const jelly = blankComponent('jelly', '', 'jelly')
    vi.spyOn(api, 'starts').mockResolvedValue({ formula: blankFormula(), components: [jelly] })
    const { wrapper, formula, emitted, settled } = mounted()
    await wrapper.get('select').setValue('jelly')
    await settled()
    await wrapper.get('select').setValue('jelly')
    await settled()
    expect(formula.value.components.map((c) => c.id)).toEqual(['cream', 'jelly', 'jelly-2'])
    expect(formula.value.components[2]?.name).toBe('Jelly or glaze')
    expect(emitted<number>('added')).toBe(2)
  })

  it('takes one of another dessert with what it is made from', async () => {
    const ganache = blankComponent('ganache', 'Ganache', 'ganache')
    const mousse = blankComponent('mousse', 'Mousse', 'mousse')
    mousse.lines = [{ id: 'l1', component: 'ganache', amount: 'all' }]
    const document = addComponent(addComponent(blankFormula(), ganache), mousse)
    vi.spyOn(api, 'formula').mockResolvedValue({ id: 'other', version: 1, document } as StoredFormula)
    const { wrapper, formula, settled, emitted } = mounted()
    await wrapper.get('select').setValue('another:other')
    await settled()
    await wrapper.get('select').setValue('2')
    expect(formula.value.components.map((c) => c.name)).toEqual(['Set cream', 'Ganache', 'Mousse'])
    expect(formula.value.components[2]?.lines[0]?.component).toBe('ganache')
    expect(emitted<number>('added')).toBe(2)
    expect(wrapper.text()).toContain('Add a component…')
  })

  it('lets another dessert be left again', async () => {
    const document = blankFormula()
    vi.spyOn(api, 'formula').mockResolvedValue({ id: 'other', version: 1, document } as StoredFormula)
    const { wrapper, formula, button, settled } = mounted()
    await wrapper.get('select').setValue('another:other')
    await settled()
    await button('none').trigger('click')
    expect(wrapper.text()).toContain('Add a component…')
    expect(formula.value.components).toHaveLength(1)
  })

  it('says so when the other dessert cannot be read', async () => {
    vi.spyOn(api, 'formula').mockRejectedValue(new Error('gone'))
    const { wrapper, settled } = mounted()
    await wrapper.get('select').setValue('another:other')
    await settled()
    expect(wrapper.get('[role=alert]').text()).toContain('Fig slice could not be opened')
  })
})
