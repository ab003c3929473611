<script setup lang="ts">
import type { Assessment, Problem } from '@/api/client'

defineProps<{
  line: Assessment['line']
  problems: Problem[]
  stale: boolean
  unreachable: boolean
  /** Component of the first problem, where there are several. */
  where?: string
}>()
const emit = defineEmits<{ go: [] }>()
</script>

<template>
  <div class="line" aria-live="polite" data-testid="line">
    <p v-if="unreachable" class="bad">
      No answer from Deft Chill. What you type is kept; it goes on as soon as it answers.
    </p>
    <p v-else-if="problems[0]" class="bad">
      <template v-if="where">
        <button type="button" class="link-like" @click="emit('go')">{{ where }}</button>:
      </template>
      {{ problems[0].field }} <template v-if="problems[0].value">“{{ problems[0].value }}”</template>
      {{ problems[0].rule }}{{ problems[0].rule.endsWith('?') ? '' : '.' }}
      <template v-if="problems.length > 1">And {{ problems.length - 1 }} more.</template>
    </p>
    <p v-for="(sentence, i) in line" :key="i" :class="[sentence.tone.toLowerCase(), { old: stale }]">
      {{ sentence.text }}
    </p>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-direction: column;
  gap: 2px;
  justify-content: center;
  min-height: 56px;
  padding: 8px 20px;
  border-left: 8px solid var(--good);
  background: var(--panel);
}

.line:has(.bad, .unsafe) {
  border-left-color: var(--unsafe);
}

p {
  font-size: 21px;
  line-height: 1.28;
}

p.good {
  font-weight: 700;
}

p.bad,
p.unsafe {
  color: var(--unsafe);
  font-weight: 700;
}

p.note {
  color: var(--ink);
  font-size: 18px;
}

p.old {
  filter: saturate(0.35);
  opacity: 0.9;
}

@media (width <= 900px) {
  p {
    font-size: 18px;
  }
}
</style>
