<script setup lang="ts">
import { computed, ref } from 'vue'
import { useChoices } from '@/answers/useChoices'
import type { MakingEvent } from '@/api/client'

/**
 * The end of a batch: it goes into the log at once, with how it came out where that is known already; else that is said later. To
 * give it up is a small thing beside, asked about and taken back.
 */
const props = defineProps<{
  /** Portions whose outcome was said one by one. */
  portions: number
}>()
const emit = defineEmits<{ finished: [events: [MakingEvent['kind'], Partial<MakingEvent>?][]] }>()
const choices = useChoices()
const outcomes = computed(() => choices('outcome').filter((o) => o.value !== 'NOT_KNOWN'))
const discarding = ref(false)
const outcome = ref('')
const stood = ref('')
const note = ref('')
const wrong = ref('')

function finish() {
  const height = stood.value.replace(/mm/i, '').replace(',', '.').trim()
  wrong.value = height && !/^\d{1,3}(\.\d+)?$/.test(height) ? 'The height must be such as 44 mm.' : ''
  if (wrong.value) return
  const events: [MakingEvent['kind'], Partial<MakingEvent>?][] = []
  if (outcome.value) events.push(['CAME_OUT', { text: outcome.value }])
  if (height) events.push(['STOOD', { text: height }])
  if (note.value.trim()) events.push(['NOTED', { text: note.value.trim() }])
  emit('finished', [...events, ['FINISHED']])
}
</script>

<template>
  <form class="finish" aria-label="How it came out" @submit.prevent="finish">
    <h2 class="section-title">
      How did it come out?
      <small v-if="portions">{{ portions }} said one by one; say more of the whole where it differs</small>
    </h2>
    <div class="outcomes">
      <button
        v-for="o in outcomes"
        :key="o.value"
        type="button"
        :aria-pressed="outcome === o.value"
        @click="outcome = outcome === o.value ? '' : o.value"
      >
        {{ o.label }}
      </button>
    </div>
    <label
      >Standing height by ruler, mm <input v-model="stood" inputmode="decimal" placeholder="not measured"
    /></label>
    <label>Note <input v-model="note" maxlength="2000" /></label>
    <p v-if="wrong" role="alert">{{ wrong }}</p>
    <p v-if="!outcome && !props.portions" class="later">
      Not known yet? Put it in the log now and say it there when it is turned out or eaten.
    </p>
    <button type="submit" class="end">Put it in the log</button>
    <p class="discard">
      <template v-if="discarding">
        Discard this batch? Nothing of it goes into the log.
        <button type="button" @click="emit('finished', [['DISCARDED']])">Discard it</button>
        <button type="button" @click="discarding = false">Keep it</button>
      </template>
      <button v-else type="button" @click="discarding = true">Discard this batch…</button>
    </p>
  </form>
</template>

<style scoped>
.finish {
  display: grid;
  gap: 10px;
  padding: 14px 16px;
  background: var(--panel);
}

.outcomes {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(110px, 1fr));
  gap: 6px;
}

button {
  min-height: 56px;
  border: 1px solid var(--edge-deep);
  border-radius: 4px;
  background: transparent;
  color: var(--ink);
  font-size: 16px;
  cursor: pointer;
}

button[aria-pressed='true'],
.end {
  border-color: var(--ink);
  background: var(--ink);
  color: var(--white);
  font-weight: 700;
}

.later,
.discard {
  margin: 0;
  color: var(--quiet);
  font-size: 14px;
}

.discard {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  justify-self: end;
}

.discard button {
  padding: 0 12px;
  font-size: 14px;
}

label {
  display: grid;
  color: var(--quiet);
  font-size: 14px;
}

input {
  min-height: 56px;
  padding: 0 12px;
  border: 1px solid var(--edge-deep);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
  font-size: 18px;
}

[role='alert'] {
  margin: 0;
  color: var(--unsafe);
  font-weight: 700;
}
</style>
