import { QueryClient } from '@tanstack/vue-query'

/** What was asked of the server and is still held, for all pages. */
export const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } },
})
