<script setup lang="ts">
import type { Fix, Problem } from '@/api/client'
import { takeFix } from '@/document/document'
import { useSheet } from '@/document/sheet'

/** What a text may have meant, each to be chosen with one touch. */
defineProps<{ problem: Problem }>()
const sheet = useSheet()

/** What was typed since is no longer asked about: then there is nothing to take. */
function take(fix: Fix) {
  const taken = takeFix(sheet.formula(), fix, sheet.answered?.())
  if (taken) sheet.change(taken, '')
}
</script>

<template>
  <ul v-if="problem.fixes.length" class="choices" :aria-label="`${problem.field}: which?`">
    <li v-for="fix in problem.fixes" :key="fix.label">
      <button type="button" :title="fix.effect" @click="take(fix)">
        {{ fix.label }} <small>{{ fix.effect }}</small>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  padding-top: 3px;
}

button {
  padding: 1px 8px;
  border: 1px solid var(--act);
  border-radius: 3px;
  background: var(--white);
  color: var(--ink);
  font: inherit;
  font-size: 13px;
  cursor: pointer;
}

button:hover {
  background: var(--warm-wash);
}

small {
  color: var(--quiet);
}
</style>
