<script setup lang="ts">
/** The door: one thing to do, and nothing else on the page. */
defineProps<{ title: string }>()
</script>

<template>
  <main class="door">
    <p class="wordmark"><img src="/favicon.svg" alt="" width="40" height="40" /> Deft Chill</p>
    <h1>{{ title }}</h1>
    <slot />
  </main>
</template>

<style scoped>
.door {
  display: grid;
  gap: 14px;
  width: min(420px, 100% - 40px);
  margin: 12vh auto 0;
  padding: 28px 32px 32px;
  border-top: 4px solid var(--act);
  background: var(--panel);
}

.wordmark {
  display: flex;
  gap: 10px;
  align-items: center;
  font-weight: 700;
}

h1 {
  font-size: 22px;
}
</style>
