<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type Evidence, type Fix, type Formula, type Swap } from '@/api/client'
import SideSheet from '@/look/SideSheet.vue'

/** Another gelling agent in place of the present one: every school side by side, each with the firmness it gives. */
const props = defineProps<{ formula: Formula; component: number }>()
const emit = defineEmits<{ take: [fix: Fix]; evidence: [title: string, evidence: Evidence] }>()
const open = defineModel<boolean>('open', { required: true })

const { data: swaps, error } = useQuery({
  queryKey: computed(() => ['swaps', props.component, props.formula]),
  queryFn: ({ signal }) => api.swap(props.formula, props.component, signal),
  enabled: open,
  retry: 0,
})
const SCHOOLS = ['square-root', 'proportional', 'sheets']
const gelatins = computed(() => swaps.value?.filter((s) => s.doses.some((d) => d.school !== 'like')) ?? [])
const others = computed(() => swaps.value?.filter((s) => !gelatins.value.includes(s)) ?? [])
const rules = computed(() =>
  SCHOOLS.map((school) => gelatins.value.flatMap((s) => s.doses).find((d) => d.school === school)),
)
const dose = (swap: Swap, school: string) => swap.doses.find((d) => d.school === school)
const plain = (value: number, decimals: number) => String(Number(value.toFixed(decimals)))

function take(fix: Fix) {
  emit('take', fix)
  open.value = false
}
</script>

<template>
  <SideSheet v-model:open="open" title="Swap the gelling agent" :width="860">
    <p v-if="error" class="quiet">The formula must be understood first: {{ error.message }}.</p>
    <p v-else-if="!swaps" class="quiet">Computing every one of them…</p>
    <template v-else>
      <template v-if="gelatins.length">
        <h2 class="section-title">
          Another gelatin <small>schools side by side; touch a dose to take it</small>
        </h2>
        <table>
          <thead>
            <tr>
              <th>Instead of the present one</th>
              <th v-for="rule in rules" :key="rule?.school ?? ''">
                <template v-if="rule">
                  {{ rule.words }} <em v-if="rule.recommended">your school</em>
                  <small>{{ rule.rule }}</small>
                </template>
              </th>
              <th>Spread</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="swap in gelatins" :key="swap.product">
              <th>
                {{ swap.name }}
                <button
                  type="button"
                  class="link-like why"
                  :aria-label="`Why: ${swap.name}`"
                  @click="emit('evidence', swap.name, swap.evidence)"
                >
                  why
                </button>
              </th>
              <td v-for="school in SCHOOLS" :key="school">
                <button
                  v-if="dose(swap, school)"
                  type="button"
                  class="dose"
                  :class="{ recommended: dose(swap, school)?.recommended }"
                  :aria-label="`${dose(swap, school)?.fix.label}, ${dose(swap, school)?.words}`"
                  @click="take(dose(swap, school)!.fix)"
                >
                  <b>{{ plain(dose(swap, school)!.grams, 2) }} g</b>
                  <span v-if="dose(swap, school)?.sheets !== undefined"
                    >{{ plain(dose(swap, school)!.sheets!, 1) }} sheets</span
                  >
                  <small>firmness {{ plain(dose(swap, school)!.firmness, 0) }}</small>
                  <small v-if="dose(swap, school)?.standingMm !== undefined"
                    >stands {{ plain(dose(swap, school)!.standingMm!, 0) }} mm</small
                  >
                </button>
                <span v-else class="quiet">–</span>
              </td>
              <td>{{ plain(swap.spreadG, 1) }} g</td>
            </tr>
          </tbody>
        </table>
        <p class="quiet">{{ gelatins[0]?.advice }}</p>
      </template>
      <h2 class="section-title">Another agent <small>another texture, said honestly</small></h2>
      <ul>
        <li v-for="swap in others" :key="swap.product">
          <div>
            <b>{{ swap.name }}</b>
            <p>{{ swap.advice }}</p>
          </div>
          <a-button v-for="d in swap.doses" :key="d.school" @click="take(d.fix)">
            {{ plain(d.grams, 2) }} g · firmness {{ plain(d.firmness, 0) }}
          </a-button>
        </li>
      </ul>
    </template>
  </SideSheet>
</template>

<style scoped>
table {
  width: 100%;
  margin: 4px 0 8px;
  border-collapse: collapse;
}

th,
td {
  padding: 5px 8px 5px 0;
  border-bottom: 1px solid var(--hairline);
  text-align: left;
  vertical-align: top;
}

thead th {
  border-bottom-color: var(--ink);
  font-size: 14px;
}

thead small {
  display: block;
  max-width: 165px;
  color: var(--quiet);
  font-size: 12px;
  font-weight: 400;
  line-height: 1.25;
}

thead em {
  padding: 0 5px;
  border-radius: 3px;
  background: var(--good);
  color: var(--white);
  font-size: 12px;
  font-style: normal;
}

tbody th {
  width: 168px;
  font-weight: 400;
}

.dose {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  align-items: baseline;
  width: 184px;
  padding: 3px 6px;
  border: 1px solid var(--edge);
  border-radius: 3px;
  background: var(--white);
  color: var(--ink);
  font: inherit;
  font-size: 14px;
  text-align: left;
  cursor: pointer;
}

/* The dose on the first line, what it gives on the second. */
.dose::after {
  flex-basis: 100%;
  order: 1;
  content: '';
}

.dose small {
  order: 2;
  color: var(--quiet);
  font-size: 12px;
  white-space: nowrap;
}

.dose.recommended {
  border: 2px solid var(--good);
}

.dose:hover {
  border-color: var(--act);
}

.why {
  color: var(--quiet);
  font-size: 13px;
}

.quiet {
  color: var(--quiet);
}

.section-title:not(:first-child) {
  margin-top: 16px;
}

li {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
  padding: 8px 0;
  border-bottom: 1px solid var(--hairline);
}
</style>
