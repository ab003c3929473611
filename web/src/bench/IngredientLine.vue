<script setup lang="ts">
import { CloseOutlined, DownOutlined, UpOutlined } from '@ant-design/icons-vue'
import { computed, ref } from 'vue'
import type { Assessment, Ingredient } from '@/api/client'
import { setAt, textAt } from './document'
import RowProblems from './RowProblems.vue'
import { useSheet } from './sheet'
import SheetChoice from './SheetChoice.vue'
import SheetText from './SheetText.vue'

/** One ingredient: its amount as typed, what that was understood as, and how it is treated. */
const props = defineProps<{
  index: number
  ingredient?: Ingredient
  understood?: Assessment['amounts']['lines'][number]
  step: number
}>()
const emit = defineEmits<{ remove: [] }>()

const sheet = useSheet()
const open = ref(false)
const at = computed(() => `/components/0/lines/${props.index}`)
const id = computed(() => textAt(sheet.formula(), `${at.value}/ingredient`))
const name = computed(() => props.ingredient?.name ?? `${id.value} (unknown)`)
const treatment = computed(() => textAt(sheet.formula(), `${at.value}/treatment`))
const cold = computed(() => textAt(sheet.formula(), `${at.value}/share`) === 'cold')
const problems = computed(() =>
  sheet
    .problems()
    .filter((p) =>
      ['amount', 'ingredient', 'treatment', 'share'].some((field) => p.path === `${at.value}/${field}`),
    ),
)
const grams = (g: number) => (g < 10 ? g.toFixed(2) : g < 100 ? g.toFixed(1) : g.toFixed(0))

const TREATMENTS = [
  { value: '', label: 'as bought' },
  { value: 'raw', label: 'raw' },
  { value: 'heated', label: 'heated through' },
  { value: 'canned', label: 'canned' },
  { value: 'pasteurised', label: 'pasteurised' },
]
</script>

<template>
  <li>
    <span class="name">
      {{ name }}
      <span v-if="cold" class="tag cold">cold</span>
      <span v-if="treatment" class="tag">{{ treatment }}</span>
      <small v-if="understood?.how" class="how" :title="understood.how"
        >= {{ grams(understood.grams) }} g</small
      >
    </span>
    <SheetText :path="`${at}/amount`" :label="`Amount of ${name}`" :step="step" hidden-label narrow />
    <span class="tools">
      <button
        type="button"
        :aria-label="`Treatment of ${name}`"
        :aria-expanded="open"
        title="Hot or cold, raw or cooked"
        @click="open = !open"
      >
        <component :is="open ? UpOutlined : DownOutlined" aria-hidden="true" />
      </button>
      <button type="button" class="remove" :aria-label="`Remove ${name}`" @click="emit('remove')">
        <CloseOutlined aria-hidden="true" />
      </button>
    </span>
    <div v-if="open" class="whole more">
      <label>
        <a-switch
          size="small"
          :checked="cold"
          @update:checked="sheet.change(setAt(sheet.formula(), `${at}/share`, $event ? 'cold' : ''), '')"
        />
        joins cold
      </label>
      <SheetChoice :path="`${at}/treatment`" :label="`${name} is`" hidden-label :options="TREATMENTS" />
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
  border: 1px solid #9fb1b6;
  border-radius: 3px;
  color: var(--quiet);
  font-size: 12px;
}

.tag.cold {
  border-color: var(--cold);
  color: #215a7b;
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
  background: #dde6e8;
  color: var(--ink);
}

.tools .remove:hover {
  color: var(--unsafe);
}

.more {
  display: grid;
  grid-template-columns: 110px 1fr;
  gap: 10px;
  align-items: center;
  padding-left: 10px;
  border-left: 3px solid var(--hairline);
}

.more label {
  font-size: 14px;
}

.understood {
  padding-left: 10px;
  border-left: 3px solid var(--hairline);
  color: var(--quiet);
  font-size: 13px;
}
</style>
