import { onBeforeUnmount, ref, watch, type Ref } from 'vue'

/** Width and height of an element, px, kept up as the page changes. */
export function useSize(element: Ref<HTMLElement | null>) {
  const width = ref(0)
  const height = ref(0)
  const observer =
    typeof ResizeObserver === 'undefined'
      ? undefined
      : new ResizeObserver(([entry]) => {
          if (!entry) return
          width.value = entry.contentRect.width
          height.value = entry.contentRect.height
        })
  watch(
    element,
    (now, before) => {
      if (before) observer?.unobserve(before)
      if (now) observer?.observe(now)
    },
    { immediate: true },
  )
  onBeforeUnmount(() => observer?.disconnect())
  return { width, height }
}
