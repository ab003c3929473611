<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useTitle } from '@vueuse/core'
import { api } from '@/api/client'
import LogNav from '@/log/LogNav.vue'
import { day } from '@/log/words'
import StationBar from '@/look/StationBar.vue'
import NewLadder from './NewLadder.vue'

/** Ladders: those that were laid out, and a new one. */
useTitle('Dose ladders · Deft Chill')
const { data, isError } = useQuery({ queryKey: ['ladders'], queryFn: api.ladders })
</script>

<template>
  <StationBar station="log" />
  <LogNav here="ladders" />
  <main class="ladders">
    <h1>Dose ladders</h1>
    <p class="hint">
      Three to six cups from one base that step a single value. They are tasted blind, each taster in another
      order; what they say tells the best value, and how sure it is.
    </p>
    <p v-if="isError" role="alert">The ladders cannot be read now.</p>
    <ul v-if="data?.ladders.length" aria-label="Ladders">
      <li v-for="l in data.ladders" :key="l.id">
        <RouterLink :to="{ name: 'ladder', params: { id: l.id } }"
          ><b>{{ l.what }}</b> in {{ l.name }}</RouterLink
        >
        <small
          >{{ day(l.madeAt.slice(0, 10)) }} · {{ l.cups }} cups · {{ l.scored }} tasted{{
            l.shown ? ' · shown' : ''
          }}</small
        >
      </li>
    </ul>
    <NewLadder />
  </main>
</template>

<style scoped>
.ladders {
  display: grid;
  gap: 14px;
  max-width: 1000px;
  padding: 12px 20px 40px;
}

h1 {
  font-size: 22px;
}

.hint,
small {
  color: var(--quiet);
}

li {
  display: grid;
  padding: 10px 14px;
  border-left: 5px solid var(--cold);
  border-bottom: 1px solid var(--hairline);
  background: var(--panel);
}

li a {
  color: var(--ink);
  font-size: 17px;
  text-decoration: none;
}
</style>
