import { computed, shallowRef } from 'vue'
import type { Formula } from '@/api/client'

/** Changes to one field within this time undo as one. */
const TOGETHER_MS = 900
const MOST_STEPS = 200

/** Undo and redo of whole documents. */
export function useHistory(now: () => number = Date.now) {
  const past = shallowRef<Formula[]>([])
  const future = shallowRef<Formula[]>([])
  let lastPlace = ''
  let lastTime = -Infinity

  /** Remembers the document as it was before a change at a place. */
  function remember(before: Formula, place: string) {
    const together = place !== '' && place === lastPlace && now() - lastTime < TOGETHER_MS
    lastPlace = place
    lastTime = now()
    future.value = []
    if (!together) past.value = [...past.value.slice(-MOST_STEPS + 1), before]
  }

  function undo(current: Formula): Formula {
    const before = past.value.at(-1)
    if (!before) return current
    past.value = past.value.slice(0, -1)
    future.value = [...future.value, current]
    lastPlace = ''
    return before
  }

  function redo(current: Formula): Formula {
    const after = future.value.at(-1)
    if (!after) return current
    future.value = future.value.slice(0, -1)
    past.value = [...past.value, current]
    lastPlace = ''
    return after
  }

  function forget() {
    past.value = []
    future.value = []
    lastPlace = ''
  }

  return {
    remember,
    undo,
    redo,
    forget,
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
  }
}
