<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useTitle } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { api } from '@/api/client'
import StationBar from '@/look/StationBar.vue'
import WentWrong from './WentWrong.vue'

/** What went wrong with a dessert of which no batch was followed: told by its formula alone. */
useTitle('Something was wrong · Deft Chill')
const route = useRoute()
const id = computed(() => String(route.params.id))
const symptom = ref('')
const looks = ref<Record<string, boolean>>({})
const { data: formula } = useQuery({
  queryKey: computed(() => ['formula-wrong', id.value]),
  queryFn: () => api.formula(id.value),
})
const { data, isFetching, isError } = useQuery({
  queryKey: computed(() => ['rescue-formula', id.value, symptom.value, { ...looks.value }]),
  queryFn: () =>
    formula.value
      ? api.rescue(formula.value.document, symptom.value, looks.value)
      : Promise.reject(new Error()),
  enabled: computed(() => !!formula.value),
  placeholderData: (before) => before,
})
</script>

<template>
  <StationBar station="bench" :formula="id">
    <RouterLink class="back" :to="{ name: 'bench', params: { id } }"
      >← {{ formula?.document.name ?? 'Back' }}</RouterLink
    >
  </StationBar>
  <main>
    <p v-if="isError" role="alert" class="said">
      This formula cannot be computed yet: the Bench says what is to be mended.
    </p>
    <WentWrong
      :answer="data"
      :busy="isFetching"
      :takes="false"
      @seen="((symptom = $event), (looks = {}))"
      @looked="(look, found) => (looks = { ...looks, [look.id]: found })"
    />
  </main>
</template>

<style scoped src="./wrong-page.css"></style>
