<script setup lang="ts">
import { computed, reactive } from 'vue'
import type { Formula, Step } from '@/api/client'
import SideSheet from '@/look/SideSheet.vue'

/** The method as computed, with the cook's own words where they are better, and steps of the cook's own. */
const props = defineProps<{ formula: Formula; steps: Step[] }>()
const emit = defineEmits<{ change: [formula: Formula, place: string] }>()
const open = defineModel<boolean>('open', { required: true })

const KINDS: Record<Step['kind'], string> = { ACTIVE: 'hands', TENDED: 'keep an eye', WAITING: 'wait' }
const added = reactive<Record<string, string | undefined>>({})

/** Component number and code of a step, where it belongs to one. */
function place(step: Step): { component: number; code: string } | undefined {
  const match = /^(\d+)\.(.+)$/.exec(step.id)
  return match ? { component: Number(match[1]), code: match[2] as string } : undefined
}
const rows = computed(() => props.steps.map((step) => ({ step, at: place(step) })))

function write(step: Step, text: string) {
  const at = place(step)
  if (!at) return
  const copy = structuredClone(props.formula)
  const component = copy.components[at.component]
  if (!component) return
  const own = /^own-(\d+)$/.exec(at.code)
  if (own) {
    const mine = component.steps.filter((s) => s.of.startsWith('after:'))[Number(own[1]) - 1]
    if (mine) mine.text = text
  } else {
    const mine = component.steps.find((s) => s.of === at.code)
    if (mine) mine.text = text
    else component.steps.push({ of: at.code, text, minutes: '' })
  }
  emit('change', copy, `step ${step.id}`)
}

function asComputed(step: Step) {
  const at = place(step)
  if (!at) return
  const copy = structuredClone(props.formula)
  const component = copy.components[at.component]
  if (!component) return
  const own = /^own-(\d+)$/.exec(at.code)
  const mine = own ? component.steps.filter((s) => s.of.startsWith('after:'))[Number(own[1]) - 1] : undefined
  component.steps = component.steps.filter((s) => (own ? s !== mine : s.of !== at.code))
  emit('change', copy, '')
}

function add(step: Step) {
  const at = place(step)
  const text = added[step.id]?.trim()
  if (!at || !text) return
  const copy = structuredClone(props.formula)
  copy.components[at.component]?.steps.push({ of: `after:${at.code}`, text, minutes: '' })
  added[step.id] = undefined
  emit('change', copy, '')
}

/** The step of the same component before this one, if nothing in between is waited for. */
function canMoveUp(index: number): boolean {
  const row = rows.value[index]
  const above = rows.value[index - 1]
  if (!row?.at || !above?.at || row.at.component !== above.at.component) return false
  if (row.step.id.includes('.own-') || above.step.id.includes('.own-')) return false
  return !row.step.after.some((a) => a.step === above.step.id)
}

function moveUp(index: number) {
  const row = rows.value[index]
  const above = rows.value[index - 1]
  if (!row?.at || !above?.at) return
  const copy = structuredClone(props.formula)
  copy.components[row.at.component]?.steps.push({
    of: `move:${row.at.code}`,
    text: above.at.code,
    minutes: '',
  })
  emit('change', copy, '')
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
</script>

<template>
  <SideSheet v-model:open="open" title="Method, in your words" :width="760">
    <ol>
      <li v-for="({ step, at }, i) in rows" :key="step.id">
        <p class="head">
          <b>{{ step.component ? `${step.component}: ${step.title}` : step.title }}</b>
          <span>{{ KINDS[step.kind] }} · {{ Math.max(1, Math.round(step.minutes)) }} min</span>
          <button v-if="canMoveUp(i)" type="button" class="link-like" @click="moveUp(i)">earlier</button>
          <span v-if="step.own" class="own">your words</span>
          <button v-if="step.own" type="button" class="link-like" @click="asComputed(step)">
            {{ step.id.includes('.own-') ? 'take it out' : 'as computed' }}
          </button>
        </p>
        <a-textarea
          v-if="at"
          :value="step.text"
          :auto-size="{ minRows: 1, maxRows: 6 }"
          :aria-label="`Words of: ${step.component} ${step.title}`"
          @update:value="write(step, $event)"
        />
        <p v-else>{{ step.text }}</p>
        <p v-if="after(step)" class="quiet">{{ after(step) }}</p>
        <p v-if="step.caution" class="quiet">Mind: {{ step.caution }}</p>
        <form v-if="at && added[step.id] !== undefined" class="adding" @submit.prevent="add(step)">
          <a-input
            :value="added[step.id]"
            :aria-label="`New step after ${step.title}`"
            placeholder="What you do then"
            @update:value="added[step.id] = $event"
          />
          <a-button html-type="submit">Add</a-button>
        </form>
        <button v-else-if="at" type="button" class="link-like add" @click="added[step.id] = ''">
          + a step of your own after this
        </button>
      </li>
    </ol>
  </SideSheet>
</template>

<style scoped>
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
  color: #6d4a1d;
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
