import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '@/api/client'
import { event } from './outbox'

/** A batch that was given up just now, and the way back to it. */
export function useDiscarded() {
  const route = useRoute()
  const router = useRouter()
  const failed = ref(false)
  const of = (key: string) => (typeof route.query[key] === 'string' ? route.query[key] : '')
  const discarded = computed(() =>
    of('discarded') && of('by')
      ? { id: of('discarded'), by: of('by'), name: of('name') || 'The batch' }
      : undefined,
  )

  async function takeBack() {
    const gone = discarded.value
    if (!gone) return
    failed.value = false
    try {
      await api.happened(gone.id, [event('UNDONE', Date.now(), { text: gone.by })])
      await router.push({ name: 'making', params: { id: gone.id } })
    } catch {
      failed.value = true
    }
  }
  return { discarded, takeBack, failed }
}
