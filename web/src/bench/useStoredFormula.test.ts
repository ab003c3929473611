import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { defineComponent, ref } from 'vue'
import { api, ApiProblem, type Formula } from '@/api/client'
import { blankFormula } from './document'
import { readDraft } from './drafts'
import { useStoredFormula } from './useStoredFormula'

const named = (name: string): Formula => ({ ...blankFormula(), name })
const conflict = () =>
  new ApiProblem({
    code: 'saved-elsewhere',
    title: '',
    status: 409,
    detail: '',
    problems: [],
    currentVersion: 5,
  })

/** A store of one formula that behaves as the server does. */
function store() {
  const held = { id: 'f', version: 0, updatedAt: '', document: named('stored') }
  vi.spyOn(api, 'formula').mockImplementation(async () => ({ ...held }))
  vi.spyOn(api, 'save').mockImplementation(async (_id, version, document) => {
    if (version !== held.version) throw conflict()
    held.version++
    held.document = document
    return { ...held }
  })
  return held
}

function open() {
  let stored!: ReturnType<typeof useStoredFormula>
  mount(
    defineComponent({
      setup() {
        stored = useStoredFormula(ref('f'))
        return () => null
      },
    }),
    { global: { plugins: [[VueQueryPlugin, { queryClient: new QueryClient() }]] } },
  )
  return stored
}

beforeEach(() => {
  vi.useFakeTimers()
  localStorage.clear()
})
afterEach(() => {
  vi.useRealTimers()
  vi.restoreAllMocks()
})

it('saves what is typed, once for quick typing', async () => {
  const held = store()
  const stored = open()
  await vi.advanceTimersByTimeAsync(0)
  stored.change(named('a'))
  stored.change(named('ab'))
  expect(readDraft('f')?.document.name).toBe('ab')
  await vi.advanceTimersByTimeAsync(1000)
  expect(held.document.name).toBe('ab')
  expect(api.save).toHaveBeenCalledTimes(1)
  expect(stored.state.value).toBe('saved')
  expect(readDraft('f')).toBeUndefined()
})

it('brings back what a reload cut off', async () => {
  const held = store()
  const before = open()
  await vi.advanceTimersByTimeAsync(0)
  before.change(named('typed'))
  const after = open()
  await vi.advanceTimersByTimeAsync(0)
  expect(after.formula.value?.name).toBe('typed')
  await vi.advanceTimersByTimeAsync(1000)
  expect(held.document.name).toBe('typed')
})

it('knows its own save when a reload lost the answer', async () => {
  const held = store()
  const before = open()
  await vi.advanceTimersByTimeAsync(0)
  const answered = vi.mocked(api.save).getMockImplementation() as typeof api.save
  vi.mocked(api.save).mockImplementationOnce(async (...call) => {
    await answered(...call)
    return new Promise(() => undefined)
  })
  before.change(named('sent'))
  await vi.advanceTimersByTimeAsync(300)
  before.change(named('sent, typed on'))
  expect(held.document.name).toBe('sent')

  const after = open()
  await vi.advanceTimersByTimeAsync(1000)
  expect(after.state.value).toBe('saved')
  expect(held.document.name).toBe('sent, typed on')
})

it('knows its own save when it lands after the reload', async () => {
  const held = store()
  const before = open()
  await vi.advanceTimersByTimeAsync(0)
  vi.mocked(api.save).mockImplementationOnce(() => new Promise(() => undefined))
  before.change(named('on its way'))
  await vi.advanceTimersByTimeAsync(300)
  before.change(named('on its way, typed on'))

  vi.mocked(api.formula).mockImplementationOnce(async () => {
    const seen = { ...held }
    held.version++
    held.document = named('on its way')
    return seen
  })
  const after = open()
  await vi.advanceTimersByTimeAsync(1000)
  expect(after.state.value).toBe('saved')
  expect(held.document.name).toBe('on its way, typed on')
})

it('overwrites nothing when another window saved, until the cook chooses', async () => {
  const held = store()
  const stored = open()
  await vi.advanceTimersByTimeAsync(0)
  held.version = 5
  held.document = named('theirs')
  stored.change(named('mine'))
  await vi.advanceTimersByTimeAsync(1000)
  expect(stored.state.value).toBe('conflict')
  stored.change(named('mine, typed on'))
  await vi.advanceTimersByTimeAsync(5000)
  expect(held.document.name).toBe('theirs')

  await stored.keepMine()
  await vi.advanceTimersByTimeAsync(1000)
  expect(held.document.name).toBe('mine, typed on')
})

it('shows the other window\u2019s when that is chosen', async () => {
  const held = store()
  const stored = open()
  await vi.advanceTimersByTimeAsync(0)
  held.version = 5
  held.document = named('theirs')
  stored.change(named('mine'))
  await vi.advanceTimersByTimeAsync(1000)
  await stored.takeTheirs()
  expect(stored.formula.value?.name).toBe('theirs')
  expect(readDraft('f')).toBeUndefined()
})

it('tries again while the server does not answer', async () => {
  const held = store()
  const stored = open()
  await vi.advanceTimersByTimeAsync(0)
  vi.spyOn(api, 'save').mockRejectedValueOnce(new TypeError('no network'))
  stored.change(named('kept'))
  await vi.advanceTimersByTimeAsync(400)
  expect(stored.state.value).toBe('waiting')
  expect(readDraft('f')?.document.name).toBe('kept')
  vi.mocked(api.save).mockRestore()
  vi.spyOn(api, 'save').mockImplementation(async (_id, _version, document) => ({
    ...held,
    version: 1,
    document,
  }))
  await vi.advanceTimersByTimeAsync(5000)
  expect(stored.state.value).toBe('saved')
})
