<script setup lang="ts">
import { useFileDialog, useTitle } from '@vueuse/core'
import { ref, shallowRef } from 'vue'
import { ApiProblem, type ArchiveTaken, type Problem } from '@/api/client'
import { useAgain, useSend } from '@/answers/queries'
import StationBar from '@/look/StationBar.vue'
import KitchenNav from '@/people/KitchenNav.vue'
import { refusal } from '@/people/useSession'
import { cameInWords } from './cameIn'

/** All of the kitchen out as one file, and in again. */
useTitle('Safe keeping · Deft Chill')
const takeArchive = useSend('takeArchive')
const askAgain = useAgain()
const taking = ref('')
const taken = shallowRef<ArchiveTaken>()
const problems = shallowRef<Problem[]>([])
const wrong = ref('')

async function take(file: File) {
  taking.value = file.name
  taken.value = undefined
  problems.value = []
  wrong.value = ''
  try {
    taken.value = await takeArchive(file)
    await askAgain([])
  } catch (error) {
    problems.value = error instanceof ApiProblem ? error.response.problems : []
    if (!problems.value.length) wrong.value = refusal(error)
  } finally {
    taking.value = ''
  }
}

const { open: choose, onChange } = useFileDialog({
  accept: '.zip,application/zip',
  multiple: false,
  reset: true,
})
onChange((files) => {
  if (files?.[0]) void take(files[0])
})
</script>

<template>
  <StationBar station="kitchen" />
  <KitchenNav here="keeping" />
  <main class="plain-page">
    <h1>Safe keeping</h1>
    <section class="plain-section" aria-label="All in one archive">
      <h2 class="section-title">All in one archive</h2>
      <p>
        Formulas with their earlier states, plans, batches, the log with its photos, ladders, the larder's own
        entries, accepted numbers and settings, as files that other programs can read as well. People and
        passwords are not in it.
      </p>
      <p class="doing">
        <a class="go-button" href="/api/kitchen/archive.zip" download>Save it as a file</a>
        <button type="button" class="quiet-button" :disabled="!!taking" @click="choose()">
          Take one in…
        </button>
        <span v-if="taking" role="status">{{ taking }} is looked at and taken in…</span>
      </p>
      <p class="quiet">
        An archive is looked at as a whole before anything of it is stored. What is here already stays as it
        is: taken in twice, it is here once.
      </p>
      <p v-if="wrong" role="alert" class="went-wrong">{{ wrong }}</p>
      <div v-if="problems.length" role="alert" class="went-wrong">
        <p>Nothing of it was taken in:</p>
        <p v-for="p in problems" :key="p.path">{{ p.field }} {{ p.rule }}</p>
      </div>
      <div v-if="taken" role="status">
        <table>
          <thead>
            <tr>
              <th scope="col">From the archive</th>
              <th scope="col">came in</th>
              <th scope="col">here already</th>
              <th scope="col">left out</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="kind in taken.cameIn" :key="kind.what">
              <th scope="row">{{ cameInWords(kind.what) }}</th>
              <td>{{ kind.added }}</td>
              <td>{{ kind.there }}</td>
              <td>{{ kind.leftOut }}</td>
            </tr>
          </tbody>
        </table>
        <p v-for="note in taken.notes" :key="note">{{ note }}.</p>
      </div>
    </section>
    <section class="plain-section" aria-label="Backups of this machine">
      <h2 class="section-title">Backups of this machine</h2>
      <p>
        <code>./start</code> backs everything up once a day by itself, of all kitchens and people, and keeps
        seven. <code>./backup</code> makes one at any time; <code>./restore FILE</code> puts one back, also
        while Deft Chill runs.
      </p>
    </section>
  </main>
</template>

<style scoped>
.doing {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  padding: 8px 0;
}

.doing a {
  display: inline-flex;
  align-items: center;
  text-decoration: none;
}

p {
  max-width: 76ch;
  margin: 8px 0;
}

table {
  margin-top: 8px;
  border-collapse: collapse;
}

th,
td {
  padding: 6px 18px 6px 0;
  border-bottom: 1px solid var(--hairline);
  text-align: right;
  font-variant-numeric: tabular-nums;
}

th:first-child {
  min-width: 220px;
  text-align: left;
}

tbody th {
  font-weight: 400;
}
</style>
