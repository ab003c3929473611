import type { MakingEvent } from '@/api/client'

/** Where what happened waits until the server has it: in the browser, in order, over a reload. */
export interface Store {
  getItem(key: string): string | null
  setItem(key: string, value: string): void
  removeItem(key: string): void
}

const keyOf = (making: string) => `deft-chill.making.${making}`

export function waiting(store: Store, making: string): MakingEvent[] {
  try {
    const kept = JSON.parse(store.getItem(keyOf(making)) ?? '[]') as unknown
    return Array.isArray(kept) ? (kept as MakingEvent[]) : []
  } catch {
    return []
  }
}

/** A store that is full or closed never stops the work. */
function keep(store: Store, making: string, events: MakingEvent[]) {
  try {
    if (events.length) store.setItem(keyOf(making), JSON.stringify(events))
    else store.removeItem(keyOf(making))
  } catch {
    /* It waits in the page alone then. */
  }
}

let last = 0

/** Something that happened now; of two in a row the second is later. */
export function event(kind: MakingEvent['kind'], now: number, rest: Partial<MakingEvent> = {}): MakingEvent {
  last = Math.max(last + 1, Math.round(now))
  return { id: crypto.randomUUID(), at: last, kind, ...rest }
}

export function add(store: Store, making: string, events: MakingEvent[]): MakingEvent[] {
  const all = [...waiting(store, making), ...events]
  keep(store, making, all)
  return all
}

/** Without what the server has now. */
export function taken(store: Store, making: string, events: MakingEvent[]): MakingEvent[] {
  const ids = new Set(events.map((e) => e.id))
  const left = waiting(store, making).filter((e) => !ids.has(e.id))
  keep(store, making, left)
  return left
}
