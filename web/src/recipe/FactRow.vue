<script setup lang="ts">
import { computed } from 'vue'
import type { Formula, Larder } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import ChoiceField from '@/look/ChoiceField.vue'
import TypedField from '@/look/TypedField.vue'
import { isTyped, lineOf, type Looked } from './review'

/** A value that was read: taken or not, corrected by a click, shown in the text by another. */
const props = defineProps<{
  fact: Looked
  number: number
  document: Formula
  larder?: Larder
  pointed: boolean
}>()
const emit = defineEmits<{
  point: []
  take: [taken: boolean]
  value: [value: string]
  change: [path: string, value: string]
}>()

const line = computed(() => lineOf(props.fact))
const of = computed(
  () =>
    props.document.components[line.value?.component ?? -1]?.lines.find((l) => l.id === line.value?.id)?.of ??
    '',
)
const kind = computed(() => props.document.components[props.fact.component]?.kind ?? '')
const ingredients = computed(() =>
  (props.larder?.ingredients ?? []).map((i) => ({
    value: i.id,
    label: i.name,
    group: i.group,
    otherNames: i.otherNames,
  })),
)
const kinds = computed(() =>
  (props.larder?.componentKinds ?? []).map((k) => ({ value: k.id, label: k.words })),
)
const moulds = computed(() =>
  (props.larder?.moulds ?? []).map((m) => ({ value: m.id, label: m.name, group: m.material })),
)
const choices = useChoices()
const isKind = computed(() => props.fact.path.endsWith('/kind'))
</script>

<template>
  <div class="fact" :class="{ unsure: !fact.sure && !fact.taken, pointed }" :data-fact="number">
    <input
      v-if="!isKind"
      type="checkbox"
      :checked="fact.taken"
      :aria-label="`Take ${fact.what} ${fact.value}`"
      @change="emit('take', ($event.target as HTMLInputElement).checked)"
    />
    <span v-else />
    <button type="button" class="link-like what" title="Where it was read" @click="emit('point')">
      {{ fact.what }}<small v-if="!fact.sure"> · sure?</small>
    </button>
    <div class="value">
      <ChoiceField
        v-if="isKind"
        hidden-label
        :label="`Kind of component ${fact.component + 1}`"
        :model-value="kind"
        :options="kinds"
        @update:model-value="emit('change', fact.path, $event)"
      />
      <ChoiceField
        v-else-if="fact.path === '/served'"
        hidden-label
        label="Served"
        :model-value="fact.value"
        :options="choices('served')"
        @update:model-value="emit('value', $event)"
      />
      <ChoiceField
        v-else-if="fact.path === '/moulds/of'"
        hidden-label
        label="Mould"
        :model-value="document.moulds.of"
        :options="moulds"
        @update:model-value="emit('change', fact.path, $event)"
      />
      <TypedField
        v-else-if="isTyped(fact)"
        hidden-label
        :label="`${fact.what}, as read`"
        :model-value="fact.value"
        @update:model-value="emit('value', $event)"
      />
      <span v-else>{{ fact.value }}</span>
      <ChoiceField
        v-if="line && !fact.sure"
        hidden-label
        :label="`What ${fact.what} is`"
        :model-value="of"
        :options="ingredients"
        @update:model-value="emit('change', fact.path.replace(/amount$/, 'of'), $event)"
      />
    </div>
  </div>
</template>

<style scoped>
.fact {
  display: grid;
  grid-template-columns: 20px 170px 1fr;
  gap: 8px;
  align-items: center;
  padding: 3px 4px;
  border-bottom: 1px solid var(--hairline);
}

.fact.unsure {
  background: var(--warm-wash);
}

.fact.pointed {
  outline: 2px solid var(--act);
}

input[type='checkbox'] {
  accent-color: var(--act);
}

.what {
  overflow-wrap: anywhere;
}

small {
  color: var(--caution);
}

.value {
  display: grid;
  gap: 4px;
}
</style>
