<script setup lang="ts">
import { ref } from 'vue'
import type { CameOut } from '@/api/client'
import { useWho } from '@/make/useMaking'

/** What tasters say, on the kitchen's own anchors of 1 to 5. */
const said = defineModel<CameOut>({ required: true })
const emit = defineEmits<{ changed: [] }>()
type Score = NonNullable<NonNullable<CameOut['record']>['tastings']>[number]
const TRAITS: { key: Exclude<keyof Score, 'taster'>; label: string }[] = [
  { key: 'wobble', label: 'Wobble' },
  { key: 'melt', label: 'Melt' },
  { key: 'sweetness', label: 'Sweetness' },
  { key: 'intensity', label: 'Intensity' },
  { key: 'cleanSlice', label: 'Clean slice' },
]
const who = useWho()
const taster = ref(who.value)
const all = () => said.value.record?.tastings ?? []
const of = (name: string) => all().find((t) => (t.taster ?? '') === name)

function score(trait: (typeof TRAITS)[number]['key'], value: number) {
  const name = taster.value.trim()
  const before = of(name) ?? { taster: name }
  const now: Score = { ...before, [trait]: before[trait] === value ? undefined : value }
  const others = all().filter((t) => (t.taster ?? '') !== name)
  const empty = TRAITS.every((t) => now[t.key] === undefined)
  said.value = {
    ...said.value,
    record: { ...said.value.record, tastings: empty ? others : [...others, now] },
  }
  emit('changed')
}
const words = (of: Score) =>
  TRAITS.flatMap((t) => (of[t.key] === undefined ? [] : `${t.label.toLowerCase()} ${of[t.key]}`)).join(', ')
const rest = () => all().filter((t) => (t.taster ?? '') !== taster.value.trim())
</script>

<template>
  <section aria-label="Tasting">
    <h2 class="section-title">Tasting <small>1 to 5, by your own anchors</small></h2>
    <label>Taster <input v-model="taster" maxlength="80" placeholder="who tastes" /></label>
    <div v-for="t in TRAITS" :key="t.key" class="trait" role="group" :aria-label="t.label">
      <span>{{ t.label }}</span>
      <button
        v-for="n in 5"
        :key="n"
        type="button"
        :aria-pressed="of(taster.trim())?.[t.key] === n"
        @click="score(t.key, n)"
      >
        {{ n }}
      </button>
    </div>
    <p v-for="r in rest()" :key="r.taster" class="others">
      <b>{{ r.taster || 'Somebody' }}</b>: {{ words(r) }}
    </p>
  </section>
</template>

<style scoped>
section {
  padding: 14px 16px;
  background: var(--panel);
}

label {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 8px 0;
  color: var(--quiet);
  font-size: 13px;
}

input {
  min-height: 36px;
  padding: 2px 10px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
  font-size: 15px;
}

.trait {
  display: grid;
  grid-template-columns: 110px repeat(5, minmax(44px, 64px));
  gap: 6px;
  align-items: center;
  padding: 3px 0;
}

.trait button {
  min-height: 40px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
  font-size: 16px;
  cursor: pointer;
}

.trait button[aria-pressed='true'] {
  border-color: var(--cold-ink);
  background: var(--cold-ink);
  color: var(--white);
  font-weight: 700;
}

.others {
  padding-top: 6px;
  color: var(--quiet);
}

.others b {
  color: var(--ink);
}
</style>
