import { hashKey, useQueryClient } from '@tanstack/vue-query'
import { onBeforeUnmount, ref, shallowRef, watch, type Ref } from 'vue'
import { api, ApiProblem, DOCUMENT_VERSION, type Formula, type StoredFormula } from '@/api/client'
import { sparse } from './document'
import { drafts as ofThisWindow, type Draft, type Drafts } from './drafts'
import { renamed } from './useFormulas'

export type SaveState = 'saved' | 'saving' | 'waiting' | 'conflict' | 'missing' | 'refused'

const WAIT_MS = 250
const RETRY_MS = 3000

/**
 * A stored formula that saves itself as it is typed. Every change is kept in the browser until the server has it. When
 * another window has saved in between, nothing is overwritten: the state becomes 'conflict' until the cook chooses. What
 * the server refuses for what it is, is 'refused', with the reason, until it is changed.
 */
export function useStoredFormula(id: Ref<string>, drafts: Drafts = ofThisWindow) {
  const formula = shallowRef<Formula>()
  const state = ref<SaveState>('saved')
  /** Whether what has not been saved is at least kept in this browser. */
  const kept = ref(true)
  const refusal = ref('')
  const putAway = ref(false)
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
      const draft = await asWrittenToday(await drafts.read(wanted))
      if (wanted === id.value) open(stored, draft)
    } catch (error) {
      if (wanted !== id.value) return
      state.value = error instanceof ApiProblem && error.response.status === 404 ? 'missing' : 'waiting'
      if (state.value === 'waiting') timer = setTimeout(() => void load(), RETRY_MS)
    }
  }

  /** A draft that an earlier page kept, its documents lifted by the server. */
  async function asWrittenToday(draft?: Draft): Promise<Draft | undefined> {
    if (!draft || draft.document.schema === DOCUMENT_VERSION) return draft
    const document = await api.lift(draft.document)
    return { ...draft, document, sent: draft.sent && (await api.lift(draft.sent)) }
  }

  /** Shows what is stored, or what was typed here and never reached the store. */
  function open(stored: StoredFormula, draft?: Draft) {
    version = stored.version
    sent = draft?.sent
    putAway.value = stored.putAway
    kept.value = true
    formula.value = draft?.document ?? stored.document
    state.value = 'saved'
    if (!draft) return
    if (draft.version !== stored.version && !isOurs(stored, draft.sent)) state.value = 'conflict'
    else schedule(0)
  }

  /** Whether what is stored came from here, by a save whose answer was lost (in a reload, say). */
  function isOurs(stored: StoredFormula, sentBefore: Formula | undefined): boolean {
    return sentBefore !== undefined && hashKey([sparse(stored.document)]) === hashKey([sparse(sentBefore)])
  }

  function change(document: Formula) {
    formula.value = document
    keep(id.value, document)
    if (state.value !== 'conflict') schedule(WAIT_MS)
  }

  /** Storage that fails never stops the saving. */
  function keep(formulaId: string, document: Formula) {
    kept.value = drafts.keep(formulaId, { version, document, sent })
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
    keep(saving, document)
    try {
      const stored = await api.save(saving, version, document)
      if (saving !== id.value) return
      version = stored.version
      renamed(queries, saving, document.name ?? '')
      if (formula.value === document) {
        drafts.forget(saving)
        state.value = 'saved'
      } else {
        keep(saving, formula.value as Formula)
        schedule(0)
      }
    } catch (error) {
      if (saving === id.value) await failed(error, sentBefore)
    } finally {
      inFlight = false
    }
  }

  async function failed(error: unknown, sentBefore: Formula | undefined) {
    const problem = error instanceof ApiProblem ? error : undefined
    if (problem?.response.status === 409) {
      await outOfDate(sentBefore)
    } else if (problem?.response.status === 404) {
      state.value = 'missing'
    } else if (problem && !problem.mayPass) {
      // Sent again it would be refused again: the next change is the next try.
      state.value = 'refused'
      refusal.value = reason(problem)
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
    drafts.forget(id.value)
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
    drafts.forget(id.value)
    void queries.invalidateQueries({ queryKey: ['formulas'] })
    return copy.id
  }

  /** Saves what is still waiting before another formula is opened. */
  function flush(leaving: string) {
    const document = formula.value
    if (!document || state.value !== 'saving') return
    const made = version
    void api.save(leaving, made, document).then(
      () => void forgetSaved(leaving, document),
      () => undefined,
    )
  }

  /** Unless it was opened again and typed on in the meantime. */
  async function forgetSaved(left: string, saved: Formula) {
    const draft = await drafts.read(left)
    if (draft && hashKey([draft.document]) === hashKey([saved])) drafts.forget(left)
  }

  async function bringBack() {
    const stored = await api.bringBack(id.value, version)
    version = stored.version
    putAway.value = stored.putAway
    await queries.invalidateQueries({ queryKey: ['formulas'] })
  }

  /** What would be lost with the window is asked about before it closes. */
  function closing(event: BeforeUnloadEvent) {
    if (!kept.value && state.value !== 'saved') event.preventDefault()
  }

  watch(
    id,
    (_, leaving) => {
      if (leaving) flush(leaving)
      void load()
    },
    { immediate: true },
  )
  window.addEventListener('beforeunload', closing)
  onBeforeUnmount(() => {
    clearTimeout(timer)
    window.removeEventListener('beforeunload', closing)
  })

  return {
    formula,
    state,
    kept,
    refusal,
    putAway,
    change,
    takeTheirs,
    keepMine,
    keepBoth,
    bringBack,
    currentVersion: () => version,
  }
}

/** Why the server refuses it, to be read after “Not saved:”. */
function reason({ response }: ApiProblem): string {
  const first = response.problems[0]
  return first ? `${first.field || 'the formula'} ${first.rule}` : response.detail || response.title
}
