<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { onBeforeUnmount, watch } from 'vue'
import { closed, isTopmost, opened } from './sheets'

/** A sheet that slides in from the side, announced as a dialog; Escape closes it, arrow keys scroll it. */
defineProps<{ title: string; width: number }>()
const open = defineModel<boolean>('open', { required: true })

const me = Symbol('sheet')
watch(open, (now) => (now ? opened(me) : closed(me)), { immediate: true })

/** The drawer hears Escape only while the focus is inside it; this hears it anywhere. */
function escape(event: KeyboardEvent) {
  if (event.key !== 'Escape' || !isTopmost(me)) return
  event.stopImmediatePropagation()
  open.value = false
}
useEventListener('keydown', escape, { capture: true })
onBeforeUnmount(() => closed(me))
</script>

<template>
  <a-drawer
    v-model:open="open"
    :title="title"
    :width="width"
    :body-style="{ padding: 0, overflow: 'hidden' }"
  >
    <div class="scroll" role="dialog" aria-modal="true" :aria-label="title" tabindex="0">
      <slot />
    </div>
  </a-drawer>
</template>

<style scoped>
.scroll {
  height: 100%;
  padding: 18px 24px;
  overflow: auto;
}

.scroll:focus-visible {
  outline-offset: -3px;
}
</style>
