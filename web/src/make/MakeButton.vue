<script setup lang="ts">
import { useBegin } from './useBegin'

/** Begins to make a formula. */
defineProps<{ formula: string }>()
const { begin, failed, unread } = useBegin()
</script>

<template>
  <a-button :title="failed ? 'Deft Chill does not answer: touch again' : undefined" @click="begin(formula)">
    {{ failed ? 'Make it: again' : unread ? 'Not understood yet' : 'Make it' }}
  </a-button>
</template>
