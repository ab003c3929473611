<script setup lang="ts">
import { computed, ref } from 'vue'
import { type Formula } from '@/api/client'
import { useAgain } from '@/answers/queries'
import TheCut from '@/cut/TheCut.vue'
import DoseStrip from '@/dose/DoseStrip.vue'
import FirmnessCharts from '@/chart/FirmnessCharts.vue'
import { setAt, textAt } from '@/document/document'
import EvidenceDrawer from '@/verdicts/EvidenceDrawer.vue'
import FileNotice from '@/document/FileNotice.vue'
import FlagRow from '@/verdicts/FlagRow.vue'
import FormulaBar from '@/document/FormulaBar.vue'
import MadeOf from '@/weighing/MadeOf.vue'
import MilestoneRow from '@/verdicts/MilestoneRow.vue'
import FormulaNotices from '@/document/FormulaNotices.vue'
import NotOpen from '@/document/NotOpen.vue'
import { provideSheet } from '@/document/sheet'
import { useFormulaPage } from '@/document/useFormulaPage'
import { useShelf } from '@/document/useShelf'
import BenchDrawers from './BenchDrawers.vue'
import type { Drawer } from './drawers'
import TheLine from '@/verdicts/TheLine.vue'
import { useAssessment } from '@/answers/useAssessment'
import { useFiles } from '@/document/useFiles'
import VerdictList from '@/verdicts/VerdictList.vue'
import WeighingSheet from '@/weighing/WeighingSheet.vue'

const {
  id,
  larder,
  kitchen,
  fahrenheit,
  formulas,
  stored,
  formula,
  state,
  saved,
  history,
  change,
  undo,
  redo,
  open,
  ...page
} = useFormulaPage('bench', () => drawer.value !== '')
const { evidence, evidenceTitle, showEvidence } = page
const askAgain = useAgain()
const { assessment, trying, answered, problems, stale, unreachable, failure } = useAssessment(formula)

/** The component whose sheet is open; a dessert opens with its largest layer that is dosed. */
const picked = ref<{ of: string; index: number }>()
const chosen = computed({
  get: () => {
    const last = (formula.value?.components.length ?? 1) - 1
    const own = picked.value?.of === id.value ? picked.value.index : first.value
    return Math.max(0, Math.min(own, last))
  },
  set: (index) => (picked.value = { of: id.value, index }),
})
const first = computed(() => {
  if (!assessment.value && troubled.value !== undefined) return troubled.value
  const answers = assessment.value?.components ?? []
  const weight = (i: number) => (answers[i]?.strip ? 1000 : 0) + (answers[i]?.amounts.portionG ?? 0)
  return answers.reduce((best, _, i) => (weight(i) > weight(best) ? i : best), 0)
})
const answer = computed(() => assessment.value?.components[chosen.value])
const otherLayers = computed(() =>
  (assessment.value?.warming?.components ?? [])
    .filter((i) => i !== chosen.value)
    .flatMap((i) => {
      const layer = assessment.value?.components[i]
      return layer?.warming ? [{ name: layer.name, warming: layer.warming }] : []
    }),
)
/** The component of what could not be understood first, where there are several. */
const troubled = computed(() => {
  const at = /^\/components\/(\d+)\//.exec(problems.value[0]?.path ?? '')?.[1]
  return at !== undefined && (formula.value?.components.length ?? 0) > 1 ? Number(at) : undefined
})

/** The formula is there whenever a field of it is shown. */
provideSheet({
  formula: () => formula.value as Formula,
  problems: () => problems.value,
  answered: () => answered.value,
  change,
})

/** A dose from the ruler; bloom water that was written follows it. */
function dose(amount: string, water: string) {
  if (!formula.value) return
  const gel = `/components/${chosen.value}/gels/0`
  const dosed = setAt(formula.value, `${gel}/amount`, amount)
  const written = textAt(dosed, `${gel}/water`) !== ''
  change(written ? setAt(dosed, `${gel}/water`, water) : dosed, 'dose')
}

const { begin, create, remove: removeFormula } = useShelf(open)
const remove = () => removeFormula(id.value, formula.value?.name, stored.currentVersion())

const files = useFiles((taken) => {
  void askAgain(['formulas'], ['larder'])
  void open(taken)
})

/** At most one sheet is open at a time. */
const drawer = ref<Drawer>('')
const portionG = computed(
  () => assessment.value?.components.reduce((sum, c) => sum + c.amounts.portionG, 0) ?? 0,
)
</script>

<template>
  <div v-if="formula && larder" class="bench">
    <h1 class="out-of-sight">{{ formula.name }} on the Bench</h1>
    <FormulaBar
      :id="id"
      :formula="formula"
      :state="saved"
      :can-undo="history.canUndo.value"
      :can-redo="history.canRedo.value"
      @change="change"
      @undo="undo"
      @redo="redo"
      @add="begin"
      @copy="create({ ...formula, name: `${formula.name} (copy)` })"
      @remove="remove"
      @log="drawer = 'log'"
      @revisions="drawer = 'revisions'"
      @method="drawer = 'method'"
      @variants="drawer = 'variants'"
      @take="files.choose"
    />
    <main>
      <FormulaNotices :id="id" :stored="stored" :formula="formula" @open="open" />
      <FileNotice
        v-if="files.failed.value"
        :file="files.failed.value"
        :problems="files.problems.value"
        @close="files.close"
      />
      <TheLine
        :line="assessment?.line ?? []"
        :problems="problems"
        :stale="stale"
        :unreachable="unreachable"
        :failure="failure"
        :where="troubled === undefined ? undefined : formula.components[troubled]?.name || 'Unnamed'"
        @go="chosen = troubled ?? chosen"
      />
      <DoseStrip
        v-if="answer?.strip"
        :key="chosen"
        :class="{ old: stale }"
        :strip="answer.strip"
        :amounts="answer.amounts"
        :written="textAt(formula, `/components/${chosen}/gels/0/amount`)"
        @dose="dose"
        @evidence="showEvidence"
      />
      <div class="columns">
        <WeighingSheet
          v-model:chosen="chosen"
          class="panel"
          :formula="formula"
          :formula-id="id"
          :formulas="formulas"
          :larder="larder"
          :kitchen="kitchen?.settings"
          :assessment="assessment"
          :problems="problems"
          @swap="drawer = 'swap'"
          @scale="drawer = 'scale'"
          @paste="drawer = 'paste'"
          @evidence="showEvidence"
        />
        <div v-if="assessment" class="panel middle" :class="{ old: stale }">
          <h2 class="section-title">
            The cut <small>to scale, mm · {{ Math.round(portionG) }} g each</small>
          </h2>
          <TheCut v-model:chosen="chosen" class="drawing" :section="assessment.section" />
          <h2 class="section-title">Waiting</h2>
          <MilestoneRow :milestones="assessment.milestones" @evidence="showEvidence" />
          <FirmnessCharts
            v-if="answer?.course"
            class="course"
            :course="answer.course"
            :warming="answer.warming"
            :others="otherLayers"
            :whole="assessment.warming"
            :milestones="assessment.components.length === 1 ? assessment.milestones : []"
            :poured-at="formula.starts ?? ''"
            :fahrenheit="fahrenheit"
          />
          <MadeOf v-else-if="answer" :answer="answer" />
        </div>
        <p v-if="!assessment && problems.length" class="panel unanswered">
          The cut, the times and the verdicts follow as soon as all of it is understood.
        </p>
        <div v-if="assessment" class="panel judged">
          <VerdictList
            :verdicts="assessment.verdicts"
            :stale="stale"
            :trying="trying"
            @evidence="showEvidence"
          />
          <FlagRow :flags="assessment.flags" :class="{ old: stale }" @evidence="showEvidence" />
        </div>
      </div>
    </main>
    <EvidenceDrawer :title="evidenceTitle" :evidence="evidence" @close="evidence = undefined" />
    <BenchDrawers
      v-model:drawer="drawer"
      :formula-id="id"
      :formula="formula"
      :chosen="chosen"
      :larder="larder"
      :assessment="assessment"
      @open="open"
      @change="change"
      @copy="create"
      @evidence="showEvidence"
    />
    <p v-if="files.over.value" class="drop">Let go: the formula in this file is added to yours.</p>
  </div>
  <NotOpen v-else :state="state" />
</template>

<style scoped>
.bench {
  display: flex;
  flex-direction: column;
  height: 100%;
}

main {
  display: flex;
  flex: 1;
  flex-direction: column;
  gap: 10px;
  min-height: 0;
  padding: 10px 20px 14px;
}

.columns {
  display: grid;
  flex: 1;
  grid-template-columns: 360px minmax(380px, 1fr) 400px;
  gap: 10px;
  align-items: stretch;
  min-height: 320px;
}

.panel {
  padding: 10px 14px;
  overflow-y: auto;
  background: var(--panel);
}

.middle {
  display: flex;
  flex-direction: column;
}

.middle .drawing {
  flex-shrink: 0;
  padding-bottom: 8px;
}

.middle .course {
  flex: 1;
}

.judged {
  display: flex;
  flex-direction: column;
  gap: 10px;
}

.judged > :first-child {
  flex: 1;
  min-height: 120px;
  padding-bottom: 20px;
  overflow-y: auto;
  mask-image: linear-gradient(to top, transparent, black 20px);
}

.unanswered {
  grid-column: 2 / -1;
  color: var(--quiet);
}

.drop {
  position: fixed;
  inset: 0;
  display: grid;
  place-items: center;
  border: 8px dashed var(--act);
  background: rgba(251, 252, 252, 0.92);
  font-size: 26px;
  font-weight: 700;
  pointer-events: none;
  z-index: 2000;
}

.old {
  filter: saturate(0.35);
  opacity: 0.9;
}

/* Where there is no room for three columns side by side, the page scrolls instead of each column. */
@media (width <= 1150px) or (height <= 640px) {
  .bench {
    height: auto;
    min-height: 100%;
  }

  .panel,
  .judged > :first-child {
    overflow: visible;
    mask-image: none;
  }
}

@media (width <= 1150px) {
  .columns {
    grid-template-columns: 340px 1fr;
  }

  .columns > :last-child {
    grid-column: 1 / -1;
  }
}

@media (width <= 700px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
