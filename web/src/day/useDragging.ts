import { useDebounceFn, useEventListener, useTimeoutFn } from '@vueuse/core'
import { shallowRef, type Ref } from 'vue'
import type { PlanAnswer, PlanTask } from '@/api/client'
import { ask } from '@/answers/queries'
import type { Axis } from './axis'
import type { Lane } from './lanes'

export interface Held {
  task: PlanTask
  start: number
  hand: string
  /** What would be wrong there; nothing while it is not known. */
  why: string[]
}

/** Moves by so many minutes; with Shift by one. */
const STEP = 5
/** A pointer that has moved less only touches, px. */
const TOUCH = 5
/** A finger that rests so long on a step takes it up; one that moves sooner scrolls, ms. */
const RESTS_MS = 350

/** A step over another place, and what would be wrong with it there. */
function useHolding(answer: () => PlanAnswer) {
  const held = shallowRef<Held>()
  const check = useDebounceFn(async () => {
    const now = held.value
    if (!now) return
    const { plan, schedule } = answer()
    const where = { task: now.task.id, start: now.start, hand: now.hand }
    const found = await ask('checkPlan', { document: plan, schedule, ...where }).catch(() => undefined)
    if (held.value === now && found) held.value = { ...now, why: found.breaches.map((b) => b.words) }
  }, 60)

  function hold(task: PlanTask, start: number, hand: string) {
    if (held.value?.start === start && held.value.hand === hand) return
    held.value = { task, start, hand, why: held.value?.why ?? [] }
    void check()
  }
  return { held, hold }
}

/** Follows the pointer until it is let go, or the drag is given up. */
function follow(move: (event: PointerEvent) => void, end: (dropped: boolean) => void) {
  const stops: (() => void)[] = []
  const stop = (dropped: boolean) => {
    for (const each of stops) each()
    end(dropped)
  }
  stops.push(
    useEventListener(window, 'pointermove', move),
    useEventListener(window, 'pointerup', () => stop(true)),
    useEventListener(window, 'pointercancel', () => stop(false)),
    useEventListener(window, 'keydown', (e: KeyboardEvent) => e.key === 'Escape' && stop(false)),
  )
  return stop
}

/** Whether a finger has rested: until then it scrolls, from then on it does not. */
function useResting(rested: () => void) {
  const wait = useTimeoutFn(rested, RESTS_MS, { immediate: false })
  const still = (e: Event) => e.cancelable && e.preventDefault()
  const stops: (() => void)[] = []
  return {
    begin() {
      wait.start()
      stops.push(
        useEventListener(window, 'touchmove', (e) => !wait.isPending.value && still(e), { passive: false }),
        useEventListener(window, 'contextmenu', still),
      )
    },
    pending: wait.isPending,
    end() {
      wait.stop()
      for (const stop of stops.splice(0)) stop()
    },
  }
}

/** Whose lane the pointer is over; else who has it now. */
function handAt(event: PointerEvent, task: PlanTask, lanes: Lane[], box: HTMLElement | null) {
  const top = box?.querySelector('svg')?.getBoundingClientRect().top ?? 0
  const y = event.clientY - top - 40
  const lane = lanes.find((l) => l.kind === 'hand' && y >= l.top && y < l.top + l.height)
  return lane?.key ?? task.hand
}

/** A step in the hand: dragged along the clock and to somebody else, or moved by keys. */
export function useDragging(
  answer: () => PlanAnswer,
  axis: () => Axis,
  lanes: () => Lane[],
  box: Readonly<Ref<HTMLElement | null>>,
  drop: (task: PlanTask, start: number, hand: string) => void,
) {
  const { held, hold } = useHolding(answer)

  const resting = useResting(() => taken && hold(taken, taken.start, taken.hand))
  let taken: PlanTask | undefined

  function grab(event: PointerEvent, task: PlanTask) {
    if (event.button !== 0 || task.done) return
    const begin = axis().x(task.start) - event.clientX
    const from = { x: event.clientX, y: event.clientY }
    taken = task
    if (event.pointerType === 'touch') resting.begin()
    const stop = follow(
      (e) => {
        const moved = Math.hypot(e.clientX - from.x, e.clientY - from.y) >= TOUCH
        if (moved && resting.pending.value) return stop(false)
        if (!held.value && !moved) return
        const step = e.shiftKey ? 1 : STEP
        const minute = axis().minute(begin + e.clientX)
        hold(task, Math.round(minute / step) * step, task.hand && handAt(e, task, lanes(), box.value))
      },
      (dropped) => {
        const now = held.value
        held.value = undefined
        resting.end()
        if (dropped && now && (now.start !== task.start || now.hand !== task.hand))
          drop(task, now.start, now.hand)
      },
    )
  }

  /** Arrow keys move it by five minutes, with Shift by one; up and down to somebody else. */
  function keys(event: KeyboardEvent, task: PlanTask) {
    if (task.done) return
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
    const other = { ArrowUp: -1, ArrowDown: 1 }[event.key]
    if (by !== undefined) {
      event.preventDefault()
      drop(task, task.start + by * (event.shiftKey ? 1 : STEP), task.hand)
    } else if (other !== undefined && task.hand) {
      event.preventDefault()
      const hands = answer().hands
      const next = hands[hands.findIndex((h) => h.id === task.hand) + other]
      if (next) drop(task, task.start, next.id)
    }
  }

  return { held, grab, keys }
}
