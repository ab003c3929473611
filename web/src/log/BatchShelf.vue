<script setup lang="ts">
import { ref } from 'vue'
import { useChoices } from '@/answers/useChoices'
import type { CameOut } from '@/api/client'
import { day } from './words'

/** How it was on later days. */
const said = defineModel<CameOut>({ required: true })
const emit = defineEmits<{ changed: [] }>()
const choices = useChoices()
type Check = NonNullable<NonNullable<CameOut['record']>['shelf']>[number]
const checks = () => said.value.record?.shelf ?? []
const today = () => {
  const now = new Date()
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10)
}
const on = ref(today())
const word = (state: string) => choices('shelf').find((c) => c.value === state)?.label ?? state
function keep(shelf: Check[]) {
  said.value = { ...said.value, record: { ...said.value.record, shelf } }
  emit('changed')
}
const say = (state: string) =>
  keep(
    [...checks().filter((c) => c.on !== on.value), { on: on.value, state: state as Check['state'] }].sort(
      (a, b) => a.on.localeCompare(b.on),
    ),
  )
</script>

<template>
  <section aria-label="On later days">
    <h2 class="section-title">On later days</h2>
    <ol>
      <li v-for="c in checks()" :key="c.on">
        <b>{{ day(c.on) }}</b> {{ word(c.state) }}<template v-if="c.note">: {{ c.note }}</template>
        <button
          type="button"
          class="link-like"
          :aria-label="`Take away the check of ${day(c.on)}`"
          @click="keep(checks().filter((o) => o.on !== c.on))"
        >
          remove
        </button>
      </li>
    </ol>
    <div class="say">
      <label>On <input v-model="on" type="date" /></label>
      <button v-for="s in choices('shelf')" :key="s.value" type="button" @click="say(s.value)">
        {{ s.label }}
      </button>
    </div>
  </section>
</template>

<style scoped>
section {
  padding: 14px 16px;
  background: var(--panel);
}

li {
  display: flex;
  gap: 8px;
  padding: 6px 0;
}

li button {
  margin-left: auto;
  color: var(--quiet);
  font-size: 13px;
}

.say {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  padding-top: 8px;
}

label {
  color: var(--quiet);
  font-size: 13px;
}

input,
.say button {
  min-height: 40px;
  padding: 2px 10px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
  font-size: 15px;
}

.say button {
  cursor: pointer;
}
</style>
