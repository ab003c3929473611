/** Moments beside the stove: seconds since 1970. */

/** What is left, such as 4:05 or 1:12:00; what is over has a minus. */
export function countdown(seconds: number): string {
  const all = Math.abs(Math.round(seconds))
  const two = (n: number) => String(n).padStart(2, '0')
  const hours = Math.floor(all / 3600)
  const rest = `${hours ? two(Math.floor((all % 3600) / 60)) : Math.floor(all / 60)}:${two(all % 60)}`
  return `${seconds < 0 && all > 0 ? '−' : ''}${hours ? `${hours}:` : ''}${rest}`
}

/** Clock time of a moment in a time zone. */
export const clockOf = (second: number, zone: string) =>
  new Date(second * 1000).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone })

/** Why a window closes, to be read after "begin within". */
export const CLOSES: Record<string, string> = {
  dries: 'bloomed gelatin dries',
  cools: 'it cools',
  sets: 'it sets',
  collapses: 'the foam collapses',
  bonds: 'then the layers no longer bond',
  carries: 'then it carries the next layer',
}
