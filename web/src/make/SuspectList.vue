<script setup lang="ts">
import { computed } from 'vue'
import type { Look, RescueAnswer } from '@/api/client'

/** Likely causes, with what speaks for each and what against. */
const props = defineProps<{ answer: RescueAnswer }>()
const emit = defineEmits<{ looked: [look: Look, found: boolean] }>()
const percent = (value: number) => (value < 1 ? 'under 1' : value.toFixed(0))
const telling = computed(() => new Set(props.answer.telling.map((l) => l.id)))
</script>

<template>
  <section aria-label="Likely causes">
    <h2 class="section-title">Likely causes <small>from this batch’s own numbers</small></h2>
    <p v-if="!answer.groups.length" class="none">
      Nothing that is known to go wrong gives this in this batch as it was made. Measure something more, or
      look again whether it is what you see.
    </p>
    <ol>
      <li v-for="(g, i) in answer.groups" :key="i" class="group">
        <div class="share" :style="{ '--share': `${g.likelihood}%` }">
          <b>{{ percent(g.likelihood) }} %</b>
        </div>
        <p v-if="g.suspects.length > 1" class="same">
          One of these; nothing that is measured tells them apart, only a look:
        </p>
        <article v-for="s in g.suspects" :key="s.name">
          <h3>
            {{ s.name }} <small v-if="g.suspects.length > 1">{{ percent(s.likelihood) }} %</small>
          </h3>
          <p v-for="f in s.speaksFor" :key="f" class="for">{{ f }}</p>
          <p v-for="a in s.speaksAgainst" :key="a" class="against">{{ a }}</p>
          <div v-if="s.look && !telling.has(s.look.id) && !s.look.measures" class="ask">
            <span>{{ s.look.words }}</span>
            <button type="button" :aria-pressed="s.look.found === true" @click="emit('looked', s.look, true)">
              Yes
            </button>
            <button
              type="button"
              :aria-pressed="s.look.found === false"
              @click="emit('looked', s.look, false)"
            >
              No
            </button>
          </div>
        </article>
      </li>
    </ol>
    <p v-if="answer.out.length" class="out">
      <b>Ruled out</b> by what was measured: {{ answer.out.join('; ') }}.
    </p>
  </section>
</template>

<style scoped src="./wrong.css"></style>
