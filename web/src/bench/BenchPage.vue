<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { Modal } from 'ant-design-vue'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, type Evidence, type Fix, type Formula } from '@/api/client'
import TheCut from '@/cut/TheCut.vue'
import LogDrawer from '@/log/LogDrawer.vue'
import ConflictNotice from './ConflictNotice.vue'
import CourseChart from './CourseChart.vue'
import { blankFormula, takeFix } from './document'
import EvidenceDrawer from './EvidenceDrawer.vue'
import FormulaBar from './FormulaBar.vue'
import { useHistory } from './history'
import MilestoneRow from './MilestoneRow.vue'
import TheLine from './TheLine.vue'
import { useAssessment } from './useAssessment'
import { useStoredFormula } from './useStoredFormula'
import VerdictList from './VerdictList.vue'
import WeighingSheet from './WeighingSheet.vue'

const route = useRoute()
const router = useRouter()
const queries = useQueryClient()
const id = computed(() => String(route.params.id))

const { data: larder } = useQuery({ queryKey: ['larder'], queryFn: api.larder, staleTime: Infinity })
const { data: formulas } = useQuery({ queryKey: ['formulas'], queryFn: api.formulas })
const stored = useStoredFormula(id)
const { formula, state } = stored
const { assessment, problems, stale, unreachable } = useAssessment(formula)
const history = useHistory()
// However another formula is reached, the browser's back button included, undo never brings this one's text into it.
watch(id, () => history.forget())

function change(document: Formula, place: string) {
  if (formula.value) history.remember(formula.value, place)
  stored.change(document)
}

function undo() {
  if (formula.value && history.canUndo.value) stored.change(history.undo(formula.value))
}

function redo() {
  if (formula.value && history.canRedo.value) stored.change(history.redo(formula.value))
}

function fix(chosen: Fix) {
  if (formula.value) change(takeFix(formula.value, chosen), '')
}

function shortcut(event: KeyboardEvent) {
  if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z' || logOpen.value) return
  event.preventDefault()
  if (event.shiftKey) redo()
  else undo()
}
onMounted(() => window.addEventListener('keydown', shortcut))
onBeforeUnmount(() => window.removeEventListener('keydown', shortcut))

async function open(formulaId: string) {
  await router.push({ name: 'bench', params: { id: formulaId } })
}

async function create(document: Formula) {
  const made = await api.create(document)
  await queries.invalidateQueries({ queryKey: ['formulas'] })
  await open(made.id)
}

function remove() {
  Modal.confirm({
    title: `Delete “${formula.value?.name}” and its log?`,
    content: 'This cannot be undone.',
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

const logOpen = ref(false)
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
      :formulas="formulas ?? []"
      :state="state"
      :can-undo="history.canUndo.value"
      :can-redo="history.canRedo.value"
      @open="open"
      @change="change"
      @undo="undo"
      @redo="redo"
      @add="create(blankFormula())"
      @copy="create({ ...formula, name: `${formula.name} (copy)` })"
      @remove="remove"
      @log="logOpen = true"
    />
    <main>
      <ConflictNotice
        v-if="state === 'conflict'"
        @theirs="stored.takeTheirs"
        @mine="stored.keepMine"
        @both="keepBoth"
      />
      <TheLine
        :line="assessment?.line ?? []"
        :problems="problems"
        :stale="stale"
        :unreachable="unreachable"
      />
      <div class="columns">
        <WeighingSheet
          class="panel"
          :formula="formula"
          :larder="larder"
          :amounts="assessment?.amounts"
          :problems="problems"
          @change="change"
        />
        <div v-if="assessment" class="panel middle" :class="{ old: stale }">
          <h2 class="section-title">
            The cut <small>to scale, mm · {{ Math.round(assessment.amounts.portionG) }} g each</small>
          </h2>
          <TheCut class="drawing" :section="assessment.section" />
          <h2 class="section-title">Waiting</h2>
          <MilestoneRow :milestones="assessment.milestones" @evidence="showEvidence" />
          <CourseChart class="course" :assessment="assessment" :poured-at="formula.pouredAt" />
        </div>
        <VerdictList
          v-if="assessment"
          class="panel"
          :verdicts="assessment.verdicts"
          :stale="stale"
          @fix="fix"
          @evidence="showEvidence"
        />
      </div>
    </main>
    <EvidenceDrawer :title="evidenceTitle" :evidence="evidence" @close="evidence = undefined" />
    <LogDrawer
      v-model:open="logOpen"
      :formula-id="id"
      :formula="formula"
      :prediction="assessment?.prediction"
    />
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
  min-height: 100%;
}

main {
  display: flex;
  flex: 1;
  flex-direction: column;
  gap: 10px;
  padding: 10px 20px 14px;
}

.columns {
  display: grid;
  flex: 1;
  grid-template-columns: 360px minmax(380px, 1fr) 400px;
  gap: 10px;
  align-items: stretch;
}

.panel {
  padding: 10px 14px;
  background: var(--panel);
}

.middle {
  display: flex;
  flex-direction: column;
}

.middle .drawing {
  padding-bottom: 8px;
}

.middle .course {
  flex: 1;
}

.old {
  filter: saturate(0.35);
  opacity: 0.9;
}

.empty {
  padding: 40px;
  font-size: 20px;
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
