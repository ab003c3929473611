import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { useSend } from '@/answers/queries'
import type { Formula } from '@/api/client'

/** Begins a batch of a formula and goes to it. Touched again while that is on its way, it is the same batch. */
export function useBegin() {
  const router = useRouter()
  const send = useSend('beginMaking')
  const failed = ref(false)
  let id = ''
  /** @param document as it is to be made; else as it is stored now */
  async function begin(formulaId: string, document?: Formula) {
    id ||= crypto.randomUUID()
    failed.value = false
    try {
      const making = await send(id, formulaId, document)
      id = ''
      await router.push({ name: 'making', params: { id: making.id } })
    } catch {
      failed.value = true
    }
  }
  return { begin, failed }
}
