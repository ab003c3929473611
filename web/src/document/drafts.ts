import type { Formula } from '@/api/client'

/** What was typed and has not reached the server yet, kept in the browser so that a reload or a crash loses nothing. */
export interface Draft {
  /** The stored version that the document was changed from. */
  version: number
  document: Formula
  /** What was on its way to the store last: should the answer have been lost, it is recognised as our own. */
  sent?: Formula
}

/** The drafts of one window: no other window reads, overwrites or deletes them while it is open. */
export interface Drafts {
  /** What this window has of a formula; else what a window that is gone has left, which becomes this one's. */
  read(formula: string): Promise<Draft | undefined>
  /** Whether it could be kept: a browser's storage may be full or forbidden. */
  keep(formula: string, draft: Draft): boolean
  forget(formula: string): void
}

const START = 'deft-chill-draft-'
const WINDOW = 'deft-chill-window-'
/** Where windows cannot be asked whether they are open, a draft untouched for so long is taken for left behind. */
const LEFT_BEHIND_MS = 3 * 60_000

interface Kept extends Draft {
  at?: number
}

/**
 * @param window id of it
 * @param open ids of the windows that are open now; undefined where the browser cannot tell
 */
export function draftsOf(window: string, open: () => Promise<Set<string> | undefined>): Drafts {
  const key = (formula: string) => `${START}${formula}/${window}`

  function parsed(at: string): Kept | undefined {
    try {
      return JSON.parse(localStorage.getItem(at) ?? '') as Kept
    } catch {
      return undefined
    }
  }

  /** Drafts of windows that are gone, the latest first; an earlier Deft Chill kept one without a window. */
  async function left(formula: string): Promise<string[]> {
    const windows = await open()
    const start = START + formula
    return Object.keys(localStorage)
      .filter((at) => at === start || at.startsWith(`${start}/`))
      .filter((at) => {
        const owner = at.slice(start.length + 1)
        return windows ? !windows.has(owner) : Date.now() - (parsed(at)?.at ?? 0) > LEFT_BEHIND_MS
      })
      .sort((a, b) => (parsed(b)?.at ?? 0) - (parsed(a)?.at ?? 0))
  }

  async function read(formula: string): Promise<Draft | undefined> {
    const mine = parsed(key(formula))
    if (mine) return mine
    for (const at of await left(formula).catch(() => [])) {
      const draft = parsed(at)
      if (draft) {
        localStorage.removeItem(at)
        keep(formula, draft)
        return draft
      }
    }
    return undefined
  }

  function keep(formula: string, draft: Draft): boolean {
    try {
      localStorage.setItem(key(formula), JSON.stringify({ ...draft, at: Date.now() }))
      return true
    } catch {
      return false
    }
  }

  function forget(formula: string) {
    try {
      localStorage.removeItem(key(formula))
    } catch {
      // What cannot be written is not there either.
    }
  }

  return { read, keep, forget }
}

/** This window, by a name that is new each time it is loaded; it holds a lock on its name for as long as it is open. */
const here = Math.random().toString(36).slice(2)
void navigator.locks?.request(WINDOW + here, () => new Promise<never>(() => undefined))

async function openWindows(): Promise<Set<string> | undefined> {
  if (!navigator.locks) return undefined
  const { held = [], pending = [] } = await navigator.locks.query()
  return new Set([here, ...[...held, ...pending].map((lock) => (lock.name ?? '').slice(WINDOW.length))])
}

export const drafts = draftsOf(here, openWindows)
