<script setup lang="ts">
import type { Flag, Formula, Larder, SplitBatch } from '@/api/client'
import StepList from './StepList.vue'
import WeighTable from './WeighTable.vue'

/** Those of the batch that are made otherwise: what is weighed and done for them, and what must be known of them. */
const props = defineProps<{ split: SplitBatch; formula: Formula; larder: Larder; known: Flag[] }>()

const name = (component: number) => props.formula.components[component]?.name ?? ''
/** The component as it is in this part. */
const made = (part: SplitBatch['parts'][number], component: number) =>
  part.document.components.find((c) => c.id === props.formula.components[component]?.id)
/** Flags that read otherwise than for the rest. */
const flags = (part: SplitBatch['parts'][number]) =>
  part.flags.filter((flag) => !props.known.some((k) => k.code === flag.code && k.words === flag.words))
/** What the rest has to be warned of, and these have not. */
const gone = (part: SplitBatch['parts'][number]) =>
  props.known.filter((flag) => !part.flags.some((f) => f.code === flag.code))
</script>

<template>
  <div v-for="part in split.parts" :key="part.of" class="otherwise">
    <h2>{{ part.count }} of {{ split.count }}: {{ part.name }}</h2>
    <p>{{ part.honest }}</p>
    <p class="answer">{{ part.line }}</p>
    <div v-for="apart in part.apart" :key="apart.component" class="apart">
      <WeighTable
        v-if="made(part, apart.component)"
        :component="made(part, apart.component)!"
        :amounts="apart.amounts"
        :caption="`${name(apart.component)}, for ${part.count} of ${split.count}`"
        :formula="part.document"
        :larder="larder"
      />
      <StepList :steps="apart.method" />
    </div>
    <ul>
      <li v-for="flag in flags(part)" :key="flag.code">
        <b>{{ flag.label }}:</b> {{ flag.words }}
      </li>
      <li v-for="flag in gone(part)" :key="flag.code">
        Not said of these: <b>{{ flag.label }}</b>
      </li>
    </ul>
    <p class="label">{{ formula.name }} · {{ part.name }}</p>
    <p>Mark them with this label: nobody tells them apart by eye.</p>
  </div>
</template>

<style scoped>
.otherwise {
  margin-top: 8px;
  padding: 4px 8px;
  border: 1px solid var(--print);
}

h2 {
  font-size: 15px;
  font-weight: 700;
}

.apart {
  display: grid;
  grid-template-columns: 62mm 1fr;
  gap: 8mm;
  align-items: start;
  break-inside: avoid;
}

.answer {
  font-weight: 700;
}

.label {
  margin: 4px 0;
  padding: 3px 8px;
  border: 2px dashed var(--print);
  font-weight: 700;
  text-align: center;
}
</style>
