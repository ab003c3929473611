<script setup lang="ts">
import type { SaveState } from './held'

/** In place of a formula that is not open: not yet, or not any more. */
defineProps<{ state: SaveState }>()
</script>

<template>
  <main>
    <p v-if="state === 'missing'">
      This formula does not exist any more. <RouterLink to="/">Open another</RouterLink>
    </p>
    <p v-else-if="state === 'waiting'">Deft Chill does not answer yet; trying again…</p>
    <p v-else>Opening…</p>
  </main>
</template>

<style scoped>
main {
  padding: 40px;
}
</style>
