import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api, ApiProblem, type Formula } from '@/api/client'
import { blankComponent, blankFormula } from '@/testing/starts'
import { atAddress } from '@/testing/atAddress'
import { LARDER, type } from '@/testing/onBench'
import SumsPage from './SumsPage.vue'

const field = (name: string, kind: string, example: string, group = '') => ({
  name,
  label: name,
  kind,
  example,
  group,
  choices: [],
})
const SUMS = [
  { id: 'dose', title: 'Dose', question: 'How much?', fields: [field('liquid', 'text', '500 g')] },
  {
    id: 'ganache',
    title: 'Ganache',
    question: 'What ratio?',
    fields: [field('chocolate', 'ingredient', 'honey', 'sugar'), field('weight', 'text', '200 g')],
  },
]
const answered = (sentence: string) => ({
  sentence,
  caution: '',
  figures: [{ name: 'cream', value: '210 g' }],
  evidence: { inputs: [], rule: '', constants: [], uncertainty: '', wouldChange: '' },
  component: blankComponent('ganache', 'Ganache', 'cream'),
})

const at = (address: string) => atAddress(address, SumsPage)

describe('a sum', () => {
  beforeEach(() => {
    vi.spyOn(api, 'sums').mockResolvedValue(SUMS as never)
    vi.spyOn(api, 'larder').mockResolvedValue(LARDER)
    vi.spyOn(api, 'formulas').mockResolvedValue({
      formulas: [{ id: 'f', name: 'Fig slice' }],
      total: 1,
    } as never)
    vi.spyOn(api, 'kitchen').mockResolvedValue({ version: 1, settings: undefined } as never)
    vi.spyOn(api, 'answerSum').mockImplementation((id, fields) =>
      Promise.resolve(answered(`${id} ${JSON.stringify(fields)}`) as never),
    )
  })
  afterEach(() => vi.restoreAllMocks())

  it('opens with an example of the first question', async () => {
    const { wrapper } = await at('/sums')
    expect(wrapper.get('.sentence').text()).toBe('dose {"liquid":"500 g"}')
    expect(wrapper.get('[aria-current=page]').text()).toContain('Dose')
  })

  it('opens a link with what was typed in it', async () => {
    const { wrapper } = await at('/sums/ganache?weight=320+g')
    expect(wrapper.get('.sentence').text()).toBe('ganache {"chocolate":"honey","weight":"320 g"}')
    expect(wrapper.findAll('option').map((o) => o.text())).toContain('Honey')
    expect(wrapper.text()).not.toContain('Cream 35 % fat')
  })

  it('keeps what is typed in the address', async () => {
    const { wrapper, router } = await at('/sums/ganache')
    await type(wrapper.get('input'), '250 g')
    expect(router.currentRoute.value.query).toEqual({ weight: '250 g' })
    expect(wrapper.get('.sentence').text()).toContain('250 g')
  })

  it('loses none of two fields that are written at once', async () => {
    const { wrapper, router } = await at('/sums/ganache')
    const written = [wrapper.get('select').setValue('honey'), type(wrapper.get('input'), '250 g')]
    await Promise.all(written)
    await flushPromises()
    expect(router.currentRoute.value.query).toEqual({ chocolate: 'honey', weight: '250 g' })
  })

  it('names what is wrong, keeps it, and leaves the last answer to be read', async () => {
    const { wrapper, press } = await at('/sums/dose')
    const problem = {
      code: 'c',
      path: '/fields/liquid',
      field: 'Liquid',
      value: '5 m',
      rule: 'must be a weight',
      fixes: [{ label: '5 ml', effect: 'a volume', changes: [{ path: '/fields/liquid', value: '5 ml' }] }],
    }
    vi.mocked(api.answerSum).mockRejectedValueOnce(
      new ApiProblem({ title: '', status: 422, detail: '', problems: [problem] } as never),
    )
    await type(wrapper.get('input'), '5 m')
    expect(wrapper.text()).toContain('must be a weight')
    expect(wrapper.get('input').element.value).toBe('5 m')
    expect(wrapper.get('.answer').classes()).toContain('old')

    await press('5 ml')
    expect(wrapper.get('.sentence').text()).toBe('dose {"liquid":"5 ml"}')
    expect(wrapper.get('.answer').classes()).not.toContain('old')
  })

  it('says so when there is no answer at all', async () => {
    const { wrapper } = await at('/sums/dose')
    vi.mocked(api.answerSum).mockRejectedValueOnce(new Error('no network'))
    await type(wrapper.get('input'), '600 g')
    expect(wrapper.get('[role=alert]').text()).toContain('does not answer')
  })

  it('begins a dessert with what was computed', async () => {
    vi.spyOn(api, 'starts').mockResolvedValue({ formula: blankFormula(), components: [] })
    const create = vi.spyOn(api, 'create').mockResolvedValue({ id: 'new' } as never)
    const { router, press } = await at('/sums/ganache')
    await press('Begin a dessert with it')
    const made: Formula | undefined = create.mock.calls[0]?.[0]
    expect(made?.components.map((c) => c.name)).toEqual(['Ganache'])
    expect(made?.moulds.of).toBe('glass-straight')
    expect(router.currentRoute.value.fullPath).toBe('/bench/new')
  })

  it('or puts it on top of one that is there, under a free id', async () => {
    const stored = { id: 'f', version: 7, document: blankFormula() }
    vi.spyOn(api, 'formula').mockResolvedValue(stored as never)
    const save = vi.spyOn(api, 'save').mockResolvedValue(stored as never)
    const { wrapper, router } = await at('/sums/ganache')
    await wrapper.get('.doors select').setValue('f')
    await flushPromises()
    expect(save.mock.calls[0]?.[1]).toBe(7)
    expect(save.mock.calls[0]?.[2].components.map((c) => c.id)).toEqual(['cream', 'cream-2'])
    expect(router.currentRoute.value.fullPath).toBe('/bench/f')
  })

  it('says so when it could not be put into it', async () => {
    vi.spyOn(api, 'formula').mockRejectedValue(new Error('gone'))
    const { wrapper, router } = await at('/sums/ganache')
    await wrapper.get('.doors select').setValue('f')
    await flushPromises()
    expect(wrapper.get('[role=alert]').text()).toContain('not put into it')
    expect(router.currentRoute.value.name).toBe('sums')
  })
})
