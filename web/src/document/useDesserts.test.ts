import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { mount } from '@vue/test-utils'
import { afterEach, expect, it, vi } from 'vitest'
import { defineComponent } from 'vue'
import { api, type BookRow, type Formula } from '@/api/client'
import { useDesserts } from './useDesserts'

const dessert = (id: string) => ({ id, name: `Dessert ${id}`, version: 0, updatedAt: '' })

/** A Book that lists one dessert and, where it is long, finds another one by name. */
function book(more: boolean, spokenOf?: string[]) {
  vi.spyOn(api, 'formulas').mockResolvedValue({
    formulas: [dessert('new')],
    total: 1,
    more,
    page: 0,
    size: 200,
  })
  const searched = vi.spyOn(api, 'book').mockResolvedValue({
    rows: [dessert('old') as BookRow],
    total: 1,
    more: false,
    page: 0,
    size: 60,
    computing: false,
  })
  let desserts!: ReturnType<typeof useDesserts>
  mount(
    defineComponent({
      setup() {
        desserts = useDesserts(spokenOf && (() => spokenOf))
        return () => null
      },
    }),
    { global: { plugins: [[VueQueryPlugin, { queryClient: new QueryClient() }]] } },
  )
  return { searched, desserts }
}

afterEach(() => vi.restoreAllMocks())

it('finds in a long Book what is not among those changed last, and goes on naming it', async () => {
  const { desserts } = book(true)
  await vi.waitFor(() => expect(desserts.options.value.map((o) => o.value)).toEqual(['new']))
  desserts.find(' ol ')
  await vi.waitFor(() => expect(desserts.options.value.map((o) => o.value)).toEqual(['new', 'old']))
  desserts.find('')
  expect(desserts.nameOf('old')).toBe('Dessert old')
})

it('names what the page speaks of already, however long ago it was changed', async () => {
  const asked = vi
    .spyOn(api, 'formula')
    .mockImplementation((id) =>
      Promise.resolve({ ...dessert(id), putAway: false, document: { name: `Dessert ${id}` } as Formula }),
    )
  const { desserts } = book(true, ['new', 'older'])
  await vi.waitFor(() => expect(desserts.nameOf('older')).toBe('Dessert older'))
  expect(asked.mock.calls).toEqual([['older']])
  expect(desserts.options.value.map((o) => o.value)).toEqual(['new'])
})

it('asks nothing more of a Book that is there as a whole', async () => {
  const { searched, desserts } = book(false)
  await vi.waitFor(() => expect(desserts.options.value).toHaveLength(1))
  desserts.find('old')
  await new Promise((done) => requestAnimationFrame(done))
  expect(searched).not.toHaveBeenCalled()
  expect(desserts.nameOf('old')).toBeUndefined()
})
