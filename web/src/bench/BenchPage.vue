<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { Modal } from 'ant-design-vue'
import { computed, defineAsyncComponent, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, type Evidence, type Fix, type Formula } from '@/api/client'
import TheCut from '@/cut/TheCut.vue'
import LogDrawer from '@/log/LogDrawer.vue'
import ConflictNotice from '@/document/ConflictNotice.vue'
import DoseStrip from '@/dose/DoseStrip.vue'
import CourseChart from '@/chart/CourseChart.vue'
import { setAt, takeFix, textAt } from '@/document/document'
import EvidenceDrawer from '@/verdicts/EvidenceDrawer.vue'
import FileNotice from '@/document/FileNotice.vue'
import FlagRow from '@/verdicts/FlagRow.vue'
import FormulaBar from '@/document/FormulaBar.vue'
import MadeOf from '@/weighing/MadeOf.vue'
import MilestoneRow from '@/verdicts/MilestoneRow.vue'
import PutAwayNotice from '@/document/PutAwayNotice.vue'
import { stateWords } from '@/document/saveStates'
import { provideSheet } from '@/document/sheet'
import TheLine from '@/verdicts/TheLine.vue'
import { useAssessment } from '@/answers/useAssessment'
import { useFiles } from '@/document/useFiles'
import { useFormulas } from '@/document/useFormulas'
import { useDocument } from '@/document/useDocument'
import VerdictList from '@/verdicts/VerdictList.vue'
import WeighingSheet from '@/weighing/WeighingSheet.vue'

// What opens on demand is loaded on demand.
const RevisionsDrawer = defineAsyncComponent(() => import('@/revisions/RevisionsDrawer.vue'))
const SwapDrawer = defineAsyncComponent(() => import('@/alternatives/SwapDrawer.vue'))
const VariantsDrawer = defineAsyncComponent(() => import('@/alternatives/VariantsDrawer.vue'))
const PasteDrawer = defineAsyncComponent(() => import('@/weighing/PasteDrawer.vue'))
const MethodDrawer = defineAsyncComponent(() => import('@/method/MethodDrawer.vue'))
const FormulaFinder = defineAsyncComponent(() => import('@/document/FormulaFinder.vue'))
const ScaleDrawer = defineAsyncComponent(() => import('@/alternatives/ScaleDrawer.vue'))

const route = useRoute()
const router = useRouter()
const queries = useQueryClient()
const id = computed(() => String(route.params.id))

const { data: larder } = useQuery({ queryKey: ['larder'], queryFn: api.larder, staleTime: Infinity })
const { data: kitchen } = useQuery({ queryKey: ['kitchen'], queryFn: api.kitchen, staleTime: 60_000 })
const formulas = useFormulas()
const { stored, history, change, undo, redo } = useDocument(id, () => drawer.value !== '')
const { formula, state } = stored
const { assessment, problems, stale, unreachable, failure } = useAssessment(formula)

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
/** The component of what could not be understood first, where there are several. */
const troubled = computed(() => {
  const at = /^\/components\/(\d+)\//.exec(problems.value[0]?.path ?? '')?.[1]
  return at !== undefined && (formula.value?.components.length ?? 0) > 1 ? Number(at) : undefined
})

/** The formula is there whenever a field of it is shown. */
provideSheet({ formula: () => formula.value as Formula, problems: () => problems.value, change })

/** A dose from the ruler; bloom water that was written follows it. */
function dose(amount: string, water: string) {
  if (!formula.value) return
  const gel = `/components/${chosen.value}/gel`
  const dosed = setAt(formula.value, `${gel}/amount`, amount)
  const written = textAt(dosed, `${gel}/bloomWater`) !== ''
  change(written ? setAt(dosed, `${gel}/bloomWater`, water) : dosed, 'dose')
}

function take(chosen: Fix) {
  if (formula.value) change(takeFix(formula.value, chosen), '')
}

async function open(formulaId: string) {
  await router.push({ name: 'bench', params: { id: formulaId } })
}

async function begin() {
  await create((await api.starts()).formula)
}

async function create(document: Formula) {
  const made = await api.create(document)
  await queries.invalidateQueries({ queryKey: ['formulas'] })
  await open(made.id)
}

function remove() {
  Modal.confirm({
    title: `Delete “${formula.value?.name}”?`,
    content:
      'If nothing was made of it, this cannot be undone. With batches in its log it is only put away, and its log stays.',
    okText: 'Delete',
    okButtonProps: { danger: true },
    onOk: async () => {
      await api.remove(id.value, stored.currentVersion())
      await queries.invalidateQueries({ queryKey: ['formulas'] })
      await router.push('/')
    },
  })
}

async function keepBoth() {
  await open(await stored.keepBoth())
}

const files = useFiles((taken) => {
  void queries.invalidateQueries({ queryKey: ['formulas'] })
  void queries.invalidateQueries({ queryKey: ['larder'] })
  void open(taken)
})

/** At most one sheet is open at a time. */
type Drawer = 'find' | 'log' | 'revisions' | 'swap' | 'scale' | 'paste' | 'method' | 'variants'
const drawer = ref<'' | Drawer>('')
const opened = (which: Drawer) =>
  computed({ get: () => drawer.value === which, set: (now) => (drawer.value = now ? which : '') })
const findOpen = opened('find')
const logOpen = opened('log')
const revisionsOpen = opened('revisions')
const swapOpen = opened('swap')
const scaleOpen = opened('scale')
const pasteOpen = opened('paste')
const methodOpen = opened('method')
const variantsOpen = opened('variants')
const portionG = computed(
  () => assessment.value?.components.reduce((sum, c) => sum + c.amounts.portionG, 0) ?? 0,
)
const evidence = shallowRef<Evidence>()
const evidenceTitle = ref('')
function showEvidence(title: string, opened: Evidence) {
  evidenceTitle.value = title
  evidence.value = opened
}
</script>

<template>
  <div v-if="formula && larder" class="bench">
    <h1 class="out-of-sight">{{ formula.name }} on the Bench</h1>
    <FormulaBar
      :id="id"
      :formula="formula"
      :formulas="formulas"
      :state="stateWords(state, stored.kept.value, stored.refusal.value)"
      :can-undo="history.canUndo.value"
      :can-redo="history.canRedo.value"
      @open="open"
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
      @find="drawer = 'find'"
    />
    <main>
      <ConflictNotice
        v-if="state === 'conflict'"
        @theirs="stored.takeTheirs"
        @mine="stored.keepMine"
        @both="keepBoth"
      />
      <PutAwayNotice v-if="stored.putAway.value" @back="stored.bringBack" />
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
        :written="textAt(formula, `/components/${chosen}/gel/amount`)"
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
          <CourseChart
            v-if="answer?.course"
            class="course"
            :course="answer.course"
            :milestones="assessment.components.length === 1 ? assessment.milestones : []"
            :poured-at="formula.starts ?? ''"
            :fahrenheit="kitchen?.settings.temperature === 'fahrenheit'"
          />
          <MadeOf v-else-if="answer" :answer="answer" />
        </div>
        <p v-if="!assessment && problems.length" class="panel unanswered">
          The cut, the times and the verdicts follow as soon as all of it is understood.
        </p>
        <div v-if="assessment" class="panel judged">
          <VerdictList :verdicts="assessment.verdicts" :stale="stale" @evidence="showEvidence" />
          <FlagRow :flags="assessment.flags" :class="{ old: stale }" @evidence="showEvidence" />
        </div>
      </div>
    </main>
    <EvidenceDrawer :title="evidenceTitle" :evidence="evidence" @close="evidence = undefined" />
    <FormulaFinder v-if="findOpen" v-model:open="findOpen" @open="open" />
    <LogDrawer
      v-model:open="logOpen"
      :formula-id="id"
      :formula="formula"
      :prediction="assessment?.prediction"
    />
    <RevisionsDrawer
      v-if="revisionsOpen"
      v-model:open="revisionsOpen"
      :formula-id="id"
      :formula="formula"
      @back="change($event, '')"
    />
    <SwapDrawer
      v-if="swapOpen"
      v-model:open="swapOpen"
      :formula="formula"
      :component="chosen"
      @take="take"
      @evidence="showEvidence"
    />
    <PasteDrawer
      v-if="pasteOpen"
      v-model:open="pasteOpen"
      :formula="formula"
      :component="chosen"
      :larder="larder"
      @take="change($event, '')"
    />
    <VariantsDrawer
      v-if="variantsOpen"
      v-model:open="variantsOpen"
      :formula="formula"
      @take="change($event, '')"
      @copy="create"
    />
    <MethodDrawer
      v-if="methodOpen"
      v-model:open="methodOpen"
      :formula="formula"
      :steps="assessment?.method ?? []"
      @change="change"
    />
    <ScaleDrawer
      v-if="scaleOpen"
      v-model:open="scaleOpen"
      :formula="formula"
      :larder="larder"
      @take="change($event, '')"
      @evidence="showEvidence"
    />
    <p v-if="files.over.value" class="drop">Let go: the formula in this file is added to yours.</p>
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
  overflow-y: auto;
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

.empty {
  padding: 40px;
  font-size: 20px;
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
