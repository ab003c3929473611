import { onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { api, ApiProblem, type Formula, type Problem } from '@/api/client'

/** A key after a pause is answered at once; keys closer together than this are answered together. */
const TOGETHER_MS = 25
/** An answer that is older than the document is marked only when a new one takes this long, lest the page flicker. */
const LOOKS_STALE_MS = 150
/** What was not answered is asked again after so long, and each time after twice as long, up to a minute. */
const AGAIN_MS = 3000
const MOST_AGAIN_MS = 60_000

/** The assessment of a document, kept up with every change. */
export function useAssessment(formula: Ref<Formula | undefined>) {
  const { answer: assessment, ...rest } = useAnswer(formula, api.assess)
  return { assessment, ...rest }
}

/**
 * What the server says to a document, kept up with every change. The last answer stays, marked stale, while a new one is
 * on its way, the document cannot be understood, or there is no answer: then it says so and asks again.
 */
export function useAnswer<T>(
  formula: Ref<Formula | undefined>,
  question: (document: Formula, signal: AbortSignal) => Promise<T>,
) {
  const answer = shallowRef<T>()
  /** The document that the answer, or what could not be understood, is about. */
  const answered = shallowRef<Formula>()
  const problems = shallowRef<Problem[]>([])
  const stale = ref(false)
  const unreachable = ref(false)
  /** Why there is no answer although somebody answered; empty otherwise. */
  const failure = ref('')
  let running: AbortController | undefined
  let lastChange = -Infinity
  let timer: ReturnType<typeof setTimeout> | undefined
  let staleTimer: ReturnType<typeof setTimeout> | undefined
  let pause = AGAIN_MS

  function markStale(wait: number) {
    clearTimeout(staleTimer)
    staleTimer = setTimeout(() => (stale.value = answer.value !== undefined), wait)
  }

  function settle() {
    clearTimeout(staleTimer)
    problems.value = []
    stale.value = false
    unreachable.value = false
    failure.value = ''
    pause = AGAIN_MS
  }

  async function ask(document: Formula) {
    running?.abort()
    clearTimeout(timer)
    const mine = new AbortController()
    running = mine
    try {
      const found = await question(document, mine.signal)
      if (mine.signal.aborted) return
      answered.value = document
      answer.value = found
      settle()
    } catch (error) {
      if (!mine.signal.aborted) unanswered(error, document)
    }
  }

  function unanswered(error: unknown, document: Formula) {
    markStale(0)
    const problem = error instanceof ApiProblem ? error : undefined
    const named = problem?.response.problems ?? []
    unreachable.value = !problem
    if (named.length) answered.value = document
    problems.value = named
    failure.value = problem && !named.length ? said(problem) : ''
    if (problem && !problem.mayPass) return
    timer = setTimeout(() => void ask(document), (problem?.retryAfter ?? 0) * 1000 || pause)
    pause = Math.min(2 * pause, MOST_AGAIN_MS)
  }

  watch(
    formula,
    (document) => {
      clearTimeout(timer)
      pause = AGAIN_MS
      const quiet = Date.now() - lastChange
      lastChange = Date.now()
      if (!document) {
        // Another formula is being opened: its answer is none of this one's.
        running?.abort()
        answer.value = undefined
        settle()
        return
      }
      markStale(LOOKS_STALE_MS)
      if (quiet >= TOGETHER_MS) void ask(document)
      else timer = setTimeout(() => void ask(document), TOGETHER_MS)
    },
    { immediate: true },
  )
  onScopeDispose(() => {
    running?.abort()
    clearTimeout(timer)
    clearTimeout(staleTimer)
  })

  return { answer, answered, problems, stale, unreachable, failure }
}

/** What the server says of itself, and whether it is asked again. */
function said({ response, mayPass }: ApiProblem): string {
  const detail = response.detail && !/[.!?]$/.test(response.detail) ? `${response.detail}.` : response.detail
  return `${response.title}. ${detail}${mayPass ? ' Asking again.' : ''}`
}
