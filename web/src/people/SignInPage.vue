<script setup lang="ts">
import { useTitle } from '@vueuse/core'
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useSend } from '@/answers/queries'
import DoorFrame from './DoorFrame.vue'
import { passkeyRefusal } from './passkeys'
import { signedIn } from './useSession'
import { within } from './within'

/** By name and password; whoever sits at the machine itself comes in by the key that it prints. */
useTitle('Sign in · Deft Chill')
const route = useRoute()
const router = useRouter()
const [signIn, byPasskey] = [useSend('signIn'), useSend('signInByPasskey')]
const name = ref('')
const password = ref('')
const wrong = ref('')
const busy = ref(false)

async function coming(work: () => Promise<unknown>) {
  wrong.value = ''
  busy.value = true
  try {
    await work()
    await signedIn()
    await router.replace(within(route.query['then']))
  } catch (failed) {
    wrong.value = passkeyRefusal(failed)
  } finally {
    busy.value = false
  }
}
function go() {
  if (name.value.trim() && password.value)
    void coming(() => signIn({ name: name.value, password: password.value }))
  else wrong.value = 'Name and password are both needed.'
}
</script>

<template>
  <DoorFrame title="Sign in">
    <form @submit.prevent="go">
      <label class="plain-field">Name <input v-model="name" autocomplete="username" /></label>
      <label class="plain-field"
        >Password <input v-model="password" type="password" autocomplete="current-password"
      /></label>
      <p v-if="wrong" role="alert" class="went-wrong">{{ wrong }}</p>
      <button type="submit" class="go-button" :disabled="busy">Sign in</button>
      <button type="button" class="quiet-button" :disabled="busy" @click="coming(() => byPasskey())">
        With a passkey of this device
      </button>
    </form>
    <p class="key">
      At the machine that Deft Chill runs on: <code>./start</code> prints an address with a key that lets you
      in. What you typed and was not stored is kept in this browser.
    </p>
  </DoorFrame>
</template>

<style scoped>
form {
  display: grid;
  gap: 14px;
}

.key {
  color: var(--quiet);
}
</style>
