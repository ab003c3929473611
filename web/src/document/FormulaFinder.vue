<script setup lang="ts">
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, type FormulaSummary } from '@/api/client'
import { useSend } from '@/answers/queries'
import SideSheet from '@/look/SideSheet.vue'
import TypedField from '@/look/TypedField.vue'

/** Any formula of the kitchen by a part of its name, those put away too. */
const emit = defineEmits<{ open: [id: string] }>()
const open = defineModel<boolean>('open', { required: true })

const SIZE = 30
const search = ref('')
const putAway = ref(false)
const page = ref(0)
watch([search, putAway], () => (page.value = 0))
const queries = useQueryClient()
const { data, isError } = useQuery({
  queryKey: computed(() => ['formulas', 'found', search.value, putAway.value, page.value]),
  queryFn: () =>
    api.formulas({
      search: search.value,
      putAway: putAway.value,
      order: 'UPDATED',
      page: page.value,
      size: SIZE,
    }),
  placeholderData: keepPreviousData,
})
const found = computed(() => data.value?.formulas ?? [])
const total = computed(() => data.value?.total ?? 0)
const from = computed(() => page.value * SIZE + 1)
const to = computed(() => page.value * SIZE + found.value.length)

const day = (instant: string) =>
  new Date(instant).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })

function choose(formula: FormulaSummary) {
  open.value = false
  emit('open', formula.id)
}

const bringBackFormula = useSend('bringBack')
async function bringBack(formula: FormulaSummary) {
  await bringBackFormula(formula.id, formula.version)
  await queries.invalidateQueries({ queryKey: ['formulas'] })
}
</script>

<template>
  <SideSheet v-model:open="open" title="Find a formula" :width="520">
    <div class="wish">
      <TypedField v-model="search" label="Part of its name" />
      <label><input v-model="putAway" type="checkbox" /> those put away</label>
    </div>
    <p v-if="isError" role="alert">Deft Chill does not answer. Type again to try again.</p>
    <p v-else-if="data" class="count" role="status">
      {{ total === 0 ? 'None of this name.' : `${from} to ${to} of ${total}, the latest changed first` }}
    </p>
    <ol>
      <li v-for="formula in found" :key="formula.id">
        <button type="button" class="link-like" @click="choose(formula)">
          {{ formula.name || 'Unnamed' }}
        </button>
        <span>{{ day(formula.updatedAt) }}</span>
        <a-button v-if="putAway" size="small" @click="bringBack(formula)">Bring back</a-button>
      </li>
    </ol>
    <p v-if="total > SIZE" class="pages">
      <a-button :disabled="page === 0" @click="page--">Earlier</a-button>
      <a-button :disabled="to >= total" @click="page++">More</a-button>
    </p>
  </SideSheet>
</template>

<style scoped>
.wish {
  display: flex;
  gap: 18px;
  align-items: flex-end;
}

.wish > :first-child {
  flex: 1;
}

.wish > label {
  padding-bottom: 6px;
}

.wish input[type='checkbox'] {
  accent-color: var(--act);
}

.count {
  padding: 8px 0;
  color: var(--quiet);
  font-size: 14px;
}

ol {
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 40px;
  border-top: 1px solid var(--hairline);
}

li button:first-child {
  flex: 1;
  text-align: left;
}

li span {
  color: var(--quiet);
  font-size: 13px;
  white-space: nowrap;
}

.pages {
  display: flex;
  gap: 8px;
  padding-top: 12px;
}
</style>
