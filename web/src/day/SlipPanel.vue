<script setup lang="ts">
import { computed, onMounted, useTemplateRef } from 'vue'
import type { PlanAnswer } from '@/api/client'
import { dayClock, lasting } from './clock'

/** What a delay does to the rest, before it is taken. */
const props = defineProps<{ before: PlanAnswer; after: PlanAnswer; words: string }>()
const emit = defineEmits<{ take: []; leave: [] }>()

const panel = useTemplateRef<HTMLElement>('panel')
/** It was asked for from far below. */
onMounted(() => {
  panel.value?.focus({ preventScroll: true })
  panel.value?.scrollIntoView?.({ block: 'center' })
})

const zone = computed(() => props.after.zone)
const moves = computed(() =>
  props.after.tasks
    .map((task) => ({ task, from: props.before.tasks.find((t) => t.id === task.id) }))
    .filter(({ task, from }) => from && !task.done && (from.start !== task.start || from.hand !== task.hand))
    .sort((a, b) => a.task.start - b.task.start),
)
const known = computed(() => new Set(props.before.breaches.map((b) => b.words + b.tasks.join())))
const closes = computed(() =>
  props.after.breaches.filter((b) => b.code !== 'late' && !known.value.has(b.words + b.tasks.join())),
)
const title = (id?: string) => props.after.tasks.find((t) => t.id === id)?.title ?? ''
const dish = (id?: string) => {
  const task = props.after.tasks.find((t) => t.id === id)
  return props.after.dishes.find((d) => d.id === task?.dish)?.name ?? ''
}
/** What becomes of what was waiting, where that is otherwise than it was planned. */
const meanwhile = computed(() =>
  props.after.tasks.flatMap((task) => {
    const was = props.before.tasks.find((t) => t.id === task.id)?.meanwhile ?? []
    return task.meanwhile.filter((m) => !was.includes(m)).map((words) => ({ task, words }))
  }),
)
const role = (id: string) => props.after.hands.find((h) => h.id === id)?.role ?? ''
const ready = computed(() => props.after.dishes.filter((d) => d.ready > d.due))
</script>

<template>
  <section ref="panel" class="slip" aria-label="What then" tabindex="-1">
    <h2>{{ words }}: {{ moves.length ? `${moves.length} steps move` : 'nothing else moves' }}</h2>
    <p v-for="b in closes" :key="b.words + b.tasks.join()" class="closes">
      {{ dish(b.tasks[0]) }}, {{ title(b.tasks[0]).toLowerCase() }}: {{ b.words }}
    </p>
    <p v-for="d in ready" :key="d.id" class="closes">
      {{ d.name }} is ready {{ lasting(d.ready - d.due) }} after it should be served.
    </p>
    <p v-for="m in meanwhile" :key="m.task.id + m.words" data-testid="meanwhile">
      {{ dish(m.task.id) }}, {{ m.task.title.toLowerCase() }}: {{ m.words }}
    </p>
    <p v-if="!closes.length && !ready.length" class="fine">No window closes, and everything is in time.</p>
    <ol v-if="moves.length">
      <li v-for="{ task, from } in moves" :key="task.id">
        <b>{{ dayClock(task.start, zone) }}</b>
        {{ task.title }}, {{ task.component || dish(task.id) }}
        <span class="quiet">
          was {{ dayClock(from?.start ?? 0, zone)
          }}{{ from?.hand !== task.hand ? `, now ${role(task.hand)}` : '' }}
        </span>
      </li>
    </ol>
    <p class="tools">
      <a-button type="primary" @click="emit('take')">Plan it so</a-button>
      <a-button @click="emit('leave')">Leave it</a-button>
    </p>
  </section>
</template>

<style scoped>
.slip {
  padding: 12px 16px;
  border: 1px solid var(--hairline);
  border-left: 5px solid var(--act);
  background: var(--warm-wash);
}

h2 {
  margin: 0 0 4px;
  font-weight: 700;
  font-size: 17px;
}

ol {
  max-height: 180px;
  overflow: auto;
}

.closes {
  color: var(--unsafe);
  font-weight: 700;
}

.fine {
  color: var(--good);
}

.quiet {
  color: var(--quiet);
}

.tools {
  display: flex;
  gap: 8px;
  padding-top: 8px;
}
</style>
