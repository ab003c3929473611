<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useSend } from '@/answers/queries'
import { api } from '@/api/client'
import { passkeyRefusal } from './passkeys'

/** One's own passkeys: a finger or a PIN on a device in place of a password. */
const client = useQueryClient()
const { data } = useQuery({ queryKey: ['my-passkeys'], queryFn: api.myPasskeys })
const [add, remove] = [useSend('addPasskey'), useSend('removePasskey')]
const label = ref('')
const wrong = ref('')
const day = (seconds: number) =>
  new Date(seconds * 1000).toLocaleDateString(undefined, { dateStyle: 'medium' })

async function doing(work: () => Promise<unknown>) {
  wrong.value = ''
  try {
    await work()
    label.value = ''
  } catch (failed) {
    wrong.value = passkeyRefusal(failed)
  }
  await client.invalidateQueries({ queryKey: ['my-passkeys'] })
}
</script>

<template>
  <section class="plain-section" aria-label="Passkeys">
    <h2 class="section-title">
      Passkeys <small>a finger or a PIN of this device in place of a password</small>
    </h2>
    <ul>
      <li v-for="p in data?.passkeys" :key="p.id">
        {{ p.label }} <span class="quiet">since {{ day(p.since) }}, last used {{ day(p.used) }}</span>
        <button type="button" class="link-like" @click="doing(() => remove(p.id))">take it away</button>
      </li>
    </ul>
    <form @submit.prevent="doing(() => add(label.trim() || 'A device'))">
      <label class="plain-field"
        >What this device is called <input v-model="label" maxlength="80" placeholder="the bench’s tablet"
      /></label>
      <button type="submit" class="quiet-button">Add a passkey of this device</button>
    </form>
    <p v-if="wrong" role="alert" class="went-wrong">{{ wrong }}</p>
  </section>
</template>
