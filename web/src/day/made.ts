import type { MadeStep, PlanTask, WrittenPlan } from '@/api/client'
import { begun, settle } from './plan'

/** No step of a cook's hands runs longer, min. */
const LONGEST_MIN = 240

/** What has begun at the stove and stands in the plan otherwise. */
export function news(steps: MadeStep[], tasks: PlanTask[], second: number) {
  return steps.flatMap((s) => {
    const task = tasks.find((t) => t.id === `${s.dish}/${s.step}`)
    if (!task) return []
    const start = Math.round(s.began / 60)
    // What runs still takes at least as long as it has taken; what was never ended is not running since yesterday.
    const runs = Math.ceil((second - s.began) / 60)
    const minutes =
      s.ended !== undefined
        ? Math.round((s.ended - s.began) / 60)
        : runs > LONGEST_MIN
          ? task.minutes
          : Math.max(task.minutes, runs)
    const known = task.done && Math.abs(task.start - start) < 1 && Math.abs(task.minutes - minutes) < 2
    return known ? [] : [{ task, start, minutes, late: start - task.start }]
  })
}

/** The plan with what has begun in place of what was planned. */
export const asMade = (plan: WrittenPlan, found: ReturnType<typeof news>): WrittenPlan =>
  found.map((n) => begun(n.task, n.start, n.minutes)).reduce(settle, plan)
