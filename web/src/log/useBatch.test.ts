import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, expect, it, vi } from 'vitest'
import { defineComponent, ref } from 'vue'
import { api, type BatchView, type CameOut } from '@/api/client'
import { useBatch } from './useBatch'

const batch = (version: number, note: string) =>
  ({ id: 'b', version, said: { note } as unknown as CameOut }) as BatchView

afterEach(() => {
  vi.useRealTimers()
  vi.restoreAllMocks()
})

it('does not take its own write, still on its way, for that of another window', async () => {
  vi.useFakeTimers()
  vi.spyOn(api, 'batch').mockResolvedValue(batch(1, ''))
  let version = 1
  const notes: string[] = []
  const answers: (() => void)[] = []
  vi.spyOn(api, 'correctBatch').mockImplementation((_id, change) => {
    expect(change.version).toBe(version)
    return new Promise((resolve) =>
      answers.push(() => {
        const { note } = change.said as unknown as { note: string }
        notes.push(note)
        resolve(batch(++version, note))
      }),
    )
  })
  let page!: ReturnType<typeof useBatch>
  const wrapper = mount(
    defineComponent({
      setup() {
        page = useBatch(ref('b'))
        return () => null
      },
    }),
    { global: { plugins: [[VueQueryPlugin, { queryClient: new QueryClient() }]] } },
  )
  await flushPromises()
  const type = async (note: string) => {
    page.said.value = { note } as unknown as CameOut
    page.changed()
    await vi.advanceTimersByTimeAsync(1000)
  }
  await type('a little')
  await type('a little soft')
  expect(answers).toHaveLength(1)
  answers[0]?.()
  await vi.advanceTimersByTimeAsync(1000)
  answers[1]?.()
  await flushPromises()
  expect(notes).toEqual(['a little', 'a little soft'])
  expect(page.state.value).toBe('kept')
  wrapper.unmount()
})
