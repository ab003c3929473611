<script setup lang="ts">
import type { Problem } from '@/api/client'

/** The rules that a row of narrow fields breaks, below the row; the fields themselves read them out. */
defineProps<{ problems: Problem[] }>()
</script>

<template>
  <ul v-if="problems.length" class="broken-rule" aria-hidden="true">
    <li v-for="problem in problems" :key="problem.path">{{ problem.field }} {{ problem.rule }}</li>
  </ul>
</template>
