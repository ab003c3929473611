<script setup lang="ts">
/** What the log has besides the list: all of it one touch away. */
const PLACES = [
  { name: 'log', label: 'Batches' },
  { name: 'ladders', label: 'Dose ladders' },
  { name: 'numbers', label: 'Our own numbers' },
  { name: 'right', label: 'Is the tool right?' },
]
defineProps<{ here: string }>()
</script>

<template>
  <nav class="page-places" aria-label="In the log">
    <RouterLink
      v-for="p in PLACES"
      :key="p.name"
      :to="{ name: p.name }"
      :class="{ here: p.name === here }"
      :aria-current="p.name === here ? 'page' : undefined"
      >{{ p.label }}</RouterLink
    >
    <slot />
  </nav>
</template>
