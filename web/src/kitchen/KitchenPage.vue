<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, ApiProblem, type KitchenSettings, type Problem } from '@/api/client'
import { ask, useSend } from '@/answers/queries'
import { useChoices } from '@/answers/useChoices'
import ChoiceField from '@/look/ChoiceField.vue'
import TypedField from '@/look/TypedField.vue'
import StationBar from '@/look/StationBar.vue'
import KitchenNav from '@/people/KitchenNav.vue'
import { useSession } from '@/people/useSession'
import { settingGroups } from './settings'
import { keepTyped, unsaved } from './typedSettings'

/** How the kitchen works. Saved on the button: a setting changes the answer to every formula. */
const queries = useQueryClient()
const choices = useChoices()
const { who } = useSession()
const { data: kitchen } = useQuery({ queryKey: ['kitchen'], queryFn: api.kitchen })
const typed = ref<KitchenSettings>()
const version = ref(0)
const problems = ref<Problem[]>([])
const note = ref('')
const saveKitchen = useSend('saveKitchen')

watch(
  kitchen,
  (stored) => {
    if (!stored || typed.value) return
    const before = unsaved(localStorage, who.value?.kitchen ?? '', stored.settings)
    typed.value = { ...(before?.settings ?? stored.settings) }
    version.value = before?.version ?? stored.version
    if (before) note.value = 'Typed earlier on this device and not saved yet: save it, or leave it as it was.'
  },
  { immediate: true },
)
watch([typed, kitchen], ([settings, stored]) => {
  if (!settings || !stored) return
  const same = JSON.stringify(settings) === JSON.stringify(stored.settings)
  keepTyped(
    localStorage,
    same ? undefined : { kitchen: who.value?.kitchen ?? '', version: version.value, settings },
  )
})
const changed = computed(
  () => typed.value && JSON.stringify(typed.value) !== JSON.stringify(kitchen.value?.settings),
)
const groups = computed(() => settingGroups(kitchen.value, typed.value, choices))
const problem = (field: keyof KitchenSettings) => problems.value.find((p) => p.path === `/${field}`)

function set(field: keyof KitchenSettings, value: string) {
  if (typed.value) typed.value = { ...typed.value, [field]: value }
  note.value = ''
}

async function save() {
  if (!typed.value) return
  problems.value = []
  try {
    const stored = await saveKitchen(version.value, typed.value)
    version.value = stored.version
    queries.setQueryData(['kitchen'], stored)
    note.value = 'Saved. Every formula is computed by these settings from now on.'
  } catch (error) {
    if (error instanceof ApiProblem && error.response.status === 409) {
      const now = await ask('kitchen')
      version.value = now.version
      queries.setQueryData(['kitchen'], now)
      note.value =
        'Another window changed the settings meanwhile. Yours are still here: save again to put them over.'
    } else if (error instanceof ApiProblem) {
      problems.value = error.response.problems
    } else {
      note.value = 'Not saved: Deft Chill does not answer. Nothing typed is lost.'
    }
  }
}

function asTheyWere() {
  if (kitchen.value) typed.value = { ...kitchen.value.settings }
  if (kitchen.value) version.value = kitchen.value.version
  note.value = ''
  problems.value = []
}
</script>

<template>
  <div>
    <StationBar station="kitchen" />
    <KitchenNav here="kitchen" />
    <main v-if="typed">
      <h1>How this kitchen works</h1>
      <form @submit.prevent="save">
        <section v-for="group in groups" :key="group.title">
          <h2 class="section-title">{{ group.title }}</h2>
          <div v-for="row in group.rows" :key="row.field" class="row">
            <ChoiceField
              v-if="row.choices"
              :label="row.label"
              :options="row.choices"
              :model-value="typed[row.field]"
              :problem="problem(row.field)"
              @update:model-value="set(row.field, $event)"
            />
            <TypedField
              v-else
              :label="row.label"
              :model-value="typed[row.field]"
              :problem="problem(row.field)"
              @update:model-value="set(row.field, $event)"
            />
            <p>{{ row.hint }}</p>
          </div>
        </section>
        <p class="save">
          <a-button type="primary" html-type="submit" :disabled="!changed">Save the settings</a-button>
          <a-button v-if="changed" @click="asTheyWere">Leave them as they were</a-button>
          <span role="status">{{ note }}</span>
        </p>
      </form>
    </main>
  </div>
</template>

<style scoped>
main {
  padding: 14px 20px 30px;
}

h1 {
  padding-bottom: 10px;
  font-size: 22px;
  font-weight: 700;
}

form {
  max-width: 1240px;
  columns: 2 460px;
  column-gap: 14px;
}

section {
  margin-bottom: 14px;
  break-inside: avoid;
  padding: 10px 16px 14px;
  background: var(--panel);
}

.row {
  display: grid;
  grid-template-columns: 260px 1fr;
  gap: 14px;
  align-items: end;
  padding-top: 8px;
}

.row p {
  padding-bottom: 7px;
  color: var(--quiet);
  font-size: 13px;
  line-height: 1.3;
}

.save {
  display: flex;
  gap: 10px;
  align-items: center;
}
</style>
