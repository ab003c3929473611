<script setup lang="ts">
import type { Problem } from '@/api/client'

/** Why a file was not taken: path, value and rule of everything at fault. */
defineProps<{ file: string; problems: Problem[] }>()
const emit = defineEmits<{ close: [] }>()
</script>

<template>
  <div class="notice" role="alert">
    <p>
      <b>“{{ file }}” was not taken; nothing has been changed.</b>
      <button type="button" class="link-like" @click="emit('close')">close</button>
    </p>
    <ul>
      <li v-for="(p, i) in problems" :key="i">
        <code>{{ p.path || 'the file' }}</code>
        <template v-if="p.value"> “{{ p.value }}”</template> {{ p.rule }}
      </li>
    </ul>
  </div>
</template>

<style scoped>
.notice {
  max-height: 170px;
  padding: 8px 20px;
  overflow: auto;
  border-left: 8px solid var(--unsafe);
  background: var(--unsafe-wash);
}

p {
  display: flex;
  justify-content: space-between;
}

code {
  color: var(--unsafe);
  font-family: inherit;
  font-weight: 700;
}
</style>
