<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Chill, Evidence, Formula, Larder, Uncertainty, WhatIfRow } from '@/api/client'
import VerdictList from '@/verdicts/VerdictList.vue'
import SheetText from '@/weighing/SheetText.vue'
import SlantCut from './SlantCut.vue'
import TableStand from './TableStand.vue'
import WhatIfPanel from './WhatIfPanel.vue'

/** Beside the cut: whether it works, what happens at the table, what if, and all of it in words. */
const props = defineProps<{
  formula: Formula
  chill: Chill
  uncertainty?: Uncertainty
  larder: Larder
  stale: boolean
  fahrenheit: boolean
}>()
const emit = defineEmits<{ rows: [rows: WhatIfRow[]]; evidence: [title: string, evidence: Evidence] }>()
const evidence = (title: string, opened: Evidence) => emit('evidence', title, opened)

/** How sure the moments are, in words. */
const sure = computed(() =>
  (props.uncertainty?.ranges ?? [])
    .filter((r) => r.earliest && r.earliest !== r.latest)
    .map(
      (r) =>
        `${r.label}: not before ${r.earliest}, ${r.latest ? `by ${r.latest} at the latest` : 'or never'}.`,
    ),
)

const TABS = [
  { value: 'works', label: 'Will it work?' },
  { value: 'table', label: 'At the table' },
  { value: 'what-if', label: 'What if' },
  { value: 'words', label: 'In words' },
]
const tab = ref('works')
const maySlant = computed(() => props.formula.served === 'in-glass')
</script>

<template>
  <div class="side">
    <a-radio-group v-model:value="tab" button-style="solid" size="small" class="tabs" aria-label="Show">
      <a-radio-button v-for="t in TABS" :key="t.value" :value="t.value">{{ t.label }}</a-radio-button>
    </a-radio-group>
    <div class="tab">
      <template v-if="tab === 'works'">
        <div v-if="maySlant" class="slant">
          <SlantCut v-if="chill.slant" :section="chill.section" :slant="chill.slant" />
          <SheetText path="/moulds/slant" label="First layer slanted up to" :step="1" placeholder="level" />
        </div>
        <VerdictList :verdicts="chill.verdicts" :stale="stale" @evidence="evidence" />
      </template>
      <TableStand v-else-if="tab === 'table'" :chill="chill" :fahrenheit="fahrenheit" @evidence="evidence" />
      <WhatIfPanel
        v-else-if="tab === 'what-if'"
        :formula="formula"
        :larder="larder"
        :fahrenheit="fahrenheit"
        @rows="emit('rows', $event)"
      />
      <ol v-else class="words" data-testid="words">
        <li v-for="sentence in chill.summary" :key="sentence">{{ sentence }}</li>
        <li v-for="range in sure" :key="range">{{ range }}</li>
      </ol>
    </div>
  </div>
</template>

<style scoped>
.side {
  display: flex;
  flex-direction: column;
  gap: 6px;
  min-height: 0;
}

.tabs {
  display: flex;
}

.tabs :deep(.ant-radio-button-wrapper) {
  flex: 1;
  height: 30px;
  padding-inline: 4px;
  font-size: 14px;
  line-height: 28px;
  text-align: center;
  white-space: nowrap;
}

.tab {
  flex: 1;
  min-height: 0;
  padding-bottom: 20px;
  overflow-y: auto;
  mask-image: linear-gradient(to top, transparent, black 20px);
}

.words {
  padding-left: 20px;
  font-size: 15px;
  list-style: decimal;
}

.words li {
  padding: 3px 0;
}
</style>
