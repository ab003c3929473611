<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { useRouter } from 'vue-router'
import { searchAsked } from './book/toSearch'
import { theme } from './look/theme'

const router = useRouter()

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
    <RouterView />
  </a-config-provider>
</template>
