/** A day as a cook says it: the weekday and the date, the year only when it is another one. */
export function day(text: string, now = new Date()): string {
  const date = new Date(`${text}T00:00`)
  const year = date.getFullYear() === now.getFullYear() ? undefined : 'numeric'
  return date.toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short', year })
}

/** A figure with as many digits as it deserves: three that matter, none invented. */
export function figure(value: number): string {
  const digits = Math.abs(value) >= 100 ? 0 : Math.abs(value) >= 10 ? 1 : Math.abs(value) >= 0.1 ? 2 : 4
  return String(Number(value.toFixed(digits)))
}

/** Height measured less height predicted, in words. */
export function gap(measured: number, predicted: number): string {
  const mm = Math.round(measured - predicted)
  return mm === 0 ? 'as predicted' : `${Math.abs(mm)} mm ${mm > 0 ? 'taller' : 'shorter'}`
}

/** A typed number; a comma counts as a point, its unit may stand beside it. */
export function typed(text: string): number | undefined | 'unreadable' {
  const plain = text
    .replace(/(mm|min|°C|C|g\/ml|g\/g|%)\s*$/i, '')
    .replace(',', '.')
    .trim()
  if (plain === '') return undefined
  return /^-?\d+(\.\d+)?$/.test(plain) ? Number(plain) : 'unreadable'
}

/** A figure as finely as its instrument shows it. */
export function rounded(value: number, unit: string): string {
  // A zero has no sign.
  return ['mm', '°C', 'min', 'K'].includes(unit) ? value.toFixed(1).replace(/^-(?=0\.0$)/, '') : figure(value)
}
