import type { PlanAnswer } from '@/api/client'

/** Tints and patterns of the cut, in the order in which desserts that look alike take another one. */
const TINTS = ['cream', 'cocoa', 'fruit', 'caramel', 'crumb', 'sponge', 'pieces']

/** A tint for every dessert: that of its deepest layer, unless another has it already. */
export function tintsOf(dishes: PlanAnswer['dishes']): Map<string, string> {
  const tints = new Map<string, string>()
  for (const dish of dishes) {
    const deepest = [...dish.cut.layers].sort((a, b) => b.toMm - b.fromMm - (a.toMm - a.fromMm))[0]
    const own = deepest?.tint ?? 'cream'
    const taken = [...tints.values()]
    const free = TINTS.find((tint) => !taken.includes(tint))
    tints.set(dish.id, taken.includes(own) ? (free ?? own) : own)
  }
  return tints
}
