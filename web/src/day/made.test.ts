import { expect, it } from 'vitest'
import type { PlanTask, WrittenPlan } from '@/api/client'
import { asMade, news } from './made'

const task = (id: string, start: number, minutes: number, done = false) =>
  ({ id, start, minutes, done, hand: 'p1' }) as PlanTask
const AT = 29_000_000
const tasks = [task('d1/0.weigh', AT, 5), task('d1/0.heat', AT + 5, 10, true)]

it('finds what began otherwise than planned, and how late', () => {
  const found = news(
    [
      { dish: 'd1', step: '0.weigh', began: (AT + 9) * 60, ended: (AT + 12) * 60 },
      { dish: 'd1', step: '0.heat', began: (AT + 5) * 60 },
      { dish: 'd9', step: '0.weigh', began: AT * 60 },
    ],
    tasks,
    (AT + 8) * 60,
  )
  expect(found.map((n) => [n.task.id, n.minutes, n.late])).toEqual([['d1/0.weigh', 3, 9]])
})

it('what runs longer than planned is still running', () => {
  const found = news([{ dish: 'd1', step: '0.heat', began: (AT + 5) * 60 }], tasks, (AT + 30) * 60)
  expect(found[0]?.minutes).toBe(25)
})

it('puts it into the plan in place of what was', () => {
  const plan = { settled: [{ task: 'd1/0.weigh', at: 'x' }] } as unknown as WrittenPlan
  const made = asMade(plan, [{ task: tasks[0] as PlanTask, start: AT + 9, minutes: 3, late: 9 }])
  expect(made.settled).toEqual([
    {
      task: 'd1/0.weigh',
      at: new Date((AT + 9) * 60_000).toISOString().replace('.000', ''),
      minutes: '3',
      person: 'p1',
      done: true,
    },
  ])
})
