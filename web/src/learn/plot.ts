/** A scale that holds all values with some room, and a few round ticks on it. */
export function scaleOf(values: number[], from: number, to: number) {
  const low = Math.min(...values)
  const high = Math.max(...values)
  const room = high > low ? 0.06 * (high - low) : Math.max(1e-6, Math.abs(high) * 0.05)
  const first = low - room
  const width = high - low + 2 * room
  const rough = width / 3
  const ten = 10 ** Math.floor(Math.log10(rough))
  const step = [1, 2, 5, 10].map((n) => n * ten).find((s) => s >= rough) ?? rough
  const ticks: number[] = []
  for (let t = Math.ceil(first / step) * step; t <= first + width; t += step) {
    ticks.push(Number(t.toPrecision(6)))
  }
  return { at: (value: number) => from + ((value - first) / width) * (to - from), ticks }
}
