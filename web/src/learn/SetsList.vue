<script setup lang="ts">
import { computed } from 'vue'
import type { LearnedSets } from '@/api/client'
import { figure } from '@/log/words'

/** Sets that were accepted, which of them holds, and which lot is open. */
const props = defineProps<{ sets: LearnedSets }>()
const emit = defineEmits<{ go: [number: number]; use: [what: string, which: string] }>()
const current = computed(() => props.sets.sets.find((s) => s.current))
const when = (at: string) =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
/** Lots and cooks that any set knows, by what they are of. */
const lots = computed(() => {
  const of = new Map<string, Set<string>>()
  for (const set of props.sets.sets)
    for (const f of set.figures) {
      const lot = /^lot:([^/]+)\/(.*):bloom$/.exec(f.key)
      const cook = /^cook:([^:]+):/.exec(f.key)
      const [what, which] = lot ? [lot[1], lot[2]] : cook ? ['cook', cook[1]] : []
      if (what !== undefined && which) of.set(what, (of.get(what) ?? new Set()).add(which))
    }
  for (const [what, which] of Object.entries(props.sets.using)) of.get(what)?.add(which)
  return [...of].map(([what, which]) => ({ what, which: [...which].sort() }))
})
const nameOf = (what: string) => (what === 'cook' ? 'Who works' : `${props.sets.names[what] ?? what}, lot`)
</script>

<template>
  <section aria-label="Accepted sets">
    <h2 class="section-title">
      {{ current ? `Set ${current.number} holds` : 'The handbook’s numbers hold' }}
      <small v-if="current"
        ><button type="button" class="link-like" @click="emit('go', 0)">
          Go back to the handbook
        </button></small
      >
    </h2>
    <div v-if="lots.length" class="lots">
      <label v-for="l in lots" :key="l.what"
        >{{ nameOf(l.what) }} in use
        <select
          :value="sets.using[l.what] ?? ''"
          @change="emit('use', l.what, ($event.target as HTMLSelectElement).value)"
        >
          <option v-for="w in l.which" :key="w" :value="w">{{ w }}</option>
          <option value="">another one, by its label</option>
        </select>
      </label>
    </div>
    <article v-for="s in sets.sets" :key="s.number" :class="{ current: s.current }">
      <header>
        <b>Set {{ s.number }}</b>
        <span
          >accepted {{ when(s.acceptedAt) }}{{ s.acceptedBy ? ` by ${s.acceptedBy}` : '' }}, from
          {{ s.batches.length }} batches</span
        >
        <button v-if="!s.current" type="button" class="link-like" @click="emit('go', s.number)">
          Let it hold
        </button>
      </header>
      <ul>
        <li v-for="f in s.figures" :key="f.key">
          {{ f.name }} <b>{{ figure(f.value) }} {{ f.unit }}</b>
          <small>{{ figure(f.low) }} to {{ figure(f.high) }}; handbook {{ figure(f.handbook) }}</small>
        </li>
      </ul>
    </article>
  </section>
</template>

<style scoped>
.lots {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 20px;
  padding: 10px 12px;
  background: var(--panel);
}

label {
  color: var(--quiet);
  font-size: 13px;
}

select {
  display: block;
  min-height: 36px;
  padding: 2px 8px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
  font-size: 15px;
}

article {
  padding: 10px 12px;
  border-left: 4px solid var(--edge);
  border-bottom: 1px solid var(--hairline);
  background: var(--panel);
}

article.current {
  border-left-color: var(--good);
}

header {
  display: flex;
  gap: 14px;
  align-items: baseline;
}

header span,
small {
  color: var(--quiet);
}

header button {
  margin-left: auto;
}

li {
  display: flex;
  gap: 10px;
  align-items: baseline;
}
</style>
