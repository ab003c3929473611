/** States in the order of a tree, each with its depth: a child stands under the state that it grew out of. */
export function depths<T extends { parent?: number }>(
  trials: T[],
): { trial: T; index: number; depth: number }[] {
  const children = new Map<number | undefined, number[]>()
  trials.forEach((t, i) => children.set(t.parent, [...(children.get(t.parent) ?? []), i]))
  const rows: { trial: T; index: number; depth: number }[] = []
  const walk = (index: number, depth: number) => {
    const trial = trials[index]
    if (trial === undefined) return
    rows.push({ trial, index, depth })
    const grown = children.get(index) ?? []
    // What goes on in one line stays in it; only a branch is set in.
    for (const child of grown) walk(child, grown.length > 1 ? depth + 1 : depth)
  }
  for (const root of children.get(undefined) ?? []) walk(root, 0)
  return rows
}
