<script setup lang="ts">
import { useTitle } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import LogNav from '@/log/LogNav.vue'
import StationBar from '@/look/StationBar.vue'
import AnyParameter from './AnyParameter.vue'
import FigureRow from './FigureRow.vue'
import FitPlot from './FitPlot.vue'
import PredictionChanges from './PredictionChanges.vue'
import SetsList from './SetsList.vue'
import { useLearning } from './useLearning'

/** What the log tells of this kitchen's own numbers: looked at, accepted, gone back from. */
useTitle('Our own numbers · Deft Chill')
const { models, parameters, without, proposal, share, sets, wrong, accept, goTo, use, stop, leaveOut } =
  useLearning()
const data = computed(() => proposal.data.value)
const told = computed(() => data.value?.figures.filter((f) => f.state === 'LEARNT') ?? [])
const rest = computed(() => data.value?.figures.filter((f) => f.state !== 'LEARNT') ?? [])
const chosen = ref<string[]>([])
watch(told, (now) => (chosen.value = now.map((f) => f.key)), { immediate: true })
const touch = (key: string) =>
  (chosen.value = chosen.value.includes(key) ? chosen.value.filter((k) => k !== key) : [...chosen.value, key])
const wild = computed(() => data.value?.readings.filter((r) => r.wild) ?? [])
const busy = ref(false)
async function take() {
  busy.value = true
  await accept(chosen.value)
  busy.value = false
}
</script>

<template>
  <StationBar station="log" />
  <LogNav here="numbers" />
  <main class="numbers">
    <header>
      <h1>Our own numbers</h1>
      <p>
        What {{ data?.batches ?? 0 }} measured batches tell of this kitchen, beside what the handbook takes as
        usual. Nothing changes until you accept it, and you can go back.
      </p>
      <label
        ><input v-model="models" type="checkbox" /> also constants of the models
        <small>(a lot, a fridge and a model cannot always be told apart)</small></label
      >
      <AnyParameter v-model="parameters" />
    </header>
    <p v-if="proposal.isFetching.value" class="running" role="status">
      Asking the models how each reading hangs on each number …
      <progress :value="share" max="1"></progress>
      <button type="button" class="link-like" @click="stop">Stop</button>
    </p>
    <p v-else-if="proposal.isError.value" role="alert">
      What the log tells could not be computed now.
      <button type="button" class="link-like" @click="proposal.refetch()">Try again</button>
    </p>
    <p v-if="data && !data.figures.length" class="none">
      Nothing is measured yet. Put a ruler beside the next batch, or a probe into its core, and write it on
      the batch’s page in the <RouterLink to="/log">log</RouterLink>.
    </p>
    <template v-if="data?.figures.length">
      <section aria-label="What the log tells">
        <h2 class="section-title">
          What the log tells
          <small>grey: what kitchens usually show (80 %) · dark: what is left open here (80 %)</small>
        </h2>
        <FigureRow
          v-for="f in told"
          :key="f.key"
          :figure="f"
          :chosen="chosen.includes(f.key)"
          @touch="touch(f.key)"
        />
        <p v-if="!told.length" class="none">No number is told yet; what follows says what to measure.</p>
        <p v-else class="act">
          <button type="button" class="go" :disabled="!chosen.length || busy" @click="take">
            {{
              busy
                ? 'Being accepted …'
                : `Accept ${chosen.length === 1 ? 'this number' : `these ${chosen.length} numbers`}`
            }}
          </button>
          <span v-if="wrong" role="alert">{{ wrong }}</span>
          <span v-if="data.scatter > 1.2" class="scatter"
            >Your readings scatter {{ Math.sqrt(data.scatter).toFixed(1) }} times as much as usual: the
            intervals are wider for it.</span
          >
        </p>
      </section>
      <PredictionChanges v-if="told.length" :changes="data.changes" />
      <section v-if="rest.length" aria-label="Not told yet">
        <h2 class="section-title">Not told yet</h2>
        <FigureRow v-for="f in rest" :key="f.key" :figure="f" />
      </section>
      <section v-if="data.broken.length" aria-label="Could not be computed">
        <h2 class="section-title">Could not be computed <small>nothing was learnt from these</small></h2>
        <p v-for="b in data.broken" :key="b.batchId">
          <RouterLink :to="{ name: 'batch', params: { id: b.batchId } }"
            >{{ b.formula }}, {{ b.madeOn }}</RouterLink
          >
        </p>
      </section>
      <section v-if="wild.length || without.length" aria-label="Readings that stand out">
        <h2 class="section-title">Readings that stand out <small>they count, but less</small></h2>
        <p v-for="r in wild" :key="r.batchId + r.quantity + (r.minutes ?? '')" class="wild">
          <RouterLink :to="{ name: 'batch', params: { id: r.batchId } }"
            >{{ r.formula }}, {{ r.madeOn }}</RouterLink
          >: {{ Number(r.measured.toFixed(2)) }} {{ r.unit }} where {{ Number(r.after.toFixed(1)) }}
          {{ r.unit }} would be expected. Something else happened, or it was written down wrong.
          <button type="button" class="link-like" @click="leaveOut(r.batchId)">Leave this batch out</button>
        </p>
        <p v-if="without.length">
          {{ without.length }} left out by you.
          <button type="button" class="link-like" @click="without = []">Take them in again</button>
        </p>
      </section>
      <FitPlot :readings="data.readings" />
    </template>
    <SetsList v-if="sets.data.value" :sets="sets.data.value" @go="goTo" @use="use" />
  </main>
</template>

<style scoped>
.numbers {
  display: grid;
  gap: 18px;
  max-width: 1240px;
  padding: 12px 20px 40px;
}

h1 {
  font-size: 22px;
}

header p,
header label,
small {
  color: var(--quiet);
}

header label {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 32px;
}

.running,
.none {
  padding: 14px 16px;
  background: var(--panel);
}

progress {
  width: 200px;
  accent-color: var(--cold);
}

.act {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
  padding-top: 12px;
}

.go {
  min-height: 44px;
  padding: 0 20px;
  border: 0;
  border-radius: 4px;
  background: var(--act);
  color: var(--white);
  font-size: 16px;
  font-weight: 700;
  cursor: pointer;
}

.go:disabled {
  background: var(--edge-strong);
}

.scatter {
  color: var(--caution);
}

.wild {
  padding: 8px 0;
}

.wild a {
  color: var(--ink);
}

[role='alert'] {
  color: var(--unsafe);
  font-weight: 700;
}
</style>
