<script setup lang="ts">
import { computed } from 'vue'
import type { Assessment, Problem } from '@/api/client'

const props = defineProps<{
  line: Assessment['line']
  problems: Problem[]
  stale: boolean
  unreachable: boolean
  /** Why there is no answer although somebody answered. */
  failure?: string
  /** Component of the first problem, where there are several. */
  where?: string
}>()
const emit = defineEmits<{ go: [] }>()

const silent = computed(() => props.unreachable || Boolean(props.failure))
/** Only an answer to what is written now says that it is good. */
const answered = computed(
  () => props.line.length > 0 && !props.problems.length && !silent.value && !props.stale,
)
</script>

<template>
  <div class="line" :class="{ answered }" aria-live="polite" data-testid="line">
    <p v-if="unreachable" class="bad">
      No answer from Deft Chill. What you type is kept; it goes on as soon as it answers.
    </p>
    <p v-else-if="failure" class="bad">{{ failure }}</p>
    <p v-else-if="problems[0]" class="bad">
      <template v-if="where">
        <button type="button" class="link-like" @click="emit('go')">{{ where }}</button>:
      </template>
      {{ problems[0].field }} <template v-if="problems[0].value">“{{ problems[0].value }}”</template>
      {{ problems[0].rule }}{{ problems[0].rule.endsWith('?') ? '' : '.' }}
      <template v-if="problems.length > 1">And {{ problems.length - 1 }} more.</template>
    </p>
    <p v-else-if="!line.length" class="note working">Working it out…</p>
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
  border-left: 8px solid var(--quiet);
  background: var(--panel);
}

.line.answered {
  border-left-color: var(--good);
}

.line:has(.caution) {
  border-left-color: var(--caution);
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

p.caution {
  color: var(--caution);
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
