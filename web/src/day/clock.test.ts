import { describe, expect, it } from 'vitest'
import { clock, dayClock, instant, isoDate, lasting, momentOf, nearest } from './clock'

const BERLIN = 'Europe/Berlin'
const at = (text: string) => Date.parse(text) / 60_000

describe('moments by the clock of the kitchen', () => {
  it('reads a clock time in its zone, whatever the zone of the device', () => {
    expect(momentOf('2026-11-28', '19:30', BERLIN)).toBe(at('2026-11-28T18:30:00Z'))
    expect(momentOf('2026-11-28', '19:30', 'America/New_York')).toBe(at('2026-11-29T00:30:00Z'))
    expect(momentOf('2026-07-01', '9:05', BERLIN)).toBe(at('2026-07-01T07:05:00Z'))
  })

  it('keeps to it over both changes of the clock', () => {
    expect(momentOf('2026-03-29', '08:00', BERLIN)).toBe(at('2026-03-29T06:00:00Z'))
    expect(momentOf('2026-03-28', '20:00', BERLIN) + 11 * 60).toBe(momentOf('2026-03-29', '08:00', BERLIN))
    expect(momentOf('2026-10-24', '20:00', BERLIN) + 13 * 60).toBe(momentOf('2026-10-25', '08:00', BERLIN))
  })

  it('writes it back', () => {
    const minute = momentOf('2026-11-30', '23:45', BERLIN)
    expect(clock(minute, BERLIN)).toBe('23:45')
    expect(dayClock(minute, BERLIN)).toBe('Mon 23:45')
    expect(isoDate(minute + 30, BERLIN)).toBe('2026-12-01')
    expect(instant(minute)).toBe('2026-11-30T22:45:00Z')
  })

  it('takes a typed time as the nearest one', () => {
    const night = momentOf('2026-11-28', '23:50', BERLIN)
    expect(nearest('0:10', night, BERLIN)).toBe(night + 20)
    expect(nearest('23.40', night, BERLIN)).toBe(night - 10)
    expect(nearest('25:00', night, BERLIN)).toBeUndefined()
    expect(nearest('soon', night, BERLIN)).toBeUndefined()
  })

  it('says how long', () => {
    expect([5, 60, 95].map(lasting)).toEqual(['5 min', '1 h', '1 h 35'])
  })
})
