import type { Making, MakingEvent, Remedy } from '@/api/client'

type Happened = [MakingEvent['kind'], Partial<MakingEvent>?]

/**
 * A remedy that is taken: what it changes, a step of its own that says it, before what is done once more, and those steps
 * open again.
 */
export function takes(remedy: Remedy, making: Making): Happened[] {
  const again = new Set(remedy.again)
  const reopened: Happened[] = making.events
    .filter((e) => again.has(e.step ?? '') && (e.kind === 'BEGAN' || e.kind === 'ENDED'))
    .map((e) => ['UNDONE', { text: e.id }])
  return [
    ['TOOK', { text: remedy.label, changes: [...remedy.changes, ...ownStep(remedy, making)] }],
    ...reopened,
  ]
}

/** The step in its own words, after the last one of its component that stays done. */
function ownStep(remedy: Remedy, making: Making) {
  const redone = remedy.again.find((id) => /^\d+\./.test(id))
  const done = making.steps.filter(
    (s) => /^\d+\./.test(s.step.id) && s.state === 'DONE' && !remedy.again.includes(s.step.id),
  )
  const of = redone?.split('.')[0] ?? done.at(-1)?.step.id.split('.')[0] ?? '0'
  const component = Number(of)
  const ofIt = making.steps.filter((s) => s.step.id.startsWith(`${of}.`))
  // Before what is done once more; nothing of it done yet, right before that step.
  const until = ofIt.findIndex((s) => s.step.id === redone)
  const last =
    done.filter((s) => s.step.id.startsWith(`${of}.`)).at(-1) ?? (until > 0 ? ofIt[until - 1] : undefined)
  const at = `/components/${component}/work/${making.made.components[component]?.work?.length ?? 0}`
  return [
    { path: `${at}/verb`, value: 'own' },
    { path: `${at}/text`, value: remedy.label },
    { path: `${at}/follows`, value: last?.step.work ?? '' },
  ]
}
