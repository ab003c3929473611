<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useTitle } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { queries, useSend } from '@/answers/queries'
import { api } from '@/api/client'
import StationBar from '@/look/StationBar.vue'
import KitchenNav from './KitchenNav.vue'
import PasskeyList from './PasskeyList.vue'
import { refusal, signedIn, useSession } from './useSession'
import { roleWord } from './words'

/** Oneself: name, password, where one is signed in, one's kitchens. */
useTitle('Yourself · Deft Chill')
const client = useQueryClient()
const router = useRouter()
const { who } = useSession()
const sessions = useQuery({ queryKey: ['my-sessions'], queryFn: api.mySessions })
const [change, endSession, signOut, workIn, openKitchen] = [
  useSend('changeAccount'),
  useSend('endSession'),
  useSend('signOut'),
  useSend('workIn'),
  useSend('openKitchen'),
]
const called = ref<string>()
const name = computed({
  get: () => called.value ?? who.value?.name ?? '',
  set: (typed: string) => (called.value = typed),
})
const [oldPassword, password, newKitchen] = [ref(''), ref(''), ref('')]
const [wrong, note] = [ref(''), ref('')]
const when = (seconds: number) =>
  new Date(seconds * 1000).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })

async function doing(work: () => Promise<unknown>, done = '') {
  wrong.value = ''
  note.value = ''
  try {
    await work()
    note.value = done
    await client.invalidateQueries()
  } catch (failed) {
    wrong.value = refusal(failed)
  }
}
const save = () =>
  doing(async () => {
    await change({
      name: name.value,
      ...(password.value && { password: password.value, oldPassword: oldPassword.value }),
    })
    oldPassword.value = ''
    password.value = ''
  }, 'Stored.')
const elsewhere = (kitchen: string) =>
  doing(async () => {
    await workIn({ kitchen })
    await signedIn()
    await router.push('/')
  })
const opening = () =>
  doing(async () => {
    await openKitchen({ name: newKitchen.value })
    await signedIn()
    await router.push('/')
  })
async function out() {
  await signOut()
  queries.clear()
  await router.push('/sign-in')
}
</script>

<template>
  <StationBar station="kitchen" />
  <KitchenNav here="account" />
  <main v-if="who" class="plain-page">
    <header>
      <h1>{{ who.name }}</h1>
      <p>{{ roleWord(who.role) }} of {{ who.kitchenName }}</p>
      <button type="button" class="quiet-button" @click="out">Sign out</button>
    </header>
    <p v-if="wrong" role="alert" class="went-wrong">{{ wrong }}</p>
    <p v-if="note" role="status">{{ note }}</p>
    <section class="plain-section" aria-label="Name and password">
      <h2 class="section-title">Name and password</h2>
      <form @submit.prevent="save">
        <label class="plain-field"
          >Name, as others read it <input v-model="name" maxlength="80" autocomplete="username"
        /></label>
        <label v-if="who.password" class="plain-field"
          >Password of now <input v-model="oldPassword" type="password" autocomplete="current-password"
        /></label>
        <label class="plain-field"
          >{{ who.password ? 'New password' : 'A password, to sign in from elsewhere' }}
          <input v-model="password" type="password" autocomplete="new-password" />
          <small>12 characters or more; with it all other sessions end.</small>
        </label>
        <button type="submit" class="go-button">Store</button>
      </form>
    </section>
    <PasskeyList />
    <section class="plain-section" aria-label="Where you are signed in">
      <h2 class="section-title">Where you are signed in</h2>
      <ul>
        <li v-for="s in sessions.data.value?.sessions" :key="s.id">
          {{ s.device || 'a device that does not say' }}
          <span class="quiet">since {{ when(s.since) }}, last used {{ when(s.used) }}</span>
          <b v-if="s.here">here</b>
          <button v-else type="button" class="link-like" @click="doing(() => endSession(s.id))">
            end it
          </button>
        </li>
      </ul>
    </section>
    <section class="plain-section" aria-label="Your kitchens">
      <h2 class="section-title">Your kitchens <small>what one stores no other sees</small></h2>
      <ul>
        <li v-for="k in who.kitchens" :key="k.id">
          {{ k.name }} <span class="quiet">as {{ roleWord(k.role) }}</span>
          <b v-if="k.id === who.kitchen">here</b>
          <button v-else type="button" class="link-like" @click="elsewhere(k.id)">go there</button>
        </li>
      </ul>
      <form @submit.prevent="opening">
        <label class="plain-field"
          >Another kitchen, empty at first <input v-model="newKitchen" maxlength="80" placeholder="its name"
        /></label>
        <button type="submit" class="quiet-button">Open it</button>
      </form>
    </section>
  </main>
</template>

<style scoped>
header {
  display: flex;
  gap: 14px;
  align-items: baseline;
}

header button {
  margin-left: auto;
}

form {
  align-items: start;
}

form button {
  margin-top: 23px;
}
</style>
