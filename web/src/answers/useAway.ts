import { useIntervalFn } from '@vueuse/core'
import { ref } from 'vue'
import { api, onDatabaseAway } from '@/api/client'
import { queries } from './queries'

const AGAIN_MS = 2000

/** Whether the database is away, as the last answer said; it is asked again until it is back, and then every page's questions are. */
export function useAway() {
  const away = ref(false)
  const { pause, resume } = useIntervalFn(
    async () => {
      if (!(await api.isReady())) return
      away.value = false
      pause()
      await queries.invalidateQueries()
    },
    AGAIN_MS,
    { immediate: false },
  )
  onDatabaseAway(() => {
    if (away.value) return
    away.value = true
    resume()
  })
  return away
}
