import type { Making } from '@/api/client'
import type { Store } from './outbox'

/** What the server last said of a batch, and how far its clock was ahead of this device's, ms. */
export interface Seen {
  making: Making
  ahead: number
}

const PREFIX = 'deft-chill.seen.'
/** So many batches are kept in the browser; the ones read last. */
const MOST = 6

/** Kept by the page itself: a worker beside it does not yet hold what the first visit of a device asked. */
export function keepSeen(store: Storage, seen: Seen) {
  const key = PREFIX + seen.making.id
  try {
    if (seen.making.finished) return store.removeItem(key)
    const others = Object.keys(store).filter((k) => k.startsWith(PREFIX) && k !== key)
    const now = (k: string) => readSeen(store, k.slice(PREFIX.length))?.making.now ?? 0
    if (others.length >= MOST)
      others
        .sort((a, b) => now(b) - now(a))
        .slice(MOST - 1)
        .forEach((k) => store.removeItem(k))
    store.setItem(key, JSON.stringify(seen))
  } catch {
    /* A store that is full or closed never stops the work. */
  }
}

export function readSeen(store: Store, id: string): Seen | undefined {
  try {
    const kept = JSON.parse(store.getItem(PREFIX + id) ?? 'null') as Partial<Seen> | null
    return kept?.making?.id === id && Array.isArray(kept.making.steps)
      ? { making: kept.making, ahead: Number(kept.ahead) || 0 }
      : undefined
  } catch {
    return undefined
  }
}
