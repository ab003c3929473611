<script setup lang="ts">
import { useChoices } from '@/answers/useChoices'
import type { LogLine } from '@/api/client'
import { day, gap } from './words'

/** Batches, newest first; a month stands over its days. */
const props = defineProps<{ lines: LogLine[]; total: string; picked: string[]; more: boolean }>()
const emit = defineEmits<{ pick: [id: string]; more: []; formula: [id: string] }>()
const choices = useChoices()
const word = (o: string) => choices('outcome').find((c) => c.value === o)?.label ?? o
const month = (text: string) =>
  new Date(`${text}T00:00`).toLocaleDateString('en-GB', { month: 'long', year: 'numeric' })
const begins = (i: number) => month(props.lines[i]?.madeOn ?? '') !== month(props.lines[i - 1]?.madeOn ?? '')
/** A height as a share of what it was moulded to. */
const share = (mm: number | undefined, line: LogLine) =>
  mm === undefined ? undefined : `${Math.min(100, (100 * mm) / line.predicted.mouldedMm)}%`
</script>

<template>
  <section aria-label="Batches">
    <template v-for="(line, i) in lines" :key="line.id">
      <h2 v-if="begins(i)" class="section-title">
        {{ month(line.madeOn) }} <small v-if="i === 0">{{ total }} in all</small>
      </h2>
      <article>
        <label class="pick"
          ><input
            type="checkbox"
            :checked="picked.includes(line.id)"
            :aria-label="`Pick ${line.formula} of ${day(line.madeOn)}`"
            @change="emit('pick', line.id)"
        /></label>
        <RouterLink
          class="thumb"
          :to="{ name: 'batch', params: { id: line.id } }"
          tabindex="-1"
          aria-hidden="true"
        >
          <img v-if="line.photo" :src="`/api/photos/${line.photo}/small`" alt="" loading="lazy" />
        </RouterLink>
        <div class="what">
          <RouterLink :to="{ name: 'batch', params: { id: line.id } }">{{ line.formula }}</RouterLink>
          <small
            >{{ day(line.madeOn) }}, {{ line.pouredAt.slice(0, 5)
            }}{{ line.cook ? ` · ${line.cook}` : '' }}</small
          >
        </div>
        <span class="outcome" :class="line.outcome.toLowerCase()">{{ word(line.outcome) }}</span>
        <div class="height">
          <template v-if="line.standingMm !== undefined">
            <b>{{ line.standingMm.toFixed(0) }} mm</b>
            <small v-if="line.predicted.standingMm !== undefined">{{
              gap(line.standingMm, line.predicted.standingMm)
            }}</small>
            <span class="bar" aria-hidden="true"
              ><i :style="{ width: share(line.standingMm, line) }"></i
              ><u :style="{ left: share(line.predicted.standingMm, line) }"></u
            ></span>
          </template>
        </div>
        <p>{{ line.note }}</p>
        <button
          type="button"
          class="link-like"
          :aria-label="`Only ${line.formula}`"
          @click="emit('formula', line.formulaId)"
        >
          only this
        </button>
      </article>
    </template>
    <button v-if="more" type="button" class="more" @click="emit('more')">Earlier ones</button>
  </section>
</template>

<style scoped>
article {
  display: grid;
  grid-template-columns: 26px 64px minmax(180px, 1.3fr) 110px 160px minmax(0, 1.6fr) 70px;
  gap: 12px;
  align-items: center;
  min-height: 58px;
  padding: 4px 8px;
  border-bottom: 1px solid var(--hairline);
  background: var(--panel);
}

.section-title {
  margin-top: 14px;
}

.pick {
  display: grid;
  min-width: 26px;
  min-height: 40px;
  place-items: center;
}

.pick input {
  width: 18px;
  height: 18px;
}

.thumb {
  display: block;
  width: 64px;
  height: 48px;
  border-radius: 3px;
  background: var(--ground-light);
}

.thumb img {
  width: 64px;
  height: 48px;
  border-radius: 3px;
  object-fit: cover;
}

.what {
  display: grid;
}

.what a {
  color: var(--ink);
  font-weight: 700;
  text-decoration: none;
}

.what a:hover {
  text-decoration: underline;
}

small {
  color: var(--quiet);
  font-size: 13px;
}

.outcome {
  padding: 2px 0 2px 10px;
  border-left: 4px solid var(--good);
}

.small_divots {
  border-color: var(--straw);
}

.torn,
.stuck,
.slumped,
.did_not_hold {
  border-color: var(--unsafe);
}

.height {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0 8px;
  align-items: baseline;
}

.bar {
  position: relative;
  grid-column: 1 / -1;
  height: 6px;
  margin-top: 2px;
  background: var(--wash);
}

.bar i {
  position: absolute;
  inset: 0 auto 0 0;
  background: var(--set-5);
}

.bar u {
  position: absolute;
  top: -3px;
  width: 2px;
  height: 12px;
  background: var(--act);
}

article p {
  overflow: hidden;
  color: var(--quiet);
  font-size: 14px;
  text-overflow: ellipsis;
  white-space: nowrap;
}

article .link-like {
  color: var(--quiet);
  font-size: 13px;
}

.more {
  width: 100%;
  min-height: 48px;
  margin-top: 10px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--panel);
  color: var(--ink);
  font-size: 15px;
  cursor: pointer;
}

@media (max-width: 900px) {
  article {
    grid-template-columns: 26px 64px minmax(0, 1fr) 100px;
  }

  .height,
  article p {
    grid-column: 3 / -1;
  }

  article > .link-like {
    display: none;
  }
}
</style>
