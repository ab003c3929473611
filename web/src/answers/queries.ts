import { QueryClient, useMutation, useQueryClient, type QueryKey } from '@tanstack/vue-query'
import { api } from '@/api/client'

/** What was asked of the server and is still held, for all pages. */
export const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } },
})

type Api = typeof api
/** What of the API answers with a promise. */
type Asked<K extends keyof Api> = (...given: Parameters<Api[K]>) => ReturnType<Api[K]>

/** Something asked once, on a touch: afresh each time, and not twice at the same moment. */
export function ask<K extends keyof Api>(name: K, ...given: Parameters<Api[K]>): ReturnType<Api[K]> {
  const question = api[name] as Asked<K>
  return queries.fetchQuery({
    queryKey: ['once', name, ...given],
    queryFn: () => question(...given) as Promise<unknown>,
    retry: 0,
    staleTime: 0,
    gcTime: 0,
    networkMode: 'always',
    structuralSharing: false,
  }) as unknown as ReturnType<Api[K]>
}

/** Something that changes what the server holds: sent once, and never again by itself. */
export function useSend<K extends keyof Api>(name: K): Asked<K> {
  const { mutateAsync } = useMutation(
    {
      mutationFn: (given: Parameters<Api[K]>) => (api[name] as Asked<K>)(...given) as Promise<unknown>,
      networkMode: 'always',
    },
    queries,
  )
  return (...given) => mutateAsync(given) as ReturnType<Api[K]>
}

/**
 * Asks again for what our own change made old. The first answer to a question may still be on its way then: it was
 * read before the change, and the library would take it for the new one, so it is let go.
 */
export function useAgain() {
  const client = useQueryClient()
  return async (...keys: QueryKey[]) => {
    await Promise.all(keys.map((queryKey) => client.cancelQueries({ queryKey })))
    await Promise.all(keys.map((queryKey) => client.invalidateQueries({ queryKey })))
  }
}

/**
 * One write after the other, the newest state last: two on their way at once would be taken for those of two windows. The
 * write itself says what keeps it from being stored.
 */
export function oneAfterAnother(write: () => Promise<void>) {
  let writing = false
  let again = false
  return async () => {
    again = true
    if (writing) return
    writing = true
    while (again) {
      again = false
      await write()
    }
    writing = false
  }
}
