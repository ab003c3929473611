import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { api, type Formula, type Larder, type PastedLine } from '@/api/client'
import { blankFormula } from '@/testing/starts'
import PasteDrawer from './PasteDrawer.vue'

const line = (given: Partial<PastedLine>): PastedLine => ({
  text: '',
  kind: 'UNDERSTOOD',
  id: '',
  name: '',
  gel: false,
  sure: true,
  amount: '',
  grams: 0,
  note: '',
  problems: [],
  ...given,
})
const read = [
  line({ text: 'For the top:', kind: 'HEADING' }),
  line({ text: '40 g honey', id: 'honey', name: 'Honey', amount: '40 g', grams: 40 }),
  line({ text: 'unicorn tears', kind: 'NOT_UNDERSTOOD' }),
  line({ text: '20 g honey wafers', id: 'honey', name: 'Honey', amount: '20 g', grams: 20, sure: false }),
]
const larder = {
  ingredients: [
    { id: 'honey', name: 'Honey', group: 'sugar' },
    { id: 'water', name: 'Water', group: 'liquid' },
  ],
} as unknown as Larder

async function reviewed() {
  vi.spyOn(api, 'readPasted').mockResolvedValue(read)
  const wrapper = mount(PasteDrawer, {
    props: { open: true, formula: blankFormula(), component: 0, larder },
    global: { stubs: { SideSheet: { template: '<div><slot /></div>' } } },
  })
  await wrapper.get('textarea').setValue('anything')
  await wrapper
    .findAll('button')
    .find((b) => b.text() === 'Read it')
    ?.trigger('click')
  await flushPromises()
  const put = () => wrapper.findAll('button').find((b) => b.text().startsWith('Put '))
  const taken = () =>
    wrapper
      .emitted<[Formula]>('take')
      ?.at(-1)?.[0]
      .components[0]?.lines.slice(3)
      .map((l) => l.of)
  return { wrapper, put, taken }
}

describe('a pasted list', () => {
  afterEach(() => vi.restoreAllMocks())

  it('ticks nothing that is not sure, and asks', async () => {
    const { wrapper } = await reviewed()
    expect(wrapper.text()).toContain('is it Honey? tick it')
    const unsure = wrapper.find('[aria-label="Take 20 g honey wafers"]').element as HTMLInputElement
    expect(unsure.checked).toBe(false)
  })

  it('takes what was understood, and leaves the rest to be seen', async () => {
    const { wrapper, put, taken } = await reviewed()
    expect(wrapper.text()).toContain('unicorn tears')
    expect(put()?.text()).toBe('Put 1 into the component')
    await put()?.trigger('click')
    expect(taken()).toEqual(['honey'])
  })

  it('takes a line once the cook has said what it is', async () => {
    const { wrapper, put, taken } = await reviewed()
    await wrapper.findAll('select').at(-1)?.setValue('water')
    expect(put()?.text()).toBe('Put 2 into the component')
    await put()?.trigger('click')
    expect(taken()).toEqual(['honey', 'water'])
  })

  it('says why it could not be read', async () => {
    vi.spyOn(api, 'readPasted').mockRejectedValue(new Error('Deft Chill does not answer'))
    const wrapper = mount(PasteDrawer, {
      props: { open: true, formula: blankFormula(), component: 0, larder },
      global: { stubs: { SideSheet: { template: '<div><slot /></div>' } } },
    })
    await wrapper.get('textarea').setValue('40 g honey')
    await wrapper.get('button').trigger('click')
    await flushPromises()
    expect(wrapper.get('[role=alert]').text()).toContain('does not answer')
    expect((wrapper.get('textarea').element as HTMLTextAreaElement).value).toBe('40 g honey')
  })
})
