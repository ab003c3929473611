/** Minutes as a cook reads them: 45 min, 3 h 05. */
export function lasting(minutes: number): string {
  const whole = Math.max(1, Math.round(minutes))
  if (whole < 60) return `${whole} min`
  return `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, '0')}`
}
