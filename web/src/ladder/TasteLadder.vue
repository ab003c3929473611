<script setup lang="ts">
import { computed, ref } from 'vue'
import type { LadderView } from '@/api/client'
import type { Scores } from './useScores'

/** One taster at a time, cup by cup in the order of the design; only codes are seen. */
const props = defineProps<{ ladder: LadderView; waiting: Record<string, Scores>; wrong: string }>()
const emit = defineEmits<{ score: [taster: string, scores: Scores] }>()
const layout = computed(() => props.ladder.layout)
const taster = ref(layout.value.tasters.find((t) => !props.ladder.scores[t]) ?? layout.value.tasters[0] ?? '')
const codes = computed(() =>
  (layout.value.orders[layout.value.tasters.indexOf(taster.value)] ?? []).flatMap(
    (cup) => layout.value.cups[cup]?.code ?? [],
  ),
)
/** What was touched here counts before what is stored. */
const scores = computed<Scores>(
  () => props.waiting[taster.value] ?? (props.ladder.scores[taster.value] as Scores | undefined) ?? {},
)
const say = (code: string, value: number) => emit('score', taster.value, { ...scores.value, [code]: value })
const done = computed(() => codes.value.every((c) => scores.value[c]))
const others = computed(() =>
  layout.value.tasters.filter((t) => t !== taster.value && !props.ladder.scores[t]),
)
</script>

<template>
  <section class="taste" aria-label="Tasting">
    <div class="who" role="group" aria-label="Taster">
      <button
        v-for="t in layout.tasters"
        :key="t"
        type="button"
        :aria-pressed="t === taster"
        @click="taster = t"
      >
        {{ t }}<small v-if="ladder.scores[t]"> has tasted</small>
      </button>
    </div>
    <p class="hint">
      Water and a bite of plain biscuit between two cups. 1: not good, 5: as good as it can be.
    </p>
    <ol>
      <li v-for="(code, i) in codes" :key="code" role="group" :aria-label="`Cup ${code}`">
        <span class="place">{{ i + 1 }}.</span>
        <b>{{ code }}</b>
        <button
          v-for="n in 5"
          :key="n"
          type="button"
          :aria-pressed="scores[code] === n"
          :disabled="ladder.shown"
          @click="say(code, n)"
        >
          {{ n }}
        </button>
      </li>
    </ol>
    <p v-if="wrong" role="alert">{{ wrong }}</p>
    <p v-else-if="ladder.shown" class="hint">It was shown which cup is which: no score counts any more.</p>
    <p v-else-if="done && waiting[taster]" class="hint">Being stored.</p>
    <p v-else-if="done" role="status">
      Stored. {{ others.length ? `Next: ${others[0]}.` : 'All have tasted.' }}
    </p>
  </section>
</template>

<style scoped>
.taste {
  display: grid;
  gap: 12px;
  padding: 14px 16px;
  background: var(--panel);
}

.who {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

button {
  min-width: 60px;
  min-height: 56px;
  padding: 0 16px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
  font-size: 18px;
  cursor: pointer;
}

button[aria-pressed='true'] {
  border-color: var(--cold-ink);
  background: var(--cold-ink);
  color: var(--white);
  font-weight: 700;
}

.hint {
  color: var(--quiet);
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--hairline);
}

.place {
  width: 30px;
  color: var(--quiet);
}

li b {
  width: 110px;
  font-size: 26px;
  letter-spacing: 0.12em;
}

[role='alert'] {
  color: var(--unsafe);
  font-weight: 700;
}
</style>
