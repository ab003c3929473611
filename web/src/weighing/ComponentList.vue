<script setup lang="ts">
import { ArrowDownOutlined, ArrowUpOutlined, CloseOutlined } from '@ant-design/icons-vue'
import { computed, ref } from 'vue'
import type { Assessment, Formula, Problem } from '@/api/client'
import TintPatterns from '@/cut/TintPatterns.vue'
import { moveComponent, removeComponent } from '@/document/document'
import { useSheet } from '@/document/sheet'

/** The components as they lie in the mould, top first; parts made for others below the line. */
const props = defineProps<{ formula: Formula; assessment?: Assessment; problems?: Problem[] }>()
const chosen = defineModel<number>('chosen', { required: true })
const { change } = useSheet()

const rows = computed(() =>
  props.formula.components
    .map((component, index) => ({
      component,
      index,
      layer: props.assessment?.section.layers.find((l) => l.component === index),
      grams: props.assessment?.components[index]?.amounts.totalG,
      wrong: props.problems?.some((p) => p.path.startsWith(`/components/${index}/`)),
    }))
    .reverse(),
)
const stacked = computed(() => rows.value.filter((r) => r.component.role !== 'part'))
const parts = computed(() => rows.value.filter((r) => r.component.role === 'part'))

function move(index: number, by: number) {
  const to = index + by
  const moved = moveComponent(props.formula, index, to)
  if (moved === props.formula) return
  change(moved, '')
  chosen.value = to
}

function remove(index: number) {
  change(removeComponent(props.formula, index), '')
  chosen.value = Math.max(0, Math.min(index, props.formula.components.length - 2))
}

function key(event: KeyboardEvent, index: number) {
  if (!event.altKey || !['ArrowUp', 'ArrowDown'].includes(event.key)) return
  event.preventDefault()
  move(index, event.key === 'ArrowUp' ? 1 : -1)
}

const dragged = ref<number>()
function drop(onto: number) {
  if (dragged.value !== undefined && dragged.value !== onto) {
    change(moveComponent(props.formula, dragged.value, onto), '')
    chosen.value = onto
  }
  dragged.value = undefined
}
</script>

<template>
  <ol class="components" aria-label="Components, top first">
    <template v-for="(group, g) in [stacked, parts]" :key="g">
      <li v-if="g === 1 && parts.length" class="divider">made for the others</li>
      <li
        v-for="row in group"
        :key="row.index"
        :class="{ chosen: row.index === chosen }"
        draggable="true"
        @dragstart="dragged = row.index"
        @dragover.prevent
        @drop.prevent="drop(row.index)"
      >
        <button
          type="button"
          class="name"
          :aria-current="row.index === chosen ? 'true' : undefined"
          title="Alt with arrow keys moves it; it can be dragged"
          @click="chosen = row.index"
          @keydown="key($event, row.index)"
        >
          <svg width="18" height="18" aria-hidden="true">
            <TintPatterns />
            <rect
              x="0.5"
              y="0.5"
              width="17"
              height="17"
              :fill="row.layer ? `url(#tint-${row.layer.tint})` : 'var(--white)'"
              stroke="var(--ink)"
            />
          </svg>
          <span>{{ row.component.name || 'Unnamed' }}</span>
          <small v-if="row.wrong" class="wrong">not understood</small>
          <small v-else-if="row.grams !== undefined">{{ Math.round(row.grams) }} g</small>
        </button>
        <span v-if="row.index === chosen && formula.components.length > 1" class="tools">
          <button type="button" :aria-label="`Move ${row.component.name} up`" @click="move(row.index, 1)">
            <ArrowUpOutlined aria-hidden="true" />
          </button>
          <button type="button" :aria-label="`Move ${row.component.name} down`" @click="move(row.index, -1)">
            <ArrowDownOutlined aria-hidden="true" />
          </button>
          <button type="button" :aria-label="`Take ${row.component.name} out`" @click="remove(row.index)">
            <CloseOutlined aria-hidden="true" />
          </button>
        </span>
      </li>
    </template>
  </ol>
</template>

<style scoped>
.components {
  margin: 0;
  padding: 0;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  list-style: none;
}

li {
  display: flex;
  align-items: center;
}

li + li {
  border-top: 1px solid var(--hairline);
}

li.chosen {
  background: var(--wash);
}

.divider {
  padding: 1px 8px;
  color: var(--quiet);
  font-size: 12px;
}

.name {
  display: flex;
  flex: 1;
  gap: 8px;
  align-items: center;
  min-width: 0;
  min-height: 30px;
  padding: 2px 8px;
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.chosen .name {
  font-weight: 700;
}

.name span {
  flex: 1;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.name small {
  color: var(--quiet);
  font-weight: 400;
  white-space: nowrap;
}

.name small.wrong {
  color: var(--unsafe);
  font-weight: 700;
}

.name svg {
  flex-shrink: 0;
}

.tools button {
  width: 26px;
  height: 28px;
  border: 0;
  background: none;
  color: var(--quiet);
  font-size: 12px;
  cursor: pointer;
}

.tools button:hover {
  color: var(--ink);
}
</style>
