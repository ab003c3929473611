/** A temperature on the scale that the kitchen reads. */
export const onScale = (celsius: number, fahrenheit?: boolean) => (fahrenheit ? celsius * 1.8 + 32 : celsius)

/** The same with its unit; °F whole, °C to so many decimals; a dash for one that is not known. */
export function degrees(celsius: number | undefined, fahrenheit?: boolean, decimals = 0): string {
  if (celsius === undefined || !Number.isFinite(celsius)) return '–'
  return fahrenheit ? `${Math.round(onScale(celsius, true))} °F` : `${celsius.toFixed(decimals)} °C`
}
