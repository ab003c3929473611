import { expect, it } from 'vitest'
import { add, event, taken, waiting, type Store } from './outbox'

function memory(): Store & { all: Map<string, string> } {
  const all = new Map<string, string>()
  return {
    all,
    getItem: (key) => all.get(key) ?? null,
    setItem: (key, value) => void all.set(key, value),
    removeItem: (key) => void all.delete(key),
  }
}

it('keeps what happened in order until it is taken', () => {
  const store = memory()
  const first = event('BEGAN', 1000, { step: '0.weigh' })
  const second = event('ENDED', 1000, { step: '0.weigh' })
  expect(second.at).toBeGreaterThan(first.at)
  add(store, 'm', [first])
  add(store, 'm', [second])
  expect(waiting(store, 'm').map((e) => e.kind)).toEqual(['BEGAN', 'ENDED'])
  expect(waiting(store, 'other')).toEqual([])
  expect(taken(store, 'm', [first])).toEqual([second])
  expect(taken(store, 'm', [second])).toEqual([])
  expect(store.all.size).toBe(0)
})

it('goes on where the store is full or holds what it does not know', () => {
  const store = memory()
  store.all.set('deft-chill.making.m', '{"no": "list"}')
  expect(waiting(store, 'm')).toEqual([])
  store.all.set('deft-chill.making.m', 'broken')
  expect(waiting(store, 'm')).toEqual([])
  store.setItem = () => {
    throw new Error('full')
  }
  expect(add(store, 'm', [event('NOTED', 5)])).toHaveLength(1)
})
