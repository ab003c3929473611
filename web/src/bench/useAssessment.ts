import { ref, shallowRef, watch, type Ref } from 'vue'
import { api, ApiProblem, type Formula, type Problem } from '@/api/client'

/** A key after a pause is answered at once; keys closer together than this are answered together. */
const TOGETHER_MS = 25
/** An answer that is older than the document is marked only when a new one takes this long, lest the page flicker. */
const LOOKS_STALE_MS = 150

/** The assessment of a document, kept up with every change. */
export function useAssessment(formula: Ref<Formula | undefined>) {
  const { answer: assessment, ...rest } = useAnswer(formula, api.assess)
  return { assessment, ...rest }
}

/**
 * What the server says to a document, kept up with every change. The last answer stays, marked stale, while a new one is
 * on its way or the document cannot be understood.
 */
export function useAnswer<T>(
  formula: Ref<Formula | undefined>,
  question: (document: Formula, signal: AbortSignal) => Promise<T>,
) {
  const answer = shallowRef<T>()
  const problems = shallowRef<Problem[]>([])
  const stale = ref(false)
  const unreachable = ref(false)
  let running: AbortController | undefined
  let lastChange = -Infinity
  let timer: ReturnType<typeof setTimeout> | undefined
  let staleTimer: ReturnType<typeof setTimeout> | undefined

  function markStale(wait: number) {
    clearTimeout(staleTimer)
    staleTimer = setTimeout(() => (stale.value = answer.value !== undefined), wait)
  }

  async function ask(document: Formula) {
    running?.abort()
    const mine = new AbortController()
    running = mine
    try {
      answer.value = await question(document, mine.signal)
      problems.value = []
      clearTimeout(staleTimer)
      stale.value = false
      unreachable.value = false
    } catch (error) {
      if (mine.signal.aborted) return
      markStale(0)
      unreachable.value = !(error instanceof ApiProblem)
      problems.value = error instanceof ApiProblem ? error.response.problems : []
    }
  }

  watch(
    formula,
    (document) => {
      clearTimeout(timer)
      const pause = Date.now() - lastChange
      lastChange = Date.now()
      if (!document) {
        // Another formula is being opened: its answer is none of this one's.
        running?.abort()
        answer.value = undefined
        problems.value = []
        return
      }
      markStale(LOOKS_STALE_MS)
      if (pause >= TOGETHER_MS) void ask(document)
      else timer = setTimeout(() => void ask(document), TOGETHER_MS)
    },
    { immediate: true },
  )

  return { answer, problems, stale, unreachable }
}
