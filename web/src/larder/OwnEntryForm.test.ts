import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api, ApiProblem, type OwnEntry, type OwnKind } from '@/api/client'
import { LARDER, onBench, type } from '@/testing/onBench'
import OwnEntryForm from './OwnEntryForm.vue'

const field = (key: string, label: string, unit = '', standard = '', choices: string[] = []) => ({
  key,
  label,
  unit,
  standard,
  choices,
})
const kind = {
  id: 'ingredient',
  label: 'Ingredient',
  fields: [
    field('name', 'Name'),
    field('sugars', 'Sugars', '%', '0'),
    field('diet', 'Vegetarian', '', 'vegetarian', ['vegetarian', 'ask', 'not']),
    field('allergens', 'Contains'),
  ],
} as unknown as OwnKind
const larder = {
  ...LARDER,
  allergens: [
    { id: 'milk', name: 'Milk' },
    { id: 'nuts', name: 'Nuts' },
  ],
}
const entry = {
  key: 'k',
  version: 4,
  entry: { id: 'own-honey', kind: 'ingredient', fields: { name: 'Heath honey', sugars: '80' } },
  usedBy: [],
  uses: 0,
} as unknown as OwnEntry
const problem = (path: string, field: string, rule: string) => ({
  code: 'c',
  path,
  field,
  value: '140 %',
  rule,
  fixes: [],
})
const refused = (status: number, ...problems: ReturnType<typeof problem>[]) =>
  new ApiProblem({ title: '', status, detail: '', problems } as never)

describe('an own entry', () => {
  beforeEach(() => {
    vi.spyOn(api, 'previewOwnEntry').mockResolvedValue({} as never)
  })
  afterEach(() => vi.restoreAllMocks())

  const mounted = async (props: object = {}) => {
    const form = onBench(OwnEntryForm, { kind, larder, ...props })
    await form.settled()
    return form
  }
  const sent = (call: { mock: { lastCall?: unknown[] } }) => call.mock.lastCall?.at(-1)

  it('is sent as typed, with what the server offers and without what is empty', async () => {
    const add = vi.spyOn(api, 'addOwnEntry').mockResolvedValue({ entry: { id: 'own-honey' } } as never)
    const { wrapper, settled, emitted } = await mounted()
    await type(wrapper.findAll('input')[0], 'Heath honey')
    for (const box of wrapper.findAll('input[type=checkbox]')) await box.setValue(true)
    await wrapper.findAll('input[type=checkbox]')[0]?.setValue(false)
    await wrapper.get('form').trigger('submit')
    await settled()
    expect(add.mock.lastCall?.[0]).toBe('ingredient')
    expect(sent(add)).toEqual({ name: 'Heath honey', diet: 'vegetarian', allergens: 'nuts' })
    expect(emitted('done')).toBe('own-honey')
  })

  it('begins like another one', async () => {
    const { wrapper } = await mounted({ start: { name: 'Honey (yours)', sugars: '82' } })
    expect(wrapper.findAll('input').map((i) => i.element.value)).toContain('82')
  })

  it('is changed under the version that was read', async () => {
    const save = vi.spyOn(api, 'saveOwnEntry').mockResolvedValue(entry)
    const { wrapper, settled } = await mounted({ entry })
    await type(wrapper.findAll('input')[1], '78')
    await wrapper.get('form').trigger('submit')
    await settled()
    expect(save.mock.lastCall?.slice(0, 2)).toEqual(['k', 4])
    expect(sent(save)).toMatchObject({ name: 'Heath honey', sugars: '78' })
  })

  it('says what does not add up while it is typed', async () => {
    vi.mocked(api.previewOwnEntry).mockRejectedValue(
      refused(422, problem('/fields/water', 'All shares', 'come to more than 100 %')),
    )
    expect((await mounted()).wrapper.text()).toContain('All shares 140 % come to more than 100 %')
  })

  it.each([
    [refused(422, problem('/fields/sugars', 'Sugars', 'must be at most 100 %')), 'must be at most 100 %'],
    [refused(422, problem('/name', 'Name', 'is taken')), 'Name is taken'],
    [refused(409), 'Another window changed this entry'],
    [new Error('no network'), 'Nothing typed is lost'],
  ])('that is refused says why, and keeps what was typed (%#)', async (error, words) => {
    vi.spyOn(api, 'saveOwnEntry').mockRejectedValue(error)
    const { wrapper, settled, emitted } = await mounted({ entry })
    await type(wrapper.findAll('input')[1], '140')
    await wrapper.get('form').trigger('submit')
    await settled()
    expect(wrapper.text()).toContain(words)
    expect(wrapper.findAll('input')[1]?.element.value).toBe('140')
    expect(emitted('done')).toBeUndefined()
  })
})
