<script setup lang="ts">
import { computed, reactive } from 'vue'
import type { Component, Formula, Step } from '@/api/client'
import SideSheet from '@/look/SideSheet.vue'
import { entryOf, freeWorkId, type Work } from '@/document/address'

/** The method as computed, with the cook's own words where they are better, and steps of the cook's own. */
const props = defineProps<{ formula: Formula; steps: Step[] }>()
const emit = defineEmits<{ change: [formula: Formula, place: string] }>()
const open = defineModel<boolean>('open', { required: true })

const KINDS: Record<Step['kind'], string> = { ACTIVE: 'hands', TENDED: 'keep an eye', WAITING: 'wait' }
const added = reactive<Record<string, string | undefined>>({})

/** Number of the component that a step belongs to; none for steps of the whole. */
function componentOf(step: Step): number | undefined {
  const match = /^(\d+)\./.exec(step.id)
  return match ? Number(match[1]) : undefined
}
const isOwn = (step: Step) => step.id.includes('.own-')
const rows = computed(() => props.steps.map((step) => ({ step, at: componentOf(step) })))

/** Changes what is written of a component's work. */
function rework(step: Step, place: string, change: (component: Component) => void) {
  const at = componentOf(step)
  const copy = structuredClone(props.formula)
  const component = at === undefined ? undefined : copy.components[at]
  if (!component) return
  change(component)
  emit('change', copy, place)
}

/** The entry that a step is known by; one is made where there is none. */
function entryOfStep(component: Component, step: Step): Work | undefined {
  if (isOwn(step)) return component.work?.find((entry) => entry.id === step.work)
  if (!step.work.startsWith('treat-')) return entryOf(component, step.work)
  const line = step.work.slice('treat-'.length)
  component.work ??= []
  const found = component.work.find((entry) => entry.verb === 'treat' && entry.lines?.[0] === line)
  if (found) return found
  const made: Work = { id: freeWorkId(component), verb: 'treat', lines: [line] }
  component.work.push(made)
  return made
}

function write(step: Step, text: string) {
  rework(step, `step ${step.id}`, (component) => {
    const entry = entryOfStep(component, step)
    if (entry) entry.text = text
  })
}

function asComputed(step: Step) {
  rework(step, '', (component) => {
    const entry = entryOfStep(component, step)
    if (!entry) return
    delete entry.text
    delete entry.minutes
    // An entry that says nothing else goes.
    const bare = Object.keys(entry).every((key) => ['id', 'verb', 'follows'].includes(key))
    if (bare || isOwn(step) || entry.verb === 'treat')
      component.work = component.work?.filter((other) => other !== entry)
    if (!component.work?.length) delete component.work
  })
}

function add(step: Step) {
  const text = added[step.id]?.trim()
  if (!text) return
  rework(step, '', (component) => {
    component.work ??= []
    component.work.push({ id: freeWorkId(component), verb: 'own', text, follows: step.work })
  })
  added[step.id] = undefined
}

/** The step of the same component before this one, if nothing in between is waited for. */
function canMoveUp(index: number): boolean {
  const row = rows.value[index]
  const above = rows.value[index - 1]
  if (row?.at === undefined || !above || row.at !== above.at) return false
  if (isOwn(row.step) || isOwn(above.step)) return false
  return !row.step.after.some((a) => a.step === above.step.id)
}

function moveUp(index: number) {
  const row = rows.value[index]
  const above = rows.value[index - 1]
  if (!row || !above) return
  rework(row.step, '', (component) => {
    const entry = entryOfStep(component, row.step)
    if (entry) entry.before = above.step.work
  })
}

function after(step: Step): string {
  return step.after
    .map((a) => {
      const other = props.steps.find((s) => s.id === a.step)
      const name = other ? [other.component, other.title.toLowerCase()].filter(Boolean).join(' ') : a.step
      const least = a.leastMinutes > 0 ? `${Math.round(a.leastMinutes)} min ` : ''
      return `${least}after ${name}${a.mostMinutes === undefined ? '' : `, within ${Math.round(a.mostMinutes)} min`}`
    })
    .join('; ')
}

/** A field of its words is as high as they are; measured by the browser where it can. */
const MOST_ROWS = 6
const LETTERS_IN_A_ROW = 70
const MOST_NOTES = 40_000
</script>

<template>
  <SideSheet v-model:open="open" title="Method and notes, in your words" :width="760">
    <ol>
      <li v-for="({ step, at }, i) in rows" :key="step.id">
        <p class="head">
          <b>{{ step.component ? `${step.component}: ${step.title}` : step.title }}</b>
          <span>{{ KINDS[step.kind] }} · {{ Math.max(1, Math.round(step.takes.likely)) }} min</span>
          <button v-if="canMoveUp(i)" type="button" class="link-like" @click="moveUp(i)">earlier</button>
          <span v-if="step.own" class="own">your words</span>
          <button v-if="step.own" type="button" class="link-like" @click="asComputed(step)">
            {{ isOwn(step) ? 'take it out' : 'as computed' }}
          </button>
        </p>
        <textarea
          v-if="at !== undefined"
          class="words"
          :value="step.text"
          :rows="Math.min(MOST_ROWS, Math.ceil((step.text.length + 1) / LETTERS_IN_A_ROW))"
          :aria-label="`Words of: ${step.component} ${step.title}`"
          @input="write(step, ($event.target as HTMLTextAreaElement).value)"
        />
        <p v-else>{{ step.text }}</p>
        <p v-if="after(step)" class="quiet">{{ after(step) }}</p>
        <p v-if="step.caution" class="quiet">Mind: {{ step.caution }}</p>
        <form
          v-if="at !== undefined && added[step.id] !== undefined"
          class="adding"
          @submit.prevent="add(step)"
        >
          <a-input
            :value="added[step.id]"
            :aria-label="`New step after ${step.title}`"
            placeholder="What you do then"
            @update:value="added[step.id] = $event"
          />
          <a-button html-type="submit">Add</a-button>
        </form>
        <button v-else-if="at !== undefined" type="button" class="link-like add" @click="added[step.id] = ''">
          + a step of your own after this
        </button>
      </li>
    </ol>
    <p v-if="!steps.length" class="quiet">Its steps follow as soon as all of it is understood.</p>
    <h2 class="section-title">Notes</h2>
    <p class="quiet">
      Yours alone: nothing is computed from them. A recipe that was read in stands here as it was written.
    </p>
    <textarea
      class="words notes"
      :value="formula.notes"
      :rows="Math.min(MOST_ROWS, (formula.notes ?? '').split('\n').length + 1)"
      :maxlength="MOST_NOTES"
      aria-label="Notes"
      @input="emit('change', { ...formula, notes: ($event.target as HTMLTextAreaElement).value }, 'notes')"
    />
  </SideSheet>
</template>

<style scoped>
.words {
  width: 100%;
  max-height: 150px;
  padding: 4px 10px;
  border: 1px solid var(--edge);
  border-radius: 3px;
  background: var(--white);
  color: inherit;
  font: inherit;
  resize: vertical;
  field-sizing: content;
}

.notes {
  max-height: 360px;
}

ol {
  padding-left: 22px;
}

li {
  padding: 6px 0;
  border-bottom: 1px solid var(--hairline);
}

.head {
  display: flex;
  gap: 12px;
  align-items: baseline;
}

.head span,
.quiet {
  color: var(--quiet);
  font-size: 13px;
}

.head .own {
  color: var(--warm-ink);
  font-weight: 700;
}

li .link-like {
  min-height: 24px;
}

.add {
  font-size: 13px;
}

.adding {
  display: flex;
  gap: 8px;
  padding-top: 4px;
}
</style>
