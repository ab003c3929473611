<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { PlanAnswer, PlanTask } from '@/api/client'
import ChoiceField from '@/look/ChoiceField.vue'
import TypedField from '@/look/TypedField.vue'
import { clock, dayClock, lasting, nearest } from './clock'
import { sentence } from './plan'

/** One step: when, who, why then, and what the cook settles about it. */
const props = defineProps<{ answer: PlanAnswer; task: PlanTask }>()
const emit = defineEmits<{
  settle: [start: number, hand: string]
  release: []
  begun: [start: number]
  late: [minutes: number]
  make: []
  select: [task: string]
  close: []
}>()

const zone = computed(() => props.answer.zone)
const dish = computed(() => props.answer.dishes.find((d) => d.id === props.task.dish))
const typed = ref('')
const late = ref('')
watch(
  () => `${props.task.id} ${props.task.start}`,
  () => (typed.value = clock(props.task.start, zone.value)),
  { immediate: true },
)
watch(
  () => props.task.id,
  () => (late.value = ''),
)
const start = computed(() => nearest(typed.value, props.task.start, zone.value))
const wrong = computed(() =>
  start.value === undefined
    ? {
        code: 'c',
        path: '',
        field: 'Begins at',
        value: typed.value,
        rule: 'must be a clock time such as 13:20',
        fixes: [],
      }
    : undefined,
)
const lateBy = computed(() => (/^\d{1,3}$/.test(late.value.trim()) ? Number(late.value) : undefined))
const people = computed(() => props.answer.hands.map((h) => ({ value: h.id, label: h.role })))
const role = computed(() => props.answer.hands.find((h) => h.id === props.task.hand)?.role)
const wrongs = computed(() => props.answer.breaches.filter((b) => b.tasks[0] === props.task.id))
const room = computed(() => props.task.latest - props.task.earliest)

/** Those that hold it where it is first; of the rest only what is near. */
const near = (reasons: PlanTask['before'], tight: (bound: number) => boolean) =>
  reasons.filter((r) => tight(r.bound)).slice(0, 4)
const before = computed(() => near(props.task.before, (b) => b > props.task.start - 45))
const after = computed(() => near(props.task.after, (b) => b < props.task.start + 45))
</script>

<template>
  <aside aria-label="The step">
    <header>
      <h2>{{ task.title }}</h2>
      <a-button size="small" type="text" aria-label="Close" @click="emit('close')">✕</a-button>
    </header>
    <p class="what">
      {{ task.component || dish?.name }}
      <template v-if="task.component"> · {{ dish?.name }}</template>
      <template v-if="task.sharedBy.length">, and for {{ task.sharedBy.join(', ') }}</template>
    </p>
    <p class="when">
      <b>{{ dayClock(task.start, zone) }}</b> to {{ clock(task.start + task.minutes, zone) }}
      <span>{{ lasting(task.minutes) }}{{ role ? `, ${role}` : ', nobody needed' }}</span>
    </p>
    <p>
      <button type="button" class="link-like make" @click="emit('make')">Make {{ dish?.name }} now</button>
    </p>
    <p v-for="b in wrongs" :key="b.words" class="wrong">{{ b.words }}</p>
    <p v-for="m in task.meanwhile" :key="m">{{ sentence(m) }}</p>

    <h3>Why not sooner</h3>
    <ul>
      <li v-for="r in before" :key="r.words">
        <button v-if="r.task" type="button" @click="emit('select', r.task)">{{ r.words }}</button>
        <template v-else>{{ r.words }}</template>
      </li>
      <li v-if="!before.length">
        It could begin at {{ dayClock(task.earliest, zone) }}; so late it is fresher, and hands are free for
        the rest.
      </li>
    </ul>
    <h3>Why not later</h3>
    <ul>
      <li v-for="r in after" :key="r.words">
        <button v-if="r.task" type="button" @click="emit('select', r.task)">{{ r.words }}</button>
        <template v-else>{{ r.words }}</template>
      </li>
      <li v-if="!after.length">It may wait until {{ dayClock(task.latest, zone) }}.</li>
    </ul>
    <template v-if="task.beside.length">
      <h3>What else is busy around it</h3>
      <ul>
        <li v-for="r in task.beside.slice(0, 4)" :key="r.words">
          <button type="button" @click="emit('select', r.task)">{{ r.words }}</button>
        </li>
      </ul>
    </template>
    <p class="room">Room to move: {{ room > 0 ? lasting(room) : 'none' }}.</p>

    <form v-if="!task.done" @submit.prevent="start !== undefined && emit('settle', start, task.hand)">
      <TypedField v-model="typed" label="Begins at" :problem="wrong" />
      <ChoiceField
        v-if="task.hand"
        label="Done by"
        :model-value="task.hand"
        :options="people"
        @update:model-value="emit('settle', start ?? task.start, $event)"
      />
      <p class="tools">
        <a-button html-type="submit" :disabled="start === undefined">Settle it there</a-button>
        <a-button v-if="task.settled" @click="emit('release')">Let it go</a-button>
      </p>
    </form>
    <div class="slip">
      <h3>As it goes</h3>
      <p class="tools">
        <a-button v-if="!task.done" @click="emit('begun', start ?? task.start)">
          Begun at {{ clock(start ?? task.start, zone) }}
        </a-button>
        <a-button v-else @click="emit('release')">It has not begun</a-button>
      </p>
      <div class="late">
        <TypedField v-model="late" label="Late by, min" :step="5" placeholder="10" />
        <a-button :disabled="lateBy === undefined" @click="lateBy !== undefined && emit('late', lateBy)">
          What then?
        </a-button>
      </div>
    </div>
  </aside>
</template>

<style scoped>
aside {
  padding: 14px 16px 20px;
  border: 1px solid var(--hairline);
  border-left: 5px solid var(--act);
  background: var(--panel);
}

header {
  display: flex;
  justify-content: space-between;
}

h2 {
  margin: 0;
  font-size: 20px;
}

h3 {
  font-weight: 700;
  margin: 12px 0 2px;
  font-size: 14px;
}

.what,
.room {
  color: var(--quiet);
  font-size: 14px;
}

.when {
  padding-top: 6px;
  font-size: 17px;
}

.when span {
  display: block;
  color: var(--quiet);
  font-size: 14px;
}

.wrong {
  color: var(--unsafe);
  font-weight: 700;
}

li {
  padding: 2px 0;
  font-size: 14px;
}

li button {
  min-height: 24px;
  padding: 2px 0;
  border: 0;
  background: none;
  color: var(--cold-ink);
  font: inherit;
  text-align: left;
  text-decoration: underline;
  text-underline-offset: 2px;
  cursor: pointer;
}

form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 12px;
  padding-top: 12px;
}

.tools {
  display: flex;
  grid-column: 1 / -1;
  gap: 8px;
}

.late {
  display: grid;
  grid-template-columns: 110px auto;
  gap: 8px;
  align-items: end;
  justify-content: start;
  padding-top: 8px;
}

.slip {
  margin-top: 12px;
  border-top: 1px solid var(--hairline);
}
</style>
