import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import { ApiProblem, type LadderView } from '@/api/client'
import { useSend } from '@/answers/queries'

/** What a taster says of the cups, by their codes: 1 to 5. */
export type Scores = Record<string, number>

const AGAIN_MS = 2000

/**
 * Scores on their way: one write after the other, so that the last touch counts. What finds no server is kept on this device
 * and sent again; what is refused is told.
 */
export function useScores(id: Ref<string>, took: (ladder: LadderView) => Promise<void>) {
  const send = useSend('scoreLadder')
  /** By ladder, by taster. */
  const kept = useLocalStorage<Record<string, Record<string, Scores>>>('deft-chill.scores', {})
  const wrong = ref('')
  let sending = false

  const waiting = () => kept.value[id.value] ?? {}
  function keep(ofTasters: Record<string, Scores>) {
    const others = Object.entries(kept.value).filter(([ladder]) => ladder !== id.value)
    kept.value = Object.fromEntries(
      Object.keys(ofTasters).length ? [...others, [id.value, ofTasters]] : others,
    )
  }
  /** Let go, unless a newer touch is waiting. */
  function sent(taster: string, said: string) {
    if (JSON.stringify(waiting()[taster]) !== said) return
    keep(Object.fromEntries(Object.entries(waiting()).filter(([name]) => name !== taster)))
  }

  async function sendOne(taster: string, scores: Scores) {
    const said = JSON.stringify(scores)
    try {
      await took(await send(id.value, taster, scores))
      wrong.value = ''
      sent(taster, said)
      return true
    } catch (failed) {
      const refused = failed instanceof ApiProblem && !failed.mayPass ? failed.response : undefined
      const problem = refused?.problems[0]
      wrong.value = refused
        ? `${problem ? `The scores ${problem.rule}` : refused.detail}. They were not stored.`
        : 'Not stored yet: Deft Chill does not answer. The scores stay here and are sent again.'
      if (refused) sent(taster, said)
      return false
    }
  }

  async function flush() {
    if (sending) return
    sending = true
    let next = Object.entries(waiting())[0]
    while (next && (await sendOne(...next))) next = Object.entries(waiting())[0]
    sending = false
  }
  useIntervalFn(() => void flush(), AGAIN_MS, { immediateCallback: true })

  function say(taster: string, scores: Scores) {
    keep({ ...waiting(), [taster]: scores })
    void flush()
  }
  return { say, waiting, wrong }
}
