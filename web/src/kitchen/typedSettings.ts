import type { KitchenSettings } from '@/api/client'

/** Settings that were typed and not saved yet, with the version that they were made on: they wait in this browser. */
export interface TypedSettings {
  kitchen: string
  version: number
  settings: KitchenSettings
}

const KEY = 'deft-chill.settings'

/** What was typed for this kitchen; nothing where it says the same as what is stored. */
export function unsaved(store: Storage, kitchen: string, stored: KitchenSettings): TypedSettings | undefined {
  try {
    const kept = JSON.parse(store.getItem(KEY) ?? 'null') as TypedSettings | null
    if (!kept || kept.kitchen !== kitchen || JSON.stringify(kept.settings) === JSON.stringify(stored)) return
    // What a newer version has besides is as it is stored.
    return { ...kept, settings: { ...stored, ...kept.settings } }
  } catch {
    return
  }
}

export function keepTyped(store: Storage, typed?: TypedSettings) {
  try {
    if (typed) store.setItem(KEY, JSON.stringify(typed))
    else store.removeItem(KEY)
  } catch {
    /* A store that is full or closed: it stays on the page. */
  }
}
