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

  it.each([
    ['before the first answer', { line: [] }],
    ['while an answer is old', { stale: true }],
    ['when nobody answers', { unreachable: true }],
    ['when the answer is none', { failure: 'Something of ours broke.' }],
    ['when it is not understood', { problems: [missing] }],
  ])('is not green %s', (_, props) => {
    expect(mounted(props).classes()).not.toContain('answered')
  })

  it('is green when an answer says so', () => {
    expect(mounted({}).classes()).toContain('answered')
  })

  it('says what failed, and never stands empty', () => {
    expect(mounted({ failure: 'Something of ours broke.', stale: true }).text()).toContain(
      'Something of ours broke.',
    )
    expect(mounted({ line: [] }).text()).toBe('Working it out…')
  })
})
