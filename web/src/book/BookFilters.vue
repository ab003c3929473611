<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type Larder } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import ChoiceField from '@/look/ChoiceField.vue'
import type { Wish } from './wish'

/** What narrows the Book, and in which order it stands. */
const props = defineProps<{ wish: Wish; larder?: Larder }>()
const emit = defineEmits<{ want: [change: Partial<Wish>] }>()
const { data: used } = useQuery({ queryKey: ['book', 'tags'], queryFn: api.bookTags })

const ANY = { value: '', label: 'any' }
const kinds = computed(() => [
  ANY,
  ...(props.larder?.componentKinds ?? []).map((k) => ({ value: k.id, label: k.words })),
])
const allergens = computed(() => [
  { value: '', label: 'anything' },
  ...(props.larder?.allergens ?? []).map((a) => ({ value: a.id, label: a.name })),
])
const tags = computed(() => [ANY, ...(used.value?.tags ?? []).map((t) => ({ value: t, label: t }))])
const choices = useChoices()
</script>

<template>
  <div class="filters">
    <ChoiceField
      label="Kind"
      :model-value="wish.kind ?? ''"
      :options="kinds"
      @update:model-value="emit('want', { kind: $event })"
    />
    <ChoiceField
      label="Its line"
      :model-value="wish.tone ?? ''"
      :options="choices('book-tone')"
      @update:model-value="emit('want', { tone: $event })"
    />
    <ChoiceField
      label="Free from"
      :model-value="wish.without ?? ''"
      :options="allergens"
      @update:model-value="emit('want', { without: $event })"
    />
    <ChoiceField
      label="Made"
      :model-value="wish.made ?? 'EITHER'"
      :options="choices('book-made')"
      @update:model-value="emit('want', { made: $event as Wish['made'] })"
    />
    <ChoiceField
      v-if="tags.length > 1 || wish.tag"
      label="Tag"
      :model-value="wish.tag ?? ''"
      :options="tags"
      @update:model-value="emit('want', { tag: $event })"
    />
    <ChoiceField
      label="Order"
      :model-value="wish.order ?? 'OPENED'"
      :options="choices('book-order')"
      @update:model-value="emit('want', { order: $event as Wish['order'] })"
    />
    <label class="away">
      <input
        type="checkbox"
        :checked="wish.putAway"
        @change="emit('want', { putAway: ($event.target as HTMLInputElement).checked || undefined })"
      />
      those put away
    </label>
  </div>
</template>

<style scoped>
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: flex-end;
  padding-top: 10px;
}

.filters > :deep(.field) {
  flex: 1 1 140px;
  max-width: 220px;
}

.away {
  padding-bottom: 6px;
  white-space: nowrap;
}

.away input {
  accent-color: var(--act);
}
</style>
