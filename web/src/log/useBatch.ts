import { useDebounceFn, useEventListener, useIntervalFn } from '@vueuse/core'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch, type Ref } from 'vue'
import { oneAfterAnother, useSend } from '@/answers/queries'
import { api, ApiProblem, type BatchView, type CameOut, type Problem } from '@/api/client'
import { useWho } from '@/make/useMaking'

/** A quarter of a minute at the pass: what was touched is stored when the finger rests. */
const REST_MS = 700
const AGAIN_MS = 4000

type State = 'kept' | 'waiting' | 'refused' | 'elsewhere' | 'unreachable'

/** What keeps a correction from being stored, and what the server says of it. */
function hindrance(failed: unknown): { state: State; problems: Problem[] } {
  const response = failed instanceof ApiProblem ? failed.response : undefined
  const state =
    response?.status === 409 ? 'elsewhere' : response && response.status < 500 ? 'refused' : 'unreachable'
  return { state, problems: response?.problems ?? [] }
}

/** Stores at once when the page is left or the net is back, and asks before what is not stored would be lost. */
function whenLeft(store: () => Promise<void>, state: Ref<State>) {
  useIntervalFn(() => void (state.value === 'unreachable' && store()), AGAIN_MS)
  useEventListener('beforeunload', (event: BeforeUnloadEvent) => {
    if (state.value !== 'kept') event.preventDefault()
  })
  useEventListener('online', () => void store())
  useEventListener(document, 'visibilitychange', () => document.hidden && void store())
}

/**
 * A batch and what is said of it. Each change is stored by itself once typing rests; what could not be stored stays on the page and is
 * sent again.
 */
export function useBatch(id: Ref<string>) {
  const client = useQueryClient()
  const correct = useSend('correctBatch')
  const who = useWho()
  const key = computed(() => ['batch', id.value])
  const { data, isError, error } = useQuery({ queryKey: key, queryFn: () => api.batch(id.value) })
  const said = ref<CameOut>()
  const problems = ref<Problem[]>([])
  const state = ref<State>('kept')
  /** As it is on the server: what differs from it is to be stored. */
  let stored = ''

  function take(batch: BatchView) {
    stored = JSON.stringify(batch.said)
    said.value = JSON.parse(stored) as CameOut
  }
  const mayTake = () => state.value === 'kept' || said.value === undefined
  watch(data, (batch) => batch && mayTake() && take(batch), { immediate: true })

  async function storeNow() {
    if (!said.value || !data.value) return
    const nothing = JSON.stringify(said.value) === stored
    if (nothing && state.value === 'waiting') state.value = 'kept'
    if (nothing) return
    const sent = JSON.stringify(said.value)
    try {
      const batch = await correct(id.value, {
        version: data.value.version,
        by: who.value,
        said: JSON.parse(sent) as CameOut,
      })
      problems.value = []
      stored = JSON.stringify(batch.said)
      // Typed on while it was on its way: that is stored once it rests.
      const typedOn = JSON.stringify(said.value) !== sent
      if (!typedOn) take(batch)
      state.value = typedOn ? 'waiting' : 'kept'
      client.setQueryData(key.value, batch)
    } catch (failed) {
      ;({ problems: problems.value, state: state.value } = hindrance(failed))
    }
  }
  const store = oneAfterAnother(storeNow)
  const rested = useDebounceFn(store, REST_MS)

  /** To be called after every change of what is said. */
  const changed = () => void ((state.value = 'waiting'), rested())
  whenLeft(store, state)

  /** Lets go of what is typed here and reads what is stored. */
  async function readAgain() {
    state.value = 'kept'
    said.value = undefined
    await client.invalidateQueries({ queryKey: key.value })
    if (data.value) take(data.value)
  }

  return { batch: data, said, problems, state, isError, error, changed, store, readAgain, who }
}
