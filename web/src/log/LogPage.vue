<script setup lang="ts">
import { useDebounceFn, useTitle } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useChoices } from '@/answers/useChoices'
import StationBar from '@/look/StationBar.vue'
import FormulaStrip from './FormulaStrip.vue'
import LogCalendar from './LogCalendar.vue'
import LogLines from './LogLines.vue'
import LogNav from './LogNav.vue'
import { useLog } from './useLog'

/** All batches: found by what is known of them, as a list or on the days they were poured. */
useTitle('Log · Deft Chill')
const { wish, wishes, ask, found, lines, total, totalWords, cooks, csv } = useLog()
const choices = useChoices()
const words = ref(wish.value.words ?? '')
watch(
  () => wish.value.words,
  (now) => (now ?? '') !== words.value.trim() && (words.value = now ?? ''),
)
const search = useDebounceFn(() => ask({ words: words.value.trim() }), 250)
const calendar = ref(false)
const picked = ref<string[]>([])
/** The dessert whose history is shown: the one asked for, and named by its first line. */
const ofOne = computed(() => (wish.value.formula ? lines.value[0] : undefined))
function pick(id: string) {
  picked.value = picked.value.includes(id)
    ? picked.value.filter((p) => p !== id)
    : [...picked.value, id].slice(-4)
}
</script>

<template>
  <StationBar station="log" />
  <LogNav here="log" />
  <main class="log">
    <h1 class="out-of-sight">Log</h1>
    <form class="wish" role="search" aria-label="Find batches" @submit.prevent="search">
      <label class="words"
        >Find <input v-model="words" type="search" placeholder="dessert, cook, lot, note" @input="search"
      /></label>
      <label
        >Outcome
        <select
          :value="wish.outcome ?? ''"
          @change="ask({ outcome: ($event.target as HTMLSelectElement).value })"
        >
          <option value="">any</option>
          <option v-for="o in choices('outcome')" :key="o.value" :value="o.value">{{ o.label }}</option>
        </select>
      </label>
      <label
        >Cook
        <select :value="wish.cook ?? ''" @change="ask({ cook: ($event.target as HTMLSelectElement).value })">
          <option value="">any</option>
          <option v-for="c in cooks" :key="c" :value="c">{{ c }}</option>
        </select>
      </label>
      <label
        >From
        <input
          type="date"
          :value="wish.since ?? ''"
          @change="ask({ since: ($event.target as HTMLInputElement).value })"
      /></label>
      <label
        >To
        <input
          type="date"
          :value="wish.until ?? ''"
          @change="ask({ until: ($event.target as HTMLInputElement).value })"
      /></label>
      <button
        v-if="wishes"
        type="button"
        class="link-like"
        @click="ask({ formula: '', outcome: '', words: '', cook: '', since: '', until: '' })"
      >
        show all
      </button>
      <span class="tools">
        <button type="button" class="link-like" :aria-pressed="calendar" @click="calendar = !calendar">
          {{ calendar ? 'As a list' : 'As a calendar' }}
        </button>
        <a :href="csv" download="log.csv">As a table (CSV)</a>
      </span>
    </form>
    <FormulaStrip v-if="ofOne" :formula-id="ofOne.formulaId" :name="ofOne.formula" />
    <LogCalendar v-if="calendar" :wish="wish" @day="ask({ since: $event, until: $event })" />
    <p v-if="found.isError.value" role="alert">The log cannot be read now: Deft Chill does not answer.</p>
    <p v-else-if="found.isSuccess.value && !total" class="none">
      <template v-if="wishes">No batch is like that.</template>
      <template v-else
        >Nothing made yet. A batch comes here when it is finished in <RouterLink to="/make">Make</RouterLink>,
        or from the Bench under <b>More</b>.</template
      >
    </p>
    <LogLines
      v-else
      :lines="lines"
      :total="totalWords"
      :picked="picked"
      :more="found.hasNextPage.value"
      @pick="pick"
      @more="found.fetchNextPage()"
      @formula="ask({ formula: $event })"
    />
    <p v-if="picked.length" class="picked">
      {{ picked.length === 1 ? 'One batch picked: pick another to see them side by side.' : '' }}
      <RouterLink
        v-if="picked.length > 1"
        class="go"
        :to="{ name: 'beside', query: { ids: picked.join(',') } }"
        >See {{ picked.length }} side by side</RouterLink
      >
    </p>
  </main>
</template>

<style scoped>
.log {
  display: grid;
  gap: 12px;
  max-width: 1240px;
  padding: 12px 20px 60px;
}

.wish {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
}

label {
  color: var(--quiet);
  font-size: 13px;
}

input,
select {
  display: block;
  box-sizing: border-box;
  min-height: 36px;
  padding: 2px 10px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
  font-size: 15px;
}

.words input {
  width: 240px;
}

.tools {
  display: flex;
  gap: 18px;
  align-items: center;
  min-height: 36px;
  margin-left: auto;
}

.tools a {
  color: var(--ink);
}

.none {
  padding: 24px;
  background: var(--panel);
  font-size: 17px;
}

.picked {
  position: fixed;
  right: 24px;
  bottom: 18px;
  color: var(--ink);
}

.go {
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

p[role='alert'] {
  color: var(--unsafe);
  font-weight: 700;
}
</style>
