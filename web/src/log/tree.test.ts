import { expect, it } from 'vitest'
import { depths } from './tree'

it('keeps a line in its place and sets a branch in', () => {
  const rows = depths([{}, { parent: 0 }, { parent: 1 }, { parent: 1 }, { parent: 3 }])
  expect(rows.map((r) => [r.index, r.depth])).toEqual([
    [0, 0],
    [1, 0],
    [2, 1],
    [3, 1],
    [4, 1],
  ])
})

it('has nothing to show of nothing', () => expect(depths([])).toEqual([]))
