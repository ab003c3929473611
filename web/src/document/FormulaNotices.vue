<script setup lang="ts">
import type { Formula } from '@/api/client'
import OwnNumbersNotice from '@/learn/OwnNumbersNotice.vue'
import ConflictNotice from './ConflictNotice.vue'
import MovedNotice from './MovedNotice.vue'
import PutAwayNotice from './PutAwayNotice.vue'
import type { useStoredFormula } from './useStoredFormula'

/** What stands above a formula that is not simply open: changed elsewhere, put away, its figures moved. */
const props = defineProps<{ id: string; stored: ReturnType<typeof useStoredFormula>; formula?: Formula }>()
const emit = defineEmits<{ open: [id: string] }>()

async function keepBoth() {
  emit('open', await props.stored.keepBoth())
}
</script>

<template>
  <ConflictNotice
    v-if="stored.state.value === 'conflict'"
    @theirs="stored.takeTheirs"
    @mine="stored.keepMine"
    @both="keepBoth"
  />
  <PutAwayNotice v-if="stored.putAway.value" @back="stored.bringBack" />
  <MovedNotice :id="id" />
  <OwnNumbersNotice :formula="formula" />
</template>
