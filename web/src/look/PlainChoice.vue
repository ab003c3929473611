<script setup lang="ts">
import { computed } from 'vue'
import { chosen, type Choice } from './picking'

/** A short list, by the browser's own field: it works by touch, by keyboard and by screen reader. */
const props = defineProps<{
  id: string
  label: string
  modelValue?: string
  options: Choice[]
  placeholder?: string
  wrong: boolean
  describedBy?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [value: string] }>()

const groups = computed(() => [...new Set(props.options.map((o) => o.group ?? ''))])
const inGroup = (group: string) => props.options.filter((o) => (o.group ?? '') === group)
const known = computed(() => chosen(props.options, props.modelValue))

function choose(event: Event) {
  const select = event.target as HTMLSelectElement
  emit('update:modelValue', select.value)
  if (props.placeholder) select.value = ''
}
</script>

<template>
  <select
    :id="id"
    :value="known?.value ?? modelValue ?? ''"
    :aria-invalid="wrong ? 'true' : undefined"
    :aria-describedby="describedBy"
    :class="{ wrong, empty: placeholder }"
    @change="choose"
  >
    <option v-if="placeholder" value="" disabled>{{ placeholder }}</option>
    <option v-else-if="!known" :value="modelValue ?? ''">
      {{ modelValue }}{{ options.length ? ' (unknown)' : '' }}
    </option>
    <template v-for="group in groups" :key="group">
      <optgroup v-if="group" :label="group">
        <option v-for="o in inGroup(group)" :key="o.value" :value="o.value">{{ o.label }}</option>
      </optgroup>
      <template v-else>
        <option v-for="o in inGroup(group)" :key="o.value" :value="o.value">{{ o.label }}</option>
      </template>
    </template>
  </select>
</template>

<style scoped>
select {
  width: 100%;
  height: 34px;
  padding: 0 26px 0 10px;
  overflow: hidden;
  border: 1px solid var(--edge);
  border-radius: 3px;
  background: var(--white)
    url("data:image/svg+xml,%3Csvg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 10 6'%3E%3Cpath d='M1 1l4 4 4-4' fill='none' stroke='%2317323a' stroke-width='1.5'/%3E%3C/svg%3E")
    right 9px center / 10px 6px no-repeat;
  color: var(--ink);
  font: inherit;
  text-overflow: ellipsis;
  appearance: none;
  cursor: pointer;
}

select:hover {
  border-color: var(--act);
}

select.empty {
  color: var(--quiet);
}

select option {
  color: var(--ink);
}

select.wrong {
  border-color: var(--unsafe);
}
</style>
