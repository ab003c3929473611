import { expect, test } from 'vitest'
import type { PlanAnswer } from '@/api/client'
import { traysOf } from './trays'

const use = (dish: string, component: string, grams: number, weighing: string) => ({
  dish,
  component,
  grams,
  weighing,
})
const weigh = (id: string, component: string, start: number, sharedBy: string[] = []) => ({
  id,
  component,
  start,
  hand: 'p',
  sharedBy,
})
const answer = {
  zone: 'UTC',
  hands: [{ id: 'p', role: 'Cook' }],
  tasks: [weigh('d1/1.weigh', 'Jelly', 90), weigh('d1/0.weigh', 'Cream', 30, ['Fool'])],
  fetch: [
    {
      id: 'cream',
      name: 'Cream',
      uses: [use('Dome', 'Cream', 200, 'd1/0.weigh'), use('Fool', 'Cream', 100, 'd2/0.weigh')],
    },
    {
      id: 'sugar',
      name: 'Sugar',
      uses: [use('Dome', 'Jelly', 40, 'd1/1.weigh'), use('Tart', 'Crumb', 9, 'd3/0.weigh')],
    },
  ],
} as unknown as PlanAnswer

test('a tray for every part in the order of weighing, one for what is shared', () => {
  expect(traysOf(answer)).toEqual([
    {
      key: 'd1/0.weigh',
      title: 'Cream',
      dishes: 'Dome + Fool',
      when: 'Thu 00:30, Cook',
      start: 30,
      lines: [{ id: 'cream', name: 'Cream', grams: 300 }],
    },
    expect.objectContaining({ title: 'Jelly', when: 'Thu 01:30, Cook' }),
    expect.objectContaining({ title: 'Crumb', when: 'when it is needed' }),
  ])
})

test('nothing is lost on the way to the trays', () => {
  const grams = (lines: { grams: number }[]) => lines.reduce((sum, l) => sum + l.grams, 0)
  expect(grams(traysOf(answer).flatMap((t) => t.lines))).toBe(349)
})
