<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { useRouter } from 'vue-router'
import { searchAsked } from './book/toSearch'
import { useAway } from './answers/useAway'
import { theme } from './look/theme'

const router = useRouter()
const away = useAway()

/** Whether a key goes into what is typed. */
const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))

/** The key that searches the Book from anywhere. */
useEventListener('keydown', (event) => {
  if (event.key !== '/' || event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return
  event.preventDefault()
  searchAsked.value = true
  if (router.currentRoute.value.name !== 'book') void router.push({ name: 'book' })
})
</script>

<template>
  <a-config-provider :theme="theme" :auto-insert-space-in-button="false">
    <p v-if="away" class="away" role="status">
      The database does not answer just now. What you type is kept in this browser and computing goes on;
      everything is read and stored again by itself when it is back.
    </p>
    <RouterView />
  </a-config-provider>
</template>

<style scoped>
.away {
  margin: 0;
  padding: 8px 20px;
  border-bottom: 2px solid var(--caution);
  background: var(--warm-wash);
  color: var(--ink);
}

@media print {
  .away {
    display: none;
  }
}
</style>
