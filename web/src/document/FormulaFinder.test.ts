import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { api, type FormulaWish } from '@/api/client'
import { onBench, type } from '@/testing/onBench'
import FormulaFinder from './FormulaFinder.vue'

const summary = (id: string, name: string) => ({ id, name, version: 3, updatedAt: '2026-11-20T10:00:00Z' })
let wishes: FormulaWish[]

beforeEach(() => {
  wishes = []
  vi.spyOn(api, 'formulas').mockImplementation((wish = {}) => {
    wishes.push(wish)
    const formulas = wish.putAway
      ? [summary('a', 'Old fig slice')]
      : Array.from({ length: wish.page === 1 ? 5 : 30 }, (_, i) => summary(`f${i}`, `Formula ${i}`))
    return Promise.resolve({
      formulas,
      total: wish.putAway ? 1 : 35,
      page: wish.page ?? 0,
      size: wish.size ?? 30,
    })
  })
})
afterEach(() => vi.restoreAllMocks())

async function mounted() {
  const bench = onBench(FormulaFinder, { open: true })
  await bench.settled()
  return bench
}

it('finds by a part of the name, page by page', async () => {
  const { wrapper, button } = await mounted()
  expect(wrapper.text()).toContain('1 to 30 of 35')
  await button('More').trigger('click')
  await flushPromises()
  expect(wrapper.text()).toContain('31 to 35 of 35')
  await type(wrapper.find('input'), 'fig')
  expect(wishes.at(-1)).toMatchObject({ search: 'fig', page: 0 })
})

it('opens what is chosen', async () => {
  const { button, emitted } = await mounted()
  await button('Formula 3').trigger('click')
  expect(emitted<string>('open')).toBe('f3')
})

it('brings back what was put away', async () => {
  const back = vi.spyOn(api, 'bringBack').mockResolvedValue({} as never)
  const { wrapper, button } = await mounted()
  await wrapper.get('input[type=checkbox]').setValue(true)
  await flushPromises()
  await button('Bring back').trigger('click')
  expect(back).toHaveBeenCalledWith('a', 3)
})
