<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, type Evidence, type Formula, type WhatIfRow } from '@/api/client'
import ConflictNotice from '@/document/ConflictNotice.vue'
import EvidenceDrawer from '@/verdicts/EvidenceDrawer.vue'
import { stateWords } from '@/document/saveStates'
import { provideSheet } from '@/document/sheet'
import SheetText from '@/weighing/SheetText.vue'
import TheLine from '@/verdicts/TheLine.vue'
import { useAnswer } from '@/answers/useAssessment'
import { useDocument } from '@/document/useDocument'
import { useFormulas } from '@/document/useFormulas'
import VerdictList from '@/verdicts/VerdictList.vue'
import { degrees as written } from '@/look/degrees'
import ColdBar from './ColdBar.vue'
import { unpack } from './field'
import FieldCut from './FieldCut.vue'
import MomentPanel from './MomentPanel.vue'
import PlaceStrip from './PlaceStrip.vue'
import { pointCurve, pointWords, type Point } from './point'
import { readout, spokenReadout } from './readout'
import SlantCut from './SlantCut.vue'
import TableStand from './TableStand.vue'
import TimeAxis from './TimeAxis.vue'
import { usePlayer } from './usePlayer'
import { useUncertainty } from './useUncertainty'
import WhatIfPanel from './WhatIfPanel.vue'

const route = useRoute()
const router = useRouter()
const id = computed(() => String(route.params.id))
const { data: larder } = useQuery({ queryKey: ['larder'], queryFn: api.larder, staleTime: Infinity })
const { data: kitchen } = useQuery({ queryKey: ['kitchen'], queryFn: api.kitchen, staleTime: 60_000 })
const formulas = useFormulas()
const { stored, history, change, undo, redo } = useDocument(id)
const { formula, state } = stored
const { answer: chill, problems, stale, unreachable, failure } = useAnswer(formula, api.chill)
const uncertainty = useUncertainty(formula, chill)
provideSheet({ formula: () => formula.value as Formula, problems: () => problems.value, change })

const whole = ref(false)
const until = computed(() => (whole.value ? chill.value?.lastMinutes : chill.value?.axisMinutes) ?? 240)
const minute = ref(0)
const point = ref<Point>()
const { playing, toggle } = usePlayer(minute, until)
const film = computed(() => (chill.value ? unpack(chill.value.field) : undefined))
/** A dessert opens where something is under way. */
const OPENS_AT = 0.22
watch(chill, (now, before) => {
  if (now && !before && minute.value === 0) minute.value = Math.round(now.axisMinutes * OPENS_AT)
})
watch(until, (now) => (minute.value = Math.min(minute.value, now)))
watch(id, () => {
  minute.value = 0
  point.value = undefined
})

const fahrenheit = computed(() => kitchen.value?.settings.temperature === 'fahrenheit')
const degrees = (c: number) => written(c, fahrenheit.value, 1)
const now = computed(() =>
  chill.value && film.value ? readout(chill.value, film.value, minute.value) : undefined,
)
const spoken = computed(() => (now.value ? spokenReadout(now.value, degrees) : ''))
const curve = computed(() => (film.value && point.value ? pointCurve(film.value, point.value) : undefined))
const pointNow = computed(() =>
  film.value && point.value ? pointWords(film.value, point.value, minute.value, degrees) : undefined,
)

/** How sure the moments are, in words. */
const sure = computed(() =>
  (uncertainty.value?.ranges ?? [])
    .filter((r) => r.earliest && r.earliest !== r.latest)
    .map(
      (r) =>
        `${r.label}: not before ${r.earliest}, ${r.latest ? `by ${r.latest} at the latest` : 'or never'}.`,
    ),
)

const TABS = [
  { value: 'works', label: 'Will it work?' },
  { value: 'table', label: 'At the table' },
  { value: 'what-if', label: 'What if' },
  { value: 'words', label: 'In words' },
]
const tab = ref('works')
const others = shallowRef<WhatIfRow[]>([])
const placeOpen = ref(false)
const maySlant = computed(() => formula.value?.served === 'in-glass')

const evidence = shallowRef<Evidence>()
const evidenceTitle = ref('')
function showEvidence(title: string, opened: Evidence) {
  evidenceTitle.value = title
  evidence.value = opened
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
    <ColdBar
      :id="id"
      :formula="formula"
      :formulas="formulas"
      :state="stateWords(state, stored.kept.value, stored.refusal.value)"
      :can-undo="history.canUndo.value"
      :can-redo="history.canRedo.value"
      @open="open"
      @undo="undo"
      @redo="redo"
      @print="print"
    />
    <main>
      <h2 class="print-only">{{ formula.name }}</h2>
      <ConflictNotice
        v-if="state === 'conflict'"
        @theirs="stored.takeTheirs"
        @mine="stored.keepMine"
        @both="keepBoth"
      />
      <TheLine
        :line="chill?.line ?? []"
        :problems="problems"
        :stale="stale"
        :unreachable="unreachable"
        :failure="failure"
      />
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
        <MomentPanel
          class="panel"
          :now="now"
          :point="pointNow"
          :degrees="degrees"
          @leave="point = undefined"
        />
        <div class="panel side">
          <a-radio-group v-model:value="tab" button-style="solid" size="small" class="tabs" aria-label="Show">
            <a-radio-button v-for="t in TABS" :key="t.value" :value="t.value">{{ t.label }}</a-radio-button>
          </a-radio-group>
          <div class="tab">
            <template v-if="tab === 'works'">
              <div v-if="maySlant" class="slant">
                <SlantCut v-if="chill.slant" :section="chill.section" :slant="chill.slant" />
                <SheetText
                  path="/moulds/slant"
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
              <li v-for="range in sure" :key="range">{{ range }}</li>
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
            ><i class="firm"></i>firmness, 0–100 <i class="warm"></i>warmest point <i class="air"></i>air
            <template v-if="point"><i class="point"></i>chosen point</template></span
          >
          <span v-if="uncertainty" class="matters" data-testid="matters">{{ uncertainty.sentence }}</span>
        </div>
        <TimeAxis
          v-model="minute"
          :chill="chill"
          :uncertainty="uncertainty"
          :until="until"
          :playing="playing"
          :spoken="spoken"
          :fahrenheit="fahrenheit"
          :point-curve="curve"
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
          :fahrenheit="fahrenheit"
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
  padding-right: 165px;
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

.matters {
  margin-left: auto;
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
  .side,
  .controls {
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
