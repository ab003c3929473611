<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { api, type Formula, type WhatIfRow } from '@/api/client'
import EvidenceDrawer from '@/verdicts/EvidenceDrawer.vue'
import FormulaHead from '@/document/FormulaHead.vue'
import FormulaNotices from '@/document/FormulaNotices.vue'
import NotOpen from '@/document/NotOpen.vue'
import { provideSheet } from '@/document/sheet'
import { useFormulaPage } from '@/document/useFormulaPage'
import TheLine from '@/verdicts/TheLine.vue'
import { useAnswer } from '@/answers/useAssessment'
import { degrees as written } from '@/look/degrees'
import ColdSide from './ColdSide.vue'
import { unpack } from './field'
import FieldCut from './FieldCut.vue'
import MomentPanel from './MomentPanel.vue'
import PlaceStrip from './PlaceStrip.vue'
import { pointCurve, pointWords, type Point } from './point'
import { readout, spokenReadout } from './readout'
import TimeAxis from './TimeAxis.vue'
import { usePlayer } from './usePlayer'
import { useUncertainty } from './useUncertainty'

const { id, larder, fahrenheit, stored, formula, state, saved, history, change, undo, redo, open, ...page } =
  useFormulaPage('cold')
const { evidence, evidenceTitle, showEvidence } = page
const {
  answer: chill,
  answered,
  problems,
  stale,
  unreachable,
  failure,
} = useAnswer(formula, 'chill', api.chill)
const uncertainty = useUncertainty(formula, chill)
provideSheet({
  formula: () => formula.value as Formula,
  problems: () => problems.value,
  answered: () => answered.value,
  change,
})

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

const degrees = (c: number) => written(c, fahrenheit.value, 1)
const now = computed(() =>
  chill.value && film.value ? readout(chill.value, film.value, minute.value) : undefined,
)
const spoken = computed(() => (now.value ? spokenReadout(now.value, degrees) : ''))
const curve = computed(() => (film.value && point.value ? pointCurve(film.value, point.value) : undefined))
const pointNow = computed(() =>
  film.value && point.value ? pointWords(film.value, point.value, minute.value, degrees) : undefined,
)

const others = shallowRef<WhatIfRow[]>([])
const placeOpen = ref(false)

const print = () => window.print()
</script>

<template>
  <div v-if="formula && larder" class="cold">
    <h1 class="out-of-sight">{{ formula.name }} in the Cold</h1>
    <FormulaHead
      :id="id"
      station="cold"
      :state="saved"
      :can-undo="history.canUndo.value"
      :can-redo="history.canRedo.value"
      @undo="undo"
      @redo="redo"
    >
      <template #name
        ><span class="name">{{ formula.name }}</span></template
      >
      <a-button @click="print">Print</a-button>
    </FormulaHead>
    <main>
      <h2 class="print-only">{{ formula.name }}</h2>
      <FormulaNotices :id="id" :stored="stored" :formula="formula" @open="open" />
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
        <ColdSide
          class="panel side"
          :formula="formula"
          :chill="chill"
          :uncertainty="uncertainty"
          :larder="larder"
          :stale="stale"
          :fahrenheit="fahrenheit"
          @rows="others = $event"
          @evidence="showEvidence"
        />
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
  <NotOpen v-else :state="state" />
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

.name {
  overflow: hidden;
  max-width: 300px;
  font-size: 18px;
  font-weight: 700;
  text-overflow: ellipsis;
  white-space: nowrap;
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
