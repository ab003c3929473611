import { computed, ref, shallowRef, type Ref } from 'vue'
import {
  ApiProblem,
  type PlanAnswer,
  type PlanQuestion,
  type PlanSchedule,
  type Problem,
  type WrittenPlan,
} from '@/api/client'
import { ask } from '@/answers/queries'
import { earliestOf, nowOf } from './plan'
import type { State } from './useDay'

/** Seconds for a first plan, for a better one, and for one in which little moves. */
const FIRST_S = 1
const BETTER_S = 5
const LITTLE_S = 3
/** Where a busy machine found none in that. */
const PATIENT_S = 9
/** A first plan, a better one; the others only while something is late that need not be. */
const ROUNDS_S = [FIRST_S, BETTER_S, PATIENT_S, PATIENT_S, PATIENT_S, PATIENT_S]

const UNANSWERED: Problem = {
  code: 'no-answer',
  path: '',
  field: 'The plan',
  value: '',
  rule: 'was not answered: ask again',
  fixes: [],
}

/** What went wrong with a question; nothing where a newer one ended it. */
function problemsOf(error: unknown): Problem[] {
  if (!(error instanceof ApiProblem)) return [UNANSWERED]
  if (error.response.code === 'newer-question') return []
  return error.response.problems.length ? error.response.problems : [UNANSWERED]
}

const asked = (
  plan: WrittenPlan,
  aim: PlanQuestion['aim'],
  seconds: number,
  schedule?: PlanSchedule,
  now = nowOf(plan),
) => ask('answerPlan', { document: plan, schedule, aim, seconds, now })
const firstOf = (schedule?: PlanSchedule) =>
  schedule && Math.min(...Object.values(schedule.slots).map((s) => s.start))
const placed = (found: PlanAnswer) => Object.keys(found.schedule.slots).length > 0

/** An answer soon; where a busy machine found none, after a longer while. */
async function patiently(answer: (seconds: number) => Promise<PlanAnswer | undefined>) {
  const soon = await answer(LITTLE_S)
  return !soon || placed(soon) || soon.impossible ? soon : answer(PATIENT_S)
}

/** Questions about a plan; an answer that is not the newest one's counts for nothing. */
function useQuestions(state: Ref<State | undefined>, taken: () => void) {
  const answer = shallowRef<PlanAnswer>()
  const problems = ref<Problem[]>([])
  let round = 0

  async function question(mine: number, aim: PlanQuestion['aim'], seconds: number, schedule?: PlanSchedule) {
    if (!state.value) return undefined
    try {
      const { plan, schedule: there } = state.value
      const now = aim === 'BEST' ? earliestOf(plan, firstOf(there), Date.now() / 60_000) : nowOf(plan)
      const found = await asked(plan, aim, seconds, schedule, now)
      return mine === round ? found : undefined
    } catch (error) {
      // A better plan that was not found in time takes nothing from the one that is there.
      if (mine === round && !(schedule && aim === 'BEST')) problems.value = problemsOf(error)
      return undefined
    }
  }
  function take(found: PlanAnswer) {
    problems.value = []
    answer.value = found
    state.value = { plan: found.plan, schedule: placed(found) ? found.schedule : undefined }
    taken()
  }
  return { answer, problems, question, take, begin: () => ++round, newest: (mine: number) => mine === round }
}

type Questions = ReturnType<typeof useQuestions>

/** A first plan within a second, then a better one while it is looked at; onward: from the one that is there. */
function useSearch(
  state: Ref<State | undefined>,
  solving: Ref<boolean>,
  { question, take, begin, newest }: Questions,
) {
  return async (onward: boolean) => {
    const mine = begin()
    solving.value = true
    for (const seconds of onward ? ROUNDS_S.slice(1) : ROUNDS_S) {
      const from = seconds === FIRST_S ? undefined : state.value?.schedule
      const found = await question(mine, 'BEST', seconds, from)
      if (found) take(found)
      // Not found yet is not impossible, and late is not settled before it is proved.
      if (!found || found.impossible || (seconds !== FIRST_S && placed(found) && !found.lateUnproved)) break
    }
    if (newest(mine)) solving.value = false
  }
}

/** What the server makes of a plan. */
export function useSolving(state: Ref<State | undefined>, taken: () => void) {
  const questions = useQuestions(state, taken)
  const { answer, problems, question, take, begin, newest } = questions
  const solving = ref(false)
  const search = useSearch(state, solving, questions)
  /** Nothing can begin any more before what has begun last. */
  const now = computed(() => nowOf(state.value?.plan))

  /** What is there, without solving anything. */
  async function look() {
    const mine = begin()
    const found = await question(mine, 'AS_IT_IS', 0, state.value?.schedule)
    if (found && placed(found)) {
      problems.value = []
      answer.value = found
    } else if (newest(mine) && !problems.value.length) await solve()
  }

  /** A plan from the store, which may have been left in the middle of its search. */
  async function open() {
    await look()
    if (answer.value?.lateUnproved && !answer.value.plan.settled?.length) await search(true)
  }

  /** A plan anew. */
  const solve = () => search(false)

  /** The rest around what was settled, with as little moved as can be. */
  async function around() {
    const mine = begin()
    solving.value = true
    const found = await patiently((s) => question(mine, 'LEAST_MOVED', s, state.value?.schedule))
    // Not found yet takes nothing from the plan that is there.
    if (found && (placed(found) || found.impossible)) take(found)
    else if (found) problems.value = [UNANSWERED]
    if (newest(mine)) solving.value = false
  }

  /** Whatever is still asked no longer counts. */
  function outdate() {
    begin()
    solving.value = false
  }
  function stop() {
    outdate()
    void look()
  }
  function accept(found: PlanAnswer) {
    outdate()
    take(found)
  }
  /** What another plan would come to, moving as little as can be; nothing is taken. */
  const preview = (plan: WrittenPlan) => asked(plan, 'LEAST_MOVED', LITTLE_S, state.value?.schedule)

  return { answer, problems, solving, now, open, look, solve, around, outdate, stop, accept, preview }
}
