import { expect, it } from 'vitest'
import { blankFormula } from '@/testing/starts'
import { useHistory } from './history'

const named = (name: string) => ({ ...blankFormula(), name })

it('undoes and redoes step by step', () => {
  const history = useHistory(() => 0)
  history.remember(named('a'), '/served')
  history.remember(named('b'), '/name')
  const b = history.undo(named('c'))
  expect(b.name).toBe('b')
  const a = history.undo(b)
  expect(a.name).toBe('a')
  expect(history.canUndo.value).toBe(false)
  expect(history.redo(a).name).toBe('b')
})

it('takes quick typing in one field as one step', () => {
  let time = 0
  const history = useHistory(() => time)
  history.remember(named('a'), '/name')
  time = 300
  history.remember(named('ab'), '/name')
  expect(history.undo(named('abc')).name).toBe('a')

  time = 5000
  history.remember(named('a'), '/name')
  time = 7000
  history.remember(named('ab'), '/name')
  expect(history.undo(named('abc')).name).toBe('ab')
})

it('a new change ends what could be redone', () => {
  const history = useHistory(() => 0)
  history.remember(named('a'), '')
  history.undo(named('b'))
  history.remember(named('a'), '')
  expect(history.canRedo.value).toBe(false)
})
