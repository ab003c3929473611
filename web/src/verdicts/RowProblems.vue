<script setup lang="ts">
import type { Problem } from '@/api/client'
import ProblemChoices from './ProblemChoices.vue'

/** The rules that a row of narrow fields breaks, below the row; the fields themselves read them out. */
defineProps<{ problems: Problem[] }>()
</script>

<template>
  <ul v-if="problems.length">
    <li v-for="problem in problems" :key="problem.path">
      <span class="broken-rule" aria-hidden="true">{{ problem.field }} {{ problem.rule }}</span>
      <ProblemChoices :problem="problem" />
    </li>
  </ul>
</template>
