<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useTitle } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useSend } from '@/answers/queries'
import { api, ApiProblem, type LadderView } from '@/api/client'
import LogNav from '@/log/LogNav.vue'
import { day } from '@/log/words'
import StationBar from '@/look/StationBar.vue'
import FitOfLadder from './FitOfLadder.vue'
import LadderLayout from './LadderLayout.vue'
import TasteLadder from './TasteLadder.vue'
import { useScores } from './useScores'

/** One ladder: weighed, tasted blind, shown. */
const route = useRoute()
const client = useQueryClient()
const id = computed(() => String(route.params.id))
const { data: ladder, isError } = useQuery({
  queryKey: computed(() => ['ladder', id.value]),
  queryFn: () => api.ladder(id.value),
  refetchInterval: (query) => (query.state.data?.shown ? false : 4000),
})
useTitle(computed(() => `Ladder of ${ladder.value?.layout.what ?? ''} · Deft Chill`))
const show = useSend('showLadder')
const wrong = ref('')
const part = ref<'weigh' | 'taste' | 'shown'>('weigh')
watch(
  () => ladder.value?.shown,
  (shown) => shown && (part.value = 'shown'),
  { immediate: true },
)
const tasted = computed(() => Object.keys(ladder.value?.scores ?? {}).length)

/** Takes what the server says now; what was asked before is let go. */
async function took(now: LadderView) {
  await client.cancelQueries({ queryKey: ['ladder', id.value] })
  client.setQueryData(['ladder', id.value], now)
}
const scores = useScores(id, took)

async function showIt() {
  const onTheirWay = Object.keys(scores.waiting())
  wrong.value = onTheirWay.length ? `First the scores of ${onTheirWay.join(', ')} must be stored.` : ''
  if (onTheirWay.length) return
  try {
    await took(await show(id.value))
  } catch (failed) {
    const problem = failed instanceof ApiProblem ? failed.response.problems[0] : undefined
    wrong.value = problem ? `It ${problem.rule}.` : 'Not shown: Deft Chill does not answer.'
  }
}
</script>

<template>
  <StationBar station="log" />
  <LogNav here="ladders" />
  <main v-if="ladder" class="ladder">
    <header>
      <h1>{{ ladder.layout.what }} in {{ ladder.name }}</h1>
      <p>
        {{ day(ladder.madeAt.slice(0, 10)) }}{{ ladder.madeBy ? `, laid out by ${ladder.madeBy}` : '' }} ·
        {{ tasted }} of {{ ladder.layout.tasters.length }} have tasted
      </p>
    </header>
    <div class="parts" role="group" aria-label="Parts">
      <button type="button" :aria-pressed="part === 'weigh'" @click="part = 'weigh'">Weigh</button>
      <button type="button" :aria-pressed="part === 'taste'" @click="part = 'taste'">Taste</button>
      <button type="button" :aria-pressed="part === 'shown'" @click="part = 'shown'">
        {{ ladder.shown ? 'What they tell' : 'Show which is which' }}
      </button>
    </div>
    <LadderLayout v-if="part === 'weigh'" :ladder="ladder" />
    <TasteLadder
      v-else-if="part === 'taste'"
      :ladder="ladder"
      :waiting="scores.waiting()"
      :wrong="scores.wrong.value"
      @score="scores.say"
    />
    <section v-else-if="!ladder.shown" class="ask" aria-label="Show which is which">
      <p>
        {{ tasted }} of {{ ladder.layout.tasters.length }} have tasted. Once it is shown which cup is which,
        no score counts any more.
      </p>
      <button type="button" class="go" @click="showIt">Show it</button>
      <p v-if="wrong" role="alert">{{ wrong }}</p>
    </section>
    <FitOfLadder v-else :ladder="ladder" />
  </main>
  <p v-else-if="isError" class="none" role="alert">This ladder cannot be read now.</p>
</template>

<style scoped>
.ladder {
  display: grid;
  gap: 14px;
  max-width: 1140px;
  padding: 12px 20px 40px;
}

h1 {
  font-size: 22px;
}

header p {
  color: var(--quiet);
}

.parts {
  display: flex;
  gap: 8px;
}

.parts button {
  min-height: 48px;
  padding: 0 20px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--panel);
  color: var(--ink);
  font-size: 16px;
  cursor: pointer;
}

.parts button[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--ink);
  color: var(--white);
  font-weight: 700;
}

.ask {
  display: grid;
  gap: 12px;
  justify-items: start;
  padding: 18px;
  background: var(--panel);
}

.go {
  min-height: 48px;
  padding: 0 22px;
  border: 0;
  border-radius: 4px;
  background: var(--act);
  color: var(--white);
  font-size: 16px;
  font-weight: 700;
  cursor: pointer;
}

.none {
  padding: 30px 20px;
}

[role='alert'] {
  color: var(--unsafe);
  font-weight: 700;
}
</style>
