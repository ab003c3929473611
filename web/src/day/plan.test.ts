import { describe, expect, it } from 'vitest'
import type { PlanTask, WrittenPlan } from '@/api/client'
import { begun, earliestOf, freeId, moved, nowOf, pinned, release, settle, slipped, withDish } from './plan'

const plan: WrittenPlan = {
  schema: 1,
  name: 'Saturday',
  services: [{ id: 's1', on: '2026-11-28', at: '19:30' }],
  dishes: [],
  people: [
    {
      id: 'p1',
      shifts: [
        { from: '9:00', to: '17:00' },
        { on: '2026-11-27', from: '14:00', to: '18:00' },
      ],
    },
  ],
}
const at = (text: string) => Date.parse(text) / 60_000
const task = (id: string, start: string, minutes = 10, done = false) =>
  ({ id, start: at(start), minutes, hand: 'p1', done, before: [] as PlanTask['before'] }) as PlanTask

describe('a plan changed', () => {
  it('settles a step once, and lets it go', () => {
    const weigh = task('d1/0.weigh', '2026-11-28T10:00:00Z')
    const once = settle(plan, pinned(weigh, weigh.start + 5, 'p1'))
    const twice = settle(once, pinned(weigh, weigh.start + 15, 'p2'))
    expect(twice.settled).toEqual([
      { task: 'd1/0.weigh', at: '2026-11-28T10:15:00Z', person: 'p2', done: false },
    ])
    expect(release(twice, 'd1/0.weigh').settled).toEqual([])
    expect(plan.settled).toBeUndefined()
  })

  it('knows what has begun last', () => {
    expect(nowOf(plan)).toBeUndefined()
    const first = settle(plan, begun(task('a', '2026-11-28T10:00:00Z'), at('2026-11-28T10:00:00Z')))
    const then = settle(first, begun(task('b', '2026-11-28T11:00:00Z'), at('2026-11-28T11:04:00Z')))
    expect(nowOf(then)).toBe(at('2026-11-28T11:04:00Z'))
    expect(nowOf(settle(plan, pinned(task('a', '2026-11-28T10:00:00Z'), 5, 'p1')))).toBeUndefined()
  })

  it('begins a late step later, with all that did not wait for it begun as planned', () => {
    const after = (id: string, start: string, waits: string[], hand = 'p1') =>
      ({ ...task(id, start), hand, before: waits.map((w) => ({ task: w })) }) as PlanTask
    const tasks = [
      after('weigh', '2026-11-28T09:00:00Z', []),
      after('heat', '2026-11-28T10:00:00Z', ['weigh']),
      after('other', '2026-11-28T10:10:00Z', [], 'p2'),
      after('same', '2026-11-28T10:12:00Z', []),
      after('fold', '2026-11-28T10:14:00Z', ['heat']),
    ]
    const told = (clock: string) =>
      slipped(plan, tasks, tasks[1] as PlanTask, 15, at(clock)).settled?.map((s) => [
        s.task,
        s.at?.slice(11, 16),
        s.done,
      ])
    const inTheDay = [
      ['weigh', '09:00', true],
      ['other', '10:10', true],
      ['heat', '10:15', true],
    ]
    expect(told('2026-11-28T10:20:00Z')).toEqual(inTheDay)
    // What stands behind the moment at which it is told has not begun.
    expect(told('2026-11-28T10:05:00Z')).toEqual([inTheDay[0], inTheDay[2]])
    // Told days before, nothing has.
    expect(told('2026-11-25T09:00:00Z')).toEqual([['heat', '10:15', false]])
    // What waits for something that has not begun has not begun either, whoever does it.
    tasks.push(after('cut', '2026-11-28T10:13:00Z', ['same'], 'p2'))
    tasks.push(after('lay', '2026-11-28T10:14:00Z', ['cut'], 'p2'))
    expect(told('2026-11-28T10:20:00Z')).toEqual(inTheDay)
  })

  it('places nothing before now, unless its day is being lived or over', () => {
    const tuesday = at('2026-11-24T15:00:00Z')
    expect(earliestOf(plan, undefined, tuesday)).toBe(tuesday)
    expect(earliestOf(plan, at('2026-11-27T14:00:00Z'), tuesday)).toBe(tuesday)
    expect(earliestOf(plan, at('2026-11-24T09:00:00Z'), tuesday)).toBeUndefined()
    expect(earliestOf(plan, undefined, at('2026-11-30T09:00:00Z'))).toBeUndefined()
    const going = settle(plan, begun(task('a', '2026-11-28T10:00:00Z'), at('2026-11-28T10:00:00Z')))
    expect(earliestOf(going, undefined, tuesday)).toBe(at('2026-11-28T10:00:00Z'))
  })

  it('moves by days over the end of a month, with nothing settled', () => {
    const later = moved(settle(plan, begun(task('a', '2026-11-28T10:00:00Z'), 0)), 7)
    expect(later.services[0]?.on).toBe('2026-12-05')
    expect(later.people[0]?.shifts.map((s) => s.on)).toEqual([undefined, '2026-12-04'])
    expect(later.settled).toEqual([])
  })

  it('gives every new one an id of its own', () => {
    const three = [1, 2, 3].reduce((p) => withDish(p, 'f'), plan)
    expect(new Set(three.dishes.map((d) => d.id)).size).toBe(3)
    const gap = { ...three, dishes: three.dishes.slice(1) }
    expect(three.dishes.map((d) => d.id).slice(1)).not.toContain(freeId('d', gap.dishes))
  })
})
