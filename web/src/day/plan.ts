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

/** A search may last so long, and is no life of its day. */
const SEARCH_MIN = 5

/**
 * Before what a plan that is solved anew may place nothing: what has begun last, and this moment, unless the plan is of a day that is
 * being lived or is over, whose steps happen without being told.
 */
export function earliestOf(plan: WrittenPlan, first: number | undefined, clock: number): number | undefined {
  const begun = nowOf(plan)
  const ahead = first === undefined || first >= clock - SEARCH_MIN
  const over = plan.services.every((s) => Date.parse(`${s.on}T23:59:59Z`) / 60_000 < clock)
  return ahead && !over && begun === undefined ? Math.floor(clock) : begun
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
 * A step begins so much later than planned. Told ahead, it is fixed to that moment, and nothing has begun. Told in the day, what stood
 * before that moment has begun as planned, but for what waits for this step, what the same hands were to do after it, and what itself
 * waits for something that has not begun.
 *
 * @param clock the moment at which that is told, min
 */
export function slipped(
  plan: WrittenPlan,
  tasks: PlanTask[],
  task: PlanTask,
  late: number,
  clock: number,
): WrittenPlan {
  const now = task.start + late
  if (clock < task.start) return settle(plan, pinned(task, now, task.hand))
  const held = following(tasks, task.id)
  const then = Math.min(now, clock)
  const open = (t: PlanTask) =>
    held.has(t.id) || (t.start > task.start && (t.start >= then || (!!t.hand && t.hand === task.hand)))
  const begunThen = happened(tasks, open)
  const all = [...begunThen.map((t) => begun(t, t.start, t.minutes)), begun(task, now, task.minutes)]
  return all.reduce(settle, plan)
}

/** What is not open, and waits for nothing that is: until nothing more drops out. */
function happened(tasks: PlanTask[], open: (t: PlanTask) => boolean): PlanTask[] {
  const known = new Set(tasks.map((t) => t.id))
  let counted = tasks.filter((t) => !open(t))
  for (;;) {
    const ids = new Set(counted.map((t) => t.id))
    const left = counted.filter((t) => t.before.every((r) => !known.has(r.task) || ids.has(r.task)))
    if (left.length === counted.length) return left.filter((t) => !t.done)
    counted = left
  }
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
