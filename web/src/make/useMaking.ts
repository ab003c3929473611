import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useIntervalFn, useLocalStorage, useNow } from '@vueuse/core'
import { computed, ref, shallowRef, type Ref } from 'vue'
import { api, ApiProblem, type Making, type MakingEvent } from '@/api/client'
import { useSend } from '@/answers/queries'
import { add, event, taken, waiting } from './outbox'

const SEEN_MS = 2000

/** Who works on this device: each entry says it. */
export const useWho = () => useLocalStorage('deft-chill.who', '')

const said = () => useWho().value.trim()

/** What was done while the server was away counts already. */
function withUnsent(making: Making, unsent: MakingEvent[]): Making {
  const ended = new Set(unsent.filter((e) => e.kind === 'ENDED').map((e) => e.step))
  return ended.size
    ? {
        ...making,
        steps: making.steps.map((s) => (ended.has(s.step.id) ? { ...s, state: 'DONE' as const } : s)),
      }
    : making
}

/** A batch in the making: how it stands, and what happened, kept in order until the server has it. */
export function useMaking(id: Ref<string>) {
  const client = useQueryClient()
  const send = useSend('happened')
  const key = computed(() => ['making', id.value])
  const { data, isError } = useQuery({
    queryKey: key,
    queryFn: () => api.making(id.value),
    refetchInterval: SEEN_MS,
    networkMode: 'always',
  })
  const unsent = shallowRef<MakingEvent[]>(waiting(localStorage, id.value))
  const refused = ref('')
  let sending = false

  /** Sends what waits, oldest first; what fails to arrive is tried again, what is refused is told. */
  async function flush() {
    if (sending || !unsent.value.length) return
    sending = true
    const batch = unsent.value.slice(0, 100)
    try {
      const now = await send(id.value, batch)
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
    if (unsent.value.length && !refused.value) await flush().catch(() => undefined)
  }
  useIntervalFn(flush, SEEN_MS, { immediateCallback: true })

  const now = useNow({ interval: 1000 })
  /** By the server's clock, from when it last answered. */
  const ahead = computed(() => (data.value ? data.value.now * 1000 - Date.now() : 0))
  const second = computed(() => Math.round((now.value.getTime() + ahead.value) / 1000))

  function happened(...events: [MakingEvent['kind'], Partial<MakingEvent>?][]) {
    refused.value = ''
    const made = events.map(([kind, rest]) => event(kind, Date.now() + ahead.value, { by: said(), ...rest }))
    unsent.value = add(localStorage, id.value, made)
    void flush()
  }

  const making = computed(() => data.value && withUnsent(data.value, unsent.value))
  const changed = computed(() => data.value?.events.filter((e) => e.changes?.length).length ?? 0)
  const { data: consequence } = useQuery({
    queryKey: computed(() => ['consequence', id.value, changed.value]),
    queryFn: () => api.consequence(id.value),
    enabled: computed(() => changed.value > 0),
    placeholderData: (before) => before,
  })
  return { making, consequence, changed, unsent, refused, second, happened, gone: isError }
}
