import { useDebounceFn, useEventListener } from '@vueuse/core'
import { type Ref } from 'vue'

/** Long enough to type a second number after the first. */
const REST_MS = 2000
const TYPED = ['text', 'search', 'number', 'tel', '']

function isTyped(target: EventTarget | null): target is HTMLInputElement | HTMLTextAreaElement {
  return (
    target instanceof HTMLTextAreaElement ||
    (target instanceof HTMLInputElement && TYPED.includes(target.type))
  )
}

/**
 * What is typed counts once typing rests, or the page is left: not only once the field is, which on a phone it may never be.
 *
 * @param within whose fields
 * @param typing something is being typed that is not taken yet
 * @param taken it was taken
 */
export function useTyped(within: Ref<HTMLElement | null>, typing: () => void, taken: () => void) {
  let field: HTMLInputElement | HTMLTextAreaElement | undefined
  function take() {
    const last = field
    field = undefined
    last?.dispatchEvent(new Event('change', { bubbles: true }))
    if (last) taken()
  }
  const rested = useDebounceFn(take, REST_MS)
  useEventListener(within, 'input', (event: Event) => {
    if (!isTyped(event.target)) return
    field = event.target
    typing()
    void rested()
  })
  useEventListener(within, 'change', (event: Event) => {
    if (event.target === field) field = undefined
  })
  useEventListener(document, 'visibilitychange', () => document.hidden && take(), { capture: true })
}
