import { useQuery } from '@tanstack/vue-query'
import { promiseTimeout } from '@vueuse/core'
import { computed } from 'vue'
import { queries } from '@/answers/queries'
import { api, ApiProblem } from '@/api/client'

const SESSION = { queryKey: ['session'], queryFn: () => api.whoAmI(), staleTime: 300_000, retry: 0 }

/** Who is signed in, and what they may do. */
export function useSession() {
  const { data } = useQuery(SESSION, queries)
  const who = computed(() => data.value?.who ?? undefined)
  return {
    who,
    head: computed(() => who.value?.role === 'HEAD'),
  }
}

/** Nobody looks at an empty page for longer, in milliseconds. */
const LONGEST = 2500

/** Whether somebody is signed in; where nobody answers, the pages go on with what they know. */
export async function isSignedIn(): Promise<boolean> {
  const asked = queries.fetchQuery(SESSION).then(
    (session) => !!session.who,
    () => true,
  )
  return Promise.race([asked, promiseTimeout(LONGEST).then(() => true)])
}

/** Everything that was asked as somebody else is asked anew. */
export async function signedIn() {
  queries.clear()
  await queries.fetchQuery(SESSION)
}

/** What a page says of a refusal, in the words of the server. */
export function refusal(failed: unknown): string {
  if (!(failed instanceof ApiProblem)) return 'Deft Chill does not answer: nothing changed.'
  const problem = failed.response.problems[0]
  if (problem) return `${FIELDS[problem.field] ?? problem.field} ${problem.rule}.`
  const said = failed.response.detail
  return `${said.charAt(0).toUpperCase()}${said.slice(1)}.`
}

const FIELDS: Record<string, string> = {
  name: 'The name',
  password: 'The password',
  oldPassword: 'What you gave as the password of now',
  role: 'The last head’s role',
}
