/** Sheets that are open, the topmost last: Escape closes one at a time. */
const stack: symbol[] = []

export function opened(sheet: symbol) {
  stack.push(sheet)
}

export function closed(sheet: symbol) {
  const at = stack.indexOf(sheet)
  if (at >= 0) stack.splice(at, 1)
}

export const isTopmost = (sheet: symbol) => stack.at(-1) === sheet
