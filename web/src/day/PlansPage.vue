<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useTitle } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '@/api/client'
import { ask, useAgain, useSend } from '@/answers/queries'
import { useDesserts } from '@/document/useDesserts'
import SearchChoice from '@/look/SearchChoice.vue'
import StationBar from '@/look/StationBar.vue'
import { isoDate, weekday } from './clock'
import { moved, withDish } from './plan'

/** The plans that are there, and a new one from desserts of the Book. */
const route = useRoute()
const router = useRouter()
const askAgain = useAgain()
useTitle('Day · Deft Chill')
const ZONE = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC'

const { data: listed } = useQuery({ queryKey: ['plans'], queryFn: () => api.plans() })
const chosen = ref<string[]>(
  String(route.query.of ?? '')
    .split(',')
    .filter(Boolean),
)
const desserts = useDesserts(() => chosen.value)
const choices = computed(() => desserts.options.value.filter((d) => !chosen.value.includes(d.value)))
const nameOf = (id: string) => desserts.nameOf(id) ?? 'a dessert'
const failed = ref('')
const createPlan = useSend('createPlan')
const removePlan = useSend('removePlan')

async function begin() {
  try {
    const made = await createPlan(chosen.value.reduce(withDish, await ask('planStart', ZONE)))
    await askAgain(['plans'])
    await router.push({ name: 'day', params: { id: made.id } })
  } catch {
    failed.value = 'Not made: Deft Chill does not answer. Your choice is still here.'
  }
}
async function again(id: string) {
  const { document } = await ask('plan', id)
  const made = await createPlan({ ...moved(document, 7), name: `${document.name} (a week later)` })
  await askAgain(['plans'])
  await router.push({ name: 'day', params: { id: made.id } })
}
async function remove(id: string, version: number) {
  await removePlan(id, version)
  await askAgain(['plans'])
}
const day = (at: string) => weekday(Date.parse(at) / 60_000, ZONE)
const past = (at?: string | null) =>
  !!at && isoDate(Date.parse(at) / 60_000, ZONE) < isoDate(Date.now() / 60_000, ZONE)
</script>

<template>
  <div class="plans-page">
    <h1 class="out-of-sight">Day plans</h1>
    <StationBar station="day" />
    <main>
      <section class="new" aria-label="A new plan">
        <h2 class="section-title">Plan these together</h2>
        <ol v-if="chosen.length">
          <li v-for="id in chosen" :key="id">
            {{ nameOf(id) }}
            <a-button
              size="small"
              type="text"
              :aria-label="`Leave out ${nameOf(id)}`"
              @click="chosen = chosen.filter((c) => c !== id)"
              >✕</a-button
            >
          </li>
        </ol>
        <p v-else class="quiet">
          Choose two or three desserts, say when they are served, and Deft Chill says who does what when: such
          as pear pots, a cheesecake and a verrine for Saturday 19:30.
        </p>
        <label for="plan-dish">A dessert from the Book</label>
        <SearchChoice
          id="plan-dish"
          label="A dessert from the Book"
          :options="choices"
          placeholder="name of a dessert"
          :wrong="false"
          @find="desserts.find"
          @update:model-value="chosen = [...chosen, $event]"
        />
        <p class="go">
          <a-button type="primary" :disabled="!chosen.length" @click="begin"
            >Plan {{ chosen.length || '' }}</a-button
          >
        </p>
        <p v-if="failed" class="broken-rule" role="alert">{{ failed }}</p>
      </section>
      <section class="there" aria-label="Plans">
        <h2 class="section-title">Plans <small>last changed first</small></h2>
        <ul v-if="listed?.plans.length">
          <li v-for="p in listed.plans" :key="p.id" :class="{ past: past(p.beginsAt) }">
            <RouterLink :to="{ name: 'day', params: { id: p.id } }">{{ p.name || 'Unnamed' }}</RouterLink>
            <span class="when">{{ p.beginsAt ? `begins ${day(p.beginsAt)}` : 'not solved yet' }}</span>
            <a-button size="small" @click="again(p.id)">A week later</a-button>
            <a-button
              size="small"
              type="text"
              :aria-label="`Delete ${p.name}`"
              @click="remove(p.id, p.version)"
              >delete</a-button
            >
          </li>
        </ul>
        <p v-else-if="listed" class="quiet">None yet.</p>
      </section>
    </main>
  </div>
</template>

<style scoped>
main {
  display: grid;
  grid-template-columns: minmax(300px, 420px) 1fr;
  gap: 28px;
  max-width: 1180px;
  margin: 0 auto;
  padding: 22px 20px;
}

.new {
  align-self: start;
  padding: 16px 18px;
  border: 1px solid var(--hairline);
  background: var(--panel);
}

.new ol {
  padding: 8px 0;
}

.new li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  padding: 3px 0;
  border-bottom: 1px solid var(--hairline);
}

.quiet {
  padding: 10px 0;
  color: var(--quiet);
}

label {
  color: var(--quiet);
  font-size: 13px;
}

.go {
  padding-top: 12px;
}

.there li {
  display: grid;
  grid-template-columns: 1fr auto auto auto;
  gap: 14px;
  align-items: center;
  padding: 9px 4px;
  border-bottom: 1px solid var(--hairline);
}

.there a {
  color: var(--ink);
  font-size: 17px;
  font-weight: 700;
}

.past a {
  color: var(--quiet);
}

.when {
  color: var(--quiet);
}

@media (max-width: 860px) {
  main {
    grid-template-columns: 1fr;
  }
}
</style>
