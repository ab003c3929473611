import { beforeEach, describe, expect, it } from 'vitest'
import type { Making } from '@/api/client'
import { keepSeen, readSeen } from './seen'

const making = (id: string, now: number, finished = false) =>
  ({ id, now, finished, steps: [], events: [] }) as unknown as Making

describe('what the server last said', () => {
  beforeEach(() => localStorage.clear())

  it('is kept for a reload, until the batch is over', () => {
    keepSeen(localStorage, { making: making('a', 5), ahead: 7 })
    expect(readSeen(localStorage, 'a')).toMatchObject({ making: { id: 'a', now: 5 }, ahead: 7 })
    keepSeen(localStorage, { making: making('a', 6, true), ahead: 7 })
    expect(readSeen(localStorage, 'a')).toBeUndefined()
  })

  it('is kept of the last few batches', () => {
    for (let i = 0; i < 9; i++) keepSeen(localStorage, { making: making(`m${i}`, i), ahead: 0 })
    const left = Array.from({ length: 9 }, (_, i) => i).filter((i) => readSeen(localStorage, `m${i}`))
    expect(left).toEqual([3, 4, 5, 6, 7, 8])
  })

  it('is nothing where the store holds something else', () => {
    localStorage.setItem('deft-chill.seen.a', '{"making":3}')
    expect(readSeen(localStorage, 'a')).toBeUndefined()
    localStorage.setItem('deft-chill.seen.a', 'half {')
    expect(readSeen(localStorage, 'a')).toBeUndefined()
  })
})
