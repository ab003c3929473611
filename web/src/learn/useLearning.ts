import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, type Ref } from 'vue'
import { useSend } from '@/answers/queries'
import { api, ApiProblem } from '@/api/client'
import type { components } from '@/api/generated/schema'
import { useWho } from '@/make/useMaking'

type LearningWish = components['schemas']['LearningWish']

/** What the log tells, and the sets that were accepted. Nothing is asked for again by itself: the cook asks. */
export function useLearning() {
  const client = useQueryClient()
  const who = useWho()
  const models = ref(false)
  const parameters = ref<string[]>([])
  const without = ref<string[]>([])
  const wish = computed(() => ({
    models: models.value,
    parameters: [...parameters.value].sort(),
    without: [...without.value].sort(),
  }))
  const { proposal, share } = useProposal(wish)
  const sets = useQuery({ queryKey: ['learned-sets'], queryFn: api.learnedSets })
  const accepting = useSend('acceptNumbers')
  const going = useSend('useNumbers')
  const using = useSend('useLot')
  const wrong = ref('')

  /** Whatever was computed by the numbers of before is old now. */
  async function done(work: Promise<unknown>) {
    wrong.value = ''
    try {
      await work
      await client.invalidateQueries()
    } catch (failed) {
      const problem = failed instanceof ApiProblem ? failed.response.problems[0] : undefined
      wrong.value = problem
        ? `${problem.field} ${problem.rule}.`
        : 'Deft Chill does not answer: nothing changed.'
    }
  }
  return {
    models,
    parameters,
    without,
    proposal,
    share,
    sets,
    wrong,
    accept: (keys: string[]) => done(accepting({ wish: wish.value, keys, by: who.value })),
    goTo: (number: number) => done(going(number)),
    use: (what: string, which: string) => done(using(what, which)),
    stop: () => client.cancelQueries({ queryKey: ['learning'] }),
    leaveOut: (batch: string) => {
      without.value = without.value.includes(batch)
        ? without.value.filter((b) => b !== batch)
        : [...without.value, batch]
    },
  }
}

/** What the log tells, and how far the question has come. */
function useProposal(wish: Ref<LearningWish>) {
  const proposal = useQuery({
    queryKey: computed(() => ['learning', wish.value]),
    queryFn: ({ signal }) => api.proposeNumbers(wish.value, signal),
    retry: 0,
    staleTime: 60_000,
    placeholderData: keepPreviousData,
  })
  /** How far it has come, asked while it is computed. */
  const progress = useQuery({
    queryKey: ['learning-progress'],
    queryFn: api.learningProgress,
    enabled: proposal.isFetching,
    refetchInterval: 400,
    gcTime: 0,
  })
  return { proposal, share: computed(() => progress.data.value?.share) }
}
