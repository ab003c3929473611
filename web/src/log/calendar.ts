/** Weeks of a month, Monday first, each day as 2026-11-27; days of the months beside it fill the first and the last week. */
export function weeks(month: string): string[][] {
  const [year = 0, number = 1] = month.split('-').map(Number)
  const first = new Date(Date.UTC(year, number - 1, 1))
  const begin = new Date(first)
  begin.setUTCDate(1 - ((first.getUTCDay() + 6) % 7))
  const last = new Date(Date.UTC(year, number, 0))
  const rows: string[][] = []
  const day = new Date(begin)
  while (day <= last) {
    const week: string[] = []
    for (let i = 0; i < 7; i++) {
      week.push(day.toISOString().slice(0, 10))
      day.setUTCDate(day.getUTCDate() + 1)
    }
    rows.push(week)
  }
  return rows
}
