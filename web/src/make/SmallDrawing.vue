<script setup lang="ts">
import type { Mark } from './drawings'

/** One of our own drawings; what it shows is said beside it. */
defineProps<{ marks: Mark[] }>()
</script>

<template>
  <svg viewBox="0 0 96 72" aria-hidden="true">
    <path
      v-for="(m, i) in marks"
      :key="i"
      :d="m.d"
      :fill="m.fill ?? 'none'"
      :stroke="m.line ?? 'none'"
      :stroke-width="m.wide ?? 1.6"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  height: auto;
}
</style>
