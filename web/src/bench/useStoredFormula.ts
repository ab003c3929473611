import { hashKey, useQueryClient } from '@tanstack/vue-query'
import { onBeforeUnmount, ref, shallowRef, watch, type Ref } from 'vue'
import { api, ApiProblem, type Formula, type StoredFormula } from '@/api/client'
import { forgetDraft, keepDraft, readDraft } from './drafts'

export type SaveState = 'saved' | 'saving' | 'waiting' | 'conflict' | 'missing'

const WAIT_MS = 250
const RETRY_MS = 3000

/**
 * A stored formula that saves itself as it is typed. Every change is kept in the browser until the server has it. When
 * another window has saved in between, nothing is overwritten: the state becomes 'conflict' until the cook chooses.
 */
export function useStoredFormula(id: Ref<string>) {
  const formula = shallowRef<Formula>()
  const state = ref<SaveState>('saved')
  const queries = useQueryClient()
  let version = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  let inFlight = false
  let sent: Formula | undefined

  async function load() {
    const wanted = id.value
    clearTimeout(timer)
    formula.value = undefined
    try {
      const stored = await api.formula(wanted)
      if (wanted === id.value) open(stored)
    } catch (error) {
      state.value = error instanceof ApiProblem && error.response.status === 404 ? 'missing' : 'waiting'
      if (state.value === 'waiting') timer = setTimeout(() => void load(), RETRY_MS)
    }
  }

  /** Shows what is stored, or what was typed here and never reached the store. */
  function open(stored: StoredFormula) {
    const draft = readDraft(stored.id)
    version = stored.version
    sent = draft?.sent
    formula.value = draft?.document ?? stored.document
    state.value = 'saved'
    if (!draft) return
    if (draft.version !== stored.version && !isOurs(stored, draft.sent)) state.value = 'conflict'
    else schedule(0)
  }

  /** Whether what is stored came from here, by a save whose answer was lost (in a reload, say). */
  function isOurs(stored: StoredFormula, sentBefore: Formula | undefined): boolean {
    return sentBefore !== undefined && hashKey([stored.document]) === hashKey([sentBefore])
  }

  function change(document: Formula) {
    formula.value = document
    keepDraft(id.value, { version, document, sent })
    if (state.value !== 'conflict') schedule(WAIT_MS)
  }

  function schedule(wait: number) {
    state.value = 'saving'
    clearTimeout(timer)
    timer = setTimeout(() => void save(), wait)
  }

  async function save() {
    const document = formula.value
    if (!document || state.value === 'conflict') return
    if (inFlight) {
      schedule(WAIT_MS)
      return
    }
    const saving = id.value
    inFlight = true
    const sentBefore = sent
    sent = document
    keepDraft(saving, { version, document, sent })
    try {
      const stored = await api.save(saving, version, document)
      if (saving !== id.value) return
      version = stored.version
      if (formula.value === document) {
        forgetDraft(saving)
        state.value = 'saved'
      } else {
        keepDraft(saving, { version, document: formula.value as Formula, sent })
        schedule(0)
      }
      void queries.invalidateQueries({ queryKey: ['formulas'] })
    } catch (error) {
      if (saving === id.value) await failed(error, sentBefore)
    } finally {
      inFlight = false
    }
  }

  async function failed(error: unknown, sentBefore: Formula | undefined) {
    if (error instanceof ApiProblem && error.response.status === 409) {
      await outOfDate(sentBefore)
    } else if (error instanceof ApiProblem && error.response.status === 404) {
      state.value = 'missing'
    } else {
      state.value = 'waiting'
      timer = setTimeout(() => void save(), RETRY_MS)
    }
  }

  /** The store is newer: by a save of our own that we never heard of, or by another window. */
  async function outOfDate(sentBefore: Formula | undefined) {
    const asked = id.value
    const stored = await api.formula(asked).catch(() => undefined)
    if (asked !== id.value) return
    if (stored && isOurs(stored, sentBefore)) {
      version = stored.version
      schedule(0)
    } else {
      state.value = 'conflict'
    }
  }

  /** Leaves what was typed here and shows what the other window saved. */
  async function takeTheirs() {
    forgetDraft(id.value)
    await load()
  }

  /** Saves what was typed here over what the other window saved. */
  async function keepMine() {
    version = (await api.formula(id.value)).version
    schedule(0)
  }

  /** Stores what was typed here as a formula of its own; gives its id. */
  async function keepBoth(): Promise<string> {
    const mine = formula.value as Formula
    const copy = await api.create({ ...mine, name: `${mine.name} (other window)` })
    forgetDraft(id.value)
    void queries.invalidateQueries({ queryKey: ['formulas'] })
    return copy.id
  }

  /** Saves what is still waiting before another formula is opened. */
  function flush(leaving: string) {
    const document = formula.value
    if (!document || state.value !== 'saving') return
    const made = version
    void api.save(leaving, made, document).then(
      () => forgetDraft(leaving),
      () => undefined,
    )
  }

  watch(
    id,
    (_, leaving) => {
      if (leaving) flush(leaving)
      void load()
    },
    { immediate: true },
  )
  onBeforeUnmount(() => clearTimeout(timer))

  return { formula, state, change, takeTheirs, keepMine, keepBoth, currentVersion: () => version }
}
