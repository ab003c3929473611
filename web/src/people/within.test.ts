import { describe, expect, it } from 'vitest'
import { within } from './within'

describe('where to go after the door', () => {
  it.each([
    ['/bench/1?x=2', '/bench/1?x=2'],
    ['//elsewhere.example', '/'],
    ['/\\elsewhere.example', '/'],
    ['https://elsewhere.example', '/'],
    [undefined, '/'],
    [['/a'], '/'],
  ])('%s', (then, goes) => expect(within(then)).toBe(goes))
})
