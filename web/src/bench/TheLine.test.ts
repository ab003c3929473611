import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import TheLine from './TheLine.vue'

const missing = {
  code: 'amount-missing',
  path: '/components/1/lines/0/amount',
  field: 'Vanilla paste',
  value: '',
  rule: 'is missing: write an amount',
  fixes: [],
}
const line = [{ tone: 'GOOD' as const, text: 'Sets by 18:40.' }]
const mounted = (props: object) =>
  mount(TheLine, { props: { line, problems: [], stale: false, unreachable: false, ...props } })
const plain = (text: string) => text.replace(/\s+/g, ' ')

describe('the line', () => {
  it('names field, value and rule before what was said last', () => {
    const said = plain(mounted({ problems: [{ ...missing, value: '2 moons' }], stale: true }).text())
    expect(said).toBe('Vanilla paste “2 moons” is missing: write an amount. Sets by 18:40.')
  })

  it('says in which component, and goes there', async () => {
    const wrapper = mounted({ problems: [missing, missing], where: 'Set cream' })
    expect(plain(wrapper.text())).toContain(
      'Set cream: Vanilla paste is missing: write an amount. And 1 more.',
    )
    await wrapper.get('button').trigger('click')
    expect(wrapper.emitted('go')).toHaveLength(1)
  })

  it('a question stays one', () => {
    const rule = 'needs to say whose cup it is: which?'
    expect(plain(mounted({ problems: [{ ...missing, rule }] }).text())).toContain('which? Sets')
  })

  it('says when nobody answers, and nothing of older problems', () => {
    const said = mounted({ unreachable: true, problems: [missing] }).text()
    expect(said).toContain('No answer from Deft Chill. What you type is kept')
    expect(said).not.toContain('Vanilla')
  })
})
