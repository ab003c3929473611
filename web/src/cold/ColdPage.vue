<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, type Evidence, type Formula, type Uncertainty, type WhatIfRow } from '@/api/client'
import ChoiceField from '@/bench/ChoiceField.vue'
import ConflictNotice from '@/bench/ConflictNotice.vue'
import EvidenceDrawer from '@/bench/EvidenceDrawer.vue'
import { useHistory } from '@/bench/history'
import { provideSheet } from '@/bench/sheet'
import SheetText from '@/bench/SheetText.vue'
import TheLine from '@/bench/TheLine.vue'
import { useAnswer } from '@/bench/useAssessment'
import { useStoredFormula } from '@/bench/useStoredFormula'
import VerdictList from '@/bench/VerdictList.vue'
import StationBar from '@/look/StationBar.vue'
import { unpack } from './field'
import FieldCut from './FieldCut.vue'
import PlaceStrip from './PlaceStrip.vue'
import { readout, spokenReadout } from './readout'
import SlantCut from './SlantCut.vue'
import TableStand from './TableStand.vue'
import TimeAxis from './TimeAxis.vue'
import { usePlayer } from './usePlayer'
import WhatIfPanel from './WhatIfPanel.vue'

const route = useRoute()
const router = useRouter()
const id = computed(() => String(route.params.id))
const { data: larder } = useQuery({ queryKey: ['larder'], queryFn: api.larder, staleTime: Infinity })
const { data: kitchen } = useQuery({ queryKey: ['kitchen'], queryFn: api.kitchen, staleTime: 60_000 })
const { data: formulas } = useQuery({ queryKey: ['formulas'], queryFn: api.formulas })
const stored = useStoredFormula(id)
const { formula, state } = stored
const { answer: chill, problems, stale, unreachable } = useAnswer(formula, api.chill)
const history = useHistory()
watch(id, () => {
  history.forget()
  minute.value = 0
  point.value = undefined
})

function change(document: Formula, place: string) {
  if (formula.value) history.remember(formula.value, place)
  stored.change(document)
}
provideSheet({ formula: () => formula.value as Formula, problems: () => problems.value, change })
function undo() {
  if (formula.value && history.canUndo.value) stored.change(history.undo(formula.value))
}
function redo() {
  if (formula.value && history.canRedo.value) stored.change(history.redo(formula.value))
}
function shortcut(event: KeyboardEvent) {
  if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return
  event.preventDefault()
  if (event.shiftKey) redo()
  else undo()
}
onMounted(() => window.addEventListener('keydown', shortcut))
onBeforeUnmount(() => window.removeEventListener('keydown', shortcut))

/** The corners take longer than the chill: they follow once it stands still. */
const uncertainty = shallowRef<Uncertainty>()
const STILL_MS = 350
let waiting: ReturnType<typeof setTimeout> | undefined
let asking: AbortController | undefined
watch(chill, () => {
  clearTimeout(waiting)
  asking?.abort()
  uncertainty.value = undefined
  waiting = setTimeout(async () => {
    const document = formula.value
    if (!document || !chill.value) return
    asking = new AbortController()
    uncertainty.value = await api.uncertainty(document, asking.signal).catch(() => undefined)
  }, STILL_MS)
})
onBeforeUnmount(() => {
  clearTimeout(waiting)
  asking?.abort()
})

const whole = ref(false)
const until = computed(() => (whole.value ? chill.value?.lastMinutes : chill.value?.axisMinutes) ?? 240)
const minute = ref(0)
watch(until, (now) => (minute.value = Math.min(minute.value, now)))
const { playing, toggle } = usePlayer(minute, until)
const film = computed(() => (chill.value ? unpack(chill.value.field) : undefined))
/** A dessert opens where something is under way. */
watch(chill, (now, before) => {
  if (now && !before && minute.value === 0) minute.value = Math.round(now.axisMinutes * 0.22)
})

const fahrenheit = computed(() => kitchen.value?.settings.temperature === 'fahrenheit')
const degrees = (c: number) =>
  !Number.isFinite(c) ? '–' : fahrenheit.value ? `${Math.round(c * 1.8 + 32)} °F` : `${c.toFixed(1)} °C`
const now = computed(() =>
  chill.value && film.value ? readout(chill.value, film.value, minute.value) : undefined,
)
const spoken = computed(() => (now.value ? spokenReadout(now.value, degrees) : ''))

const point = ref<{ column: number; row: number }>()
const pointCurve = computed(() => {
  const f = film.value
  const p = point.value
  if (!f || !p) return undefined
  const cell = f.cell(p.column, p.row)
  const score = (pa: number) => (pa > 20 ? Math.min(100, (100 * Math.log10(pa / 20)) / 3) : 0)
  const minutes: number[] = []
  const celsius: number[] = []
  const firmness: number[] = []
  f.field.minutes.forEach((m, frame) => {
    const moment = { frame, share: 0 }
    if (!f.filled(moment, p.column, p.row)) return
    minutes.push(m)
    celsius.push(f.celsius(moment, cell))
    firmness.push(score(f.pascal(moment, cell) || 0))
  })
  return { minutes, celsius, firmness }
})
const pointNow = computed(() => {
  const f = film.value
  const p = point.value
  if (!f || !p) return undefined
  const moment = f.at(minute.value)
  if (!f.filled(moment, p.column, p.row)) return 'not poured yet'
  const pa = f.pascal(moment, f.cell(p.column, p.row))
  const firm = Number.isNaN(pa) ? 'does not set' : pa < 20 ? 'runs' : `${Math.round(pa)} Pa`
  return `${degrees(f.celsius(moment, f.cell(p.column, p.row)))}, ${firm}`
})

const TABS = [
  { value: 'works', label: 'Will it work?' },
  { value: 'table', label: 'At the table' },
  { value: 'what-if', label: 'What if' },
  { value: 'words', label: 'In words' },
]
const tab = ref('works')
const others = shallowRef<WhatIfRow[]>([])
const placeOpen = ref(false)
const mayslant = computed(() => formula.value?.served === 'in-glass')

const evidence = shallowRef<Evidence>()
const evidenceTitle = ref('')
function showEvidence(title: string, opened: Evidence) {
  evidenceTitle.value = title
  evidence.value = opened
}
const STATES = {
  saved: 'Saved',
  saving: 'Saving…',
  waiting: 'Not saved yet, trying again',
  conflict: 'Saved elsewhere',
  missing: 'Deleted elsewhere',
}
const print = () => window.print()
const open = (to: string) => router.push({ name: 'cold', params: { id: to } })
async function keepBoth() {
  await open(await stored.keepBoth())
}
</script>

<template>
  <div v-if="formula && larder" class="cold">
    <h1 class="out-of-sight">{{ formula.name }} in the Cold</h1>
    <StationBar station="cold" :formula="id" class="cold-bar">
      <span class="name">{{ formula.name }}</span>
      <ChoiceField
        v-if="(formulas ?? []).some((f) => f.id !== id)"
        class="open"
        hidden-label
        label="Open a formula"
        placeholder="Open another…"
        :options="
          (formulas ?? [])
            .filter((f) => f.id !== id)
            .map((f) => ({ value: f.id, label: f.name || 'Unnamed' }))
        "
        @update:model-value="open"
      />
      <span class="state" role="status">{{ STATES[state] }}</span>
      <span class="buttons">
        <a-button :disabled="!history.canUndo.value" title="Undo (Ctrl+Z)" @click="undo">Undo</a-button>
        <a-button :disabled="!history.canRedo.value" title="Redo (Ctrl+Shift+Z)" @click="redo">Redo</a-button>
        <a-button @click="print">Print</a-button>
      </span>
    </StationBar>
    <main>
      <h2 class="print-only">{{ formula.name }}</h2>
      <ConflictNotice
        v-if="state === 'conflict'"
        @theirs="stored.takeTheirs"
        @mine="stored.keepMine"
        @both="keepBoth"
      />
      <TheLine :line="chill?.line ?? []" :problems="problems" :stale="stale" :unreachable="unreachable" />
      <div v-if="chill && film && now" class="columns" :class="{ old: stale }">
        <div class="panel cut">
          <FieldCut
            v-model:point="point"
            class="drawing"
            :chill="chill"
            :film="film"
            :minute="minute"
            :spoken="spoken"
            :fahrenheit="fahrenheit"
          />
        </div>
        <section class="panel now" aria-label="At this moment">
          <p class="clock">{{ now.clock }}</p>
          <p class="after">{{ now.after }} after pouring</p>
          <dl>
            <dt>Warmest</dt>
            <dd>{{ degrees(now.warmestC) }}</dd>
            <dt>Coldest</dt>
            <dd>{{ degrees(now.coldestC) }}</dd>
            <dt>Air</dt>
            <dd>{{ degrees(now.airC) }}</dd>
          </dl>
          <ul>
            <li v-for="layer in [...now.layers].reverse()" :key="layer.component">
              <span>{{ layer.name }}</span>
              <b v-if="!layer.poured" class="quiet">not yet</b>
              <b v-else-if="!layer.sets" class="quiet">laid in</b>
              <b v-else-if="layer.setShare >= 0.999">set</b>
              <b v-else>{{ Math.round(100 * layer.setShare) }} % set</b>
            </li>
          </ul>
          <p v-if="pointNow" class="chosen">
            <i aria-hidden="true"></i>Point: <b>{{ pointNow }}</b>
            <button type="button" class="link-like" @click="point = undefined">leave it</button>
          </p>
          <p v-else class="hint">Touch the dessert for the curve of that point.</p>
          <p v-if="uncertainty" class="hint" data-testid="matters">{{ uncertainty.sentence }}</p>
        </section>
        <div class="panel side">
          <a-radio-group v-model:value="tab" button-style="solid" size="small" class="tabs" aria-label="Show">
            <a-radio-button v-for="t in TABS" :key="t.value" :value="t.value">{{ t.label }}</a-radio-button>
          </a-radio-group>
          <div class="tab">
            <template v-if="tab === 'works'">
              <div v-if="mayslant" class="slant">
                <SlantCut v-if="chill.slant" :section="chill.section" :slant="chill.slant" />
                <SheetText
                  path="/mould/slant"
                  label="First layer slanted up to"
                  :step="1"
                  placeholder="level"
                />
              </div>
              <VerdictList :verdicts="chill.verdicts" :stale="stale" @evidence="showEvidence" />
            </template>
            <TableStand
              v-else-if="tab === 'table'"
              :chill="chill"
              :fahrenheit="fahrenheit"
              @evidence="showEvidence"
            />
            <WhatIfPanel
              v-else-if="tab === 'what-if'"
              :formula="formula"
              :larder="larder"
              :fahrenheit="fahrenheit"
              @rows="others = $event"
            />
            <ol v-else class="words" data-testid="words">
              <li v-for="sentence in chill.summary" :key="sentence">{{ sentence }}</li>
            </ol>
          </div>
        </div>
      </div>
      <p v-else-if="problems.length" class="panel">The chill follows as soon as all of it is understood.</p>
      <div v-if="chill" class="panel along" :class="{ old: stale }">
        <div class="controls">
          <a-button type="primary" class="play" :aria-pressed="playing" @click="toggle">{{
            playing ? '❚❚ Pause' : '▶ Play'
          }}</a-button>
          <label><input v-model="whole" type="checkbox" /> whole time</label>
          <span class="legend" aria-hidden="true"
            ><i class="firm"></i>firmness at the slowest point, 0–100 <i class="warm"></i>warmest point
            <i class="air"></i>air <template v-if="point"><i class="point"></i>chosen point</template></span
          >
        </div>
        <TimeAxis
          v-model="minute"
          :chill="chill"
          :uncertainty="uncertainty"
          :until="until"
          :playing="playing"
          :spoken="spoken"
          :fahrenheit="fahrenheit"
          :point-curve="pointCurve"
          :others="others"
          @play="toggle"
          @evidence="showEvidence"
        />
        <PlaceStrip
          v-model:open="placeOpen"
          :formula="formula"
          :chill="chill"
          :larder="larder"
          :until="until"
        />
      </div>
      <ol v-if="chill" class="print-only words">
        <li v-for="sentence in chill.summary" :key="sentence">{{ sentence }}</li>
      </ol>
    </main>
    <EvidenceDrawer :title="evidenceTitle" :evidence="evidence" @close="evidence = undefined" />
  </div>
  <main v-else class="empty">
    <p v-if="state === 'missing'">
      This formula does not exist any more. <RouterLink to="/">Open another</RouterLink>
    </p>
    <p v-else-if="state === 'waiting'">Deft Chill does not answer yet; trying again…</p>
    <p v-else>Opening…</p>
  </main>
</template>

<style scoped>
.cold {
  display: flex;
  flex-direction: column;
  height: 100%;
}

.name {
  overflow: hidden;
  max-width: 300px;
  font-size: 18px;
  font-weight: 700;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.open {
  width: 160px;
}

.state {
  min-width: 52px;
  color: #d5e2e5;
  font-size: 13px;
}

.buttons {
  display: flex;
  gap: 6px;
  margin-left: auto;
}

.cold-bar :deep(.ant-btn:not(:disabled)) {
  border-color: #6d8990;
  background: transparent;
  color: #ffffff;
}

.cold-bar :deep(.ant-btn:disabled) {
  border-color: #3d5a62;
  background: transparent;
  color: #9db3b9;
}

main {
  display: flex;
  flex: 1;
  flex-direction: column;
  gap: 8px;
  min-height: 0;
  padding: 8px 20px 12px;
}

.columns {
  display: grid;
  flex: 1;
  grid-template-columns: minmax(380px, 1fr) 190px 430px;
  gap: 8px;
  min-height: 250px;
}

.panel {
  padding: 8px 14px;
  background: var(--panel);
}

.cut {
  display: flex;
}

.drawing {
  flex: 1;
}

.now {
  overflow-y: auto;
  font-size: 14px;
}

.clock {
  font-size: 34px;
  font-weight: 700;
  line-height: 1.1;
}

.after {
  color: var(--quiet);
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0 10px;
  padding: 6px 0;
}

dt {
  color: var(--quiet);
}

dd {
  font-weight: 700;
  text-align: right;
}

.now li {
  display: flex;
  gap: 8px;
  justify-content: space-between;
  padding: 2px 0;
  border-top: 1px solid var(--hairline);
}

.now li b {
  white-space: nowrap;
}

.quiet,
.hint {
  color: var(--quiet);
}

.hint,
.chosen {
  padding-top: 6px;
  font-size: 13px;
}

.chosen i {
  display: inline-block;
  width: 10px;
  height: 10px;
  margin-right: 5px;
  border: 2px solid var(--act);
  border-radius: 50%;
}

.side {
  display: flex;
  flex-direction: column;
  gap: 6px;
  min-height: 0;
}

.tabs {
  display: flex;
}

.tabs :deep(.ant-radio-button-wrapper) {
  flex: 1;
  height: 30px;
  padding-inline: 4px;
  font-size: 14px;
  line-height: 28px;
  text-align: center;
  white-space: nowrap;
}

.tab {
  flex: 1;
  min-height: 0;
  overflow-y: auto;
}

.words {
  padding-left: 20px;
  font-size: 15px;
  list-style: decimal;
}

.words li {
  padding: 3px 0;
}

.along {
  display: flex;
  flex-direction: column;
  gap: 2px;
}

.controls {
  display: flex;
  gap: 14px;
  align-items: center;
  flex-wrap: wrap;
  padding-right: 210px;
  font-size: 13px;
}

.controls input {
  accent-color: var(--act);
}

.play {
  min-width: 92px;
  height: 28px;
  padding: 0 10px;
}

.legend {
  display: flex;
  gap: 6px;
  align-items: center;
  color: var(--quiet);
}

.legend i {
  width: 22px;
  margin-left: 8px;
  border-top: 2.4px solid var(--ink);
}

.legend .warm {
  border-top: 2px dashed var(--cold);
}

.legend .air {
  border-top: 1px solid var(--cold);
}

.legend .point {
  border-top-color: var(--act);
}

.old {
  filter: saturate(0.35);
  opacity: 0.9;
}

.print-only {
  display: none;
}

.empty {
  padding: 40px;
  font-size: 20px;
}

@media (width <= 1150px) or (height <= 640px) {
  .cold {
    height: auto;
    min-height: 100%;
  }

  .columns {
    flex: none;
    grid-template-columns: minmax(0, 1fr) 180px;
  }

  .cut {
    min-height: 300px;
  }

  .side {
    grid-column: 1 / -1;
  }
}

@media print {
  .cold-bar,
  .side,
  .controls,
  .hint {
    display: none;
  }

  .columns {
    grid-template-columns: 1fr 190px;
    height: 320px;
  }

  .print-only {
    display: block;
  }
}
</style>
