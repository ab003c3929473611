<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, ApiProblem, type Larder, type OwnEntry, type OwnKind, type Problem } from '@/api/client'
import { useSend } from '@/answers/queries'
import ChoiceField from '@/look/ChoiceField.vue'
import TypedField from '@/look/TypedField.vue'
import MouldCut from './MouldCut.vue'
import ShareBar from './ShareBar.vue'

/** A new own entry, or a change to one; its fields are those that the server describes. */
const props = defineProps<{
  kind: OwnKind
  entry?: OwnEntry
  larder: Larder
  /** Fields that a new entry begins with. */
  start?: Record<string, string>
}>()
const emit = defineEmits<{ done: [id: string]; cancel: [] }>()

const typed = ref<Record<string, string>>({})
const problems = ref<Problem[]>([])
const note = ref('')
watch(
  () => [props.kind.id, props.entry?.key, props.start],
  () => {
    typed.value = { ...(props.entry?.entry.fields ?? props.start ?? {}) }
    problems.value = []
    note.value = ''
  },
  { immediate: true },
)
const value = (key: string, standard: string, chosen: boolean) => typed.value[key] ?? (chosen ? standard : '')
const problem = (key: string) => problems.value.find((p) => p.path === `/fields/${key}`)
const label = (field: OwnKind['fields'][number]) =>
  field.unit ? `${field.label}, ${field.unit}` : field.label
const allergens = computed(() => props.larder.allergens)
const listed = (key: string) => (typed.value[key] ?? '').split(' ').filter(Boolean)

function tick(key: string, allergen: string, on: boolean) {
  const others = listed(key).filter((id) => id !== allergen)
  typed.value[key] = (on ? [...others, allergen] : others).join(' ')
}

const fields = computed(() =>
  Object.fromEntries(
    props.kind.fields
      .map((f) => [f.key, value(f.key, f.standard, f.choices.length > 0)] as const)
      .filter(([, text]) => text !== ''),
  ),
)

/** What it comes to while it is typed: the mould to scale, the composition as a bar; or what is still wrong. */
const { data: preview, error: previewError } = useQuery({
  queryKey: computed(() => ['own-preview', props.kind.id, fields.value]),
  queryFn: () => api.previewOwnEntry(props.kind.id, { ...fields.value, name: fields.value.name ?? 'new' }),
  enabled: computed(() => ['mould', 'ingredient'].includes(props.kind.id)),
  retry: 0,
  placeholderData: (before) => before,
})
const sums = computed(() =>
  previewError.value instanceof ApiProblem
    ? previewError.value.response.problems.filter((p) => p.path === '/fields/water')
    : [],
)

const saveOwnEntry = useSend('saveOwnEntry')
const addOwnEntry = useSend('addOwnEntry')
async function save() {
  problems.value = []
  note.value = ''
  try {
    const stored = props.entry
      ? await saveOwnEntry(props.entry.key, props.entry.version, fields.value)
      : await addOwnEntry(props.kind.id, fields.value)
    emit('done', stored.entry.id)
  } catch (error) {
    if (error instanceof ApiProblem && error.response.status === 409) {
      note.value = 'Another window changed this entry meanwhile. Close the form and open it again to see how.'
    } else if (error instanceof ApiProblem) {
      problems.value = error.response.problems
      note.value = problems.value
        .filter((p) => !props.kind.fields.some((f) => p.path === `/fields/${f.key}`))
        .map((p) => `${p.field} ${p.rule}`)
        .join('; ')
    } else {
      note.value = 'Not saved: Deft Chill does not answer. Nothing typed is lost.'
    }
  }
}
</script>

<template>
  <form @submit.prevent="save">
    <h2 class="section-title">
      {{ entry ? `Change ${entry.entry.fields.name}` : `A new ${kind.label.toLowerCase()} of yours` }}
    </h2>
    <MouldCut v-if="preview?.mould && !previewError" :mould="preview.mould" />
    <p v-if="preview?.mould && !previewError" class="quiet">
      {{ Math.round(preview.mould.brimMl) }} ml to the brim. Inches are understood: 8 in.
    </p>
    <ShareBar v-if="preview?.ingredient && !previewError" :shares="preview.ingredient.shares" />
    <p v-for="p in sums" :key="p.path" class="broken-rule">{{ p.field }} {{ p.value }} {{ p.rule }}</p>
    <div class="fields">
      <template v-for="field in kind.fields" :key="field.key">
        <fieldset v-if="field.key === 'allergens' || field.key === 'mayContain'" class="whole">
          <legend>{{ field.key === 'allergens' ? 'Contains' : 'May contain' }}</legend>
          <label v-for="a in allergens" :key="a.id">
            <input
              type="checkbox"
              :checked="listed(field.key).includes(a.id)"
              @change="tick(field.key, a.id, ($event.target as HTMLInputElement).checked)"
            />
            {{ a.name }}
          </label>
        </fieldset>
        <ChoiceField
          v-else-if="field.choices.length"
          :label="field.label"
          :options="field.choices.map((c) => ({ value: c, label: c }))"
          :model-value="value(field.key, field.standard, true)"
          :problem="problem(field.key)"
          @update:model-value="typed[field.key] = $event"
        />
        <TypedField
          v-else
          :class="{ whole: field.key === 'name' }"
          :label="label(field)"
          :placeholder="field.standard"
          :model-value="value(field.key, field.standard, false)"
          :problem="problem(field.key)"
          @update:model-value="typed[field.key] = $event"
        />
      </template>
    </div>
    <p v-if="note" class="broken-rule" role="alert">{{ note }}</p>
    <p class="go">
      <a-button type="primary" html-type="submit">{{ entry ? 'Save' : 'Put it in the larder' }}</a-button>
      <a-button @click="emit('cancel')">Close</a-button>
    </p>
  </form>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px 12px;
  align-items: end;
  padding-top: 8px;
}

.quiet {
  color: var(--quiet);
  font-size: 14px;
}

.whole {
  grid-column: 1 / -1;
}

fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}

fieldset label {
  display: inline-block;
  margin-right: 12px;
  font-size: 14px;
  white-space: nowrap;
}

legend {
  margin: 0;
  border: 0;
  color: var(--quiet);
  font-size: 13px;
}

.go {
  display: flex;
  gap: 8px;
  padding-top: 12px;
}
</style>
