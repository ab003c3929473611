import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Amounts, DoseStrip as Strip } from '@/api/client'
import DoseStrip from './DoseStrip.vue'

const doses = Array.from({ length: 33 }, (_, i) => ({
  grams: 2 + i,
  waterG: 5 * (2 + i),
  firmness: Math.max(0, Math.min(100, 4 * (i - 2))),
}))
const strip: Strip = {
  grams: 14,
  firmness: 40,
  targetFrom: 40,
  targetTo: 60,
  zones: [
    { words: 'runs', from: 0, to: 0 },
    { words: 'tender', from: 0, to: 60 },
    { words: 'rubber', from: 60, to: 100 },
  ],
  doses,
  sheets: [
    { sheets: 7, grams: 14, firmness: 40 },
    { sheets: 8, grams: 16, firmness: 48 },
  ],
  stepG: 0.1,
  evidence: { inputs: [], rule: 'r', constants: [], uncertainty: '', wouldChange: '' },
}
const amounts = { gelatinPercent: 1 } as Amounts
const mounted = (given: Partial<Strip> = {}) =>
  mount(DoseStrip, { props: { strip: { ...strip, ...given }, amounts, written: '14 g' } })

describe('the dose strip', () => {
  it('says the dose in grams, sheets and words', () => {
    const hand = mounted().get('[role=slider]')
    expect(hand.attributes('aria-valuetext')).toBe('14 g, 7 sheets, firmness 40 of 100, tender')
    expect(hand.attributes('aria-valuenow')).toBe('14')
  })

  it.each([
    ['ArrowRight', false, '14.1 g', '70.5 g'],
    ['ArrowLeft', false, '13.9 g', '69.5 g'],
    ['ArrowUp', true, '15 g', '75 g'],
    ['PageUp', false, '15 g', '75 g'],
    ['PageDown', false, '13 g', '65 g'],
    ['Home', false, '14 g', '70 g'],
    ['End', false, '19 g', '95 g'],
  ])('%s with shift %s writes %s with %s of water', async (key, shiftKey, dose, water) => {
    const wrapper = mounted()
    await wrapper.get('[role=slider]').trigger('keydown', { key, shiftKey })
    expect(wrapper.emitted('dose')).toEqual([[dose, water]])
  })

  it('goes on from where the keys have moved it, faster than the answers come', async () => {
    const wrapper = mounted()
    const hand = wrapper.get('[role=slider]')
    for (let n = 0; n < 3; n++) await hand.trigger('keydown', { key: 'ArrowRight' })
    expect(wrapper.emitted('dose')?.at(-1)).toEqual(['14.3 g', '71.5 g'])
  })

  it('keeps its wish while an answer to an earlier key comes in', async () => {
    const wrapper = mounted()
    const hand = wrapper.get('[role=slider]')
    await hand.trigger('keydown', { key: 'ArrowRight' })
    await hand.trigger('keydown', { key: 'ArrowLeft', shiftKey: true })
    await wrapper.setProps({ written: '13.1 g', strip: { ...strip, grams: 14.1 } })
    await hand.trigger('keydown', { key: 'PageUp' })
    expect(wrapper.emitted('dose')?.at(-1)?.[0]).toBe('14 g')
  })

  it('follows the formula when its dose is changed elsewhere', async () => {
    const wrapper = mounted()
    await wrapper.get('[role=slider]').trigger('keydown', { key: 'ArrowRight' })
    await wrapper.setProps({ written: '10 g', strip: { ...strip, grams: 10 } })
    expect(wrapper.get('[role=slider]').attributes('aria-valuenow')).toBe('10')
  })

  it('never writes less than the scale shows', async () => {
    const wrapper = mounted({ grams: 0.1 })
    await wrapper.get('[role=slider]').trigger('keydown', { key: 'ArrowLeft' })
    expect(wrapper.emitted('dose')?.[0]?.[0]).toBe('0.1 g')
  })

  it('leaves other keys to the page', async () => {
    const wrapper = mounted()
    await wrapper.get('[role=slider]').trigger('keydown', { key: 'Tab' })
    expect(wrapper.emitted('dose')).toBeUndefined()
  })

  it('stands in the room of what runs when nothing holds', () => {
    const hand = mounted({ grams: 3, firmness: 0 }).get('[role=slider]')
    expect(hand.attributes('style')).toContain('left: 2%')
    expect(hand.attributes('aria-valuetext')).toContain('runs')
  })

  it('opens its evidence', async () => {
    const wrapper = mounted()
    await wrapper.get('.link-like').trigger('click')
    expect(wrapper.emitted('evidence')?.[0]?.[1]).toEqual(strip.evidence)
  })
})
