<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api } from '@/api/client'
import { deedWords } from './words'

/** Who changed what lately. */
const { data } = useQuery({ queryKey: ['deeds'], queryFn: api.deeds })
const FIRST = 25
const all = ref(false)
const shown = computed(() => data.value?.deeds.slice(0, all.value ? undefined : FIRST) ?? [])
const when = (at: string) =>
  new Date(at).toLocaleString(undefined, {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  })
</script>

<template>
  <section v-if="data?.deeds.length" aria-label="Who changed what">
    <h2 class="section-title">Who changed what <small>the last 200 changes</small></h2>
    <ol>
      <li v-for="(d, i) in shown" :key="i">
        <time :datetime="d.at">{{ when(d.at) }}</time> <b>{{ d.by }}</b> {{ deedWords(d.what) }}
        <span v-if="d.name">“{{ d.name }}”</span>
      </li>
    </ol>
    <button v-if="shown.length < data.deeds.length" type="button" class="link-like" @click="all = true">
      All {{ data.deeds.length }}
    </button>
  </section>
</template>

<style scoped>
section {
  padding: 14px 16px;
  background: var(--panel);
}

ol {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  padding: 4px 0;
  border-bottom: 1px solid var(--hairline);
}

time {
  display: inline-block;
  min-width: 120px;
  color: var(--quiet);
}
</style>
