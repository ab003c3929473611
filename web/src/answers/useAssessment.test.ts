import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { effectScope, nextTick, shallowRef } from 'vue'
import { api, ApiProblem, type Assessment, type Formula } from '@/api/client'
import { blankFormula } from '@/testing/starts'
import { queries } from './queries'
import { useAssessment } from './useAssessment'

const named = (name: string): Formula => ({ ...blankFormula(), name })
const answer = (text: string) => ({ line: [{ tone: 'GOOD', text }] }) as unknown as Assessment

beforeEach(() => {
  vi.useFakeTimers()
})
afterEach(() => {
  queries.clear()
  vi.useRealTimers()
  vi.restoreAllMocks()
})

it('keeps the last answer, marked stale, while the document cannot be understood', async () => {
  const formula = shallowRef<Formula | undefined>(named('good'))
  vi.spyOn(api, 'assess').mockResolvedValueOnce(answer('fine'))
  const a = effectScope().run(() => useAssessment(formula)) as ReturnType<typeof useAssessment>
  await vi.advanceTimersByTimeAsync(100)
  expect(a.assessment.value?.line[0]?.text).toBe('fine')
  expect(a.stale.value).toBe(false)

  const problem = {
    code: 'x',
    path: '/moulds/count',
    field: 'How many',
    value: 'no',
    rule: 'must be a number',
    fixes: [],
  }
  vi.spyOn(api, 'assess').mockRejectedValueOnce(
    new ApiProblem({
      code: 'not-understood',
      title: '',
      status: 422,
      detail: '',
      problems: [problem],
    }),
  )
  formula.value = named('bad')
  await vi.advanceTimersByTimeAsync(100)
  expect(a.problems.value).toEqual([problem])
  expect(a.assessment.value?.line[0]?.text).toBe('fine')
  expect(a.stale.value).toBe(true)
})

it('answers quick typing once, and never with an older answer', async () => {
  const formula = shallowRef<Formula | undefined>(named('a'))
  const pending: ((a: Assessment) => void)[] = []
  vi.spyOn(api, 'assess').mockImplementation(
    (_f, signal) =>
      new Promise((resolve, reject) => {
        pending.push(resolve)
        signal?.addEventListener('abort', () => reject(new DOMException('aborted', 'AbortError')))
      }),
  )
  const a = effectScope().run(() => useAssessment(formula)) as ReturnType<typeof useAssessment>
  await vi.advanceTimersByTimeAsync(1)
  formula.value = named('b')
  await nextTick()
  formula.value = named('c')
  await vi.advanceTimersByTimeAsync(100)
  expect(api.assess).toHaveBeenCalledTimes(2)
  pending[1]?.(answer('c'))
  pending[0]?.(answer('a'))
  await vi.advanceTimersByTimeAsync(1)
  expect(a.assessment.value?.line[0]?.text).toBe('c')
  expect(a.unreachable.value).toBe(false)
})

it('answers a key after a pause at once', async () => {
  const formula = shallowRef<Formula | undefined>(named('a'))
  vi.spyOn(api, 'assess').mockResolvedValue(answer('fine'))
  effectScope().run(() => useAssessment(formula))
  await vi.advanceTimersByTimeAsync(100)
  formula.value = named('b')
  await nextTick()
  expect(vi.mocked(api.assess).mock.lastCall?.[0].name).toBe('b')
})

const verdict = (fixes: string[]) => ({
  code: 'too-soft',
  path: '/components/0/gels/0/amount',
  fixes: fixes.map((label) => ({ label })),
})
const judged = (untried: number, fixes: string[]) =>
  ({ ...answer('soft'), untried, verdicts: [verdict(fixes)] }) as unknown as Assessment

it('shows fixes only once they are tried, and holds those of the last answer in their places until then', async () => {
  const formula = shallowRef<Formula | undefined>(named('a'))
  vi.spyOn(api, 'assess').mockResolvedValue(judged(1, []))
  vi.spyOn(api, 'assessTried').mockImplementation((f) => Promise.resolve(judged(0, [`for ${f.name}`])))
  const a = effectScope().run(() => useAssessment(formula)) as ReturnType<typeof useAssessment>
  const labels = () => a.assessment.value?.verdicts[0]?.fixes.map((fix) => fix.label)
  await vi.advanceTimersByTimeAsync(50)
  expect([labels(), a.trying.value]).toEqual([[], true])
  await vi.advanceTimersByTimeAsync(200)
  expect([labels(), a.trying.value]).toEqual([['for a'], false])

  formula.value = named('b')
  await vi.advanceTimersByTimeAsync(50)
  expect([labels(), a.trying.value]).toEqual([['for a'], true])
  await vi.advanceTimersByTimeAsync(200)
  expect([labels(), a.trying.value]).toEqual([['for b'], false])
})

it('tries nothing where there is nothing to try, nor while keys still come', async () => {
  const formula = shallowRef<Formula | undefined>(named('a'))
  vi.spyOn(api, 'assess').mockResolvedValue(judged(0, []))
  const tried = vi.spyOn(api, 'assessTried').mockResolvedValue(judged(0, ['mends it']))
  const a = effectScope().run(() => useAssessment(formula)) as ReturnType<typeof useAssessment>
  await vi.advanceTimersByTimeAsync(300)
  expect([tried.mock.calls.length, a.trying.value]).toEqual([0, false])

  vi.spyOn(api, 'assess').mockResolvedValue(judged(1, []))
  for (const name of ['b', 'c', 'd', 'e']) {
    formula.value = named(name)
    await vi.advanceTimersByTimeAsync(60)
  }
  expect(tried).not.toHaveBeenCalled()
  await vi.advanceTimersByTimeAsync(200)
  expect(tried).toHaveBeenCalledTimes(1)
})

it('marks the old answer only when a new one is long in coming', async () => {
  const formula = shallowRef<Formula | undefined>(named('a'))
  vi.spyOn(api, 'assess').mockResolvedValueOnce(answer('a'))
  const a = effectScope().run(() => useAssessment(formula)) as ReturnType<typeof useAssessment>
  await vi.advanceTimersByTimeAsync(100)
  vi.spyOn(api, 'assess').mockReturnValueOnce(new Promise(() => undefined))
  formula.value = named('b')
  await vi.advanceTimersByTimeAsync(100)
  expect(a.stale.value).toBe(false)
  await vi.advanceTimersByTimeAsync(100)
  expect(a.stale.value).toBe(true)
})

it('says when nobody answers', async () => {
  vi.spyOn(api, 'assess').mockRejectedValue(new TypeError('no network'))
  const formula = shallowRef<Formula | undefined>(named('a'))
  const a = effectScope().run(() => useAssessment(formula)) as ReturnType<typeof useAssessment>
  await vi.advanceTimersByTimeAsync(100)
  expect(a.unreachable.value).toBe(true)
})

it('forgets the answer when another formula is opened', async () => {
  vi.spyOn(api, 'assess').mockResolvedValue(answer('fine'))
  const formula = shallowRef<Formula | undefined>(named('a'))
  const a = effectScope().run(() => useAssessment(formula)) as ReturnType<typeof useAssessment>
  await vi.advanceTimersByTimeAsync(100)
  formula.value = undefined
  await nextTick()
  expect(a.assessment.value).toBeUndefined()
})

const failing = (status: number, code: string) =>
  new ApiProblem({
    code,
    title: 'Something of ours broke',
    status,
    detail: 'It is in the log; what was typed is kept.',
    problems: [],
  })

it('an answer that is none is said, dims the last good one, and is asked again', async () => {
  vi.spyOn(api, 'assess').mockResolvedValueOnce(answer('fine'))
  const formula = shallowRef<Formula | undefined>(named('a'))
  const a = effectScope().run(() => useAssessment(formula)) as ReturnType<typeof useAssessment>
  await vi.advanceTimersByTimeAsync(100)
  vi.spyOn(api, 'assess').mockRejectedValueOnce(failing(500, 'our-own-error'))
  formula.value = named('b')
  await vi.advanceTimersByTimeAsync(100)
  expect(a.failure.value).toBe(
    'Something of ours broke. It is in the log; what was typed is kept. Asking again.',
  )
  expect(a.unreachable.value).toBe(false)
  expect(a.stale.value).toBe(true)
  expect(a.assessment.value?.line[0]?.text).toBe('fine')

  vi.spyOn(api, 'assess').mockResolvedValueOnce(answer('fine again'))
  await vi.advanceTimersByTimeAsync(3000)
  expect(a.failure.value).toBe('')
  expect(a.stale.value).toBe(false)
  expect(a.assessment.value?.line[0]?.text).toBe('fine again')
})

it('asks again when nobody answered, ever less often', async () => {
  const assess = vi.spyOn(api, 'assess').mockRejectedValue(new TypeError('no network'))
  const formula = shallowRef<Formula | undefined>(named('a'))
  effectScope().run(() => useAssessment(formula))
  await vi.advanceTimersByTimeAsync(100)
  expect(assess).toHaveBeenCalledTimes(1)
  await vi.advanceTimersByTimeAsync(3000)
  expect(assess).toHaveBeenCalledTimes(2)
  await vi.advanceTimersByTimeAsync(3000)
  expect(assess).toHaveBeenCalledTimes(2)
  await vi.advanceTimersByTimeAsync(3000)
  expect(assess).toHaveBeenCalledTimes(3)
})

it('waits as long as a busy server says', async () => {
  const busy = new ApiProblem(failing(503, 'busy').response, 7)
  const assess = vi.spyOn(api, 'assess').mockRejectedValueOnce(busy).mockResolvedValue(answer('fine'))
  const formula = shallowRef<Formula | undefined>(named('a'))
  effectScope().run(() => useAssessment(formula))
  await vi.advanceTimersByTimeAsync(6900)
  expect(assess).toHaveBeenCalledTimes(1)
  await vi.advanceTimersByTimeAsync(200)
  expect(assess).toHaveBeenCalledTimes(2)
})

it('does not ask again what takes too long or is not understood', async () => {
  const assess = vi.spyOn(api, 'assess').mockRejectedValue(failing(503, 'took-too-long'))
  const formula = shallowRef<Formula | undefined>(named('a'))
  const a = effectScope().run(() => useAssessment(formula)) as ReturnType<typeof useAssessment>
  await vi.advanceTimersByTimeAsync(60_000)
  expect(assess).toHaveBeenCalledTimes(1)
  expect(a.failure.value).not.toContain('Asking again')
})

it('asks nothing more once the page is left', async () => {
  const assess = vi.spyOn(api, 'assess').mockRejectedValue(new TypeError('no network'))
  const formula = shallowRef<Formula | undefined>(named('a'))
  const scope = effectScope()
  scope.run(() => useAssessment(formula))
  await vi.advanceTimersByTimeAsync(100)
  scope.stop()
  await vi.advanceTimersByTimeAsync(60_000)
  expect(assess).toHaveBeenCalledTimes(1)
})
