<script setup lang="ts">
import { useTitle } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { useChoices } from '@/answers/useChoices'
import StationBar from '@/look/StationBar.vue'
import BatchBeside from './BatchBeside.vue'
import BatchEarlier from './BatchEarlier.vue'
import BatchPhotos from './BatchPhotos.vue'
import BatchReadings from './BatchReadings.vue'
import BatchSaid from './BatchSaid.vue'
import BatchShelf from './BatchShelf.vue'
import BatchTasting from './BatchTasting.vue'
import LogNav from './LogNav.vue'
import { useBatch } from './useBatch'
import { useTyped } from './useTyped'
import { day } from './words'

/** Everything that is known of a batch; written at the pass with a thumb, corrected later. */
const route = useRoute()
const id = computed(() => String(route.params.id))
const { batch, said, problems, state, isError, changed, store, readAgain, who } = useBatch(id)
const page = ref<HTMLElement | null>(null)
const typing = () => void (state.value === 'kept' && (state.value = 'waiting'))
useTyped(page, typing, store)
const isWrong = ref(false)
const choices = useChoices()
useTitle(computed(() => `${batch.value?.formula ?? 'Batch'} · Deft Chill`))
const STATES = {
  kept: 'All of it is stored.',
  waiting: 'Being stored …',
  refused: 'Not stored:',
  elsewhere: 'It was corrected from elsewhere in the meantime: nothing typed here is stored.',
  unreachable: 'Not stored: Deft Chill does not answer. What is typed stays here.',
}
const outcome = computed(
  () => choices('outcome').find((o) => o.value === said.value?.outcome)?.label ?? said.value?.outcome,
)
</script>

<template>
  <StationBar station="log" />
  <LogNav here="log" />
  <main v-if="batch && said" ref="page" class="batch">
    <header>
      <div>
        <h1>{{ batch.formula }}</h1>
        <p>
          {{ day(said.madeOn) }}, poured {{ said.pouredAt.slice(0, 5) }} · {{ outcome }}
          <template v-if="batch.revision"> · revision {{ batch.revision }}</template>
        </p>
      </div>
      <p class="state" :class="state" :role="state === 'kept' || state === 'waiting' ? 'status' : 'alert'">
        {{ state === 'kept' && isWrong ? 'The rest is stored.' : STATES[state] }}
        <span v-for="p in problems" :key="p.path">{{ p.field }} {{ p.rule }}. </span>
        <button v-if="state === 'elsewhere'" type="button" class="link-like" @click="readAgain">
          Read it again
        </button>
        <button v-if="state === 'unreachable'" type="button" class="link-like" @click="store">
          Try again
        </button>
      </p>
      <nav aria-label="Of this batch">
        <RouterLink :to="{ name: 'bench', params: { id: batch.formulaId } }">Its formula</RouterLink>
        <RouterLink :to="{ name: 'log', query: { formula: batch.formulaId } }">Others of it</RouterLink>
        <RouterLink :to="{ name: 'trials', params: { id: batch.formulaId } }">Trials</RouterLink>
        <a :href="`/api/log/batches/${batch.id}/record.pdf`" target="_blank" rel="noopener">Record as PDF</a>
      </nav>
    </header>
    <BatchSaid v-model="said" :batch="batch" @changed="changed" @wrong="isWrong = $event" />
    <div class="columns">
      <div>
        <BatchBeside :batch="batch" />
        <BatchReadings v-model="said" :batch="batch" @changed="changed" />
      </div>
      <div>
        <BatchPhotos :batch-id="batch.id" :photos="batch.photos" :who="who" />
        <BatchTasting v-model="said" @changed="changed" />
        <BatchShelf v-model="said" @changed="changed" />
        <BatchEarlier :batch="batch" />
      </div>
    </div>
  </main>
  <p v-else-if="isError" class="none" role="alert">
    This batch cannot be read now: it may have been taken out of the log, or Deft Chill does not answer.
  </p>
</template>

<style scoped>
.batch {
  display: grid;
  gap: 14px;
  max-width: 1240px;
  padding: 10px 20px 40px;
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 24px;
  align-items: baseline;
}

h1 {
  font-size: 22px;
}

header nav {
  display: flex;
  gap: 16px;
  margin-left: auto;
}

header nav a {
  display: inline-flex;
  align-items: center;
  min-height: 32px;
  color: var(--ink);
}

.state {
  color: var(--quiet);
  font-size: 14px;
}

.state.refused,
.state.elsewhere,
.state.unreachable {
  color: var(--unsafe);
  font-weight: 700;
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 20px;
}

.columns > div {
  display: grid;
  gap: 18px;
  align-content: start;
}

.none {
  padding: 30px 20px;
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }

  /* On a phone the photo and the tasting come before what is measured with instruments. */
  .columns > :last-child {
    order: -1;
  }
}
</style>
