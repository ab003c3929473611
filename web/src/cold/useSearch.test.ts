import { flushPromises } from '@vue/test-utils'
import { afterEach, expect, it, vi } from 'vitest'
import { api, type Way, type WhatIfRow } from '@/api/client'
import { blankFormula } from '@/testing/starts'
import { useSearch } from './useSearch'

const ways = Array.from(
  { length: 9 },
  (_, i) => ({ group: 'g', label: `way ${i}`, cost: i, changes: [] }) as Way,
)
const row = (label: string, goalMinutes: number, by: number, tone = ''): WhatIfRow =>
  ({
    label,
    answer: {
      goal: 'Set by',
      goalMinutes,
      goalClock: `${goalMinutes}`,
      meets: goalMinutes <= by,
      problems: [],
      worst: tone ? { tone, headline: 'wrong' } : undefined,
    },
  }) as unknown as WhatIfRow

/** Way i is ready after so many minutes. */
function answering(
  minutes: (label: string) => number,
  by: number,
  tone: (label: string) => string = () => '',
) {
  return vi
    .spyOn(api, 'whatIf')
    .mockImplementation(async (_, variations) =>
      variations.map((v) => row(v.label, minutes(v.label), by, tone(v.label))),
    )
}
afterEach(() => {
  vi.restoreAllMocks()
})

it('stops at the first way that is done in time: they come the cheapest first', async () => {
  const asked = answering((label) => (label === 'way 5' ? 100 : 300), 120)
  const s = useSearch()
  await s.search(blankFormula(), ways, '16:00')
  expect(s.found.value?.way.label).toBe('way 5')
  expect(s.tried.value).toBe(6)
  expect(asked).toHaveBeenCalledTimes(3)
  expect(s.running.value).toBe(false)
})

it('says so when nothing has to be changed', async () => {
  answering(() => 60, 120)
  const s = useSearch()
  await s.search(blankFormula(), ways, '16:00')
  expect(s.found.value).toBeUndefined()
  expect(s.said.value).toContain('As it is')
})

it('names the soonest when none is in time, but none that goes wrong', async () => {
  answering(
    (label) => ({ 'way 2': 150, 'way 3': 130 })[label] ?? 300,
    120,
    (label) => (label === 'way 3' ? 'BAD' : ''),
  )
  const s = useSearch()
  await s.search(blankFormula(), ways, '16:00')
  expect(s.found.value?.way.label).toBe('way 2')
  expect(s.said.value).toContain('Nothing of this meets 16:00')
})

it('can be stopped, and keeps what was tried', async () => {
  let answered = 0
  vi.spyOn(api, 'whatIf').mockImplementation((_, variations, __, signal) => {
    answered++
    if (answered < 3) return Promise.resolve(variations.map((v) => row(v.label, 200, 120)))
    return new Promise((_, reject) => signal?.addEventListener('abort', () => reject(new Error('aborted'))))
  })
  const s = useSearch()
  const searching = s.search(blankFormula(), ways, '16:00')
  await flushPromises()
  expect(s.running.value).toBe(true)
  expect(s.tried.value).toBe(4)
  s.stop()
  await searching
  expect(s.said.value).toBe('Stopped after 4 of 9.')
  expect(s.running.value).toBe(false)
})
