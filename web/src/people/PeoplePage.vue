<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useClipboard, useTitle } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useSend } from '@/answers/queries'
import { api } from '@/api/client'
import type { components } from '@/api/generated/schema'
import StationBar from '@/look/StationBar.vue'
import DeedsList from './DeedsList.vue'
import KitchenNav from './KitchenNav.vue'
import { refusal, useSession } from './useSession'
import { ROLES, roleWord } from './words'

/** Who works here, who is invited, who changed what. */
useTitle('People · Deft Chill')
type Role = components['schemas']['PersonView']['role']
const client = useQueryClient()
const { who } = useSession()
const { data } = useQuery({ queryKey: ['people'], queryFn: api.people })
const [invite, withdraw, changeRole, remove, rename] = [
  useSend('invite'),
  useSend('withdrawInvitation'),
  useSend('changeRole'),
  useSend('removePerson'),
  useSend('renameKitchen'),
]
const role = ref<Role>('COOK')
const link = ref('')
const wrong = ref('')
const leaving = ref('')
const { copy, copied } = useClipboard({ source: link })
const day = (at: string) => new Date(at).toLocaleDateString(undefined, { day: 'numeric', month: 'short' })
const called = ref<string>()
const name = computed({
  get: () => called.value ?? who.value?.kitchenName ?? '',
  set: (typed: string) => (called.value = typed),
})

async function doing(work: () => Promise<unknown>) {
  wrong.value = ''
  try {
    await work()
    await client.invalidateQueries()
  } catch (failed) {
    wrong.value = refusal(failed)
    await client.invalidateQueries({ queryKey: ['people'] })
  }
}
const inviting = () =>
  doing(async () => {
    const made = await invite({ role: role.value })
    link.value = `${window.location.origin}/invited/${made.secret}`
  })
const given = (id: string, event: Event) =>
  doing(() => changeRole(id, { role: (event.target as HTMLSelectElement).value as Role }))
const gone = (id: string) =>
  doing(async () => {
    await remove(id)
    leaving.value = ''
  })
const renamed = () => called.value !== undefined && doing(() => rename({ name: name.value }))
</script>

<template>
  <StationBar station="kitchen" />
  <KitchenNav here="people" />
  <main class="plain-page">
    <h1>People of {{ who?.kitchenName }}</h1>
    <p v-if="wrong" role="alert" class="went-wrong">{{ wrong }}</p>
    <section class="plain-section" aria-label="Who works here">
      <ul>
        <li v-for="p in data?.people" :key="p.id">
          <b>{{ p.name }}</b> <span v-if="p.me" class="quiet">you</span>
          <span class="quiet">since {{ day(p.since) }}</span>
          <select :value="p.role" :aria-label="`What ${p.name} is`" @change="given(p.id, $event)">
            <option v-for="r in ROLES" :key="r.value" :value="r.value">{{ r.label }}</option>
          </select>
          <template v-if="leaving === p.id">
            <button type="button" class="quiet-button" @click="gone(p.id)">Yes, {{ p.name }} leaves</button>
            <button type="button" class="link-like" @click="leaving = ''">No</button>
          </template>
          <button v-else-if="!p.me" type="button" class="link-like" @click="leaving = p.id">leaves</button>
        </li>
        <li v-for="w in data?.invited" :key="w.id" class="waiting">
          a {{ roleWord(w.role) }}, invited by {{ w.by }}; the link counts until {{ day(w.until) }}
          <button type="button" class="link-like" @click="doing(() => withdraw(w.id))">withdraw</button>
        </li>
      </ul>
      <form @submit.prevent="inviting">
        <label class="plain-field"
          >Invite a
          <select v-model="role">
            <option v-for="r in ROLES" :key="r.value" :value="r.value">{{ r.label }}: {{ r.may }}</option>
          </select>
        </label>
        <button type="submit" class="go-button">Make a link</button>
      </form>
      <p v-if="link" class="link" role="status">
        Send this link to one person. It is shown this once and lets them in once.
        <code>{{ link }}</code>
        <button type="button" class="quiet-button" @click="copy()">{{ copied ? 'Copied' : 'Copy' }}</button>
      </p>
    </section>
    <section class="plain-section" aria-label="The kitchen">
      <h2 class="section-title">The kitchen</h2>
      <form @submit.prevent="renamed">
        <label class="plain-field">What it is called <input v-model="name" maxlength="80" /></label>
        <button type="submit" class="quiet-button">Name it so</button>
      </form>
    </section>
    <DeedsList />
  </main>
</template>

<style scoped>
li select {
  min-height: 40px;
  margin-left: auto;
  padding: 0 8px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
}

.waiting {
  color: var(--quiet);
}

.link {
  display: grid;
  gap: 6px;
  justify-items: start;
  padding-top: 12px;
}

code {
  overflow-wrap: anywhere;
}
</style>
