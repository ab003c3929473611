<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { components } from '@/api/generated/schema'
import type { Fix, MakingEvent } from '@/api/client'

/** What was measured does to the dessert, and what to do about it: each remedy was tried. */
const props = defineProps<{ consequence?: components['schemas']['Consequence']; changed: number }>()
const emit = defineEmits<{ happened: [kind: MakingEvent['kind'], rest: Partial<MakingEvent>] }>()

const quiet = computed(
  () =>
    props.consequence &&
    !props.consequence.shifts.length &&
    !props.consequence.verdicts.length &&
    !props.consequence.problems.length,
)
/** What is wrong comes into sight, wherever one is on the page. */
const does = ref<HTMLElement>()
watch(
  () => props.consequence?.verdicts.map((v) => v.code + v.path).join() ?? '',
  (now) => now && void nextTick(() => does.value?.scrollIntoView?.({ block: 'nearest' })),
)
const take = (fix: Fix) => emit('happened', 'TOOK', { text: fix.label, changes: fix.changes })
</script>

<template>
  <section v-if="changed && consequence" ref="does" class="does" aria-label="What it does" aria-live="polite">
    <p v-if="quiet" class="quiet">As measured it comes out as planned.</p>
    <template v-else>
      <h2 class="section-title">What it does</h2>
      <p v-for="p in consequence.problems" :key="p.path + p.rule" class="problem">
        {{ p.field }} “{{ p.value }}” {{ p.rule }}
      </p>
      <p v-for="shift in consequence.shifts" :key="shift" class="shift">{{ shift }}</p>
      <div
        v-for="v in consequence.verdicts"
        :key="v.code + v.path"
        :class="['verdict', v.tone.toLowerCase()]"
      >
        <h3>{{ v.headline }}</h3>
        <p>{{ v.sentence }}</p>
        <button v-for="fix in v.fixes" :key="fix.label" type="button" @click="take(fix)">
          {{ fix.label }} <small>→ {{ fix.effect }}</small>
        </button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.does {
  display: grid;
  gap: 10px;
  padding: 14px 16px;
  background: var(--panel);
}

p,
h3 {
  margin: 0;
}

.quiet {
  color: var(--good);
  font-weight: 700;
}

.shift {
  font-size: 18px;
  font-weight: 700;
}

.problem {
  color: var(--unsafe);
  font-weight: 700;
}

.verdict {
  padding-left: 12px;
  border-left: 6px solid var(--caution);
}

.verdict.bad,
.verdict.unsafe {
  border-color: var(--unsafe);
}

h3 {
  font-size: 17px;
  font-weight: 700;
}

button {
  width: 100%;
  min-height: 56px;
  margin-top: 6px;
  padding: 6px 12px;
  border: 0;
  border-radius: 4px;
  background: var(--act);
  color: var(--white);
  font-size: 17px;
  font-weight: 700;
  text-align: left;
  cursor: pointer;
}

button small {
  display: block;
  font-weight: 400;
}
</style>
