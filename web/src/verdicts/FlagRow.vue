<script setup lang="ts">
import type { Evidence, Flag } from '@/api/client'

/** What must be known before it is served; each opens to where it comes from. */
defineProps<{ flags: Flag[] }>()
const emit = defineEmits<{ evidence: [title: string, evidence: Evidence] }>()
</script>

<template>
  <section aria-label="For whom">
    <h2 class="section-title">For whom <small>by the ingredients; local rules come first</small></h2>
    <ul class="flags">
      <li v-for="flag in flags" :key="flag.code">
        <button
          type="button"
          :class="flag.tone.toLowerCase()"
          :aria-label="`${flag.label}: ${flag.words}, why`"
          @click="emit('evidence', `${flag.label}: ${flag.words}`, flag.evidence)"
        >
          <span>{{ flag.label }}</span> {{ flag.words }}
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.flags {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding-top: 8px;
}

button {
  padding: 3px 9px;
  border: 1px solid var(--edge);
  border-left: 5px solid var(--edge);
  border-radius: 3px;
  background: var(--white);
  color: var(--ink);
  font: inherit;
  font-size: 14px;
  text-align: left;
  cursor: pointer;
}

button span {
  color: var(--quiet);
  font-size: 13px;
}

button.caution {
  border-left-color: var(--caution);
}

button.bad,
button.unsafe {
  border-left-color: var(--unsafe);
}

button.good {
  border-left-color: var(--good);
}

button:hover {
  border-color: var(--act);
}
</style>
