import { beforeEach, expect, test, vi } from 'vitest'
import { shallowRef } from 'vue'
import type { PlanAnswer, PlanQuestion, WrittenPlan } from '@/api/client'
import type { State } from './useDay'
import { useSolving } from './useSolving'

const asked: PlanQuestion[] = []
const answers: Partial<PlanAnswer>[] = []
vi.mock('@/answers/queries', () => ({
  ask: (_: string, question: PlanQuestion) => {
    asked.push(question)
    return Promise.resolve({ plan: question.document, ...answers.shift() })
  },
}))

const PLAN = { settled: [], services: [{ id: 's1', on: '2031-03-29' }] } as unknown as WrittenPlan
const LATE = { schedule: { slots: { a: { start: 0, minutes: 5, hand: '' } } }, lateUnproved: true }
const GOOD = { ...LATE, lateUnproved: false }

const solving = () => {
  const state = shallowRef<State | undefined>({ plan: PLAN, schedule: LATE.schedule })
  return { state, ...useSolving(state, () => {}) }
}

beforeEach(() => {
  asked.length = 0
  answers.length = 0
})

test('a plan that is late without proof is looked for longer', async () => {
  answers.push(LATE, LATE, LATE, GOOD)
  const { solve, answer } = solving()
  await solve()
  expect(asked.map((q) => q.seconds)).toEqual([1, 5, 9, 9])
  expect(answer.value?.lateUnproved).toBe(false)
})

test('a good plan is made better once, an impossible one is not asked again', async () => {
  answers.push(GOOD, GOOD)
  await solving().solve()
  expect(asked).toHaveLength(2)
  answers.push({ schedule: { slots: {} }, impossible: true })
  await solving().solve()
  expect(asked).toHaveLength(3)
})

test('a plan that was left in the middle of its search is searched on, from where it was', async () => {
  answers.push(LATE, GOOD)
  await solving().open()
  expect(asked.map((q) => q.aim)).toEqual(['AS_IT_IS', 'BEST'])
  expect(asked[1]?.schedule).toEqual(LATE.schedule)
})

test('a late plan in which something was settled stays as the cook left it', async () => {
  answers.push({ ...LATE, plan: { settled: [{ task: 'a' }] } as unknown as WrittenPlan })
  await solving().open()
  expect(asked).toHaveLength(1)
})

test('looking on ends when nobody waits any more', async () => {
  answers.push(LATE, LATE, LATE, LATE)
  const { solve, outdate, solving: busy } = solving()
  const done = solve()
  outdate()
  await done
  expect(asked).toHaveLength(1)
  expect(busy.value).toBe(false)
})
