<script setup lang="ts">
import { useTitle } from '@vueuse/core'
import StationBar from '@/look/StationBar.vue'
import { SERIES } from './drawings'
import SmallDrawing from './SmallDrawing.vue'

/** Every stage that is drawn, to leaf through. */
useTitle('What it looks like · Deft Chill')
</script>

<template>
  <StationBar station="make" />
  <main class="cues">
    <h1>What it looks like</h1>
    <section v-for="(series, id) in SERIES" :key="id" :aria-label="series.name">
      <h2 class="section-title">{{ series.name }}</h2>
      <ol>
        <li v-for="s in series.stages" :key="s.name">
          <SmallDrawing :marks="s.marks" />
          <div>
            <b>{{ s.name }}</b>
            <p>{{ s.tells }}</p>
          </div>
        </li>
      </ol>
    </section>
  </main>
</template>

<style scoped>
.cues {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(520px, 1fr));
  gap: 18px 24px;
  padding: 18px 20px;
}

h1 {
  grid-column: 1 / -1;
  margin: 0;
  font-size: 24px;
  font-weight: 700;
}

section:first-of-type {
  grid-column: 1 / -1;
}

ol {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(160px, 1fr));
  gap: 10px;
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}

li {
  padding: 10px 12px;
  background: var(--panel);
}

li :deep(svg) {
  max-width: 150px;
}

b {
  font-size: 17px;
}

p {
  margin: 0;
  color: var(--quiet);
  font-size: 15px;
}

@media (max-width: 600px) {
  .cues {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
