/** Colours of temperature: ice, cold, the bench, a warm pour; light enough for ink lines and letters on them. */
const STOPS: [number, [number, number, number]][] = [
  [-18, [150, 140, 196]],
  [-1, [120, 158, 205]],
  [4, [142, 190, 214]],
  [10, [183, 217, 216]],
  [18, [226, 232, 205]],
  [26, [247, 222, 160]],
  [36, [243, 184, 112]],
  [50, [226, 132, 83]],
  [80, [190, 86, 66]],
]

export function colourOf(celsius: number): [number, number, number] {
  const first = STOPS[0] as (typeof STOPS)[number]
  const last = STOPS.at(-1) as (typeof STOPS)[number]
  if (celsius <= first[0]) return first[1]
  if (celsius >= last[0]) return last[1]
  const i = STOPS.findIndex(([t]) => t > celsius)
  const [t0, from] = STOPS[i - 1] as (typeof STOPS)[number]
  const [t1, to] = STOPS[i] as (typeof STOPS)[number]
  const share = (celsius - t0) / (t1 - t0)
  return from.map((v, k) => Math.round(v + share * ((to[k] as number) - v))) as [number, number, number]
}

export const css = (celsius: number) => `rgb(${colourOf(celsius).join(' ')})`

/** Levels for lines of equal temperature between two: as many as can be told apart. */
export function levels(low: number, high: number): number[] {
  const span = high - low
  const step = span > 40 ? 10 : span > 12 ? 5 : span > 5 ? 2 : span > 1.5 ? 1 : 0
  if (!step) return []
  const found: number[] = []
  for (let t = Math.ceil(low / step + 0.05) * step; t < high - 0.05 * step; t += step) found.push(t)
  return found
}
