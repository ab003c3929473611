<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useTitle } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useSend } from '@/answers/queries'
import { api } from '@/api/client'
import DoorFrame from './DoorFrame.vue'
import { refusal, signedIn, useSession } from './useSession'
import { ROLES } from './words'

/** Somebody follows an invitation: with the account they have, or with a new one. */
useTitle('Invited · Deft Chill')
const router = useRouter()
const secret = String(useRoute().params['secret'])
const { who } = useSession()
const { data: invited, isError } = useQuery({
  queryKey: ['invited', secret],
  queryFn: () => api.invited(secret),
  retry: 0,
})
const accept = useSend('acceptInvitation')
const name = ref('')
const password = ref('')
const wrong = ref('')
const role = computed(() => ROLES.find((r) => r.value === invited.value?.role))

async function go() {
  wrong.value = ''
  try {
    await accept(secret, who.value ? {} : { name: name.value, password: password.value })
    await signedIn()
    await router.replace('/')
  } catch (failed) {
    wrong.value = refusal(failed)
  }
}
</script>

<template>
  <DoorFrame v-if="isError" title="This invitation is none any more">
    <p>It was used, withdrawn, or is older than seven days. Whoever sent it can send another.</p>
    <p><RouterLink to="/">To Deft Chill</RouterLink></p>
  </DoorFrame>
  <DoorFrame v-else-if="invited" :title="`${invited.by} invites you to ${invited.kitchen}`">
    <p>
      As a <b>{{ role?.label }}</b>: {{ role?.may }}.
    </p>
    <form @submit.prevent="go">
      <template v-if="who">
        <p>You are signed in as {{ who.name }} and stay so.</p>
      </template>
      <template v-else>
        <label class="plain-field"
          >Your name, as others read it <input v-model="name" autocomplete="username"
        /></label>
        <label class="plain-field"
          >A password <input v-model="password" type="password" autocomplete="new-password" />
          <small>12 characters or more; a sentence does well.</small>
        </label>
      </template>
      <p v-if="wrong" role="alert" class="went-wrong">{{ wrong }}</p>
      <button type="submit" class="go-button">Come in</button>
    </form>
  </DoorFrame>
</template>

<style scoped>
form {
  display: grid;
  gap: 14px;
}
</style>
