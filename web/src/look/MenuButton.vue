<script setup lang="ts">
import { ref, useTemplateRef } from 'vue'

/** A button with a menu, which opens, is walked and is left by keyboard as well: arrows, Home, End, Enter, Escape. */
defineProps<{
  label: string
  /** What it is called where its label is only a sign. */
  spoken?: string
}>()

const open = ref(false)
const list = useTemplateRef<HTMLElement>('list')
const button = useTemplateRef<HTMLElement>('button')
const items = () => [...(list.value?.querySelectorAll<HTMLElement>('[role=menuitem]') ?? [])]

function show(now: boolean) {
  open.value = now
  if (now) focusFirst()
}

/** The menu is put into the page, measured and shown in as many frames; only then it takes the focus. */
function focusFirst(frames = 20) {
  const first = items()[0]
  first?.focus()
  if (open.value && frames > 0 && (!first || document.activeElement !== first))
    requestAnimationFrame(() => focusFirst(frames - 1))
}

function close() {
  open.value = false
  button.value?.querySelector('button')?.focus()
}

function walk(event: KeyboardEvent) {
  const all = items()
  const at = all.indexOf(document.activeElement as HTMLElement)
  const to: Record<string, number> = {
    ArrowDown: (at + 1) % all.length,
    ArrowUp: (at - 1 + all.length) % all.length,
    Home: 0,
    End: all.length - 1,
  }
  if (event.key in to) all[to[event.key] as number]?.focus()
  else if (event.key === 'Enter' || event.key === ' ') (all[at]?.querySelector('a') ?? all[at])?.click()
  else if (event.key === 'Escape') close()
  else if (event.key === 'Tab') return close()
  else return
  event.preventDefault()
  event.stopPropagation()
}
</script>

<template>
  <span ref="button">
    <a-dropdown :open="open" :trigger="['click']" @update:open="show">
      <a-button
        aria-haspopup="menu"
        :aria-expanded="open"
        :aria-label="spoken"
        @keydown.down.prevent="show(true)"
        @keydown.esc="open = false"
        >{{ label }}</a-button
      >
      <template #overlay>
        <div ref="list" @keydown.capture="walk">
          <a-menu @click="open = false"><slot /></a-menu>
        </div>
      </template>
    </a-dropdown>
  </span>
</template>
