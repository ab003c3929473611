<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useQueryClient } from '@tanstack/vue-query'
import { useRouter } from 'vue-router'
import { useSend } from '@/answers/queries'
import { ApiProblem, type LadderView } from '@/api/client'

/** Which cup was which, what each taster said, the curve through it, and the best value with its interval. */
const props = defineProps<{ ladder: LadderView }>()
const take = useSend('takeLadder')
const client = useQueryClient()
const router = useRouter()
const fit = computed(() => props.ladder.fit)
const cups = computed(() => props.ladder.layout.cups)
const plot = ref<HTMLElement | null>(null)
const { width } = useElementSize(plot)
const HEIGHT = 280
const from = computed(() => cups.value[0]?.x ?? 0)
const to = computed(() => cups.value.at(-1)?.x ?? 1)
const scoreOf = (of: unknown, code: string) => (of as Record<string, number>)[code]
const x = (v: number) => 40 + ((v - from.value) / (to.value - from.value)) * (width.value - 80)
const y = (score: number) => HEIGHT - 40 - ((score - 0.7) / 4.6) * (HEIGHT - 60)
const inside = (v: number) => Math.max(from.value - 0.04, Math.min(to.value + 0.04, v))
const points = computed(() =>
  Object.entries(props.ladder.scores).flatMap(([taster, of], t) =>
    cups.value.flatMap((c) => {
      const score = scoreOf(of, c.code)
      return score ? [{ taster, x: c.x, score, aside: ((t % 5) - 2) * 5 }] : []
    }),
  ),
)
const curve = computed(() =>
  (fit.value?.curve ?? []).map(([cx = 0, score = 0], i) => `${i ? 'L' : 'M'}${x(cx)},${y(score)}`).join(''),
)
/** Where the best lies, in words: beyond the cups it is not known how far. */
const range = computed(() => {
  const f = fit.value
  const [lowest, highest] = [cups.value[0]?.text, cups.value.at(-1)?.text]
  const isBelow = (f?.lowX ?? 0) < from.value
  const isAbove = (f?.highX ?? 0) > to.value
  if (isBelow && isAbove) return 'it may lie beyond either end of the ladder'
  if (isBelow) return `it lies below ${f?.high} with 90 %, and may lie below the lowest cup, ${lowest}`
  if (isAbove) return `it lies above ${f?.low} with 90 %, and may lie above the highest cup, ${highest}`
  return `it lies between ${f?.low} and ${f?.high} with 90 %`
})
const words = computed(() => {
  const f = fit.value
  switch (f?.finding) {
    case 'FOUND':
      return `Best at ${f.best}; ${range.value}.`
    case 'ABOVE':
      return 'The best lies above the highest cup: the ladder was too narrow. Lay out another one higher up.'
    case 'BELOW':
      return 'The best lies below the lowest cup: the ladder was too narrow. Lay out another one lower down.'
    case 'FLAT':
      return 'No cup can be told from another, or the tasters do not agree: there is no best value in this.'
    default:
      return 'Too few have tasted to say anything: at least three cups, and more scores than tasters.'
  }
})
const wrong = ref('')
async function taken() {
  try {
    const { formulaId } = await take(props.ladder.id)
    await client.invalidateQueries()
    await router.push({ name: 'bench', params: { id: formulaId } })
  } catch (failed) {
    wrong.value =
      failed instanceof ApiProblem && failed.response.problems[0]
        ? `The ladder ${failed.response.problems[0].rule}.`
        : 'Deft Chill does not answer: nothing was changed.'
  }
}
</script>

<template>
  <section v-if="fit" class="told" aria-label="What they tell">
    <p class="words">{{ words }}</p>
    <p v-if="fit.finding === 'FOUND'" class="act">
      <button v-if="fit.changes.length" type="button" class="go" @click="taken">
        Take {{ fit.changes[0]?.value }} into the formula
      </button>
      <span
        >Now {{ ladder.layout.written || 'not written' }}. {{ fit.moreToHalve }} scores more would about halve
        the interval.</span
      >
      <span v-if="wrong" role="alert">{{ wrong }}</span>
    </p>
    <div ref="plot" class="plot">
      <svg v-if="width" :width="width" :height="HEIGHT" role="img" :aria-label="words">
        <rect
          v-if="fit.lowX !== undefined && fit.highX !== undefined && fit.finding === 'FOUND'"
          :x="x(inside(fit.lowX))"
          :width="Math.max(2, x(inside(fit.highX)) - x(inside(fit.lowX)))"
          y="10"
          :height="HEIGHT - 50"
          class="interval"
        />
        <template v-for="n in 5" :key="n">
          <line x1="34" :x2="width - 20" :y1="y(n)" :y2="y(n)" class="rule" />
          <text x="14" :y="y(n) + 4">{{ n }}</text>
        </template>
        <template v-for="c in cups" :key="c.code">
          <text :x="x(c.x)" :y="HEIGHT - 20" text-anchor="middle" class="value">{{ c.text }}</text>
          <text :x="x(c.x)" :y="HEIGHT - 4" text-anchor="middle">{{ c.code }}</text>
        </template>
        <path v-if="curve" :d="curve" class="curve" />
        <line
          v-if="fit.bestX !== undefined && fit.finding === 'FOUND'"
          :x1="x(fit.bestX)"
          :x2="x(fit.bestX)"
          y1="10"
          :y2="HEIGHT - 40"
          class="best"
        />
        <circle v-for="(p, i) in points" :key="i" :cx="x(p.x) + p.aside" :cy="y(p.score)" r="5">
          <title>{{ p.taster }}: {{ p.score }}</title>
        </circle>
      </svg>
    </div>
    <table>
      <thead>
        <tr>
          <td></td>
          <th v-for="c in cups" :key="c.code" scope="col">
            {{ c.text }} <small>{{ c.code }}</small>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(of, taster) in ladder.scores" :key="taster">
          <th scope="row">{{ taster }}</th>
          <td v-for="c in cups" :key="c.code">{{ scoreOf(of, c.code) ?? '–' }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.told {
  display: grid;
  gap: 12px;
  padding: 14px 16px;
  background: var(--panel);
}

.words {
  font-size: 19px;
  font-weight: 700;
}

.act {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 18px;
  align-items: center;
}

.go {
  min-height: 44px;
  padding: 0 20px;
  border: 0;
  border-radius: 4px;
  background: var(--act);
  color: var(--white);
  font-size: 16px;
  font-weight: 700;
  cursor: pointer;
}

.interval {
  fill: var(--good-wash);
}

.rule {
  stroke: var(--hairline);
}

.curve {
  fill: none;
  stroke: var(--set-6);
  stroke-width: 3;
}

.best {
  stroke: var(--act);
  stroke-width: 2;
}

circle {
  fill: var(--cold);
  fill-opacity: 0.75;
}

text {
  fill: var(--quiet);
  font-size: 12px;
}

text.value {
  fill: var(--ink);
  font-weight: 700;
}

th,
td {
  padding: 5px 16px 5px 0;
  text-align: left;
}

small {
  color: var(--quiet);
  font-weight: 400;
}

[role='alert'] {
  color: var(--unsafe);
  font-weight: 700;
}
</style>
