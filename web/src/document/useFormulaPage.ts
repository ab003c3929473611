import { useQuery } from '@tanstack/vue-query'
import { computed, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, type Evidence } from '@/api/client'
import { stateWords } from './saveStates'
import { useDocument } from './useDocument'
import { useFormulas } from './useFormulas'

/**
 * What every page of a formula has: the formula of the address, the larder, the kitchen, the other formulas, and the evidence that
 * is open.
 *
 * @param station name of the page's route
 * @param busy whether something else has the keys
 */
export function useFormulaPage(station: string, busy: () => boolean = () => false) {
  const route = useRoute()
  const router = useRouter()
  const id = computed(() => String(route.params.id))
  const { data: larder } = useQuery({ queryKey: ['larder'], queryFn: api.larder, staleTime: Infinity })
  const { data: kitchen } = useQuery({ queryKey: ['kitchen'], queryFn: api.kitchen, staleTime: 60_000 })
  const formulas = useFormulas()
  const { stored, history, change, undo, redo } = useDocument(id, busy)
  const { formula, state } = stored
  const saved = computed(() => stateWords(state.value, stored.kept.value, stored.refusal.value))

  async function open(formulaId: string) {
    await router.push({ name: station, params: { id: formulaId } })
  }

  const evidence = shallowRef<Evidence>()
  const evidenceTitle = ref('')
  function showEvidence(title: string, opened: Evidence) {
    evidenceTitle.value = title
    evidence.value = opened
  }

  return {
    id,
    larder,
    kitchen,
    fahrenheit: computed(() => kitchen.value?.settings.temperature === 'fahrenheit'),
    formulas,
    stored,
    formula,
    state,
    saved,
    history,
    change,
    undo,
    redo,
    open,
    evidence,
    evidenceTitle,
    showEvidence,
  }
}
