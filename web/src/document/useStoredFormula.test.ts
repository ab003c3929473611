import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { defineComponent, ref } from 'vue'
import { api, ApiProblem, type Formula } from '@/api/client'
import { queries } from '@/answers/queries'
import { blankFormula } from '@/testing/starts'
import { drafts, draftsOf, type Drafts } from './drafts'
import { stateWords } from './saveStates'
import { renamed } from './useFormulas'
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
  const held = { id: 'f', version: 0, updatedAt: '', putAway: false, document: named('stored') }
  vi.spyOn(api, 'formula').mockImplementation(async () => ({ ...held }))
  vi.spyOn(api, 'save').mockImplementation(async (_id, version, document) => {
    if (version !== held.version) throw conflict()
    held.version++
    held.document = document
    return { ...held }
  })
  return held
}

/** Another window by its id; none of the ids given is open any more. */
const windowOf = (id: string, ...gone: string[]) =>
  draftsOf(id, () => Promise.resolve(new Set(['one', 'two', 'three'].filter((w) => !gone.includes(w)))))

function open(own?: Drafts) {
  let stored!: ReturnType<typeof useStoredFormula>
  mount(
    defineComponent({
      setup() {
        stored = useStoredFormula(ref('f'), own)
        return () => null
      },
    }),
    { global: { plugins: [[VueQueryPlugin, { queryClient: new QueryClient() }]] } },
  )
  return stored
}

beforeEach(() => {
  vi.useFakeTimers()
  queries.clear()
  localStorage.clear()
})
afterEach(() => {
  vi.useRealTimers()
  vi.restoreAllMocks()
  vi.unstubAllGlobals()
})

it('saves what is typed, once for quick typing', async () => {
  const held = store()
  const stored = open()
  await vi.advanceTimersByTimeAsync(0)
  stored.change(named('a'))
  stored.change(named('ab'))
  expect((await drafts.read('f'))?.document.name).toBe('ab')
  await vi.advanceTimersByTimeAsync(1000)
  expect(held.document.name).toBe('ab')
  expect(api.save).toHaveBeenCalledTimes(1)
  expect(stored.state.value).toBe('saved')
  expect(await drafts.read('f')).toBeUndefined()
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
  expect(await drafts.read('f')).toBeUndefined()
})

it('tries again while the server does not answer', async () => {
  const held = store()
  const stored = open()
  await vi.advanceTimersByTimeAsync(0)
  vi.spyOn(api, 'save').mockRejectedValueOnce(new TypeError('no network'))
  stored.change(named('kept'))
  await vi.advanceTimersByTimeAsync(400)
  expect(stored.state.value).toBe('waiting')
  expect((await drafts.read('f'))?.document.name).toBe('kept')
  vi.mocked(api.save).mockRestore()
  vi.spyOn(api, 'save').mockImplementation(async (_id, _version, document) => ({
    ...held,
    version: 1,
    document,
  }))
  await vi.advanceTimersByTimeAsync(5000)
  expect(stored.state.value).toBe('saved')
})

const refusing = (status: number, code: string, problems: ApiProblem['response']['problems'] = []) =>
  new ApiProblem({
    code,
    title: 'Too large',
    status,
    detail: 'the document must be at most 256 kB',
    problems,
  })

it('two windows on one formula each keep what they have not saved', async () => {
  const held = store()
  const one = open(windowOf('one'))
  const two = open(windowOf('two'))
  await vi.advanceTimersByTimeAsync(0)
  two.change(named('typed in two'))
  vi.mocked(api.save).mockRejectedValueOnce(new TypeError('no network'))
  await vi.advanceTimersByTimeAsync(300)
  one.change(named('typed in one'))
  await vi.advanceTimersByTimeAsync(300)
  expect(held.document.name).toBe('typed in one')
  expect((await windowOf('two').read('f'))?.document.name).toBe('typed in two')
  await vi.advanceTimersByTimeAsync(5000)
  expect(two.state.value).toBe('conflict')
  expect(two.formula.value?.name).toBe('typed in two')
})

it('finds what a window that crashed has left, the latest first', async () => {
  const held = store()
  windowOf('one').keep('f', { version: 0, document: named('older') })
  vi.advanceTimersByTime(1000)
  windowOf('two').keep('f', { version: 0, document: named('crashed') })
  const after = open(windowOf('three', 'one', 'two'))
  await vi.advanceTimersByTimeAsync(1000)
  expect(after.formula.value?.name).toBe('crashed')
  expect(held.document.name).toBe('crashed')
  expect((await windowOf('one').read('f'))?.document.name).toBe('older')
})

it('takes over a draft of an earlier Deft Chill, which knew no windows', async () => {
  const held = store()
  localStorage.setItem('deft-chill-draft-f', JSON.stringify({ version: 0, document: named('from before') }))
  open(windowOf('one'))
  await vi.advanceTimersByTimeAsync(1000)
  expect(held.document.name).toBe('from before')
  expect(localStorage).toHaveLength(0)
})

it('leaves alone what a window has that is still open', async () => {
  store()
  windowOf('one').keep('f', { version: 0, document: named('of one') })
  const two = open(windowOf('two'))
  await vi.advanceTimersByTimeAsync(1000)
  expect(two.formula.value?.name).toBe('stored')
})

it('takes a draft for left behind after a while where windows cannot be told', async () => {
  const blind = (id: string) => draftsOf(id, () => Promise.resolve(undefined))
  blind('one').keep('f', { version: 0, document: named('of one') })
  expect(await blind('two').read('f')).toBeUndefined()
  vi.advanceTimersByTime(4 * 60_000)
  expect((await blind('two').read('f'))?.document.name).toBe('of one')
})

it('saves although the browser keeps nothing, and says what is at stake until it has', async () => {
  const held = store()
  const stored = open()
  await vi.advanceTimersByTimeAsync(0)
  vi.stubGlobal('localStorage', {
    ...localStorage,
    getItem: () => null,
    removeItem: () => undefined,
    setItem: () => {
      throw new DOMException('full', 'QuotaExceededError')
    },
  })
  vi.mocked(api.save).mockRejectedValueOnce(new TypeError('no network'))
  stored.change(named('typed'))
  await vi.advanceTimersByTimeAsync(400)
  expect(stored.state.value).toBe('waiting')
  expect(stateWords(stored.state.value, stored.kept.value)).toContain('keep this window open')
  const closing = new Event('beforeunload', { cancelable: true })
  window.dispatchEvent(closing)
  expect(closing.defaultPrevented).toBe(true)
  await vi.advanceTimersByTimeAsync(5000)
  expect(held.document.name).toBe('typed')
  expect(stateWords(stored.state.value, stored.kept.value)).toBe('Saved')
})

it.each([
  ['database-away', 503, 'Not saved yet, the database does not answer. It is kept in this browser'],
  ['disk-full', 507, 'Not saved yet, the disk is full. It is kept in this browser'],
  ['our-own-error', 500, 'Not saved yet, trying again'],
])('says why it waits (%s), and saves by itself later', async (code, status, words) => {
  const held = store()
  const stored = open()
  await vi.advanceTimersByTimeAsync(0)
  vi.mocked(api.save).mockRejectedValueOnce(refusing(status, code))
  stored.change(named('typed'))
  await vi.advanceTimersByTimeAsync(500)
  expect(stateWords(stored.state.value, stored.kept.value, stored.refusal.value)).toBe(words)
  await vi.advanceTimersByTimeAsync(10_000)
  expect(held.document.name).toBe('typed')
  expect(stateWords(stored.state.value, stored.kept.value, stored.refusal.value)).toBe('Saved')
})

it.each([
  [refusing(413, 'document-too-large'), 'Not saved: the document must be at most 256 kB'],
  [
    refusing(422, 'not-understood', [
      {
        code: 'schema-unknown',
        path: '/schema',
        field: 'Schema',
        value: '9',
        rule: 'must be 1 or 4',
        fixes: [],
      },
    ]),
    'Not saved: Schema must be 1 or 4',
  ],
])('does not send again what is refused for what it is', async (refusal, words) => {
  const held = store()
  const stored = open()
  await vi.advanceTimersByTimeAsync(0)
  vi.mocked(api.save).mockRejectedValueOnce(refusal)
  stored.change(named('too much'))
  await vi.advanceTimersByTimeAsync(60_000)
  expect(api.save).toHaveBeenCalledTimes(1)
  expect(stateWords(stored.state.value, stored.kept.value, stored.refusal.value)).toBe(words)
  expect((await drafts.read('f'))?.document.name).toBe('too much')

  stored.change(named('less'))
  await vi.advanceTimersByTimeAsync(1000)
  expect(held.document.name).toBe('less')
  expect(stored.state.value).toBe('saved')
})

it('sends again what may pass later', async () => {
  const held = store()
  const stored = open()
  await vi.advanceTimersByTimeAsync(0)
  vi.mocked(api.save).mockRejectedValueOnce(refusing(503, 'busy'))
  stored.change(named('in a moment'))
  await vi.advanceTimersByTimeAsync(5000)
  expect(held.document.name).toBe('in a moment')
})

it('asks for no list after a save; a new name is put into the one at hand', async () => {
  store()
  const list = vi.spyOn(api, 'formulas')
  const stored = open()
  await vi.advanceTimersByTimeAsync(0)
  stored.change(named('renamed'))
  await vi.advanceTimersByTimeAsync(1000)
  expect(stored.state.value).toBe('saved')
  expect(list).not.toHaveBeenCalled()

  const queries = new QueryClient()
  const summary = (name: string) => ({ id: 'f', name, version: 0, updatedAt: '' })
  queries.setQueryData(['formulas'], { formulas: [summary('before')], total: 1, page: 0, size: 100 })
  renamed(queries, 'f', 'after')
  expect(queries.getQueryData(['formulas'])).toMatchObject({ formulas: [summary('after')] })
})
