import { describe, expect, it } from 'vitest'
import type { PlanAnswer, PlanTask } from '@/api/client'
import { packed } from './axis'
import { lanesOf } from './lanes'
import { tintsOf } from './tints'

const task = (id: string, start: number, minutes: number, hand = '', needs: string[] = []) =>
  ({ id, dish: id.slice(0, 2), start, minutes, hand, needs }) as unknown as PlanTask
const layer = (tint: string) => ({ cut: { layers: [{ fromMm: 0, toMm: 10, tint }] } })
const answer = {
  hands: [
    { id: 'p1', role: 'Cook', shifts: [{ from: 0, to: 100 }] },
    { id: 'p2', role: 'Help', shifts: [] },
  ],
  dishes: [
    { id: 'd1', name: 'Pear', due: 90, ...layer('fruit') },
    { id: 'd2', name: 'Quince', due: 95, ...layer('fruit') },
  ],
  tasks: [
    task('d1/heat', 10, 10, 'p1', ['BURNER']),
    task('d2/heat', 12, 10, 'p1', ['BURNER']),
    task('d1/chill', 20, 60),
  ],
  stores: [
    { id: 'BURNER', kind: 'burners', name: 'Burners', amount: 2 },
    { id: 'MIXER', kind: 'mixers', name: 'Mixers', amount: 1 },
    { id: 'fridge', kind: 'cooler', name: 'Fridge', amount: 200 },
  ],
  holds: [
    { what: 'fridge', dish: 'd1', amount: 100, from: 20, to: 90 },
    { what: 'fridge', dish: 'd2', amount: 50, from: 30, to: 95 },
  ],
} as unknown as PlanAnswer

describe('the lanes', () => {
  const lanes = lanesOf(answer, packed)

  it('has one for everybody, every dessert, every machine in use and every cooler', () => {
    expect(lanes.map((l) => l.key)).toEqual(['p1', 'p2', 'd1', 'd2', 'BURNER', 'fridge'])
    expect(lanes.map((l) => l.heading).filter(Boolean)).toEqual(['Hands', 'Desserts', 'Machines', 'Coolers'])
  })

  it('lays nothing over another', () => {
    for (const lane of lanes.filter((l) => l.kind !== 'dish')) {
      const boxes = [
        ...lane.blocks.map((b) => ({
          y: b.y,
          h: b.height,
          from: b.task.start,
          to: b.task.start + b.task.minutes,
        })),
        ...lane.holds.map((h) => ({ y: h.y, h: h.height, from: h.from, to: h.to })),
      ]
      for (const [i, a] of boxes.entries())
        for (const b of boxes.slice(i + 1))
          expect(a.from < b.to && b.from < a.to && a.y < b.y + b.h && b.y < a.y + a.h).toBe(false)
    }
  })

  it('keeps every lane below the one before, and its steps inside it', () => {
    for (const [i, lane] of lanes.entries()) {
      const next = lanes[i + 1]
      if (next) expect(next.top).toBeGreaterThanOrEqual(lane.top + lane.height)
      for (const b of lane.blocks) {
        expect(b.y).toBeGreaterThanOrEqual(lane.top)
        expect(b.y + b.height).toBeLessThanOrEqual(lane.top + lane.height)
      }
    }
  })

  it('draws each step to be held once, and waits as thin lines', () => {
    const held = lanes.flatMap((l) => l.blocks).filter((b) => !b.copy)
    expect(held.map((b) => b.task.id).sort()).toEqual(['d1/chill', 'd1/heat', 'd2/heat'])
    expect(held.filter((b) => b.thin).map((b) => b.task.id)).toEqual(['d1/chill'])
  })

  it('gives desserts that look alike tints of their own', () => {
    expect(new Set(tintsOf(answer.dishes).values()).size).toBe(2)
  })
})
