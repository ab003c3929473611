import { expect, it } from 'vitest'
import type { Course, Milestone } from '@/api/client'
import { courseLayout } from './course'

const course = {
  minutes: [0, 720, 1440, 2000],
  firmness: [0, 50, 100, 100],
  warmestC: [40, 20, 4, 4],
  targetFrom: 25,
  targetTo: 75,
} as unknown as Course
const frame = { width: 578, height: 242, pouredAt: '14:00' }
const milestone = (code: string, minutes?: number) => ({ code, minutes }) as Milestone

it('lays the day out from edge to edge and a score of 100 at the top', () => {
  const drawn = courseLayout(course, [], frame)
  expect(drawn.clocks.map((c) => c.text)).toEqual([
    '14:00',
    '18:00',
    '22:00',
    '02:00',
    '06:00',
    '10:00',
    '14:00',
  ])
  expect(drawn.clocks[0]?.x).toBe(drawn.left)
  expect(drawn.clocks.at(-1)?.x).toBe(drawn.right)
  expect(drawn.firmMarks.at(-1)).toEqual({ y: drawn.top, text: '100' })
  expect(drawn.target.from - drawn.target.to).toBeCloseTo((drawn.bottom - drawn.top) / 2)
  expect(drawn.firmness).toMatch(new RegExp(`^M${drawn.left},${drawn.bottom}.*${drawn.right},${drawn.top}$`))
})

it('marks what is waited for, where it comes within the day', () => {
  const drawn = courseLayout(
    course,
    [milestone('sets', 720), milestone('turns-out'), milestone('best', 60)],
    frame,
  )
  expect(drawn.marked.map((m) => [m.words, m.x])).toEqual([['set', (drawn.left + drawn.right) / 2]])
})

it('reads the nearest point, in the degrees of the kitchen', () => {
  const drawn = courseLayout(course, [], frame)
  expect(drawn.at((drawn.left + drawn.right) / 2 + 20)).toMatchObject({
    clock: '02:00',
    firmness: 50,
    warmestC: 20,
  })
  expect(drawn.at(drawn.left - 10)).toBeUndefined()
  expect(courseLayout(course, [], { ...frame, fahrenheit: true }).warmMarks[0]?.text).toBe('20 °F')
})
