<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, type LogLine, type LogWish } from '@/api/client'
import { useChoices } from '@/answers/useChoices'
import { day } from './words'

/** The history of one dessert: what was predicted and what was found, batch after batch. */
const props = defineProps<{ formulaId: string; name: string }>()
const { data } = useQuery({
  queryKey: computed(() => ['strip', props.formulaId]),
  queryFn: () => api.searchLog({ formula: props.formulaId, size: 60 } as unknown as LogWish),
})
const choices = useChoices()
const router = useRouter()
const plot = ref<HTMLElement | null>(null)
const { width } = useElementSize(plot)
const HEIGHT = 120
const batches = computed(() => [...(data.value?.lines ?? [])].reverse())
const what = ref<'height' | 'firmness'>('height')
const found = (b: LogLine) => (what.value === 'height' ? b.standingMm : b.firmness)
const told = (b: LogLine) => (what.value === 'height' ? b.predicted.standingMm : b.predicted.firmness)
const unit = computed(() => (what.value === 'height' ? ' mm' : ''))
const values = computed(() => batches.value.flatMap((b) => [found(b) ?? [], told(b) ?? []].flat()))
const low = computed(() => Math.min(...values.value) - 3)
const high = computed(() => Math.max(...values.value) + 3)
const x = (i: number) => 46 + ((i + 0.5) * (width.value - 60)) / Math.max(1, batches.value.length)
const y = (mm: number) => HEIGHT - 22 - ((mm - low.value) / (high.value - low.value)) * (HEIGHT - 40)
const word = (o: string) => choices('outcome').find((c) => c.value === o)?.label ?? o
const spoken = computed(
  () =>
    `${batches.value.length} batches of ${props.name}: ` +
    batches.value
      .map(
        (b) =>
          `${day(b.madeOn)} ${word(b.outcome)}${b.standingMm === undefined ? '' : `, ${b.standingMm.toFixed(0)} mm`}`,
      )
      .join('; '),
)
</script>

<template>
  <section v-if="batches.length > 1" aria-label="Its history">
    <h2 class="section-title">
      {{ name }}
      <RouterLink :to="{ name: 'trials', params: { id: formulaId } }">Its trials as a tree</RouterLink>
      <button type="button" class="link-like" @click="what = what === 'height' ? 'firmness' : 'height'">
        {{ what === 'height' ? 'Firmness instead' : 'Height instead' }}
      </button>
      <small
        ><i class="found"></i> {{ what }} found <i class="told"></i> {{ what }} predicted,
        {{ what === 'height' ? 'mm' : '0 to 100' }}</small
      >
    </h2>
    <div ref="plot" class="plot">
      <svg v-if="width && values.length" :width="width" :height="HEIGHT" role="img" :aria-label="spoken">
        <template v-for="mm in [Math.ceil(low), Math.floor(high)]" :key="mm">
          <line :x1="40" :x2="width" :y1="y(mm)" :y2="y(mm)" class="rule" />
          <text x="0" :y="y(mm) + 4">{{ mm }}{{ unit }}</text>
        </template>
        <g
          v-for="(b, i) in batches"
          :key="b.id"
          class="batch"
          @click="router.push({ name: 'batch', params: { id: b.id } })"
        >
          <title>{{ day(b.madeOn) }}: {{ word(b.outcome) }}</title>
          <line
            v-if="found(b) !== undefined && told(b) !== undefined"
            :x1="x(i)"
            :x2="x(i)"
            :y1="y(found(b) ?? 0)"
            :y2="y(told(b) ?? 0)"
            class="gap"
          />
          <line
            v-if="told(b) !== undefined"
            :x1="x(i) - 9"
            :x2="x(i) + 9"
            :y1="y(told(b) ?? 0)"
            :y2="y(told(b) ?? 0)"
            class="predicted"
          />
          <circle
            v-if="found(b) !== undefined"
            :cx="x(i)"
            :cy="y(found(b) ?? 0)"
            r="6"
            :class="b.outcome.toLowerCase()"
          />
          <text :x="x(i)" :y="HEIGHT - 4" text-anchor="middle">
            {{ day(b.madeOn).replace(/^\w+,? /, '') }}
          </text>
        </g>
      </svg>
    </div>
  </section>
</template>

<style scoped>
.plot {
  padding: 6px 10px;
  background: var(--panel);
}

text {
  fill: var(--quiet);
  font-size: 12px;
}

.rule {
  stroke: var(--hairline);
}

.gap {
  stroke: var(--edge-strong);
}

.predicted {
  stroke: var(--act);
  stroke-width: 3;
}

circle {
  fill: var(--unsafe);
}

circle.clean {
  fill: var(--good);
}

circle.small_divots {
  fill: var(--straw);
}

.batch {
  cursor: pointer;
}

.section-title a,
.section-title button {
  color: var(--ink);
  font-weight: 400;
}

small i {
  display: inline-block;
  width: 10px;
  height: 10px;
  margin-left: 10px;
  border-radius: 5px;
  background: var(--good);
}

small i.told {
  height: 3px;
  border-radius: 0;
  background: var(--act);
}
</style>
