<script setup lang="ts">
import { computed, ref } from 'vue'
import { useSend } from '@/answers/queries'
import { ApiProblem, type BatchView, type CameOut } from '@/api/client'
import type { components } from '@/api/generated/schema'
import { figure } from './words'

/** A probe's log from a file: what it was understood as is looked at before any of it is taken. */
const props = defineProps<{ batch: BatchView }>()
type Reading = NonNullable<NonNullable<CameOut['record']>['readings']>[number]
const emit = defineEmits<{ take: [readings: Reading[]] }>()
const read = useSend('readProbeLog')
const log = ref<components['schemas']['ProbeLogView']>()
const wrong = ref('')
const probe = ref('')
const REASONS: Record<string, string> = {
  columns: 'a column is missing',
  time: 'its time cannot be read',
  temperature: 'its temperature cannot be read',
}
const clock = computed(
  () =>
    ({
      DATED: 'by day and time',
      DAY_OR_MONTH: 'by day and time; day and month were told apart by which lies nearer to the pour',
      TIME_OF_DAY: 'by time of day, on past midnight',
      ELAPSED: 'since the log began, taken as the pour',
      NONE: '',
    })[log.value?.clock ?? 'NONE'],
)

async function chosen(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  wrong.value = ''
  log.value = undefined
  try {
    log.value = await read(props.batch.id, await file.text())
  } catch (failed) {
    const problem = failed instanceof ApiProblem ? failed.response.problems[0] : undefined
    wrong.value = problem ? `${file.name} ${problem.rule}.` : 'Deft Chill does not answer; nothing was taken.'
  }
}
function take() {
  emit(
    'take',
    (log.value?.points ?? []).map((p) => ({
      quantity: 'core-at',
      minutes: Math.round(p.minutes * 10) / 10,
      value: Math.round(p.celsius * 100) / 100,
      ...(probe.value.trim() && { probe: probe.value.trim() }),
    })),
  )
  log.value = undefined
}
</script>

<template>
  <div class="probe">
    <label class="link-like">
      <input type="file" accept=".csv,.txt,text/csv,text/plain" @change="chosen" />
      Take a probe’s log from a file
    </label>
    <p v-if="wrong" role="alert">{{ wrong }}</p>
    <div v-if="log" class="review" role="region" aria-label="The probe's log">
      <p>
        {{ log.all }} readings; time from “{{ log.time }}” {{ clock }}, temperature from “{{
          log.temperature
        }}”{{ log.fahrenheit ? ' in °F' : '' }}. {{ log.points.length }} of them tell the course:
      </p>
      <table>
        <tbody>
          <tr>
            <th scope="row">min</th>
            <td v-for="p in log.points" :key="p.minutes">{{ figure(p.minutes) }}</td>
          </tr>
          <tr>
            <th scope="row">°C</th>
            <td v-for="p in log.points" :key="p.minutes">{{ p.celsius.toFixed(1) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-for="b in log.bad.slice(0, 5)" :key="b.line" class="bad">
        Line {{ b.line }} is left out, {{ REASONS[b.reason] }}: {{ b.text }}
      </p>
      <p v-if="log.bad.length > 5" class="bad">And {{ log.bad.length - 5 }} more lines.</p>
      <label class="which"
        >Which probe it was, if known: the log may tell what it is off by
        <input v-model="probe" size="12" maxlength="40"
      /></label>
      <button type="button" :disabled="!log.points.length" @click="take">Take these</button>
      <button type="button" @click="log = undefined">Leave it</button>
    </div>
  </div>
</template>

<style scoped>
.probe {
  padding-top: 10px;
}

label input[type='file'] {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}

label:focus-within {
  outline: 3px solid var(--cold);
}

.review {
  margin-top: 8px;
  padding: 10px 12px;
  overflow-x: auto;
  background: var(--ground-light);
}

td,
th {
  padding: 2px 8px 2px 0;
  font-weight: 400;
  text-align: right;
}

.which {
  display: block;
  padding-top: 6px;
  color: var(--quiet);
}

.which input {
  min-height: 40px;
  padding: 2px 10px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
  font-size: 15px;
}

.bad {
  color: var(--caution);
}

[role='alert'] {
  color: var(--unsafe);
  font-weight: 700;
}

.review button {
  min-height: 40px;
  margin: 8px 8px 0 0;
  padding: 2px 14px;
  border: 1px solid var(--edge-deep);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
  font-size: 15px;
  cursor: pointer;
}
</style>
