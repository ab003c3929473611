import type { Formula, Larder } from '@/api/client'

/** What of a formula a ladder can step, by its address: gelling agents first, then lines, then what is whipped. */
export function stepped(
  formula: Formula,
  larder: Pick<Larder, 'gels' | 'ingredients'>,
): { value: string; label: string }[] {
  const several = formula.components.length > 1
  const gel = (id?: string) => larder.gels.find((g) => g.id === id)?.name ?? id ?? ''
  const ingredient = (id?: string) => larder.ingredients.find((i) => i.id === id)?.name ?? id ?? ''
  const all = formula.components.flatMap((c, i) => {
    const where = several ? `, ${c.name || c.id}` : ''
    const at = `/components/${i}`
    return [
      ...(c.gels ?? []).slice(0, 1).map((g, j) => ({
        order: 0,
        value: `${at}/gels/${j}/amount`,
        label: `${gel(g.of)} ${g.amount ?? ''}${where}`,
      })),
      ...c.lines.flatMap((l, j) =>
        l.of && l.amount
          ? [{ order: 1, value: `${at}/lines/${j}/amount`, label: `${ingredient(l.of)} ${l.amount}${where}` }]
          : [],
      ),
      ...(c.foams ?? []).map((f, j) => ({
        order: 2,
        value: `${at}/foams/${j}/stage`,
        label: `how far it is whipped (${f.stage || 'medium'})${where}`,
      })),
    ]
  })
  return all.sort((a, b) => a.order - b.order).map(({ value, label }) => ({ value, label }))
}
