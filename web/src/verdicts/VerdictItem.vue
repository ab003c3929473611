<script setup lang="ts">
import type { Evidence, Verdict } from '@/api/client'
import FixButton from './FixButton.vue'

defineProps<{
  verdict: Verdict
  /** Whether its fixes are those of an older answer, while new ones are tried. */
  trying?: boolean
}>()
const emit = defineEmits<{ evidence: [title: string, evidence: Evidence] }>()

const SIGNS: Record<Verdict['tone'], string> = { UNSAFE: '!!', BAD: '!', CAUTION: '~', GOOD: '✓', NOTE: 'i' }
const SPOKEN: Record<Verdict['tone'], string> = {
  UNSAFE: 'Unsafe',
  BAD: 'Will not work',
  CAUTION: 'Careful',
  GOOD: 'Good',
  NOTE: 'To know',
}
</script>

<template>
  <li :class="verdict.tone.toLowerCase()">
    <span class="sign" aria-hidden="true">{{ SIGNS[verdict.tone] }}</span>
    <div>
      <h3>
        <span class="out-of-sight">{{ SPOKEN[verdict.tone] }}: </span>{{ verdict.headline }}
        <button
          type="button"
          class="link-like why"
          :aria-label="`Why: ${verdict.headline}`"
          @click="emit('evidence', verdict.headline, verdict.evidence)"
        >
          why
        </button>
      </h3>
      <p>{{ verdict.sentence }}</p>
      <div v-for="fix in verdict.fixes" :key="fix.label" class="fix">
        <FixButton :fix="fix" :waiting="trying" :quiet="verdict.tone === 'GOOD' || verdict.tone === 'NOTE'" />
        <span :class="{ waiting: trying }">→ {{ fix.effect }}</span>
      </div>
    </div>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 26px 1fr;
  padding: 6px 0;
  border-bottom: 1px solid var(--hairline);
}

.sign {
  width: 20px;
  height: 20px;
  border-radius: 3px;
  background: var(--quiet);
  color: var(--white);
  font-weight: 700;
  line-height: 20px;
  text-align: center;
}

.good .sign {
  background: var(--good);
}

.bad .sign,
.unsafe .sign {
  background: var(--unsafe);
}

.caution .sign {
  background: var(--caution);
}

h3 {
  font-size: 15px;
  font-weight: 700;
  line-height: 20px;
}

.bad h3,
.unsafe h3 {
  color: var(--unsafe);
}

.why {
  margin-left: 6px;
  color: var(--quiet);
  font-size: 13px;
  font-weight: 400;
}

p {
  color: var(--ink);
  font-size: 14px;
  line-height: 1.35;
}

.waiting {
  color: var(--quiet);
}

.fix {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: center;
  padding-top: 4px;
  font-size: 14px;
}
</style>
