import type { PlanTask, WrittenPlan } from '@/api/client'
import { instant } from './clock'

/** Changes of a plan: each gives a new one and leaves the old as it is. */

type Settled = NonNullable<WrittenPlan['settled']>[number]

/** What is settled about a step in place of what was. */
export function settle(plan: WrittenPlan, settled: Settled): WrittenPlan {
  const others = (plan.settled ?? []).filter((s) => s.task !== settled.task)
  return { ...plan, settled: [...others, settled] }
}

export function release(plan: WrittenPlan, task: string): WrittenPlan {
  return { ...plan, settled: (plan.settled ?? []).filter((s) => s.task !== task) }
}

/** A step fixed to a time and to whoever does it. */
export const pinned = (task: PlanTask, start: number, person: string): Settled => ({
  task: task.id,
  at: instant(start),
  person,
  done: false,
})

/** A step that has begun. */
export const begun = (task: PlanTask, start: number, minutes?: number): Settled => ({
  task: task.id,
  at: instant(start),
  minutes: minutes === undefined ? '' : String(Math.max(0, minutes)),
  person: task.hand,
  done: true,
})

/** The moment before which nothing more can begin: the last that has begun; undefined while nothing has. */
export function nowOf(plan?: WrittenPlan): number | undefined {
  const begun = (plan?.settled ?? [])
    .filter((s) => s.done && s.at)
    .map((s) => Date.parse(s.at ?? '') / 60_000)
  return begun.length ? Math.max(...begun) : undefined
}

/** A step and all that waits for it, one after the other. */
function following(tasks: PlanTask[], id: string): Set<string> {
  const found = new Set([id])
  let grown = true
  while (grown) {
    grown = false
    for (const t of tasks)
      if (!found.has(t.id) && t.before.some((r) => found.has(r.task))) {
        found.add(t.id)
        grown = true
      }
  }
  return found
}

/**
 * A step begins so much later than planned. What stood before that moment has begun as planned, but for what waits for
 * this step and what the same hands were to do after it.
 */
export function slipped(plan: WrittenPlan, tasks: PlanTask[], task: PlanTask, late: number): WrittenPlan {
  const held = following(tasks, task.id)
  const now = task.start + late
  const begunThen = tasks.filter(
    (t) =>
      !t.done &&
      !held.has(t.id) &&
      (t.start <= task.start || (t.start < now && (!t.hand || t.hand !== task.hand))),
  )
  const all = [...begunThen.map((t) => begun(t, t.start, t.minutes)), begun(task, now, task.minutes)]
  return all.reduce(settle, plan)
}

/** Words that stand alone. */
export const sentence = (words: string) => `${words.charAt(0).toUpperCase()}${words.slice(1)}.`

/** A list with one of it changed, and one without it. */
export const at = <T>(list: T[], index: number, part: Partial<T>) =>
  list.map((item, i) => (i === index ? { ...item, ...part } : item))
export const without = <T>(list: T[], index: number) => list.filter((_, i) => i !== index)

let next = 0
/** An id that none of them has. */
export function freeId(prefix: string, taken: { id: string }[]) {
  let id = `${prefix}${taken.length + 1}`
  while (taken.some((t) => t.id === id)) id = `${prefix}${++next + taken.length}`
  return id
}

export function withDish(plan: WrittenPlan, formula: string): WrittenPlan {
  const dishes = plan.dishes
  const service = plan.services[0]?.id ?? ''
  return {
    ...plan,
    dishes: [...dishes, { id: freeId('d', dishes), formula, version: 0, service, count: '' }],
  }
}

/** The same plan so many days later; nothing of it has begun, and nothing is settled. */
export function moved(plan: WrittenPlan, days: number): WrittenPlan {
  const later = (on: string) => {
    const date = new Date(`${on}T12:00:00Z`)
    if (Number.isNaN(date.getTime())) return on
    date.setUTCDate(date.getUTCDate() + days)
    return date.toISOString().slice(0, 10)
  }
  return {
    ...plan,
    settled: [],
    services: plan.services.map((s) => ({ ...s, on: later(s.on) })),
    people: plan.people.map((p) => ({
      ...p,
      shifts: p.shifts.map((s) => (s.on ? { ...s, on: later(s.on) } : s)),
    })),
  }
}
