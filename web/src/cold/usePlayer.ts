import { onBeforeUnmount, ref, type Ref } from 'vue'

/** The whole axis plays in so many seconds. */
const SECONDS = 14

/** Plays time along an axis, frame by frame of the browser. */
export function usePlayer(minute: Ref<number>, until: Ref<number>) {
  const playing = ref(false)
  let request = 0
  let before = 0

  function step(now: number) {
    const passed = before ? Math.min(0.1, (now - before) / 1000) : 0
    before = now
    minute.value = Math.min(until.value, minute.value + (until.value / SECONDS) * passed)
    if (minute.value >= until.value) pause()
    else request = requestAnimationFrame(step)
  }

  function play() {
    if (minute.value >= until.value) minute.value = 0
    playing.value = true
    before = 0
    request = requestAnimationFrame(step)
  }

  function pause() {
    playing.value = false
    cancelAnimationFrame(request)
  }

  onBeforeUnmount(pause)
  return { playing, toggle: () => (playing.value ? pause() : play()), pause }
}
