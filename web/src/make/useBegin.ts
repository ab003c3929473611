import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { useSend } from '@/answers/queries'

/** Begins a batch of a formula and goes to it. Touched again while that is on its way, it is the same batch. */
export function useBegin() {
  const router = useRouter()
  const send = useSend('beginMaking')
  const failed = ref(false)
  let id = ''
  async function begin(formulaId: string) {
    id ||= crypto.randomUUID()
    failed.value = false
    try {
      const making = await send(id, formulaId)
      id = ''
      await router.push({ name: 'making', params: { id: making.id } })
    } catch {
      failed.value = true
    }
  }
  return { begin, failed }
}
