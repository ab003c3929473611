<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useTitle } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { api } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import StationBar from '@/look/StationBar.vue'
import LogNav from './LogNav.vue'
import { depths } from './tree'
import { day } from './words'

/** States of a dessert as a tree: what was changed each time, and what came out of it. */
const route = useRoute()
const id = computed(() => String(route.params.id))
const { data, isError } = useQuery({
  queryKey: computed(() => ['trials', id.value]),
  queryFn: () => api.trials(id.value),
})
useTitle(computed(() => `Trials of ${data.value?.formula ?? ''} · Deft Chill`))
const choices = useChoices()
const word = (o: string) => choices('outcome').find((c) => c.value === o)?.label ?? o
const rows = computed(() => depths(data.value?.trials ?? []))
const picked = ref<string[]>([])
function pick(batch: string) {
  picked.value = picked.value.includes(batch)
    ? picked.value.filter((p) => p !== batch)
    : [...picked.value, batch].slice(-4)
}
const COUNT = ['nothing', 'one thing', 'two things', 'three things', 'four things', 'five things']
const counted = (n: number) => COUNT[n] ?? `${n} things`
</script>

<template>
  <StationBar station="log" :formula="id" />
  <LogNav here="log" />
  <main class="trials">
    <h1>{{ data ? `Trials of ${data.formula}` : 'Trials' }}</h1>
    <p v-if="isError" role="alert">The trials cannot be read now.</p>
    <p v-else class="hint">
      Each state under the one it grew out of. Change one thing at a time and the cups tell what it did; where
      several were changed at once, nobody knows which it was.
    </p>
    <ol>
      <li v-for="r in rows" :key="r.index" :style="{ marginLeft: `${r.depth * 34}px` }">
        <header>
          <b>{{
            r.trial.name ||
            (r.trial.number ? `State ${r.trial.number}` : r.trial.present ? 'As it is now' : 'Made, not kept')
          }}</b>
          <small v-if="r.trial.present && (r.trial.name || r.trial.number)">as it is now</small>
          <small v-if="r.trial.at">{{ day(r.trial.at.slice(0, 10)) }}</small>
        </header>
        <p v-if="r.trial.parent !== undefined" class="changed" :class="{ many: r.trial.changes.length > 1 }">
          <span
            >{{ counted(r.trial.changes.length) }} changed{{
              r.trial.changes.length > 1 ? ' at once' : ''
            }}</span
          >
        </p>
        <ul v-if="r.trial.changes.length">
          <li v-for="c in r.trial.changes.slice(0, 6)" :key="c.key">
            {{ c.name }}: {{ c.before || 'not there' }} → <b>{{ c.after || 'not there' }}</b>
          </li>
          <li v-if="r.trial.changes.length > 6">and {{ r.trial.changes.length - 6 }} more</li>
        </ul>
        <p v-if="r.trial.batches.length" class="batches">
          <label v-for="b in r.trial.batches" :key="b.id" :class="b.outcome.toLowerCase()">
            <input type="checkbox" :checked="picked.includes(b.id)" @change="pick(b.id)" />
            <RouterLink :to="{ name: 'batch', params: { id: b.id } }"
              >{{ day(b.madeOn) }}, {{ word(b.outcome) }}</RouterLink
            >
          </label>
        </p>
        <p v-else class="none">never made</p>
      </li>
    </ol>
    <RouterLink v-if="picked.length > 1" class="go" :to="{ name: 'beside', query: { ids: picked.join(',') } }"
      >See {{ picked.length }} side by side</RouterLink
    >
  </main>
</template>

<style scoped>
.trials {
  display: grid;
  gap: 12px;
  max-width: 1100px;
  padding: 12px 20px 60px;
}

h1 {
  font-size: 22px;
}

.hint,
.none,
small {
  color: var(--quiet);
}

ol {
  display: grid;
  gap: 10px;
}

ol > li {
  padding: 10px 14px;
  border-left: 4px solid var(--edge);
  background: var(--panel);
}

header {
  display: flex;
  gap: 12px;
  align-items: baseline;
}

.changed {
  color: var(--good);
  font-weight: 700;
}

.changed.many {
  color: var(--caution);
}

.batches {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  padding-top: 6px;
}

.batches label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 32px;
  padding-left: 8px;
  border-left: 4px solid var(--unsafe);
}

.batches .clean {
  border-color: var(--good);
}

.batches .small_divots {
  border-color: var(--straw);
}

.batches a {
  color: var(--ink);
}

.go {
  position: fixed;
  right: 24px;
  bottom: 18px;
  display: inline-flex;
  align-items: center;
  min-height: 48px;
  padding: 0 20px;
  border-radius: 4px;
  background: var(--act);
  color: var(--white);
  font-weight: 700;
  text-decoration: none;
}
</style>
