<script setup lang="ts">
import { computed } from 'vue'

/** The head of every station: where one is, where one can go, and the station's own tools. */
const props = defineProps<{
  station: 'book' | 'bench' | 'cold' | 'day' | 'make' | 'log' | 'larder' | 'sums' | 'kitchen'
  /** The formula that is open: Bench and Cold keep it. */
  formula?: string
}>()
const STATIONS = computed(() => [
  { id: 'book', label: 'Book', to: '/' },
  { id: 'bench', label: 'Bench', to: props.formula ? `/bench/${props.formula}` : '/bench' },
  { id: 'cold', label: 'Cold', to: props.formula ? `/cold/${props.formula}` : '/cold' },
  { id: 'day', label: 'Day', to: '/day' },
  { id: 'make', label: 'Make', to: '/make' },
  { id: 'log', label: 'Log', to: '/log' },
  { id: 'larder', label: 'Larder', to: '/larder' },
  { id: 'sums', label: 'Sums', to: '/sums' },
  { id: 'kitchen', label: 'Kitchen', to: '/kitchen' },
])
</script>

<template>
  <header class="bar">
    <span class="wordmark"><img src="/favicon.svg" alt="" width="26" height="26" /> Deft Chill</span>
    <nav aria-label="Stations">
      <RouterLink
        v-for="s in STATIONS"
        :key="s.id"
        :to="s.to"
        :class="{ here: s.id === station }"
        :aria-current="s.id === station ? 'page' : undefined"
        >{{ s.label }}</RouterLink
      >
    </nav>
    <slot />
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  min-height: 48px;
  padding: 7px 20px;
  background: var(--ink);
  color: var(--white);
}

.wordmark {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 17px;
  font-weight: 700;
  white-space: nowrap;
}

nav {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
}

nav a {
  padding: 4px 2px;
  border-bottom: 3px solid transparent;
  color: var(--wash);
}

nav a.here {
  border-color: var(--glow);
  color: var(--white);
  font-weight: 700;
}

nav a:hover {
  border-color: var(--edge-strong);
  color: var(--white);
}
</style>
