import { useQuery } from '@tanstack/vue-query'
import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { api, ApiProblem, type Assessment, type Formula, type Problem } from '@/api/client'
import { queries } from './queries'

/** A key after a pause is answered at once; keys closer together than this are answered together. */
const TOGETHER_MS = 25
/** An answer that is older than the document is marked only when a new one takes this long, lest the page flicker. */
const LOOKS_STALE_MS = 150
/** What was not answered is asked again after so long, and each time after twice as long, up to a minute. */
const AGAIN_MS = 3000
const MOST_AGAIN_MS = 60_000

/** Fixes are tried once no key has come for so long: trying them must not keep the next key waiting. */
const TRIED_AFTER_MS = 120

/**
 * The assessment of a document, kept up with every change. Its verdicts come at once; the fixes that hold follow when each
 * has been tried, and until then those of the last answer keep their places, not to be touched.
 */
export function useAssessment(formula: Ref<Formula | undefined>) {
  const { answer, ...rest } = useAnswer(formula, 'assessment', api.assess)
  const { data } = useQuestion(useTrial(answer, rest.answered), 'tried', api.assessTried)
  /** The last answer with its fixes; of another formula there is none. */
  const whole = shallowRef<{ document: Formula; answer: Assessment }>()
  watch([data, answer], ([found, still]) => {
    if (!still) whole.value = undefined
    else if (found) whole.value = found
  })
  const trying = computed(
    () => (answer.value?.untried ?? 0) > 0 && whole.value?.document !== rest.answered.value,
  )
  const assessment = computed(() => {
    if (!answer.value || !answer.value.untried) return answer.value
    return trying.value ? withFixesOf(answer.value, whole.value?.answer) : whole.value?.answer
  })
  return { assessment, trying, ...rest }
}

/** The document whose fixes are to be tried: the answered one, after a pause. */
function useTrial(answer: Ref<Assessment | undefined>, answered: Ref<Formula | undefined>) {
  const tried = shallowRef<Formula>()
  let timer: ReturnType<typeof setTimeout> | undefined
  watch([answer, answered], ([found, document]) => {
    clearTimeout(timer)
    if (!found) tried.value = undefined
    else if (found.untried) timer = setTimeout(() => (tried.value = document), TRIED_AFTER_MS)
  })
  onScopeDispose(() => clearTimeout(timer))
  return tried
}

/** The verdicts of an answer with the fixes that the same verdicts had before. */
function withFixesOf(answer: Assessment, before: Assessment | undefined): Assessment {
  const fixes = new Map(before?.verdicts.map((v) => [v.code + v.path, v.fixes]))
  return {
    ...answer,
    verdicts: answer.verdicts.map((v) => ({ ...v, fixes: fixes.get(v.code + v.path) ?? [] })),
  }
}

/**
 * What the server says to a document, kept up with every change. The last answer stays, marked stale, while a new one is
 * on its way, the document cannot be understood, or there is no answer: then it says so and asks again.
 *
 * @param kind what is asked, in one word
 */
export function useAnswer<T>(
  formula: Ref<Formula | undefined>,
  kind: string,
  question: (document: Formula, signal: AbortSignal) => Promise<T>,
) {
  const asked = typedTogether(formula)
  const { data, failureReason } = useQuestion(asked, kind, question)
  const { stale, mark } = useStale()
  const answer = shallowRef<T>()
  /** The document that the answer, or what could not be understood, is about. */
  const answered = shallowRef<Formula>()
  const problems = shallowRef<Problem[]>([])
  const unreachable = ref(false)
  /** Why there is no answer although somebody answered; empty otherwise. */
  const failure = ref('')

  function settle() {
    mark(undefined)
    problems.value = []
    unreachable.value = false
    failure.value = ''
  }

  watch(
    formula,
    (document) => {
      if (document) return mark(answer.value ? LOOKS_STALE_MS : undefined)
      // Another formula is being opened: its answer is none of this one's.
      answer.value = undefined
      settle()
    },
    { immediate: true },
  )
  watch([data, failureReason], ([found, error]) => {
    if (error) {
      const problem = error instanceof ApiProblem ? error : undefined
      const named = problem?.response.problems ?? []
      mark(answer.value ? 0 : undefined)
      unreachable.value = !problem
      if (named.length) answered.value = asked.value
      problems.value = named
      failure.value = problem && !named.length ? said(problem) : ''
    } else if (found) {
      answered.value = found.document
      answer.value = found.answer
      settle()
    }
  })

  return { answer, answered, problems, stale, unreachable, failure }
}

/** The question as a query: an older one is aborted, what may pass later is asked again, ever less often. */
function useQuestion<T>(
  asked: Ref<Formula | undefined>,
  kind: string,
  question: (document: Formula, signal: AbortSignal) => Promise<T>,
) {
  return useQuery(
    {
      queryKey: ['answer', kind, asked],
      queryFn: async ({ signal }) => {
        const document = asked.value as Formula
        return { document, answer: await question(document, signal) }
      },
      enabled: () => asked.value !== undefined,
      retry: (_times, error) => !(error instanceof ApiProblem) || error.mayPass,
      retryDelay: (times, error) =>
        ((error instanceof ApiProblem && error.retryAfter) || 0) * 1000 ||
        Math.min(AGAIN_MS * 2 ** times, MOST_AGAIN_MS),
      networkMode: 'always',
      // Answers are compared by identity and are large: neither wrapped nor merged.
      shallow: true,
      structuralSharing: false,
      gcTime: 0,
    },
    queries,
  )
}

/** The document as it is asked about: the first key at once, keys that follow closely together. */
function typedTogether(formula: Ref<Formula | undefined>) {
  const asked = shallowRef(formula.value)
  let lastChange = formula.value ? Date.now() : -Infinity
  let timer: ReturnType<typeof setTimeout> | undefined
  watch(formula, (document) => {
    clearTimeout(timer)
    const quiet = Date.now() - lastChange
    lastChange = Date.now()
    if (!document || quiet >= TOGETHER_MS) asked.value = document
    else timer = setTimeout(() => (asked.value = document), TOGETHER_MS)
  })
  onScopeDispose(() => clearTimeout(timer))
  return asked
}

/** Whether an answer is too old to be read as today's: marked so after a while, unmarked at once. */
function useStale() {
  const stale = ref(false)
  let timer: ReturnType<typeof setTimeout> | undefined
  function mark(after: number | undefined) {
    clearTimeout(timer)
    if (after) timer = setTimeout(() => (stale.value = true), after)
    else stale.value = after === 0
  }
  onScopeDispose(() => clearTimeout(timer))
  return { stale, mark }
}

/** What the server says of itself, and whether it is asked again. */
function said({ response, mayPass }: ApiProblem): string {
  const detail = response.detail && !/[.!?]$/.test(response.detail) ? `${response.detail}.` : response.detail
  return `${response.title}. ${detail}${mayPass ? ' Asking again.' : ''}`
}
