import { describe, expect, it } from 'vitest'
import { ApiProblem } from '@/api/client'
import { passkeyRefusal } from './passkeys'

const named = (name: string) => Object.assign(new Error('x'), { name })

describe('why a passkey was not taken', () => {
  it.each([
    ['InvalidStateError', 'already'],
    ['NotAllowedError', 'not confirmed'],
    ['SecurityError', 'not at a number'],
    ['Other', 'has no passkeys'],
  ])('%s', (name, words) => expect(passkeyRefusal(named(name))).toContain(words))

  it('says what the server says', () => {
    const problem = {
      code: 'x',
      title: '',
      status: 401,
      detail: 'this passkey is of nobody here',
      problems: [],
    }
    expect(passkeyRefusal(new ApiProblem(problem))).toBe('This passkey is of nobody here.')
  })
})
