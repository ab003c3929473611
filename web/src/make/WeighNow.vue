<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useLocalStorage } from '@vueuse/core'
import { useSend } from '@/answers/queries'
import type { Instrument, MakingAsk } from '@/api/client'
import { weighed, written } from './useInstruments'

/** The line that is weighed now, as the scale has it; taken, the scale begins at zero for the next. */
const props = defineProps<{ ask: MakingAsk; scale: Instrument; within?: number }>()
const emit = defineEmits<{ measured: [address: string, value: string] }>()
const tell = useSend('tellInstrument')

const aim = computed(() => written(props.ask.written))
const off = computed(() => (props.scale.value ?? 0) - (aim.value ?? 0))
const right = computed(
  () => aim.value !== undefined && Math.abs(off.value) <= Math.max(props.within ?? 0, 0.1),
)
const byItself = useLocalStorage('deft-chill.takes-by-itself', false)
const taking = ref(false)
async function take() {
  if (taking.value || !props.scale.stable || props.scale.state !== 'ok') return
  taking.value = true
  emit('measured', props.ask.address, weighed(props.scale))
  try {
    await tell(props.scale.id, 'tare')
  } finally {
    taking.value = false
  }
}
watch(
  () => [props.scale.stable, right.value, props.scale.value] as const,
  ([stable, is, value]) => {
    if (byItself.value && stable && is && (value ?? 0) > 0.5) void take()
  },
)
</script>

<template>
  <div class="now" :class="{ right, over: aim !== undefined && off > 0 && !right }">
    <p>
      <small>On the {{ scale.simulated ? 'simulated scale' : 'scale' }}: {{ ask.name }}</small>
      <b :class="{ moving: !scale.stable }">{{ scale.state === 'ok' ? weighed(scale) : '–' }}</b>
      <span v-if="aim !== undefined">of {{ ask.written }}</span>
    </p>
    <p v-if="aim !== undefined" class="off">
      <template v-if="right">right</template>
      <template v-else-if="off < 0">{{ (-off).toFixed(1) }} g to go</template>
      <template v-else>{{ off.toFixed(1) }} g over</template>
    </p>
    <button type="button" :disabled="!scale.stable || scale.state !== 'ok'" @click="take">Take it</button>
    <label><input v-model="byItself" type="checkbox" /> take it by itself when it is right and at rest</label>
  </div>
</template>

<style scoped>
.now {
  position: sticky;
  z-index: 1;
  top: 0;
  display: grid;
  grid-template-columns: 1fr auto auto;
  gap: 4px 14px;
  align-items: center;
  padding: 8px 14px;
  border-left: 6px solid var(--edge);
  background: var(--ground-light);
}

.right {
  border-color: var(--good);
}

.over {
  border-color: var(--unsafe);
}

p {
  margin: 0;
}

small {
  display: block;
  color: var(--quiet);
  font-size: 15px;
}

b {
  font-size: 38px;
  font-variant-numeric: tabular-nums;
  line-height: 1.05;
}

.moving {
  color: var(--quiet);
}

p span,
.off {
  padding-left: 8px;
  font-size: 20px;
  font-variant-numeric: tabular-nums;
}

.off {
  font-weight: 700;
}

.right .off {
  color: var(--good);
}

.over .off {
  color: var(--unsafe);
}

button {
  min-width: 120px;
  min-height: 64px;
  border: 0;
  border-radius: 4px;
  background: var(--act);
  color: var(--white);
  font-size: 20px;
  font-weight: 700;
  cursor: pointer;
}

button:disabled {
  background: var(--edge-deep);
  cursor: default;
}

label {
  display: flex;
  grid-column: 1 / -1;
  gap: 8px;
  align-items: center;
  min-height: 56px;
  color: var(--quiet);
  font-size: 15px;
}

input {
  width: 22px;
  height: 22px;
}

@media (max-width: 700px) {
  .now {
    grid-template-columns: 1fr auto;
  }
}
</style>
