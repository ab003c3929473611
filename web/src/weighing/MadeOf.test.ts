import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import type { ComponentAnswer } from '@/api/client'
import MadeOf from './MadeOf.vue'

const answer = {
  name: 'Ganache',
  amounts: { totalG: 360, yieldMl: 318, gramsPerMl: 1.13, airPercent: 0.2 },
  shares: [
    { name: 'Water', percent: 30.2 },
    { name: 'Milk fat', percent: 4.71 },
    { name: 'Salt', percent: 0.1 },
  ],
  usedBy: ['Mousse'],
} as unknown as ComponentAnswer

it('says what a component is made of, without traces', () => {
  const text = mount(MadeOf, { props: { answer } }).text()
  expect(text).toContain('30 %')
  expect(text).toContain('4.7 %')
  expect(text).not.toContain('Salt')
  expect(text).not.toContain('air')
  expect(text).toContain('Goes into Mousse.')
})

it('names the air that is in it', () => {
  const foamed = { ...answer, amounts: { ...answer.amounts, airPercent: 39 }, usedBy: [] }
  const text = mount(MadeOf, { props: { answer: foamed } }).text()
  expect(text).toContain('39 % of it air')
  expect(text).not.toContain('Goes into')
})
