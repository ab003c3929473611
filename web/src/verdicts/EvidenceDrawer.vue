<script setup lang="ts">
import type { Evidence } from '@/api/client'
import SideSheet from '@/look/SideSheet.vue'

defineProps<{ title: string; evidence?: Evidence }>()
const emit = defineEmits<{ close: [] }>()

const GRADES: Record<string, string> = { S: 'standard', L: 'literature', E: 'estimate' }
</script>

<template>
  <SideSheet :open="evidence !== undefined" :title="title" :width="440" @update:open="emit('close')">
    <template v-if="evidence">
      <h2 class="section-title">What went in</h2>
      <dl>
        <template v-for="given in evidence.inputs" :key="given.name">
          <dt>{{ given.name }}</dt>
          <dd>{{ given.value }}</dd>
        </template>
      </dl>
      <h2 class="section-title">The rule</h2>
      <p>{{ evidence.rule }}</p>
      <template v-if="evidence.constants.length">
        <h2 class="section-title">Constants</h2>
        <ul>
          <li v-for="constant in evidence.constants" :key="constant.name">
            <b>{{ constant.name }}</b> {{ constant.value }}
            <small>{{ GRADES[constant.grade] ?? constant.grade }}: {{ constant.source }}</small>
          </li>
        </ul>
      </template>
      <h2 class="section-title">How sure</h2>
      <p>{{ evidence.uncertainty }}</p>
      <h2 class="section-title">What would change it</h2>
      <p>{{ evidence.wouldChange }}</p>
    </template>
  </SideSheet>
</template>

<style scoped>
.section-title:not(:first-child) {
  margin-top: 16px;
}

dl {
  display: grid;
  grid-template-columns: 1.2fr 1fr;
}

dt,
dd {
  padding: 4px 0;
  border-bottom: 1px solid var(--hairline);
}

dt {
  padding-right: 10px;
  color: var(--quiet);
}

p,
ul {
  padding-top: 4px;
}

small {
  display: block;
  color: var(--quiet);
  font-size: 13px;
}

li {
  padding-bottom: 4px;
}
</style>
