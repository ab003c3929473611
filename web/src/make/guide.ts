import type { Making, MakingEvent, MakingStep } from '@/api/client'

/**
 * How a batch stands by itself, while the server is away: what it last said, with what happened since and the clock. The same rules as
 * the server's `Guide`, which `guide.test.ts` holds it against; what a deviation does is told by the server alone.
 */
export function goneOn(last: Making, unsent: MakingEvent[], second: number): Making {
  const events = counting([...last.events, ...unsent])
  const runs = new Map<string, Run>()
  const measured = new Map<string, string>()
  const lots = new Map<string, string>()
  for (const e of events) {
    const run = runs.get(e.step ?? '') ?? {}
    const at = Math.floor(e.at / 1000)
    if (e.kind === 'BEGAN') runs.set(e.step ?? '', { ...run, began: at })
    if (e.kind === 'ENDED') runs.set(e.step ?? '', { ...run, ended: at })
    if (e.kind === 'LOT') lots.set(e.step ?? '', e.text ?? '')
    if (e.kind === 'MEASURED') for (const c of e.changes ?? []) measured.set(c.path, c.value)
  }
  const byId = new Map<string, MakingStep>()
  const steps = last.steps.map((step) => {
    const now = stands(step, runs.get(step.step.id) ?? {}, byId, second)
    now.asks = step.asks.map((a) => ({
      ...a,
      measured: measured.get(a.address) ?? '',
      lot: lots.get(a.address) ?? '',
    }))
    byId.set(step.step.id, now)
    return now
  })
  return { ...last, events, steps, next: next(steps, second) }
}

interface Run {
  began?: number
  ended?: number
}

/** In the order of time, each once, without what was taken back. */
function counting(events: MakingEvent[]): MakingEvent[] {
  const once = new Map<string, MakingEvent>()
  const inTime = [...events].sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1))
  for (const e of inTime) if (!once.has(e.id)) once.set(e.id, e)
  const undone = new Set([...once.values()].filter((e) => e.kind === 'UNDONE').map((e) => e.text))
  return [...once.values()].filter((e) => e.kind !== 'UNDONE' && !undone.has(e.id))
}

const seconds = (minutes: number) => Math.round(minutes * 60)

/** Of a step what does not change, in one state. */
const as = (of: MakingStep, state: MakingStep['state'], run: Run, due?: number): MakingStep => ({
  step: of.step,
  asks: of.asks,
  ...(of.cue && { cue: of.cue }),
  state,
  why: '',
  ...(run.began !== undefined && { began: run.began }),
  ...(run.ended !== undefined && { ended: run.ended }),
  ...(due !== undefined && { due }),
})

function stands(of: MakingStep, run: Run, before: Map<string, MakingStep>, now: number): MakingStep {
  if (run.ended !== undefined) return as(of, 'DONE', run)
  if (run.began !== undefined) return runs(of, run.began, now)
  let from: number | undefined
  let until: number | undefined
  let why = ''
  for (const after of of.step.after) {
    const other = before.get(after.step)
    if (!other) continue
    if (other.state !== 'DONE' || other.ended === undefined) return as(of, 'LATER', run)
    from = Math.max(from ?? -Infinity, other.ended + seconds(after.leastMinutes))
    if (after.mostMinutes === undefined) continue
    const closes = other.ended + seconds(after.mostMinutes)
    if (until === undefined || closes < until) {
      until = closes
      why = after.why
    }
  }
  if (of.step.kind === 'WAITING' && from !== undefined && from <= now) return runs(of, from, now)
  return {
    ...as(of, from === undefined || from <= now ? 'READY' : 'WAITS', run),
    ...(from !== undefined && { from }),
    ...(until !== undefined && { until }),
    why,
  }
}

/** What only takes time is over when its time is. */
function runs(of: MakingStep, began: number, now: number): MakingStep {
  const due = began + seconds(of.step.takes.likely)
  return of.step.kind === 'WAITING' && due <= now
    ? as(of, 'DONE', { began, ended: due })
    : as(of, 'RUNNING', { began }, due)
}

/** What runs and is due, then what closes first, then in the order of the method. */
function next(steps: MakingStep[], now: number): string {
  const first = (among: MakingStep[], by: (s: MakingStep) => number | undefined) =>
    among.reduce<MakingStep | undefined>(
      (best, s) => (!best || (by(s) ?? Infinity) < (by(best) ?? Infinity) ? s : best),
      undefined,
    )
  const hands = steps.filter((s) => s.step.kind !== 'WAITING')
  const due = first(
    hands.filter((s) => s.state === 'RUNNING'),
    (s) => s.due,
  )
  if (due && (due.due ?? Infinity) <= now) return due.step.id
  const ready = first(
    hands.filter((s) => s.state === 'READY'),
    (s) => s.until,
  )
  return (ready ?? due)?.step.id ?? ''
}
