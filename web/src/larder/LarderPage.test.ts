import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api, ApiProblem, type Kitchen } from '@/api/client'
import { atAddress } from '@/testing/atAddress'
import { type } from '@/testing/onBench'
import LarderPage from './LarderPage.vue'

const cooler = (id: string, name: string, airC: number, own = false) => ({
  id,
  name,
  airC,
  h: 8,
  hBase: 12,
  powerW: 120,
  contentsKj: 60,
  own,
  source: 'E',
})
const gel = (id: string, name: string, agent: string, bloom: number) => ({
  id,
  name,
  agent,
  bloom,
  sheetG: 2,
  packetG: 0,
  setsC: 25,
  meltsC: 35,
  likeGelatin: 1,
  origin: 'pork',
  allergens: [],
  diet: 'not',
  form: 'sheet',
  own: false,
  source: 'E',
})
const larder = {
  ingredients: [],
  moulds: [],
  allergens: [],
  coolers: [cooler('fridge', 'Fridge', 4), cooler('own-cellar', 'Cellar', 9, true)],
  gels: [gel('gold', 'Sheet, gold', 'gelatin', 200), gel('agar', 'Agar', 'agar', 0)],
  ownKinds: [
    {
      id: 'cooler',
      label: 'Cooler',
      fields: [{ key: 'name', label: 'Name', unit: '', standard: '', choices: [] }],
    },
  ],
}
const own = [
  {
    key: 'k',
    version: 2,
    entry: { id: 'own-cellar', kind: 'cooler', fields: { name: 'Cellar' } },
    usedBy: ['Fig slice', 'Plum sabayon'],
    uses: 2,
  },
]
const kitchen = { version: 5, settings: { currency: 'EUR', prices: 'agar = 90' } } as unknown as Kitchen
const at = (shelf: string) => atAddress(`/larder/${shelf}`, LarderPage)

describe('the larder', () => {
  beforeEach(() => {
    vi.spyOn(api, 'larder').mockResolvedValue(larder as never)
    vi.spyOn(api, 'kitchen').mockResolvedValue(kitchen)
    vi.spyOn(api, 'ownEntries').mockResolvedValue(own as never)
  })
  afterEach(() => {
    vi.restoreAllMocks()
    document.body.innerHTML = ''
  })

  it('shows what is known of a thing, with units and its source', async () => {
    const { wrapper, press } = await at('gelling')
    await press('Sheet, gold')
    const facts = wrapper.get('dl').text()
    expect(facts).toContain('Strength200 Bloom')
    expect(facts).toContain('Sold assheets of 2 g')
    expect(facts).toContain('SourceE')
  })

  it('is searched, and says when there is nothing', async () => {
    const { wrapper } = await at('coolers')
    await type(wrapper.get('.search input'), 'cell')
    expect(wrapper.get('.list').text()).toBe('Cellar yours9 °C')
    await type(wrapper.get('.search input'), 'oven')
    expect(wrapper.get('.list').text()).toContain('is called “oven”')
  })

  it('keeps a price beside the others', async () => {
    const save = vi.spyOn(api, 'saveKitchen').mockResolvedValue(kitchen)
    const { wrapper, press } = await at('gelling')
    await press('Agar')
    expect(wrapper.get('.price input').element).toHaveProperty('value', '90')
    await press('Sheet, gold')
    await type(wrapper.get('.price input'), '38,5')
    await wrapper.get('.price').trigger('submit')
    expect(save.mock.lastCall).toEqual([5, { currency: 'EUR', prices: 'agar = 90\ngold = 38,5' }])
  })

  it.each([
    [
      new ApiProblem({
        title: '',
        status: 422,
        detail: '',
        problems: [{ rule: 'must be a number' }],
      } as never),
      'must be a number',
    ],
    [new Error('no network'), 'Not kept: Deft Chill does not answer'],
  ])('says why a price is not kept (%#)', async (error, words) => {
    vi.spyOn(api, 'saveKitchen').mockRejectedValue(error)
    const { wrapper } = await at('gelling')
    await type(wrapper.get('.price input'), 'dear')
    await wrapper.get('.price').trigger('submit')
    await flushPromises()
    expect(wrapper.text()).toContain(words)
    expect(wrapper.get('.price input').element).toHaveProperty('value', 'dear')
  })

  it('says who uses an entry before it is taken out', async () => {
    const remove = vi.spyOn(api, 'removeOwnEntry').mockResolvedValue(undefined)
    const { wrapper, press } = await at('coolers')
    await press('Cellar')
    expect(wrapper.get('dl').text()).toContain('Used byFig slice, Plum sabayon')
    await press('Take')
    const asked = document.querySelector('.ant-modal')
    expect(asked?.textContent).toContain('It is used by Fig slice, Plum sabayon; there it will be unknown.')
    expect(remove).not.toHaveBeenCalled()
    asked?.querySelector<HTMLButtonElement>('.ant-btn-dangerous')?.click()
    await flushPromises()
    expect(remove).toHaveBeenCalledWith('k', 2)
  })

  it('names every row of a table that is not taken', async () => {
    const rows = [
      { field: 'Row 3, air', value: 'cold', rule: 'must be a temperature' },
      { field: 'Row 5, name', value: '', rule: 'must not be empty' },
    ]
    vi.spyOn(api, 'importTable').mockRejectedValue(
      new ApiProblem({ title: '', status: 422, detail: '', problems: rows } as never),
    )
    const { wrapper } = await at('coolers')
    const input = wrapper.get('input[type=file]')
    Object.defineProperty(input.element, 'files', { value: [new File(['x'], 'coolers.csv')] })
    await input.trigger('change')
    await flushPromises()
    expect(wrapper.findAll('[role=alert] li').map((li) => li.text())).toEqual([
      'Row 3, air “cold” must be a temperature',
      'Row 5, name “” must not be empty',
    ])
  })
})
