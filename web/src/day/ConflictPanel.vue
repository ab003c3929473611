<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type WrittenPlan } from '@/api/client'

/** Why not everything can be ready in time, and what would help: each way was tried. */
const props = defineProps<{ plan: WrittenPlan; now?: number }>()
const emit = defineEmits<{ take: [plan: WrittenPlan] }>()

const { data: found, isFetching } = useQuery({
  queryKey: computed(() => ['plan-conflict', JSON.stringify({ ...props.plan, name: '' }), props.now]),
  queryFn: ({ signal }) =>
    api.explainPlan({ document: props.plan, aim: 'BEST', seconds: 0, now: props.now }, signal),
  staleTime: Infinity,
  retry: 0,
})
</script>

<template>
  <section class="conflict" aria-label="Why it does not fit">
    <p v-if="isFetching && !found" class="quiet" role="status">
      Looking for what collides and what would help…
    </p>
    <template v-else-if="found && !found.fits">
      <h2>These cannot all be had</h2>
      <ul v-if="found.wishes.length" class="wishes">
        <li v-for="w in found.wishes" :key="w.words">{{ w.words }}</li>
      </ul>
      <p v-else class="quiet">Too much hangs together to say which.</p>
      <h2>What would help <small>each was tried: with it everything is ready in time</small></h2>
      <ul v-if="found.ways.length" class="ways">
        <li v-for="way in found.ways" :key="way.words">
          <a-button @click="emit('take', way.plan)">{{ way.words }}</a-button>
        </li>
      </ul>
      <p v-else class="quiet">No single change does it; make fewer, or serve it on another day.</p>
    </template>
    <p v-else-if="found?.fits" class="quiet">
      Everything can be ready in time; the present plan was only not good enough yet.
    </p>
  </section>
</template>

<style scoped>
.conflict {
  padding: 12px 16px;
  border: 1px solid var(--hairline);
  border-left: 5px solid var(--unsafe);
  background: var(--panel);
}

h2 {
  margin: 4px 0;
  font-weight: 700;
  font-size: 16px;
}

h2 small {
  color: var(--quiet);
  font-size: 13px;
  font-weight: 400;
}

.wishes li {
  padding: 2px 0 2px 14px;
  text-indent: -14px;
}

.wishes li::before {
  content: '× ';
  color: var(--unsafe);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.quiet {
  color: var(--quiet);
}
</style>
