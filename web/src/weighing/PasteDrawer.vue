<script setup lang="ts">
import { ref } from 'vue'
import { type Formula, type Larder, type PastedLine } from '@/api/client'
import { ask } from '@/answers/queries'
import SideSheet from '@/look/SideSheet.vue'
import ChoiceField from '@/look/ChoiceField.vue'
import { takePasted } from '@/document/document'

/** A plain list of ingredients, read line by line; each is looked over before it goes into the component. */
const props = defineProps<{ formula: Formula; component: number; larder: Larder }>()
const emit = defineEmits<{ take: [formula: Formula] }>()
const open = defineModel<boolean>('open', { required: true })

const text = ref('')
const lines = ref<(PastedLine & { taken: boolean })[]>()
const failed = ref('')
const EXAMPLE = '2 tbsp powdered gelatin\n500 g whipping cream, cold\n4 egg yolks\n100 g caster sugar'
const ingredients = props.larder.ingredients.map((i) => ({ value: i.id, label: i.name, group: i.group }))
const WORDS: Record<PastedLine['kind'], string> = {
  UNDERSTOOD: '',
  AMOUNT_UNCLEAR: 'how much?',
  NOT_UNDERSTOOD: 'what is it?',
  HEADING: 'a title',
}

async function read() {
  failed.value = ''
  try {
    const answer = await ask('readPasted', text.value, props.formula.measures ?? '')
    lines.value = answer.map((line) => ({
      ...line,
      taken: line.kind !== 'HEADING' && line.id !== '' && line.sure,
    }))
  } catch (e) {
    failed.value = e instanceof Error ? e.message : String(e)
  }
}

function name(line: PastedLine & { taken: boolean }, id: string) {
  line.id = id
  line.name = props.larder.ingredients.find((i) => i.id === id)?.name ?? id
  line.gel = false
  line.sure = true
  line.taken = true
}

function take() {
  const taken = (lines.value ?? []).filter((line) => line.taken && line.id)
  emit('take', takePasted(props.formula, props.component, taken))
  open.value = false
}
</script>

<template>
  <SideSheet v-model:open="open" title="Paste a list of ingredients" :width="760">
    <template v-if="!lines">
      <p class="quiet">One ingredient a line, as it is in a notebook or a message. Nothing is stored yet.</p>
      <a-textarea
        v-model:value="text"
        aria-label="The list"
        :placeholder="EXAMPLE"
        :auto-size="{ minRows: 10, maxRows: 22 }"
      />
      <p v-if="failed" class="broken-rule" role="alert">{{ failed }}</p>
      <a-button type="primary" :disabled="!text.trim()" @click="read">Read it</a-button>
    </template>
    <template v-else>
      <p class="quiet">Look it over; what stays unticked is left out, its text stays here.</p>
      <ul>
        <li v-for="(line, i) in lines" :key="i" :class="line.kind.toLowerCase()">
          <a-checkbox v-model:checked="line.taken" :disabled="!line.id" :aria-label="`Take ${line.text}`" />
          <span class="text">
            {{ line.text }}
            <small v-if="line.id && !line.sure" class="asks">is it {{ line.name }}? tick it</small>
          </span>
          <span v-if="line.kind === 'HEADING'" class="quiet">{{ WORDS.HEADING }}</span>
          <ChoiceField
            v-else-if="!line.gel"
            hidden-label
            :label="`Ingredient of ${line.text}`"
            :model-value="line.id"
            :options="ingredients"
            :placeholder="line.id ? undefined : WORDS.NOT_UNDERSTOOD"
            @update:model-value="name(line, $event)"
          />
          <span v-else>{{ line.name }}</span>
          <span v-if="line.kind !== 'HEADING'" class="amount">
            <a-input v-model:value="line.amount" :aria-label="`Amount of ${line.text}`" />
            <small v-if="line.kind === 'UNDERSTOOD'">{{ Number(line.grams.toFixed(1)) }} g</small>
            <small v-else-if="line.problems.length" class="asks">{{ line.problems[0]?.rule }}</small>
            <small v-else class="asks">{{ WORDS[line.kind] }}</small>
          </span>
        </li>
      </ul>
      <div class="doors">
        <a-button type="primary" :disabled="!lines.some((l) => l.taken)" @click="take">
          Put {{ lines.filter((l) => l.taken).length }} into the component
        </a-button>
        <a-button @click="lines = undefined">Back to the text</a-button>
      </div>
    </template>
  </SideSheet>
</template>

<style scoped>
ul {
  margin: 8px 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 22px minmax(0, 1.2fr) minmax(0, 1fr) 170px;
  gap: 10px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 1px solid var(--hairline);
}

li.not_understood .text {
  color: var(--unsafe);
}

.quiet {
  color: var(--quiet);
}

.amount {
  display: grid;
  grid-template-columns: 90px 1fr;
  gap: 6px;
  align-items: center;
}

.asks {
  color: var(--unsafe);
}

.doors {
  display: flex;
  gap: 8px;
}
</style>
