<script setup lang="ts">
import type { LoggedBatch } from '@/api/client'
import { useChoices } from '@/answers/useChoices'

/** The latest of them, and how many there are in all. */
defineProps<{ batches: LoggedBatch[]; total: number }>()
const emit = defineEmits<{ remove: [id: string] }>()

const choices = useChoices()
const outcomeWords = (outcome: LoggedBatch['outcome']) =>
  choices('outcome').find((o) => o.value === outcome)?.label ?? outcome
const day = (text: string) =>
  new Date(`${text}T00:00`).toLocaleDateString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    year: 'numeric',
  })

/** Height measured less height predicted, mm. */
function gap(batch: LoggedBatch): number | undefined {
  const predicted = batch.predicted.standingMm
  return batch.standingMm === undefined || predicted === undefined ? undefined : batch.standingMm - predicted
}

function gapWords(batch: LoggedBatch): string {
  const mm = Math.round(gap(batch) ?? 0)
  return mm === 0 ? 'as predicted' : `${Math.abs(mm)} mm ${mm > 0 ? 'taller' : 'shorter'}`
}
</script>

<template>
  <p v-if="!batches.length" class="none">
    Nothing made yet. After the next batch, put a ruler beside it: the height tells how strong this gelatin
    really is.
  </p>
  <ol v-else>
    <li v-for="batch in batches" :key="batch.id">
      <div class="when">
        <RouterLink :to="{ name: 'batch', params: { id: batch.id } }">{{ day(batch.madeOn) }}</RouterLink>
        <span>{{ batch.pouredAt.slice(0, 5) }} · {{ outcomeWords(batch.outcome) }}</span>
        <a-popconfirm
          title="Take this batch out of the log?"
          ok-text="Take it out"
          @confirm="emit('remove', batch.id)"
        >
          <button type="button" class="link-like" :aria-label="`Remove the batch of ${day(batch.madeOn)}`">
            remove
          </button>
        </a-popconfirm>
      </div>
      <dl>
        <div>
          <dt>Predicted</dt>
          <dd v-if="batch.predicted.standingMm !== undefined">
            {{ batch.predicted.standingMm.toFixed(0) }} of {{ batch.predicted.mouldedMm.toFixed(0) }} mm
          </dd>
          <dd v-else>{{ batch.predicted.firmnessWords }}</dd>
        </div>
        <div>
          <dt>Came out</dt>
          <dd v-if="batch.standingMm === undefined">not measured</dd>
          <dd v-else>
            {{ Number(batch.standingMm.toFixed(1)) }} mm
            <span v-if="gap(batch) !== undefined" class="gap">{{ gapWords(batch) }}</span>
          </dd>
        </div>
        <div>
          <dt>Dose</dt>
          <dd>{{ batch.dose || 'none' }}</dd>
        </div>
      </dl>
      <p v-if="batch.note">{{ batch.note }}</p>
    </li>
    <li v-if="total > batches.length" class="none">And {{ total - batches.length }} earlier ones.</li>
  </ol>
</template>

<style scoped>
li {
  padding: 8px 0;
  border-bottom: 1px solid var(--hairline);
}

.when {
  display: flex;
  gap: 12px;
}

.when button {
  margin-left: auto;
  color: var(--quiet);
  font-size: 13px;
}

dl {
  display: grid;
  grid-template-columns: 1fr 1.5fr 0.7fr;
  gap: 0 14px;
  padding: 2px 0;
}

dt {
  font-size: 13px;
}

dd {
  font-weight: 700;
}

.gap {
  font-weight: 400;
}

dt,
.gap,
.none {
  color: var(--quiet);
}

.none {
  padding-top: 8px;
}
</style>
