<script setup lang="ts">
import { computed } from 'vue'
import type { PlanAnswer } from '@/api/client'
import { clock, isoDate, lasting, weekday } from './clock'

/** The same plan in words, in the order of the clock: what a screen reader, a phone and paper get. */
const props = defineProps<{ answer: PlanAnswer; selected?: string; printed?: boolean }>()
const emit = defineEmits<{ select: [task: string] }>()

const zone = computed(() => props.answer.zone)
const dishOf = (id: string) => props.answer.dishes.find((d) => d.id === id)?.name ?? ''
const role = (id: string) => props.answer.hands.find((h) => h.id === id)?.role ?? ''
interface Row {
  at: number
  key: string
  task?: PlanAnswer['tasks'][number]
  service?: string
}
const days = computed(() => {
  const rows: Row[] = props.answer.tasks
    .filter((t) => t.start)
    .map((task) => ({ at: task.start, key: task.id, task }))
  for (const due of new Set(props.answer.dishes.map((d) => d.due)))
    rows.push({
      at: due,
      key: `due-${due}`,
      service: `${props.answer.dishes.find((d) => d.due === due)?.service}: ${props.answer.dishes
        .filter((d) => d.due === due)
        .map((d) => `${d.count} ${d.name}`)
        .join(', ')}`,
    })
  rows.sort((a, b) => a.at - b.at)
  const found = new Map<string, Row[]>()
  for (const row of rows) {
    const day = isoDate(row.at, zone.value)
    found.set(day, [...(found.get(day) ?? []), row])
  }
  return [...found.values()]
})
const wrongs = (id: string) => props.answer.breaches.filter((b) => b.tasks[0] === id).map((b) => b.words)
</script>

<template>
  <div class="in-words" :aria-label="printed ? undefined : 'The plan in words'">
    <section v-for="rows in days" :key="rows[0]?.key">
      <h3>{{ weekday(rows[0]?.at ?? 0, zone) }}</h3>
      <ol>
        <li
          v-for="row in rows"
          :key="row.key"
          :class="{ service: row.service, wait: row.task && !row.task.hand, chosen: row.key === selected }"
        >
          <b class="clock">{{ clock(row.at, zone) }}</b>
          <template v-if="row.task">
            <button type="button" @click="emit('select', row.task.id)">{{ row.task.title }}</button>
            <span>{{ row.task.component || dishOf(row.task.dish) }}</span>
            <span class="long">{{ lasting(row.task.minutes) }}</span>
            <span class="who"
              >{{ role(row.task.hand) || 'by itself' }}{{ row.task.done ? ', begun' : '' }}</span
            >
            <span v-for="w in wrongs(row.task.id)" :key="w" class="wrong">{{ w }}</span>
          </template>
          <span v-else class="serve">{{ row.service }}</span>
        </li>
      </ol>
    </section>
  </div>
</template>

<style scoped>
.in-words {
  max-width: 940px;
}

h3 {
  font-weight: 700;
  margin: 10px 0 2px;
  font-size: 16px;
}

li {
  display: grid;
  grid-template-columns: 58px minmax(110px, 170px) minmax(120px, 1fr) 80px 130px;
  gap: 10px;
  align-items: baseline;
  padding: 4px 6px;
  border-bottom: 1px solid var(--hairline);
}

li.wait {
  color: var(--quiet);
}

li.chosen {
  background: var(--warm-wash);
}

li.service {
  border-bottom: 2px solid var(--act);
}

.serve {
  grid-column: 2 / -1;
  color: var(--act);
  font-weight: 700;
}

li button {
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
  font-weight: 700;
  text-align: left;
  text-decoration: underline;
  text-decoration-color: var(--edge);
  text-underline-offset: 3px;
  cursor: pointer;
}

.wrong {
  grid-column: 2 / -1;
  color: var(--unsafe);
}

@media (max-width: 700px) {
  li {
    grid-template-columns: 50px 1fr auto;
  }

  .who {
    grid-column: 2;
  }
}

@media print {
  li button {
    text-decoration: none;
  }

  li {
    break-inside: avoid;
    padding: 2px 0;
  }
}
</style>
