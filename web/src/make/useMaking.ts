import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useIntervalFn, useLocalStorage, useNow } from '@vueuse/core'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { api, ApiProblem, type Making, type MakingEvent } from '@/api/client'
import { useSend } from '@/answers/queries'
import { goneOn } from './guide'
import { add, event, taken, waiting } from './outbox'
import { keepSeen, readSeen } from './seen'

const SEEN_MS = 2000

/** Who works on this device: each entry says it. */
export const useWho = () => useLocalStorage('deft-chill.who', '')

const said = () => useWho().value.trim()

/** What the server says of a batch; while it does not answer, what it last said on this device. */
function useHeard(id: Ref<string>, key: Ref<string[]>) {
  const { data: heard, isError } = useQuery({
    queryKey: key,
    queryFn: () => api.making(id.value),
    refetchInterval: SEEN_MS,
    networkMode: 'always',
  })
  const kept = computed(() => readSeen(localStorage, id.value))
  const data = computed(() => heard.value ?? kept.value?.making)
  /** The server's clock before this device's, ms, by when it last answered. */
  const ahead = ref(kept.value?.ahead ?? 0)
  watch(
    heard,
    (making) => {
      if (!making) return
      ahead.value = making.now * 1000 - Date.now()
      keepSeen(localStorage, { making, ahead: ahead.value })
    },
    { immediate: true },
  )
  const away = computed(() => isError.value || (!heard.value && !!kept.value))
  return { data, ahead, away, isError }
}

/** What waits to be sent, oldest first; what fails to arrive is tried again, what is refused is told. */
function useSending(id: Ref<string>, key: Ref<string[]>) {
  const client = useQueryClient()
  const send = useSend('happened')
  const unsent = shallowRef<MakingEvent[]>(waiting(localStorage, id.value))
  const refused = ref('')
  let sending = false

  /** Sends what waits, oldest first; what fails to arrive is tried again, what is refused is told. */
  async function flush() {
    if (sending || !unsent.value.length) return
    sending = true
    let arrived = false
    const batch = unsent.value.slice(0, 100)
    try {
      const now = await send(id.value, batch)
      arrived = true
      unsent.value = taken(localStorage, id.value, batch)
      await client.cancelQueries({ queryKey: key.value })
      client.setQueryData<Making>(key.value, now)
    } catch (error) {
      if (error instanceof ApiProblem && error.response.problems?.length) {
        refused.value = error.response.problems.map((p) => `${p.field} “${p.value}” ${p.rule}`).join('; ')
        unsent.value = taken(localStorage, id.value, batch)
      }
    } finally {
      sending = false
    }
    // What did not arrive waits for its next turn.
    if (arrived && unsent.value.length) await flush().catch(() => undefined)
  }
  useIntervalFn(flush, SEEN_MS, { immediateCallback: true })
  return { unsent, refused, flush }
}

/** A batch in the making: how it stands, and what happened, kept in order until the server has it. */
export function useMaking(id: Ref<string>) {
  const key = computed(() => ['making', id.value])
  // As the server has it, without what is on its way: what is asked of it goes by this.
  const { data, ahead, away, isError } = useHeard(id, key)
  const { unsent, refused, flush } = useSending(id, key)

  const now = useNow({ interval: 1000 })
  const second = computed(() => Math.round((now.value.getTime() + ahead.value) / 1000))

  function happened(...events: [MakingEvent['kind'], Partial<MakingEvent>?][]) {
    refused.value = ''
    const made = events.map(([kind, rest]) => event(kind, Date.now() + ahead.value, { by: said(), ...rest }))
    unsent.value = add(localStorage, id.value, made)
    void flush()
  }

  const making = computed(() =>
    data.value && (unsent.value.length || away.value)
      ? goneOn(data.value, unsent.value, second.value)
      : data.value,
  )
  /** Said to be over, and not heard by the server yet. */
  const ends = computed(() => unsent.value.some((e) => e.kind === 'FINISHED' || e.kind === 'DISCARDED'))
  const changed = computed(() => data.value?.events.filter((e) => e.changes?.length).length ?? 0)
  const { data: consequence } = useQuery({
    queryKey: computed(() => ['consequence', id.value, changed.value]),
    queryFn: () => api.consequence(id.value),
    enabled: computed(() => changed.value > 0),
    placeholderData: (before) => before,
  })
  return {
    making,
    stored: data,
    consequence,
    changed,
    unsent,
    refused,
    second,
    happened,
    ends,
    gone: isError,
  }
}
