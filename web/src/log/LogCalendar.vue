<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, type LogWish } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import { weeks } from './calendar'

/** What was poured on which day of a month. */
const props = defineProps<{ wish: LogWish }>()
const emit = defineEmits<{ day: [day: string] }>()
const choices = useChoices()
const shown = ref(new Date().toISOString().slice(0, 7))
const rows = computed(() => weeks(shown.value))
const { data } = useQuery({
  queryKey: computed(() => ['log-days', props.wish, shown.value]),
  queryFn: () =>
    api.logDays({ ...props.wish, since: rows.value[0]?.[0], until: rows.value.at(-1)?.at(-1) } as LogWish),
})
const of = (day: string) => data.value?.days.filter((d) => d.on === day) ?? []
const word = (o: string) => choices('outcome').find((c) => c.value === o)?.label ?? o
const title = computed(() =>
  new Date(`${shown.value}-15`).toLocaleDateString('en-GB', { month: 'long', year: 'numeric' }),
)
function move(months: number) {
  const [year = 0, month = 1] = shown.value.split('-').map(Number)
  const to = new Date(Date.UTC(year, month - 1 + months, 15))
  shown.value = to.toISOString().slice(0, 7)
}
</script>

<template>
  <section aria-label="Calendar">
    <h2 class="section-title">
      <button type="button" class="link-like" aria-label="A month earlier" @click="move(-1)">earlier</button>
      {{ title }}
      <button type="button" class="link-like" aria-label="A month later" @click="move(1)">later</button>
    </h2>
    <table>
      <thead>
        <tr>
          <th v-for="d in ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun']" :key="d" scope="col">{{ d }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="week in rows" :key="week[0]">
          <td v-for="d in week" :key="d" :class="{ outside: !d.startsWith(shown) }">
            <span>{{ Number(d.slice(8)) }}</span>
            <button v-if="of(d).length" type="button" :aria-label="`Batches of ${d}`" @click="emit('day', d)">
              <i v-for="o in of(d)" :key="o.outcome" :class="o.outcome.toLowerCase()"
                >{{ o.count }} {{ word(o.outcome) }}</i
              >
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.section-title button {
  font-weight: 400;
}

table {
  width: 100%;
  border-collapse: collapse;
  background: var(--panel);
  table-layout: fixed;
}

th {
  padding: 4px 6px;
  color: var(--quiet);
  font-size: 13px;
  font-weight: 400;
  text-align: left;
}

td {
  height: 62px;
  padding: 3px 6px;
  border: 1px solid var(--hairline);
  vertical-align: top;
}

td > span {
  color: var(--quiet);
  font-size: 13px;
}

.outside {
  background: var(--ground-light);
}

td button {
  display: block;
  width: 100%;
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
  font-size: 13px;
  text-align: left;
  cursor: pointer;
}

i {
  display: block;
  padding-left: 6px;
  border-left: 4px solid var(--unsafe);
  font-style: normal;
}

.clean {
  border-color: var(--good);
}

.small_divots {
  border-color: var(--straw);
}
</style>
