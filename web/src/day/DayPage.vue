<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useEventListener, useMediaQuery, useNow, useTitle } from '@vueuse/core'
import { computed, ref, shallowRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, type PlanAnswer, type PlanTask, type WrittenPlan } from '@/api/client'
import TintPatterns from '@/cut/TintPatterns.vue'
import SmallCut from '@/book/SmallCut.vue'
import MenuButton from '@/look/MenuButton.vue'
import StationBar from '@/look/StationBar.vue'
import { setAt } from '@/document/document'
import { useBegin } from '@/make/useBegin'
import BrokenRules from './BrokenRules.vue'
import ConflictPanel from './ConflictPanel.vue'
import FetchList from './FetchList.vue'
import PlanLanes from './PlanLanes.vue'
import MadeStrip from './MadeStrip.vue'
import PlanList from './PlanList.vue'
import PlanSetup from './PlanSetup.vue'
import SlipPanel from './SlipPanel.vue'
import StepPanel from './StepPanel.vue'
import { dayClock, lasting } from './clock'
import { begun, pinned, release, settle, slipped } from './plan'
import { useDay } from './useDay'

/** One plan: what is wished for, who does what when, why, and what becomes of it when it slips. */
const route = useRoute()
const router = useRouter()
const id = computed(() => String(route.params.id))
const day = useDay(id)
const { plan, answer, problems, solving, saved, changed } = day
useTitle(computed(() => `${plan.value?.name ?? 'Day'} · Deft Chill`))
const { data: larder } = useQuery({ queryKey: ['larder'], queryFn: api.larder, staleTime: Infinity })

const VIEWS = [
  { value: 'lanes', label: 'Lanes' },
  { value: 'words', label: 'In words' },
  { value: 'fetch', label: 'Fetch and weigh' },
  { value: 'wishes', label: 'What is wished for' },
] as const
/** Lanes want room: a phone begins with the list, which says the same. */
const narrow = useMediaQuery('(max-width: 700px)')
const view = computed({
  get: () =>
    VIEWS.find((v) => v.value === route.query.view)?.value ??
    (!plan.value?.dishes.length ? 'wishes' : narrow.value ? 'words' : 'lanes'),
  set: (now) => void router.replace({ query: { ...route.query, view: now } }),
})
const selected = computed({
  get: () => String(route.query.step ?? ''),
  set: (now) => void router.replace({ query: { ...route.query, step: now || undefined } }),
})
const task = computed(() => answer.value?.tasks.find((t) => t.id === selected.value && t.start))
const solved = computed(() => Object.keys(answer.value?.schedule.slots ?? {}).length > 0)
const late = computed(() => (answer.value?.dishes ?? []).filter((d) => d.ready > d.due))

const clockNow = useNow({ interval: 20_000 })
const nowLine = computed(() => {
  const minute = Math.floor(clockNow.value.getTime() / 60_000)
  const there = answer.value
  return there && minute > there.from && minute < there.to ? minute : undefined
})

/** The one sentence: when it begins, who has how much, whether all is ready. */
const line = computed(() => {
  const a = answer.value
  if (!a || !solved.value) return ''
  const first = a.tasks.filter((t) => t.hand).sort((x, y) => x.start - y.start)[0]
  const who = a.hands
    .map((h) => {
      const minutes = a.tasks.filter((t) => t.hand === h.id).reduce((sum, t) => sum + t.minutes, 0)
      return `${h.role} ${lasting(minutes)}`
    })
    .join(', ')
  const begins = first ? `Begins ${dayClock(first.start, a.zone)}` : 'Nothing to do'
  if (late.value.length)
    return `${late.value.map((d) => `${d.name} is ready ${lasting(d.ready - d.due)} too late`).join('; ')}${a.lateUnproved ? ' in the best plan found so far' : ''}. ${begins}.`
  return `${begins}; everything is ready in time. Hands: ${who}.`
})
const warm = computed(() => {
  const a = answer.value
  if (!a) return ''
  const slower = a.dishes.filter((d) => d.extraMinutes > 0)
  if (!slower.length) return ''
  const most = Math.max(...slower.map((d) => d.extraMinutes))
  const early = a.stretched.map((s) => s.words).join(', ')
  return `Sharing the fridge adds up to ${most} min (included)${early ? `; ${early}` : ''}.`
})
const WORDS: Record<string, string> = {
  late: 'in time',
  windows: 'windows met in their middle',
  service: 'hands free before service',
  evening: 'no evening work',
  start: 'begun as late as is sensible',
  waiting: 'each step as late as is sensible',
  closed: 'windows kept',
  moved: 'little moved',
}
const levels = computed(() =>
  (answer.value?.levels ?? []).map((l) => ({
    words: WORDS[l.code] ?? l.code,
    tells: l.cost - l.bound < 0.5 ? 'none better' : `${Math.round(l.cost)}, at best ${Math.round(l.bound)}`,
  })),
)

const settleAt = (t: PlanTask, start: number, hand: string) =>
  plan.value && void day.change(settle(plan.value, pinned(t, start, hand)), true)
const letGo = (t: PlanTask) => plan.value && void day.change(release(plan.value, t.id), true)
const beginAt = (t: PlanTask, start: number) =>
  plan.value && void day.change(settle(plan.value, begun(t, start)), true)

const { begin } = useBegin()
/** A dish is made by the formula and in the number that the plan has. */
function make(t: PlanTask) {
  const dish = plan.value?.dishes.find((d) => d.id === t.dish)
  const count = answer.value?.dishes.find((d) => d.id === t.dish)?.count
  if (!dish) return
  const document = dish.document && setAt(dish.document, '/moulds/count', String(count))
  void begin(dish.formula, document, { planId: id.value, planDish: dish.id })
}

const slip = shallowRef<{ before: PlanAnswer; after: PlanAnswer; words: string }>()
const slipFailed = ref('')
function whatThen(t: PlanTask, minutes: number) {
  if (plan.value && answer.value)
    void previewed(
      slipped(plan.value, answer.value.tasks, t, minutes, Date.now() / 60_000),
      `“${t.title}” ${lasting(minutes)} late`,
    )
}
async function previewed(changed: WrittenPlan, words: string) {
  if (!answer.value) return
  slipFailed.value = ''
  try {
    slip.value = { before: answer.value, after: await day.preview(changed), words }
  } catch {
    slipFailed.value = 'That could not be planned: Deft Chill does not answer.'
  }
}
function takeSlip() {
  if (slip.value) day.accept(slip.value.after)
  slip.value = undefined
}
const takeWay = (way: WrittenPlan) => void day.change(way)

useEventListener('keydown', (e: KeyboardEvent) => {
  const typing = e.target instanceof Element && e.target.closest('input, textarea, select')
  if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== 'z' || typing) return
  e.preventDefault()
  void (e.shiftKey ? day.redo() : day.undo())
})
const print = () => window.print()
const papers = [
  { label: 'Plan as PDF', at: 'plan.pdf' },
  { label: 'Plan, cards and labels in one zip', at: 'papers.zip' },
  { label: 'For a calendar (iCalendar)', at: 'calendar.ics' },
  { label: 'As a table (CSV)', at: 'steps.csv' },
]
</script>

<template>
  <div class="day-page">
    <StationBar station="day" class="screen-only">
      <span class="tools">
        <span role="status">{{ saved }}</span>
        <a-button :disabled="!day.canUndo.value" @click="day.undo">Undo</a-button>
        <a-button :disabled="!day.canRedo.value" @click="day.redo">Redo</a-button>
        <MenuButton v-if="solved" label="Papers ▾">
          <a-menu-item v-for="paper in papers" :key="paper.at">
            <a
              :href="`/api/plans/${id}/${paper.at}`"
              :target="paper.at.endsWith('.pdf') ? '_blank' : undefined"
              rel="noopener"
              >{{ paper.label }}</a
            >
          </a-menu-item>
        </MenuButton>
        <a-button :disabled="!solved" @click="print">Print</a-button>
      </span>
    </StationBar>
    <svg class="out-of-sight" width="0" height="0" aria-hidden="true"><TintPatterns /></svg>
    <p v-if="day.missing.value" class="missing">
      This plan is not there any more. <RouterLink to="/day">All plans</RouterLink>
    </p>
    <main v-else-if="plan">
      <header class="head">
        <h1>
          <label class="out-of-sight" for="plan-name">Name of the plan</label>
          <input
            id="plan-name"
            :value="plan.name"
            maxlength="200"
            @change="day.rename({ ...plan, name: ($event.target as HTMLInputElement).value })"
          />
        </h1>
        <p class="line" :class="{ bad: late.length }" data-testid="line">
          <template v-if="problems.length">
            {{ problems.map((p) => `${p.field} ${p.rule}`).join('; ') }}.
          </template>
          <template v-else-if="solved">{{ line }}</template>
          <template v-else-if="solving">Planning…</template>
          <template v-else-if="answer?.impossible"
            >Nothing keeps all the rules: see what collides below.</template
          >
          <template v-else-if="answer">No plan was found in the time there was.</template>
        </p>
        <p class="quiet solving screen-only" role="status" aria-label="Search">
          <template v-if="solving">
            Looking for a better one… <a-button size="small" @click="day.stop">Enough</a-button>
          </template>
          <template v-else-if="solved">
            {{ warm }}
            <details v-if="levels.length">
              <summary>How good is it?</summary>
              <span v-for="l in levels" :key="l.words">{{ l.words }}: {{ l.tells }}</span>
            </details>
            <a-button size="small" @click="day.solve">Plan anew</a-button>
          </template>
          <a-button v-else-if="answer && !answer.impossible" size="small" @click="day.solve"
            >Plan anew</a-button
          >
        </p>
      </header>
      <p v-if="saved === 'Saved elsewhere meanwhile'" class="meanwhile" role="alert">
        Another window saved this plan meanwhile.
        <a-button size="small" @click="day.takeTheirs">Take theirs</a-button>
        <a-button size="small" @click="day.keepMine">Put mine over it</a-button>
      </p>
      <p v-if="changed.length" class="quiet screen-only">
        {{
          changed.length === 1
            ? 'The formula of one dessert has'
            : `The formulas of ${changed.length} desserts have`
        }}
        changed since they were taken into this plan: see “What is wished for”.
      </p>
      <BrokenRules v-if="answer && solved && !problems.length" :answer="answer" @select="selected = $event" />
      <ul v-if="answer" class="cuts">
        <li v-for="(d, i) in answer.dishes" :key="d.id">
          <SmallCut :cut="d.cut" />
          <span>
            <b>{{ String.fromCharCode(65 + i) }}</b> {{ d.count }} {{ d.name }}
            <small :class="{ bad: d.ready > d.due }">
              {{ d.service }} {{ dayClock(d.due, answer.zone)
              }}{{ solved ? `, ready ${dayClock(d.ready, answer.zone)}` : '' }}
            </small>
          </span>
        </li>
      </ul>
      <nav class="views screen-only" aria-label="Views">
        <button
          v-for="v in VIEWS"
          :key="v.value"
          type="button"
          :aria-pressed="view === v.value"
          :class="{ here: view === v.value }"
          @click="view = v.value"
        >
          {{ v.label }}
        </button>
      </nav>
      <MadeStrip
        v-if="plan && answer && solved && !slip"
        :id="id"
        class="screen-only"
        :plan="plan"
        :answer="answer"
        @then="previewed"
      />
      <SlipPanel
        v-if="slip"
        class="screen-only"
        :before="slip.before"
        :after="slip.after"
        :words="slip.words"
        @take="takeSlip"
        @leave="slip = undefined"
      />
      <p v-if="slipFailed" class="broken-rule" role="alert">{{ slipFailed }}</p>
      <ConflictPanel
        v-if="answer && !solving && !problems.length && (late.length || !solved)"
        class="screen-only"
        :plan="answer.plan"
        :now="day.now.value"
        @take="takeWay"
      />
      <PlanSetup
        v-if="view === 'wishes' || (answer && !solved && !solving)"
        class="screen-only"
        :plan="plan"
        :answer="answer"
        :problems="problems"
        :changed="changed"
        :larder="larder"
        @change="day.change($event)"
      />
      <div
        v-if="answer && solved && view !== 'wishes'"
        class="work"
        :class="{ stale: problems.length, two: task }"
      >
        <PlanLanes
          v-if="view === 'lanes'"
          :answer="answer"
          :selected="selected"
          :now="nowLine"
          @select="selected = $event"
          @move="settleAt"
        />
        <PlanList
          v-else-if="view === 'words'"
          :answer="answer"
          :selected="selected"
          @select="selected = $event"
        />
        <FetchList v-else :answer="answer" :allergens="larder?.allergens ?? []" />
        <StepPanel
          v-if="task && view !== 'fetch'"
          class="screen-only"
          :answer="answer"
          :task="task"
          @settle="(start, hand) => task && settleAt(task, start, hand)"
          @release="letGo(task)"
          @begun="beginAt(task, $event)"
          @late="whatThen(task, $event)"
          @make="make(task)"
          @select="selected = $event"
          @close="selected = ''"
        />
      </div>
      <div v-if="answer && solved" class="print-only">
        <PlanLanes :answer="answer" :paper="690" />
        <PlanList printed :answer="answer" />
        <FetchList printed :answer="answer" :allergens="larder?.allergens ?? []" />
        <p>Times are advice; the kitchen's food-safety plan and local rules come first.</p>
      </div>
    </main>
  </div>
</template>

<style scoped src="./day.css"></style>
