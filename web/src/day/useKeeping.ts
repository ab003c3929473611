import { ref, type Ref } from 'vue'
import { ApiProblem, type StoredPlan, type WrittenPlan } from '@/api/client'
import { ask, oneAfterAnother, useAgain, useSend } from '@/answers/queries'
import type { State } from './useDay'

type Saved = 'Saved' | 'Saving…' | 'Not saved' | 'Saved elsewhere meanwhile'

/** Saves a plan as it is changed, one write after the other; what another window saved is not overwritten. */
export function useKeeping(id: Ref<string>, state: Ref<State | undefined>) {
  const save = useSend('savePlan')
  const askAgain = useAgain()
  const saved = ref<Saved>('Saved')
  /** Dishes whose formula has changed since it was taken into the plan. */
  const changed = ref<string[]>([])
  let version = 0

  function opened(stored: StoredPlan) {
    version = stored.version
    changed.value = stored.changed
    state.value = { plan: stored.document, schedule: stored.schedule }
    saved.value = 'Saved'
  }

  const keep = oneAfterAnother(async () => {
    saved.value = 'Saving…'
    try {
      const kept = await save(id.value, version, state.value?.plan as WrittenPlan, state.value?.schedule)
      version = kept.version
      changed.value = kept.changed
      saved.value = 'Saved'
      void askAgain(['plans'])
    } catch (error) {
      const stale = error instanceof ApiProblem && error.response.status === 409
      saved.value = stale ? 'Saved elsewhere meanwhile' : 'Not saved'
    }
  })

  /** What the other window saved, in place of what is here. */
  const takeTheirs = async () => opened(await ask('plan', id.value))

  /** What is here over what the other window saved. */
  async function keepMine() {
    version = (await ask('plan', id.value)).version
    await keep()
  }

  return { saved, changed, opened, keep, takeTheirs, keepMine }
}
