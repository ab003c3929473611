import type { PlanAnswer } from '@/api/client'
import { dayClock } from './clock'

/** What is weighed out together: a component, or one that several desserts share. */
export interface Tray {
  key: string
  title: string
  dishes: string
  /** When, and by whom. */
  when: string
  start: number
  lines: { id: string; name: string; grams: number }[]
}

/** The step in which something is weighed; of a part made for several desserts the one that is done for all. */
function stepOf(answer: PlanAnswer, use: PlanAnswer['fetch'][number]['uses'][number]) {
  return (
    answer.tasks.find((t) => t.id === use.weighing) ??
    answer.tasks.find(
      (t) => t.id.endsWith('.weigh') && t.component === use.component && t.sharedBy.includes(use.dish),
    )
  )
}

/** In the order in which they are weighed; what has no step of its own comes last. */
export function traysOf(answer: PlanAnswer): Tray[] {
  const trays = new Map<string, Tray>()
  for (const item of answer.fetch)
    for (const use of item.uses) {
      const step = stepOf(answer, use)
      const key = step?.id ?? use.weighing
      const tray = trays.get(key) ?? trayOf(answer, key, use.component, step)
      trays.set(key, tray)
      if (!tray.dishes.split(' + ').includes(use.dish))
        tray.dishes = [tray.dishes, use.dish].filter(Boolean).join(' + ')
      const line = tray.lines.find((l) => l.id === item.id)
      if (line) line.grams += use.grams
      else tray.lines.push({ id: item.id, name: item.name, grams: use.grams })
    }
  return [...trays.values()].sort((a, b) => a.start - b.start)
}

function trayOf(answer: PlanAnswer, key: string, title: string, step?: PlanAnswer['tasks'][number]): Tray {
  const who = answer.hands.find((h) => h.id === step?.hand)?.role
  const when = step
    ? [dayClock(step.start, answer.zone), who].filter(Boolean).join(', ')
    : 'when it is needed'
  return { key, title, dishes: '', when, start: step?.start ?? Infinity, lines: [] }
}
