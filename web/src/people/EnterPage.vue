<script setup lang="ts">
import { useTitle } from '@vueuse/core'
import { onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useSend } from '@/answers/queries'
import DoorFrame from './DoorFrame.vue'
import { isSignedIn, refusal, signedIn } from './useSession'

/** The key stands behind the #, so that it is in no log; it counts once. */
useTitle('Deft Chill')
const router = useRouter()
const enter = useSend('enterByKey')
const wrong = ref('')

onMounted(async () => {
  const key = window.location.hash.slice(1)
  // Out of the address and of the list of pages visited, whatever comes of it.
  window.history.replaceState(window.history.state, '', '/enter')
  try {
    await enter({ key })
    await signedIn()
    await router.replace('/')
  } catch (failed) {
    if (await isSignedIn()) await router.replace('/')
    else wrong.value = refusal(failed)
  }
})
</script>

<template>
  <DoorFrame :title="wrong ? 'Not let in' : 'Coming in …'">
    <template v-if="wrong">
      <p role="alert" class="went-wrong">{{ wrong }}</p>
      <p><RouterLink to="/sign-in">Sign in by name and password</RouterLink></p>
    </template>
  </DoorFrame>
</template>
