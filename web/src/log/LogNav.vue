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
  <nav class="places" aria-label="In the log">
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

<style scoped>
.places {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
  align-items: center;
  padding: 10px 20px 0;
}

a {
  padding: 6px 0;
  border-bottom: 2px solid transparent;
  color: var(--quiet);
  text-decoration: none;
}

a.here {
  border-color: var(--act);
  color: var(--ink);
  font-weight: 700;
}

a:hover {
  color: var(--ink);
}
</style>
