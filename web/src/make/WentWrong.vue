<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Look, Remedy, RescueAnswer } from '@/api/client'
import { SYMPTOMS } from './drawings'
import SmallDrawing from './SmallDrawing.vue'
import SuspectList from './SuspectList.vue'

/** Something is wrong: what is seen, what it likely comes from, what would tell, and what to do now. */
const props = defineProps<{
  answer?: RescueAnswer
  /** While it is computed anew. */
  busy: boolean
  /** Whether a remedy can be taken here. */
  takes: boolean
}>()
const emit = defineEmits<{
  seen: [symptom: string]
  looked: [look: Look, found: boolean]
  measured: [look: Look, value: string]
  took: [remedy: Remedy]
}>()

const choosing = ref(false)
const symptom = computed(() => props.answer?.symptoms.find((s) => s.id === props.answer?.symptom))
watch(
  () => props.answer?.symptom,
  () => (choosing.value = false),
)
const next = computed(() => [
  ...new Set(
    props.answer?.groups.slice(0, 2).flatMap((g) => g.suspects.slice(0, 2).map((s) => s.next)) ?? [],
  ),
])
const figures = ref<Record<string, string>>({})
</script>

<template>
  <section v-if="answer && (!symptom || choosing)" class="seen" aria-label="What is wrong">
    <h1>What do you see?</h1>
    <ul>
      <li v-for="s in answer.symptoms" :key="s.id">
        <button type="button" @click="((choosing = false), emit('seen', s.id))">
          <SmallDrawing :marks="SYMPTOMS[s.id] ?? []" />
          {{ s.name }}
        </button>
      </li>
    </ul>
  </section>
  <div v-else-if="answer && symptom" class="rescue" :class="{ busy }">
    <header>
      <SmallDrawing :marks="SYMPTOMS[symptom.id] ?? []" />
      <h1>{{ symptom.name }}</h1>
      <button type="button" class="other" @click="choosing = true">Something else</button>
    </header>
    <div class="why">
      <section v-if="answer.telling.length" aria-label="What would tell">
        <h2 class="section-title">Look at this first <small>it tells most</small></h2>
        <div v-for="look in answer.telling" :key="look.id" class="look">
          <p>{{ look.words }}</p>
          <form
            v-if="look.measures && takes"
            @submit.prevent="emit('measured', look, figures[look.id] ?? '')"
          >
            <input v-model="figures[look.id]" :aria-label="look.words" placeholder="such as 6 °C" />
            <button type="submit" :disabled="!figures[look.id]?.trim()">Enter</button>
          </form>
          <template v-else>
            <button type="button" @click="emit('looked', look, true)">Yes</button>
            <button type="button" @click="emit('looked', look, false)">No</button>
          </template>
        </div>
      </section>
      <SuspectList :answer="answer" @looked="(look, found) => emit('looked', look, found)" />
    </div>
    <div class="what">
      <section aria-label="What to do now">
        <h2 class="section-title">What to do now</h2>
        <article v-for="r in answer.remedies" :key="r.id + r.label" class="remedy">
          <p>{{ r.label }}</p>
          <p v-if="r.effects.length" class="effect">→ {{ r.effects.join(', ') }}</p>
          <p v-for="l in r.lost" :key="l" class="lost">{{ l }}</p>
          <p class="tried">
            {{
              r.tried
                ? 'Computed through with its likeliest cause: it clears it.'
                : 'Kitchen practice: no model computes it.'
            }}
          </p>
          <button v-if="takes" type="button" @click="emit('took', r)">Do this</button>
        </article>
        <p v-if="!answer.remedies.length && answer.groups.length" class="none">
          Nothing that was tried mends it under its likeliest cause.
        </p>
        <p v-if="answer.becomes" class="becomes">{{ answer.becomes }}</p>
      </section>
      <section v-if="next.length" aria-label="Next time">
        <h2 class="section-title">Next time</h2>
        <ul>
          <li v-for="n in next" :key="n">{{ n }}</li>
        </ul>
      </section>
    </div>
  </div>
</template>

<style scoped src="./wrong.css"></style>
