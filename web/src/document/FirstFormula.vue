<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { ask, useAgain, useSend } from '@/answers/queries'

/** Opens the first formula, or an example to start from when there is none. */
const route = useRoute()
const router = useRouter()
/** The station that was asked for. */
const station = route.name === 'first-cold' ? 'cold' : 'bench'
const askAgain = useAgain()
const failed = ref(false)
const createFormula = useSend('create')

async function open() {
  failed.value = false
  try {
    const { formulas } = await ask('formulas', { size: 1 })
    const id = formulas[0]?.id ?? (await createFormula((await ask('starts')).formula)).id
    if (!formulas.length) void askAgain(['formulas'])
    await router.replace({ name: station, params: { id } })
  } catch {
    failed.value = true
  }
}

onMounted(open)
</script>

<template>
  <main class="first">
    <p v-if="failed">Deft Chill does not answer. <a-button @click="open">Try again</a-button></p>
    <p v-else>Opening the {{ station }}…</p>
  </main>
</template>

<style scoped>
.first {
  padding: 40px;
  font-size: 20px;
}
</style>
