<script setup lang="ts">
import type { Comparison } from '@/api/client'

/** Two states side by side: what was changed, and what that did. */
defineProps<{ comparison: Comparison; before: string; after: string }>()
</script>

<template>
  <table class="compared">
    <thead>
      <tr>
        <th><span class="out-of-sight">What</span></th>
        <th>{{ before }}</th>
        <th>{{ after }}</th>
      </tr>
    </thead>
    <tbody>
      <tr class="head">
        <th colspan="3">What changed</th>
      </tr>
      <tr v-if="!comparison.changes.length">
        <td colspan="3" class="none">Nothing: both are written alike.</td>
      </tr>
      <tr v-for="row in comparison.changes" :key="row.key" class="differs">
        <th>{{ row.name }}</th>
        <td>{{ row.before || '–' }}</td>
        <td>{{ row.after || '–' }}</td>
      </tr>
      <tr class="head">
        <th colspan="3">What it does</th>
      </tr>
      <tr class="lines">
        <th>In short</th>
        <td>{{ comparison.before }}</td>
        <td>{{ comparison.after }}</td>
      </tr>
      <tr v-for="row in comparison.figures" :key="row.key" :class="{ differs: row.differs }">
        <th>{{ row.name }}</th>
        <td>{{ row.before || '–' }}</td>
        <td>{{ row.after || '–' }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.compared {
  width: 100%;
  border-collapse: collapse;
  font-size: 14px;
}

th,
td {
  width: 38%;
  padding: 4px 8px 4px 0;
  border-bottom: 1px solid var(--hairline);
  text-align: left;
  vertical-align: top;
}

th:first-child {
  width: 24%;
  color: var(--quiet);
  font-weight: 400;
}

thead th {
  border-bottom: 2px solid var(--ink);
}

.head th {
  padding-top: 12px;
  color: var(--ink);
  font-weight: 700;
}

.differs td {
  font-weight: 700;
}

.differs td:last-child {
  background: var(--warm-wash);
}

.none {
  color: var(--quiet);
}
</style>
