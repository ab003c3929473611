<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { useTitle } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useSend } from '@/answers/queries'
import { ApiProblem } from '@/api/client'
import StationBar from '@/look/StationBar.vue'
import InstrumentStrip from './InstrumentStrip.vue'
import { shown, useInstruments, useSimulated } from './useInstruments'

/** A probe tried at the fixed points of water: what it is off by, and from then on it is corrected. */
useTitle('Probe and scale · Deft Chill')
const { probe, scale, known, pages, standIns } = useInstruments()
const simulated = useSimulated()
const calibrate = useSend('calibrate')
const client = useQueryClient()

const ice = ref<number>()
const boil = ref<number>()
const altitude = ref('0')
const pressure = ref('')
const said = ref('')
const wrong = ref('')
let id = ''

const number = (text: string) => {
  const value = Number(text.replace(',', '.').replace(/\s*(m|hPa)$/i, ''))
  return text.trim() && Number.isFinite(value) ? value : undefined
}
async function keep() {
  const of = probe.value
  if (!of || ice.value === undefined) return
  wrong.value = ''
  id ||= crypto.randomUUID()
  try {
    const kept = await calibrate(of.id, {
      id,
      ice: ice.value,
      boil: boil.value,
      altitude: number(altitude.value),
      pressure: number(pressure.value),
    })
    said.value = `Kept: it showed ${Math.abs(kept.off).toFixed(1)} K too ${kept.off < 0 ? 'much' : 'little'}${
      kept.matters ? ', which matters' : ', which is little'
    }. What it shows from now on is corrected.`
    id = ''
    ice.value = boil.value = undefined
    await client.invalidateQueries({ queryKey: ['instruments'] })
  } catch (error) {
    wrong.value =
      error instanceof ApiProblem && error.response.problems?.length
        ? error.response.problems.map((p) => `${p.field} ${p.value} ${p.rule}`).join('; ')
        : 'Not kept: Deft Chill does not answer. Nothing is lost here.'
  }
}
const since = computed(() =>
  probe.value?.calibration
    ? new Date(probe.value.calibration.triedAt * 1000).toLocaleDateString('en-GB', {
        day: 'numeric',
        month: 'long',
        year: 'numeric',
      })
    : '',
)
</script>

<template>
  <StationBar station="make" />
  <main class="instruments">
    <h1>Probe and scale</h1>
    <p v-if="known && standIns" class="hint">
      <label
        ><input v-model="simulated" type="checkbox" /> Use the simulated probe and scale on this device</label
      >
      to try how instruments work here. They measure nothing: what they show is made up, and is marked so
      wherever it stands.
    </p>
    <p v-else-if="known && !probe && !scale" class="none">
      No instrument is heard. Every value can be entered by hand; <b>./start</b> and
      <b>ops/instruments</b> start stand-ins, and a real one is connected as docs/instruments.md says.
    </p>
    <InstrumentStrip :probe="probe" :scale="scale" />
    <p v-if="standIns && simulated && pages.length" class="hint">
      On a page of their own you can
      <a v-for="page in pages" :key="page" :href="page" target="_blank" rel="noopener"
        >hold the simulated ones, and make them misbehave</a
      >.
    </p>
    <section v-if="probe" aria-label="Try the probe">
      <h2 class="section-title">
        Try the probe
        <small v-if="since">last on {{ since }}: {{ probe.calibration?.off.toFixed(1) }} K</small>
      </h2>
      <p v-if="!probe.calibration">
        This probe is not calibrated yet: nobody knows how far it is off. Two minutes in ice water tell.
      </p>
      <p v-else-if="probe.calibration.due">It is a month and more since it was tried: time to do it again.</p>
      <ol>
        <li>
          <div>
            <b>Ice water</b>
            <p>
              Crushed ice filled up with water, stirred; the tip in the middle, off the wall. Wait until it
              rests.
            </p>
          </div>
          <button type="button" :disabled="probe.raw === undefined" @click="ice = probe?.raw">
            It shows {{ probe.raw?.toFixed(1) ?? '–' }} °C
          </button>
          <span :class="{ taken: true, none: ice === undefined }">{{
            ice === undefined ? 'not taken' : `${ice.toFixed(1)} °C`
          }}</span>
        </li>
        <li>
          <div>
            <b>Boiling water</b> <small>may be left out</small>
            <p>At a rolling boil, the tip in the water and off the bottom.</p>
          </div>
          <button type="button" :disabled="probe.raw === undefined" @click="boil = probe?.raw">
            It shows {{ probe.raw?.toFixed(1) ?? '–' }} °C
          </button>
          <span :class="{ taken: true, none: boil === undefined }">{{
            boil === undefined ? 'not taken' : `${boil.toFixed(1)} °C`
          }}</span>
        </li>
        <li>
          <div>
            <b>Where water boils</b>
            <p>100 °C at the sea, 3.4 K lower for every 1000 m; the pressure, where you know it, is surer.</p>
          </div>
          <label>Altitude, m <input v-model="altitude" inputmode="decimal" /></label>
          <label
            >or pressure, hPa <input v-model="pressure" inputmode="decimal" placeholder="as measured here"
          /></label>
        </li>
      </ol>
      <p v-if="wrong" role="alert" class="wrong">{{ wrong }}</p>
      <p v-if="said" role="status" class="said">{{ said }}</p>
      <button type="button" class="keep" :disabled="ice === undefined" @click="keep">Keep it</button>
      <p class="hint">
        Shown now, corrected: <b>{{ shown(probe) || '–' }}</b>. Readings themselves stay as the probe gave
        them.
      </p>
    </section>
  </main>
</template>

<style scoped>
.instruments {
  display: grid;
  gap: 14px;
  max-width: 1240px;
  padding: 18px 20px;
}

h1 {
  margin: 0;
  font-size: 24px;
  font-weight: 700;
}

section:not(.strip) {
  padding: 14px 18px;
  background: var(--panel);
}

ol {
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 200px 180px;
  gap: 14px;
  align-items: center;
  padding: 10px 0;
  border-bottom: 1px solid var(--hairline);
}

p {
  margin: 0;
}

li p,
small,
.hint {
  color: var(--quiet);
  font-size: 15px;
}

button {
  min-height: 56px;
  padding: 0 16px;
  border: 2px solid var(--ink);
  border-radius: 4px;
  background: var(--panel);
  color: var(--ink);
  font-size: 17px;
  font-weight: 700;
  cursor: pointer;
}

button:disabled {
  border-color: var(--edge);
  color: var(--quiet);
  cursor: default;
}

.keep {
  margin: 12px 0;
  border-color: var(--act);
  background: var(--act);
  color: var(--white);
}

.keep:disabled {
  border-color: var(--edge-deep);
  background: var(--edge-deep);
  color: var(--white);
}

.hint a {
  color: var(--ink);
}

.taken {
  font-size: 24px;
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}

.taken.none {
  padding: 0;
  background: none;
  color: var(--quiet);
  font-size: 17px;
  font-weight: 400;
}

label {
  display: grid;
  gap: 4px;
  min-width: 0;
  font-size: 15px;
}

input {
  width: 100%;
  min-height: 56px;
  padding: 0 10px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  font-size: 17px;
}

.wrong {
  color: var(--unsafe);
  font-weight: 700;
}

.said {
  color: var(--good);
  font-weight: 700;
}

.none {
  padding: 24px;
  background: var(--panel);
  font-size: 17px;
}

@media (max-width: 800px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
