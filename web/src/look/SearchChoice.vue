<script setup lang="ts">
import {
  ComboboxAnchor,
  ComboboxContent,
  ComboboxEmpty,
  ComboboxGroup,
  ComboboxInput,
  ComboboxItem,
  ComboboxLabel,
  ComboboxPortal,
  ComboboxRoot,
  ComboboxTrigger,
  ComboboxViewport,
} from 'reka-ui'
import { computed, ref, watch } from 'vue'
import { MOST_SHOWN, pick, useRecent, type Choice, type FoundChoice } from './picking'

/** A long list, found as one types: by name, by other names, by group; those used lately first. */
const props = defineProps<{
  id: string
  label: string
  modelValue?: string
  options: Choice[]
  placeholder?: string
  wrong: boolean
  describedBy?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [value: string]; find: [typed: string] }>()

const { recent, chosen } = useRecent(props.label)
/** A list's items must have a value. */
const NONE = '-'
const open = ref(false)
const typed = ref('')
const now = computed(() => props.options.find((o) => o.value === props.modelValue))
const shownAs = () => now.value?.label ?? (props.modelValue ? `${props.modelValue} (unknown)` : '')
watch(typed, (text) => emit('find', text))
watch(open, (is) => {
  if (!is) typed.value = ''
})

const found = computed(() => (open.value ? pick(props.options, typed.value, recent()) : []))
const groups = computed(() => {
  const shown = new Map<string, FoundChoice[]>()
  for (const choice of found.value.slice(0, MOST_SHOWN)) {
    shown.set(choice.heading, [...(shown.get(choice.heading) ?? []), choice])
  }
  return [...shown.entries()]
})
const more = computed(() => Math.max(0, found.value.length - MOST_SHOWN))

function choose(value: unknown) {
  if (typeof value !== 'string') return
  if (value !== NONE) chosen(value)
  emit('update:modelValue', value === NONE ? '' : value)
}
</script>

<template>
  <ComboboxRoot
    v-model:open="open"
    class="choice"
    :model-value="modelValue || NONE"
    ignore-filter
    open-on-click
    :reset-search-term-on-select="true"
    @update:model-value="choose"
  >
    <ComboboxAnchor class="anchor" :class="{ wrong }">
      <ComboboxInput
        :id="id"
        class="typed"
        autocomplete="off"
        spellcheck="false"
        :display-value="shownAs"
        :placeholder="placeholder ?? (now ? undefined : 'Type to find…')"
        :aria-invalid="wrong ? 'true' : undefined"
        :aria-describedby="describedBy"
        @input="typed = ($event.target as HTMLInputElement).value"
        @focus="($event.target as HTMLInputElement).select()"
      />
      <ComboboxTrigger class="trigger" aria-hidden="true" tabindex="-1">
        <svg viewBox="0 0 10 6" width="10" height="6" aria-hidden="true">
          <path d="M1 1l4 4 4-4" fill="none" stroke="currentColor" stroke-width="1.5" />
        </svg>
      </ComboboxTrigger>
    </ComboboxAnchor>
    <ComboboxPortal>
      <ComboboxContent class="choice-list" position="popper" :side-offset="3" :aria-label="label">
        <ComboboxViewport class="choice-view">
          <ComboboxEmpty class="choice-none">Nothing of this name.</ComboboxEmpty>
          <ComboboxGroup v-for="[heading, choices] in groups" :key="heading">
            <ComboboxLabel v-if="heading" class="choice-group">{{ heading }}</ComboboxLabel>
            <ComboboxItem v-for="c in choices" :key="c.value" class="choice-item" :value="c.value || NONE">
              {{ c.label }}<small v-if="c.by">{{ c.by }}</small>
            </ComboboxItem>
          </ComboboxGroup>
          <p v-if="more" class="choice-none">and {{ more }} more: type on</p>
        </ComboboxViewport>
      </ComboboxContent>
    </ComboboxPortal>
  </ComboboxRoot>
</template>

<style scoped>
.anchor {
  display: flex;
  height: 34px;
  border: 1px solid var(--edge);
  border-radius: 3px;
  background: var(--white);
}

.anchor:hover {
  border-color: var(--act);
}

.anchor.wrong {
  border-color: var(--unsafe);
}

.typed {
  flex: 1;
  min-width: 0;
  padding: 0 0 0 10px;
  border: 0;
  border-radius: 3px;
  background: none;
  color: var(--ink);
  font: inherit;
  text-overflow: ellipsis;
}

.typed::placeholder {
  color: var(--quiet);
  opacity: 1;
}

.trigger {
  width: 28px;
  border: 0;
  background: none;
  color: var(--ink);
  cursor: pointer;
}
</style>

<!-- The list lies at the end of the page, out of reach of a scoped style. -->
<style>
.choice-list {
  z-index: 1100;
  width: max(var(--reka-combobox-trigger-width), 220px);
  max-width: 92vw;
  border: 1px solid var(--edge-deep);
  border-radius: 3px;
  background: var(--white);
  box-shadow: 0 6px 24px rgb(23 50 58 / 22%);
}

.choice-view {
  max-height: min(340px, var(--reka-combobox-content-available-height));
  padding: 4px 0;
  overflow: auto;
}

.choice-group {
  padding: 6px 10px 2px;
  color: var(--quiet);
  font-size: 13px;
}

.choice-item {
  display: flex;
  gap: 8px;
  align-items: baseline;
  padding: 5px 10px 5px 16px;
  color: var(--ink);
  cursor: pointer;
}

.choice-item small {
  color: var(--quiet);
}

.choice-item[data-state='checked'] {
  font-weight: 700;
}

.choice-item[data-highlighted] {
  background: var(--wash);
  box-shadow: inset 3px 0 var(--act);
}

.choice-none {
  padding: 6px 10px;
  color: var(--quiet);
}
</style>
