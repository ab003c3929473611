/** What an arrow key moves an amount by: a scale's step for grams, what a cook measures for anything else. */
export function stepFor(text: string, gramStep: number): number {
  if (/sheet|packet|tsp|tbsp|spoon/i.test(text)) return 0.5
  return /cup|kg|\bl\b|lit|lb|pound|pint|quart|stick/i.test(text) ? 0.25 : gramStep
}

/** The same text with its number moved by a step, never below zero; text without a number stays. */
export function nudge(text: string, step: number): string {
  const match = /^(\s*)(\d+(?:[.,]\d+)?)(.*)$/.exec(text)
  if (!match) return text
  const decimals = Math.max(decimalsOf(match[2] as string), decimalsOf(String(Math.abs(step))))
  const moved = Math.max(0, Number((match[2] as string).replace(',', '.')) + step)
  return `${match[1]}${Number(moved.toFixed(decimals))}${match[3]}`
}

function decimalsOf(number: string): number {
  return number.split(/[.,]/)[1]?.length ?? 0
}
