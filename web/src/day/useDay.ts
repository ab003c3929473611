import { useQuery } from '@tanstack/vue-query'
import { useDebounceFn } from '@vueuse/core'
import { computed, shallowRef, watch, type Ref } from 'vue'
import { api, type PlanAnswer, type PlanSchedule, type WrittenPlan } from '@/api/client'
import { useKeeping } from './useKeeping'
import { useSolving } from './useSolving'

const TYPING_MS = 450
const PAUSE_MS = 900
/** So many steps can be taken back. */
const STEPS = 50

/** A plan with its schedule. */
export interface State {
  plan: WrittenPlan
  schedule?: PlanSchedule
}

/** A stored plan at work: what was typed, what was solved for it, what is wrong, undo, saving. */
export function useDay(id: Ref<string>) {
  const state = shallowRef<State>()
  const keeping = useKeeping(id, state)
  const solving = useSolving(state, () => void keeping.keep())
  const steps = useSteps(state)

  const { data: stored, isError } = useQuery({
    queryKey: computed(() => ['plan', id.value]),
    queryFn: () => api.plan(id.value),
    staleTime: Infinity,
    gcTime: 0,
  })
  watch(
    stored,
    (now) => {
      if (!now || state.value) return
      keeping.opened(now)
      void (now.schedule ? solving.open() : solving.solve())
    },
    { immediate: true },
  )

  const solveSoon = useDebounceFn(() => solving.solve(), TYPING_MS)
  /** Another plan in its place; little: the rest stays where it is as far as can be. */
  async function change(plan: WrittenPlan, little = false) {
    steps.remember(!little)
    state.value = { plan, schedule: state.value?.schedule }
    solving.outdate()
    await (little ? solving.around() : solveSoon())
  }
  /** Only the words of the plan, such as its name. */
  function rename(plan: WrittenPlan) {
    steps.remember()
    state.value = { plan, schedule: state.value?.schedule }
    void keeping.keep()
  }
  const back = (turn: () => boolean) => {
    if (!turn()) return
    void solving.look()
    void keeping.keep()
  }
  return {
    plan: computed(() => state.value?.plan),
    ...solving,
    ...keeping,
    takeTheirs: () => keeping.takeTheirs().then(solving.look),
    missing: isError,
    canUndo: steps.canUndo,
    canRedo: steps.canRedo,
    undo: () => back(steps.undo),
    redo: () => back(steps.redo),
    change,
    rename,
    /** Takes what was looked at. */
    accept: (found: PlanAnswer) => (steps.remember(), solving.accept(found)),
  }
}

/** Steps back and forth. What is typed without a pause is one; a touch is always one. */
function useSteps(state: Ref<State | undefined>) {
  const past = shallowRef<State[]>([])
  const future = shallowRef<State[]>([])
  let remembered = 0

  function remember(typed = false) {
    const typing = typed && Date.now() - remembered < PAUSE_MS
    remembered = Date.now()
    if (!state.value || typing) return
    past.value = [...past.value.slice(1 - STEPS), state.value]
    future.value = []
  }

  function turn(from: Ref<State[]>, to: Ref<State[]>) {
    const before = from.value.at(-1)
    if (!before || !state.value) return false
    to.value = [...to.value, state.value]
    from.value = from.value.slice(0, -1)
    state.value = before
    remembered = 0
    return true
  }
  return {
    remember,
    undo: () => turn(past, future),
    redo: () => turn(future, past),
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
  }
}
