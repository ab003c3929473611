import { useStorage } from '@vueuse/core'

/** Something to choose, by its name, by other names that cooks write for it, or by its group. */
export interface Choice {
  value: string
  label: string
  group?: string
  otherNames?: string[]
  /** Another value that means the same. */
  also?: string
}

/** The choice that a value stands for. */
export const chosen = <C extends Choice>(options: C[], value = ''): C | undefined =>
  options.find((o) => o.value === value) ?? options.find((o) => !!o.also && o.also === value)

/** A choice as it is found: under which heading, and by which other name where its own did not do. */
export interface FoundChoice extends Choice {
  heading: string
  by?: string
}

/** So many are shown at most; the rest is found by typing on. */
export const MOST_SHOWN = 30
const MOST_RECENT = 6
const RECENT = 'used lately'

const folded = new Map<string, string>()

/** Small letters without accents; kept, since all names are looked through at every key. */
function plain(text: string): string {
  let known = folded.get(text)
  if (known === undefined) {
    known = text
      .toLowerCase()
      .normalize('NFD')
      .replace(/[\u0300-\u036f]/g, '')
    folded.set(text, known)
  }
  return known
}

/** How well every word stands in a text: 3 at its very beginning, 2 at the beginning of words, 1 within; 0 where one is missing. */
function fit(text: string, words: string[]): number {
  const at = plain(text)
  let least = 3
  for (const word of words) {
    const index = at.indexOf(word)
    if (index < 0) return 0
    const begins =
      words.length === 1 && index === 0
        ? 3
        : new RegExp(`(^|[^\\p{L}\\d])${escaped(word)}`, 'u').test(at)
          ? 2
          : 1
    least = Math.min(least, begins)
  }
  return least
}

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')

/**
 * Choices for what is typed, the best first: by name, then by another name, then by group. Without a word, those used lately
 * and then all in their groups.
 */
export function pick(options: Choice[], typed: string, recent: string[]): FoundChoice[] {
  const words = plain(typed).split(/\s+/).filter(Boolean)
  if (!words.length) {
    const lately = recent
      .flatMap((value) => options.filter((o) => o.value === value))
      .slice(0, MOST_RECENT)
      .map((o) => ({ ...o, heading: RECENT }))
    const rest = options.filter((o) => !lately.some((l) => l.value === o.value))
    return [...lately, ...rest.map((o) => ({ ...o, heading: o.group ?? '' }))]
  }
  const found: { choice: FoundChoice; rank: number }[] = []
  for (const o of options) {
    const heading = o.group ?? ''
    const own = fit(o.label, words)
    if (own) {
      found.push({ choice: { ...o, heading }, rank: 10 * own })
      continue
    }
    const by = o.otherNames?.find((name) => fit(name, words))
    if (by) found.push({ choice: { ...o, heading, by }, rank: 5 })
    else if (o.group && fit(o.group, words)) found.push({ choice: { ...o, heading }, rank: 1 })
  }
  return found.sort((a, b) => b.rank - a.rank).map((f) => f.choice)
}

/** What was chosen lately in pickers of a name, the last first; kept in this browser. */
export function useRecent(name: string) {
  const all = useStorage<Record<string, string[]>>('deft-chill.recent', {})
  return {
    recent: () => all.value[name] ?? [],
    chosen: (value: string) => {
      const before = (all.value[name] ?? []).filter((v) => v !== value)
      all.value = { ...all.value, [name]: [value, ...before].slice(0, MOST_RECENT) }
    },
  }
}
