<script setup lang="ts">
import { computed } from 'vue'
import type { Evidence, Verdict } from '@/api/client'
import VerdictItem from './VerdictItem.vue'

const props = defineProps<{ verdicts: Verdict[]; stale: boolean; trying?: boolean }>()
const emit = defineEmits<{ evidence: [title: string, evidence: Evidence] }>()

const open = computed(() => props.verdicts.filter((v) => v.tone !== 'GOOD'))
const good = computed(() => props.verdicts.filter((v) => v.tone === 'GOOD'))
const how = (tones: Verdict['tone'][]) => props.verdicts.filter((v) => tones.includes(v.tone)).length
/** What there is to read, the worst first. */
const counted = computed(() =>
  [
    [how(['UNSAFE', 'BAD']), 'will not do'],
    [how(['CAUTION']), 'to watch'],
    [how(['NOTE']), 'to know'],
    [good.value.length, 'good'],
  ]
    .filter(([count]) => count)
    .map(([count, words]) => `${count} ${words}`)
    .join(' · '),
)
</script>

<template>
  <section aria-label="Verdicts" :class="{ old: stale }">
    <h2 class="section-title">
      Will it work? <small>{{ counted }}</small>
    </h2>
    <ul>
      <VerdictItem
        v-for="verdict in open"
        :key="verdict.code + verdict.path"
        :verdict="verdict"
        :trying="trying"
        @evidence="(...given) => emit('evidence', ...given)"
      />
    </ul>
    <details v-if="good.length" class="good-ones">
      <summary>
        <span class="sign" aria-hidden="true">✓</span>
        {{ good.length === 1 ? '1 is good' : `${good.length} are good` }}:
        {{ good.map((v) => v.headline).join(', ') }}
      </summary>
      <ul>
        <VerdictItem
          v-for="verdict in good"
          :key="verdict.code + verdict.path"
          :verdict="verdict"
          :trying="trying"
          @evidence="(...given) => emit('evidence', ...given)"
        />
      </ul>
    </details>
  </section>
</template>

<style scoped>
.old {
  filter: saturate(0.35);
  opacity: 0.9;
}

summary {
  padding: 8px 0;
  color: var(--quiet);
  font-size: 14px;
  line-height: 20px;
  cursor: pointer;
}

.sign {
  display: inline-block;
  width: 20px;
  height: 20px;
  margin-right: 4px;
  border-radius: 3px;
  background: var(--good);
  color: var(--white);
  font-weight: 700;
  line-height: 20px;
  text-align: center;
}
</style>
