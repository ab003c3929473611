import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { mount } from '@vue/test-utils'
import { afterEach, expect, it, vi } from 'vitest'
import { defineComponent } from 'vue'
import { api } from '@/api/client'
import { useDesserts } from './useDesserts'

const dessert = (id: string) => ({ id, name: `Dessert ${id}`, version: 0, updatedAt: '' })

/** A Book that lists one dessert and, where it is long, finds another one by name. */
function book(more: boolean) {
  const asked = vi.spyOn(api, 'formulas').mockImplementation(async (wanted) => {
    const found = wanted?.search ? [dessert('old')] : [dessert('new')]
    return { formulas: found, total: found.length, more: more && !wanted?.search, page: 0, size: 200 }
  })
  let desserts!: ReturnType<typeof useDesserts>
  mount(
    defineComponent({
      setup() {
        desserts = useDesserts()
        return () => null
      },
    }),
    { global: { plugins: [[VueQueryPlugin, { queryClient: new QueryClient() }]] } },
  )
  return { asked, desserts }
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

it('asks nothing more of a Book that is there as a whole', async () => {
  const { asked, desserts } = book(false)
  await vi.waitFor(() => expect(desserts.options.value).toHaveLength(1))
  desserts.find('old')
  await new Promise((done) => requestAnimationFrame(done))
  expect(asked).toHaveBeenCalledOnce()
  expect(desserts.nameOf('old')).toBeUndefined()
})
