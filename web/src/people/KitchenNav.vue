<script setup lang="ts">
import { computed } from 'vue'
import { useSession } from './useSession'

/** What belongs to the kitchen as a whole: how it works, who works in it, oneself. */
defineProps<{ here: string }>()
const { head } = useSession()
const places = computed(() => [
  { name: 'kitchen', label: 'How it works' },
  ...(head.value
    ? [
        { name: 'people', label: 'People' },
        { name: 'keeping', label: 'Safe keeping' },
      ]
    : []),
  { name: 'account', label: 'Yourself' },
])
</script>

<template>
  <nav class="page-places" aria-label="In the kitchen">
    <RouterLink
      v-for="p in places"
      :key="p.name"
      :to="{ name: p.name }"
      :class="{ here: p.name === here }"
      :aria-current="p.name === here ? 'page' : undefined"
      >{{ p.label }}</RouterLink
    >
  </nav>
</template>
