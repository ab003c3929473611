<script setup lang="ts">
import { CloseOutlined, DownOutlined, UpOutlined } from '@ant-design/icons-vue'
import { computed, ref } from 'vue'
import type { Amounts } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import { textAt, whipIn } from '@/document/document'
import ChoiceField from '@/look/ChoiceField.vue'
import RowProblems from '@/verdicts/RowProblems.vue'
import { useSheet } from '@/document/sheet'
import SheetChoice from './SheetChoice.vue'
import SheetText from './SheetText.vue'

/** One ingredient: its amount as typed, what that was understood as, and how it is treated. */
const props = defineProps<{
  component: number
  index: number
  /** As the larder or this dessert calls it. */
  name?: string
  understood?: Amounts['lines'][number]
  /** How it may join its component. */
  shares: { value: string; label: string }[]
  /** The bowls in which something of this component is whipped. */
  bowls?: { value: string; label: string }[]
  step: number
}>()
const emit = defineEmits<{ remove: [] }>()

const sheet = useSheet()
const open = ref(false)
const at = computed(() => `/components/${props.component}/lines/${props.index}`)
const id = computed(
  () => textAt(sheet.formula(), `${at.value}/of`) || textAt(sheet.formula(), `${at.value}/component`),
)
const called = computed(() => props.name ?? `${id.value} (unknown)`)
const made = computed(() => textAt(sheet.formula(), `${at.value}/component`) !== '')
const treatment = computed(() => textAt(sheet.formula(), `${at.value}/treatment`))
const share = computed(() => textAt(sheet.formula(), `${at.value}/share`))
const TAGS: Record<string, string> = { cold: 'cold', whipped: 'whipped', infused: 'steeped', soak: 'soak' }
const problems = computed(() =>
  sheet
    .problems()
    .filter((p) =>
      ['amount', 'of', 'component', 'treatment', 'foam', 'share'].some(
        (field) => p.path === `${at.value}/${field}`,
      ),
    ),
)
const grams = (g: number) => (g < 10 ? g.toFixed(2) : g < 100 ? g.toFixed(1) : g.toFixed(0))

const choices = useChoices()
</script>

<template>
  <li>
    <span class="name">
      {{ called }}
      <span v-if="TAGS[share]" class="tag" :class="share">{{ TAGS[share] }}</span>
      <span v-if="treatment" class="tag">{{ treatment }}</span>
      <small v-if="understood && (understood.how || made)" class="how" :title="understood.how"
        >= {{ grams(understood.grams) }} g</small
      >
    </span>
    <SheetText :path="`${at}/amount`" :label="`Amount of ${called}`" :step="step" hidden-label narrow />
    <span class="tools">
      <button
        type="button"
        :aria-label="`Treatment of ${called}`"
        :aria-expanded="open"
        title="How it joins, raw or cooked"
        @click="open = !open"
      >
        <component :is="open ? UpOutlined : DownOutlined" aria-hidden="true" />
      </button>
      <button type="button" class="remove" :aria-label="`Remove ${called}`" @click="emit('remove')">
        <CloseOutlined aria-hidden="true" />
      </button>
    </span>
    <div v-if="open" class="whole more">
      <SheetChoice :path="`${at}/share`" :label="`How ${called} joins`" hidden-label :options="shares" />
      <ChoiceField
        v-if="share === 'whipped'"
        :label="`${called} is whipped in`"
        hidden-label
        :options="[...(bowls ?? []), { value: '', label: 'a bowl of its own' }]"
        :model-value="textAt(sheet.formula(), `${at}/foam`)"
        @update:model-value="sheet.change(whipIn(sheet.formula(), component, index, $event), '')"
      />
      <SheetChoice
        v-if="!made"
        :path="`${at}/treatment`"
        :label="`${called} is`"
        hidden-label
        :options="choices('treatment')"
      />
    </div>
    <p v-if="open && understood?.how" class="whole understood">
      = {{ grams(understood.grams) }} g: {{ understood.how }}
    </p>
    <RowProblems class="whole" :problems="problems" />
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 118px 54px;
  gap: 6px;
  align-items: start;
  padding: 2px 0;
}

.whole {
  grid-column: 1 / -1;
}

.name {
  padding-top: 6px;
  line-height: 1.25;
}

.how {
  color: var(--quiet);
  font-size: 13px;
  white-space: nowrap;
}

.tag {
  padding: 0 5px;
  border: 1px solid var(--edge);
  border-radius: 3px;
  color: var(--quiet);
  font-size: 12px;
}

.tag.cold {
  border-color: var(--cold);
  color: var(--cold-ink);
}

.tools {
  display: flex;
}

.tools button {
  width: 27px;
  height: 34px;
  border: 0;
  border-radius: 3px;
  background: none;
  color: var(--quiet);
  font-size: 12px;
  cursor: pointer;
}

.tools button:hover {
  background: var(--wash);
  color: var(--ink);
}

.tools .remove:hover {
  color: var(--unsafe);
}

.tag.whipped {
  border-color: var(--warm);
  color: var(--warm-ink);
}

.more {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  align-items: center;
  padding-left: 10px;
  border-left: 3px solid var(--hairline);
}

.understood {
  padding-left: 10px;
  border-left: 3px solid var(--hairline);
  color: var(--quiet);
  font-size: 13px;
}
</style>
