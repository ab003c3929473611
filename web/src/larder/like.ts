import type { Larder, OwnEntry } from '@/api/client'

/** The fields of a new entry that is like one that is there. */
export function likeFields(
  larder: Larder,
  kind: string,
  id: string,
  own?: OwnEntry,
): Record<string, string> | undefined {
  if (own) return { ...own.entry.fields, name: `${own.entry.fields.name ?? ''} (yours)` }
  const figure = (value: number) => String(Number(value.toFixed(3)))
  if (kind === 'ingredient') {
    const i = larder.ingredients.find((entry) => entry.id === id)
    if (!i) return undefined
    const shares = Object.fromEntries(
      i.shares.filter((s) => s.key !== 'water').map((s) => [s.key, figure(s.percent)]),
    )
    return {
      name: `${i.name} (yours)`,
      group: i.group,
      ...shares,
      ph: figure(i.ph),
      buffer: figure(i.buffer),
      enzyme: i.enzyme,
      allergens: i.allergens.join(' '),
      mayContain: i.mayContain.join(' '),
      diet: i.diet,
    }
  }
  if (kind === 'mould') {
    const m = larder.moulds.find((entry) => entry.id === id)
    if (!m) return undefined
    return {
      name: `${m.name} (yours)`,
      bottom: figure(2 * (m.inner[0]?.halfWidthMm ?? 0)),
      top: figure(2 * (m.inner.at(-1)?.halfWidthMm ?? 0)),
      height: figure(m.heightMm),
      material: m.material,
      wall: figure(m.wallMm),
      base: figure(m.baseMm),
      release: m.release,
    }
  }
  if (kind === 'gel') {
    const g = larder.gels.find((entry) => entry.id === id)
    return g?.bloom
      ? { name: `${g.name} (yours)`, bloom: figure(g.bloom), form: g.form, sheet: figure(g.sheetG) }
      : undefined
  }
  const c = larder.coolers.find((entry) => entry.id === id)
  return (
    c && {
      name: `${c.name} (yours)`,
      air: figure(c.airC),
      h: figure(c.h),
      hBase: figure(c.hBase),
      power: figure(c.powerW),
      contents: figure(c.contentsKj),
    }
  )
}

const rows = (prices: string) =>
  prices
    .split('\n')
    .map((line) => line.split('=').map((part) => part.trim()))
    .filter((parts) => parts[0])

/** The price of a kilogram that the kitchen has noted, as typed. */
export const priceOf = (prices: string, id: string) => rows(prices).find((row) => row[0] === id)?.[1] ?? ''

/** The kitchen's prices with another one; nothing typed takes it out. */
export function withPrice(prices: string, id: string, price: string): string {
  const others = rows(prices).filter((row) => row[0] !== id)
  const all = price.trim() ? [...others, [id, price.trim()]] : others
  return all.map((row) => row.join(' = ')).join('\n')
}
