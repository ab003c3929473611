import { hashKey } from '@tanstack/vue-query'
import { ref, shallowRef, type Ref } from 'vue'
import type { Formula, StoredFormula } from '@/api/client'
import { sparse } from './document'
import type { Drafts } from './drafts'

export type SaveState = 'saved' | 'saving' | 'waiting' | 'conflict' | 'missing' | 'refused'

/** What this window holds of one formula, and what it knows of the store. */
export interface Held {
  readonly id: Ref<string>
  readonly drafts: Drafts
  readonly formula: Ref<Formula | undefined>
  readonly state: Ref<SaveState>
  /** Whether what has not been saved is at least kept in this browser. */
  readonly kept: Ref<boolean>
  /** Why the server refuses it, or why it has to wait where that is known. */
  readonly refusal: Ref<string>
  readonly putAway: Ref<boolean>
  /** Of the store, when it was last heard of. */
  version: number
  /** What was last sent, whether or not an answer came. */
  sent?: Formula
}

export function nothingHeld(id: Ref<string>, drafts: Drafts): Held {
  return {
    id,
    drafts,
    formula: shallowRef<Formula>(),
    state: ref<SaveState>('saved'),
    kept: ref(true),
    refusal: ref(''),
    putAway: ref(false),
    version: 0,
  }
}

/** Storage that fails never stops the saving. */
export function keepDraft(held: Held, id: string, document: Formula) {
  held.kept.value = held.drafts.keep(id, { version: held.version, document, sent: held.sent })
}

/** Whether what is stored came from here, by a save whose answer was lost (in a reload, say). */
export function isOurs(stored: StoredFormula, sentBefore: Formula | undefined): boolean {
  return sentBefore !== undefined && hashKey([sparse(stored.document)]) === hashKey([sparse(sentBefore)])
}
