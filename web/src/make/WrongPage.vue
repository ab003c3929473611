<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useTitle } from '@vueuse/core'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, type Remedy } from '@/api/client'
import StationBar from '@/look/StationBar.vue'
import { takes } from './rescue'
import { useMaking } from './useMaking'
import WentWrong from './WentWrong.vue'

/** What went wrong with a batch that is or was followed: what is seen and looked at is among what happened to it. */
useTitle('Something is wrong · Deft Chill')
const route = useRoute()
const router = useRouter()
const id = computed(() => String(route.params.id))
const { making, stored, unsent, refused, happened } = useMaking(id)
/** What the server is told by: each of these may change its answer, once it has it. */
const told = computed(
  () => stored.value?.events.filter((e) => e.kind !== 'BEGAN' && e.kind !== 'NOTED').length ?? 0,
)
const { data, isFetching, isError } = useQuery({
  queryKey: computed(() => ['rescue', id.value, told.value]),
  queryFn: () => api.rescueMaking(id.value),
  enabled: computed(() => !!making.value),
  placeholderData: (before) => before,
})

async function take(remedy: Remedy) {
  if (!making.value) return
  happened(...takes(remedy, making.value))
  await router.push({ name: 'making', params: { id: id.value } })
}
</script>

<template>
  <StationBar station="make">
    <RouterLink class="back" :to="{ name: 'making', params: { id } }"
      >← {{ making?.name ?? 'Back' }}</RouterLink
    >
  </StationBar>
  <main>
    <p v-if="isError" role="alert" class="said">This cannot be computed now; it is asked again by itself.</p>
    <p v-if="refused" role="alert" class="said">Not taken: {{ refused }}</p>
    <p v-if="!data && !isError" class="said" role="status">Putting each cause into this batch…</p>
    <WentWrong
      :answer="data"
      :busy="isFetching || unsent.length > 0"
      :takes="!making?.finished"
      @seen="happened(['WENT_WRONG', { text: $event }])"
      @looked="(look, found) => happened(['LOOKED', { text: `${look.id}=${found ? 'yes' : 'no'}` }])"
      @measured="(look, value) => happened(['MEASURED', { changes: [{ path: look.measures, value }] }])"
      @took="take"
    />
  </main>
</template>

<style scoped src="./wrong-page.css"></style>
