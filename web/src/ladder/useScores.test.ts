import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { defineComponent, ref } from 'vue'
import { api, ApiProblem, type LadderView } from '@/api/client'
import { useScores, type Scores } from './useScores'

const ID = 'a-ladder'
const problem = (status: number, rule: string) =>
  new ApiProblem({
    code: 'field-invalid',
    title: '',
    status,
    detail: rule,
    problems: rule ? [{ code: '', path: '', field: 'scores', value: '', rule, fixes: [] }] : [],
  })

let took: Scores[]
let wrapper: ReturnType<typeof mount>
function open() {
  let scores!: ReturnType<typeof useScores>
  wrapper = mount(
    defineComponent({
      setup() {
        scores = useScores(ref(ID), async (ladder) => void took.push(ladder.scores['Ilke'] as Scores))
        return () => null
      },
    }),
  )
  return scores
}

beforeEach(() => {
  vi.useFakeTimers()
  localStorage.clear()
  took = []
})
afterEach(() => {
  wrapper.unmount()
  vi.useRealTimers()
  vi.restoreAllMocks()
})

it('sends one write after the other, so that the last touch counts', async () => {
  const answers: (() => void)[] = []
  const sent = vi
    .spyOn(api, 'scoreLadder')
    .mockImplementation(
      (_id, taster, scores) =>
        new Promise((resolve) =>
          answers.push(() => resolve({ scores: { [taster]: scores } } as unknown as LadderView)),
        ),
    )
  const scores = open()
  scores.say('Ilke', { KXP: 2 })
  scores.say('Ilke', { KXP: 2, RPR: 1 })
  scores.say('Ilke', { KXP: 2, RPR: 5 })
  await flushPromises()
  expect(sent).toHaveBeenCalledTimes(1)
  answers[0]?.()
  await flushPromises()
  expect(sent.mock.calls[1]?.[2]).toEqual({ KXP: 2, RPR: 5 })
  expect(scores.waiting()['Ilke']).toEqual({ KXP: 2, RPR: 5 })
  answers[1]?.()
  await flushPromises()
  expect(sent).toHaveBeenCalledTimes(2)
  expect(took.at(-1)).toEqual({ KXP: 2, RPR: 5 })
  expect(scores.waiting()).toEqual({})
})

it('keeps what finds no server, over a reload, and sends it again', async () => {
  const sent = vi.spyOn(api, 'scoreLadder').mockRejectedValue(new TypeError('Failed to fetch'))
  const first = open()
  first.say('Ilke', { KXP: 4 })
  await flushPromises()
  expect(first.wrong.value).toContain('sent again')
  wrapper.unmount()
  sent.mockImplementation(async (_id, taster, scores) => ({ scores: { [taster]: scores } }) as never)
  const reloaded = open()
  expect(reloaded.waiting()['Ilke']).toEqual({ KXP: 4 })
  await vi.advanceTimersByTimeAsync(2000)
  expect(took).toEqual([{ KXP: 4 }])
  expect(reloaded.waiting()).toEqual({})
  expect(reloaded.wrong.value).toBe('')
})

it('tells what is refused, and does not send it for ever', async () => {
  const sent = vi.spyOn(api, 'scoreLadder').mockRejectedValue(problem(422, 'come too late: it was shown'))
  const scores = open()
  scores.say('Ilke', { KXP: 4 })
  await vi.advanceTimersByTimeAsync(6000)
  expect(sent).toHaveBeenCalledTimes(1)
  expect(scores.wrong.value).toBe('The scores come too late: it was shown. They were not stored.')
})
