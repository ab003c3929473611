import { useTitle } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import type { MakingStep } from '@/api/client'

/** A step whose time runs. */
export interface Timer {
  id: string
  name: string
  left: number
}

/** Two short tones, by the browser's own means; where it gives no sound, the page still flashes. */
export function tone() {
  try {
    const audio = new AudioContext()
    for (const at of [0, 0.35]) {
      const voice = audio.createOscillator()
      const volume = audio.createGain()
      voice.frequency.value = 880
      volume.gain.value = 0.2
      voice.connect(volume).connect(audio.destination)
      voice.start(audio.currentTime + at)
      voice.stop(audio.currentTime + at + 0.22)
    }
  } catch {
    /* No sound here. */
  }
}

/** What runs, soonest first; what falls due while the page is open, or fell due before, is called out once. */
export function useTimers(steps: Ref<MakingStep[]>, second: Ref<number>, name: Ref<string>) {
  const timers = computed<Timer[]>(() =>
    steps.value
      .flatMap((s) =>
        s.state === 'RUNNING' && s.due !== undefined
          ? [
              {
                id: s.step.id,
                name: s.step.component ? `${s.step.title}, ${s.step.component}` : s.step.title,
                left: s.due - second.value,
              },
            ]
          : [],
      )
      .sort((a, b) => a.left - b.left),
  )
  const heard = ref(new Set<string>())
  const due = computed(() => timers.value.filter((t) => t.left <= 0))
  watch(due, (now) => {
    const fresh = now.filter((t) => !heard.value.has(t.id))
    if (!fresh.length) return
    heard.value = new Set([...heard.value, ...fresh.map((t) => t.id)])
    tone()
  })
  useTitle(computed(() => `${due.value.length ? '⏰ ' : ''}${name.value || 'Make'} · Deft Chill`))
  return { timers, due }
}
