import { useEventListener } from '@vueuse/core'
import { onBeforeUnmount, watch, type Ref } from 'vue'
import { ApiProblem, DOCUMENT_VERSION, type Formula, type StoredFormula } from '@/api/client'
import { ask, useAgain, useSend } from '@/answers/queries'
import { drafts as ofThisWindow, type Draft, type Drafts } from './drafts'
import { isOurs, keepDraft, nothingHeld, type Held } from './held'
import { RETRY_MS, useSaving, WAIT_MS } from './useSaving'

/**
 * A stored formula that saves itself as it is typed. Every change is kept in the browser until the server has it. When
 * another window has saved in between, nothing is overwritten: the state becomes 'conflict' until the cook chooses. What
 * the server refuses for what it is, is 'refused', with the reason, until it is changed.
 */
export function useStoredFormula(id: Ref<string>, drafts: Drafts = ofThisWindow) {
  const held = nothingHeld(id, drafts)
  const { formula, state, kept, refusal, putAway } = held
  const saving = useSaving(held)
  const load = useOpening(held, saving)

  function change(document: Formula) {
    formula.value = document
    keepDraft(held, id.value, document)
    if (state.value !== 'conflict') saving.schedule(WAIT_MS)
  }

  /** What would be lost with the window is asked about before it closes. */
  useEventListener('beforeunload', (event: BeforeUnloadEvent) => {
    if (!kept.value && state.value !== 'saved') event.preventDefault()
  })
  return {
    formula,
    state,
    kept,
    refusal,
    putAway,
    change,
    ...useChoices(held, saving, load),
    currentVersion: () => held.version,
  }
}

/** Opens the formula of the id, now and whenever that changes, and tries again while there is no answer. */
function useOpening(held: Held, saving: ReturnType<typeof useSaving>) {
  let timer: ReturnType<typeof setTimeout> | undefined

  async function load() {
    const wanted = held.id.value
    clearTimeout(timer)
    saving.stop()
    held.formula.value = undefined
    try {
      const stored = await ask('formula', wanted)
      const draft = await asWrittenToday(await held.drafts.read(wanted))
      if (wanted === held.id.value) open(stored, draft)
    } catch (error) {
      if (wanted !== held.id.value) return
      held.state.value = error instanceof ApiProblem && error.response.status === 404 ? 'missing' : 'waiting'
      if (held.state.value === 'waiting') timer = setTimeout(() => void load(), RETRY_MS)
    }
  }

  /** Shows what is stored, or what was typed here and never reached the store. */
  function open(stored: StoredFormula, draft?: Draft) {
    held.version = stored.version
    held.sent = draft?.sent
    held.putAway.value = stored.putAway
    held.kept.value = true
    held.formula.value = draft?.document ?? stored.document
    held.state.value = 'saved'
    if (!draft) return
    if (draft.version !== stored.version && !isOurs(stored, draft.sent)) held.state.value = 'conflict'
    else saving.schedule(0)
  }

  watch(
    held.id,
    (_, leaving) => {
      if (leaving) saving.flush(leaving)
      void load()
    },
    { immediate: true },
  )
  onBeforeUnmount(() => clearTimeout(timer))
  return load
}

/** A draft that an earlier page kept, its documents lifted by the server. */
async function asWrittenToday(draft?: Draft): Promise<Draft | undefined> {
  if (!draft || draft.document.schema === DOCUMENT_VERSION) return draft
  const document = await ask('lift', draft.document)
  return { ...draft, document, sent: draft.sent && (await ask('lift', draft.sent)) }
}

/** What the cook chooses when another window has saved in between, or when the formula was put away. */
function useChoices(held: Held, saving: ReturnType<typeof useSaving>, load: () => Promise<void>) {
  const askAgain = useAgain()
  const createFormula = useSend('create')
  const bringBackFormula = useSend('bringBack')
  const listAgain = () => askAgain(['formulas'])

  /** Leaves what was typed here and shows what the other window saved. */
  async function takeTheirs() {
    held.drafts.forget(held.id.value)
    await load()
  }

  /** Saves what was typed here over what the other window saved. */
  async function keepMine() {
    held.version = (await ask('formula', held.id.value)).version
    saving.schedule(0)
  }

  /** Stores what was typed here as a formula of its own; gives its id. */
  async function keepBoth(): Promise<string> {
    const mine = held.formula.value as Formula
    const copy = await createFormula({ ...mine, name: `${mine.name} (other window)` })
    held.drafts.forget(held.id.value)
    void listAgain()
    return copy.id
  }

  async function bringBack() {
    const stored = await bringBackFormula(held.id.value, held.version)
    held.version = stored.version
    held.putAway.value = stored.putAway
    await listAgain()
  }

  return { takeTheirs, keepMine, keepBoth, bringBack }
}
