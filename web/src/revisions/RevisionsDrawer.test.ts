import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { api, ApiProblem, type Comparison } from '@/api/client'
import { onBench, type } from '@/testing/onBench'
import { blankFormula } from '@/testing/starts'
import { setAt } from '@/document/document'
import RevisionsDrawer from './RevisionsDrawer.vue'

const autumn = { number: 2, name: 'Autumn', createdAt: '2026-10-01T10:00:00Z' }
const unnamed = { number: 1, name: '', createdAt: '2026-09-01T10:00:00Z' }
const sugar = (grams: string) => setAt(blankFormula(), '/components/0/lines/2/amount', grams)
const documents: Record<number, ReturnType<typeof sugar>> = { 1: sugar('60 g'), 2: sugar('70 g') }
const written = (formula?: ReturnType<typeof sugar>) => formula?.components[0]?.lines[2]?.amount

const mounted = async () => {
  const bench = onBench(RevisionsDrawer, { formulaId: 'f', open: true })
  await bench.settled()
  return bench
}

describe('earlier states', () => {
  let compared: [string | undefined, string | undefined][]

  beforeEach(() => {
    compared = []
    vi.spyOn(api, 'revisions').mockResolvedValue({
      revisions: [autumn, unnamed],
      total: 2,
      page: 0,
      size: 200,
    })
    vi.spyOn(api, 'revision').mockImplementation((_, number) =>
      Promise.resolve({
        ...autumn,
        number,
        name: number === 2 ? 'Autumn' : '',
        document: documents[number],
      } as never),
    )
    vi.spyOn(api, 'compare').mockImplementation((before, after) => {
      compared.push([written(before), written(after)])
      const changes = [{ name: 'Sugar', before: written(before), after: written(after), differs: true }]
      return Promise.resolve({
        changes,
        before: 'Sets.',
        after: 'Sets.',
        figures: [],
      } as unknown as Comparison)
    })
  })
  afterEach(() => vi.restoreAllMocks())

  it('puts the newest beside the present state', async () => {
    const { wrapper } = await mounted()
    expect(compared).toEqual([['70 g', '75 g']])
    expect(wrapper.text()).toContain('Kept by itself, no. 1')
    expect(wrapper.get('.compared').text()).toContain('Sugar70 g75 g')
  })

  it('puts any two beside each other', async () => {
    const { wrapper, button, settled } = await mounted()
    await button('Kept by itself').trigger('click')
    await settled()
    await wrapper.get('select').setValue('2')
    await settled()
    expect(compared.at(-1)).toEqual(['60 g', '70 g'])
  })

  it('compares again when it is opened again', async () => {
    const first = await mounted()
    const again = onBench(RevisionsDrawer, { formulaId: 'f', open: true }, blankFormula(), [], first.client)
    await again.settled()
    expect(again.wrapper.find('.compared').exists()).toBe(true)
  })

  it('goes back to the one that is looked at', async () => {
    const { button, settled, emitted } = await mounted()
    await button('Kept by itself').trigger('click')
    await settled()
    await button('Go back to “Kept by itself, no. 1”').trigger('click')
    expect(written(emitted('back'))).toBe('60 g')
  })

  it('keeps the present state under a name, and says why when it cannot', async () => {
    const keep = vi.spyOn(api, 'keepRevision').mockRejectedValueOnce(
      new ApiProblem({
        title: 'Not understood',
        status: 422,
        detail: '',
        problems: [
          { code: 'c', path: '/name', field: 'Name', value: '', rule: 'must not be empty', fixes: [] },
        ],
      } as never),
    )
    const { wrapper, settled } = await mounted()
    await wrapper.get('form').trigger('submit')
    await settled()
    expect(wrapper.get('[role=alert]').text()).toBe('Name must not be empty')

    keep.mockResolvedValueOnce({ number: 3 } as never)
    await type(wrapper.get('form input'), 'As served')
    await wrapper.get('form').trigger('submit')
    await settled()
    expect(keep.mock.lastCall?.slice(0, 2)).toEqual(['f', 'As served'])
    expect(wrapper.find('[role=alert]').exists()).toBe(false)
    expect((wrapper.get('form input').element as HTMLInputElement).value).toBe('')
  })

  it('shows what was kept while the first list was still on its way', async () => {
    const page = { page: 0, size: 200 }
    let arrive!: (list: unknown) => void
    vi.mocked(api.revisions)
      .mockReturnValueOnce(new Promise((resolve) => (arrive = resolve)) as never)
      .mockResolvedValue({ revisions: [autumn], total: 1, ...page })
    vi.spyOn(api, 'keepRevision').mockResolvedValue({ number: 2 } as never)
    const { wrapper, settled } = await mounted()
    await type(wrapper.get('form input'), 'Autumn')
    await wrapper.get('form').trigger('submit')
    await settled()
    arrive({ revisions: [], total: 0, ...page })
    await settled()
    expect(wrapper.find('.compared').exists()).toBe(true)
    expect(wrapper.text()).not.toContain('No earlier state yet')
  })

  it('says that there is none yet', async () => {
    vi.mocked(api.revisions).mockResolvedValue({ revisions: [], total: 0, page: 0, size: 200 })
    expect((await mounted()).wrapper.text()).toContain('No earlier state yet')
  })
})
