<script setup lang="ts">
import type { Larder } from '@/api/client'
import type { api } from '@/api/client'
import TheCut from '@/cut/TheCut.vue'

/** What comes of the four answers: the line, the cut, the amounts. */
defineProps<{ begun: Awaited<ReturnType<typeof api.beginDessert>>; larder?: Larder }>()
</script>

<template>
  <section class="seen" aria-label="What comes of it">
    <p v-for="sentence in begun.line" :key="sentence.text" :class="['line', sentence.tone.toLowerCase()]">
      {{ sentence.text }}
    </p>
    <TheCut class="cut" :section="begun.section" />
    <div v-for="component in begun.document.components" :key="component.id" class="made-of">
      <h2>{{ component.name }}</h2>
      <ul>
        <li v-for="line in component.lines" :key="line.id">
          <span>{{ larder?.ingredients.find((i) => i.id === line.of)?.name ?? line.of }}</span>
          <b>{{ line.amount }}</b>
        </li>
        <li v-for="gel in component.gels" :key="gel.id">
          <span>{{ larder?.gels.find((g) => g.id === gel.of)?.name ?? gel.of }}</span>
          <b>{{ gel.amount }}</b>
        </li>
      </ul>
    </div>
    <p class="hint">Everything can be changed on the Bench: fruit, amounts, layers.</p>
  </section>
</template>

<style scoped>
.seen {
  padding: 14px 20px;
  background: var(--panel);
}

.line {
  padding-left: 12px;
  border-left: 6px solid var(--good);
  font-size: 19px;
  font-weight: 700;
}

.line.caution {
  border-color: var(--caution);
}

.line.bad,
.line.unsafe {
  border-color: var(--act);
}

.cut {
  height: 300px;
  padding-top: 10px;
}

.made-of {
  padding-top: 8px;
}

h2 {
  font-size: 15px;
  font-weight: 700;
}

.made-of li {
  display: flex;
  justify-content: space-between;
  max-width: 340px;
  border-bottom: 1px solid var(--hairline);
}

.hint {
  padding-top: 10px;
  color: var(--quiet);
}
</style>
