import { expect, it } from 'vitest'
import { closed, isTopmost, opened } from './sheets'

it('only the sheet opened last is the topmost', () => {
  const first = Symbol('first')
  const second = Symbol('second')
  opened(first)
  expect(isTopmost(first)).toBe(true)
  opened(second)
  expect(isTopmost(first)).toBe(false)
  expect(isTopmost(second)).toBe(true)
  closed(second)
  expect(isTopmost(first)).toBe(true)
  closed(first)
  closed(first)
  expect(isTopmost(first)).toBe(false)
})
