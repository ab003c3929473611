import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { useSend } from '@/answers/queries'
import { useWho } from './useMaking'
import { ApiProblem, type Formula } from '@/api/client'

/** Begins a batch of a formula and goes to it. Touched again while that is on its way, it is the same batch. */
export function useBegin() {
  const router = useRouter()
  const who = useWho()
  const send = useSend('beginMaking')
  const failed = ref(false)
  const unread = ref(false)
  let id = ''
  /**
   * @param document as it is to be made; else as it is stored now
   * @param plan dish of a day's plan that it is
   */
  async function begin(formulaId: string, document?: Formula, plan?: { planId: string; planDish: string }) {
    id ||= crypto.randomUUID()
    failed.value = false
    unread.value = false
    try {
      const making = await send(id, formulaId, document, { by: who.value.trim(), ...plan })
      id = ''
      await router.push({ name: 'making', params: { id: making.id } })
    } catch (error) {
      // What is not understood yet is mended on the Bench, which says what it is.
      unread.value = error instanceof ApiProblem && !!error.response.problems?.length
      failed.value = !unread.value
      if (unread.value) await router.push({ name: 'bench', params: { id: formulaId } })
    }
  }
  return { begin, failed, unread }
}
