import { flushPromises, mount, type DOMWrapper } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { defineComponent, ref } from 'vue'
import { useTyped } from './useTyped'

let said: string[]
let told: string[]
const Page = defineComponent({
  setup() {
    const page = ref<HTMLElement | null>(null)
    useTyped(
      page,
      () => told.push('typing'),
      () => told.push('taken'),
    )
    const change = (event: Event) => said.push((event.target as HTMLInputElement).value)
    return { page, change }
  },
  template: '<main ref="page"><input @change="change" /><input type="date" @change="change" /></main>',
})

/** Without leaving the field. */
async function type(field: DOMWrapper<HTMLInputElement>, text: string) {
  field.element.value = text
  await field.trigger('input')
}

beforeEach(() => {
  vi.useFakeTimers()
  said = []
  told = []
})
afterEach(() => vi.useRealTimers())

it('takes what is typed once typing rests, though the field is not left', async () => {
  const page = mount(Page, { attachTo: document.body })
  await flushPromises()
  const field = page.find('input')
  await type(field, 'Left an')
  await vi.advanceTimersByTimeAsync(1500)
  await type(field, 'Left an hour')
  expect(said).toEqual([])
  await vi.advanceTimersByTimeAsync(2500)
  expect(said).toEqual(['Left an hour'])
  expect(told).toEqual(['typing', 'typing', 'taken'])
  page.unmount()
})

it('takes it when the page is left, and what was taken with its field only once', async () => {
  const page = mount(Page, { attachTo: document.body })
  await flushPromises()
  const field = page.find('input')
  await type(field, 'soft')
  vi.spyOn(document, 'hidden', 'get').mockReturnValue(true)
  document.dispatchEvent(new Event('visibilitychange'))
  expect(said).toEqual(['soft'])
  await type(field, 'softer')
  await field.trigger('change')
  await vi.advanceTimersByTimeAsync(2500)
  expect(said).toEqual(['soft', 'softer'])
  page.unmount()
  vi.restoreAllMocks()
})
