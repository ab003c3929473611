<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue'
import type { Assessment, Evidence, Fix, Formula, Larder } from '@/api/client'
import { takeFix } from '@/document/document'
import LogDrawer from '@/log/LogDrawer.vue'
import type { Drawer } from './drawers'

/** The sheets that open at the side of the Bench, at most one at a time. */
const props = defineProps<{
  formulaId: string
  formula: Formula
  chosen: number
  larder: Larder
  assessment?: Assessment
}>()
const emit = defineEmits<{
  open: [id: string]
  change: [formula: Formula, place: string]
  copy: [formula: Formula]
  evidence: [title: string, evidence: Evidence]
}>()
const drawer = defineModel<Drawer>('drawer', { required: true })

// What opens on demand is loaded on demand.
const RevisionsDrawer = defineAsyncComponent(() => import('@/revisions/RevisionsDrawer.vue'))
const SwapDrawer = defineAsyncComponent(() => import('@/alternatives/SwapDrawer.vue'))
const VariantsDrawer = defineAsyncComponent(() => import('@/alternatives/VariantsDrawer.vue'))
const PasteDrawer = defineAsyncComponent(() => import('@/weighing/PasteDrawer.vue'))
const MethodDrawer = defineAsyncComponent(() => import('@/method/MethodDrawer.vue'))
const ScaleDrawer = defineAsyncComponent(() => import('@/alternatives/ScaleDrawer.vue'))

const opened = (which: Drawer) =>
  computed({ get: () => drawer.value === which, set: (now) => (drawer.value = now ? which : '') })
const logOpen = opened('log')
const revisionsOpen = opened('revisions')
const swapOpen = opened('swap')
const scaleOpen = opened('scale')
const pasteOpen = opened('paste')
const methodOpen = opened('method')
const variantsOpen = opened('variants')

const whole = (formula: Formula) => emit('change', formula, '')
function take(fix: Fix) {
  const taken = takeFix(props.formula, fix)
  if (taken) whole(taken)
}
const evidence = (title: string, opened: Evidence) => emit('evidence', title, opened)
</script>

<template>
  <LogDrawer
    v-model:open="logOpen"
    :formula-id="formulaId"
    :formula="formula"
    :prediction="assessment?.prediction"
  />
  <RevisionsDrawer
    v-if="revisionsOpen"
    v-model:open="revisionsOpen"
    :formula-id="formulaId"
    :formula="formula"
    @back="whole"
  />
  <SwapDrawer
    v-if="swapOpen"
    v-model:open="swapOpen"
    :formula="formula"
    :component="chosen"
    @take="take"
    @evidence="evidence"
  />
  <PasteDrawer
    v-if="pasteOpen"
    v-model:open="pasteOpen"
    :formula="formula"
    :component="chosen"
    :larder="larder"
    @take="whole"
  />
  <VariantsDrawer
    v-if="variantsOpen"
    v-model:open="variantsOpen"
    :formula="formula"
    :larder="larder"
    @take="whole"
    @copy="emit('copy', $event)"
    @split="emit('change', $event, '/variants')"
  />
  <MethodDrawer
    v-if="methodOpen"
    v-model:open="methodOpen"
    :formula="formula"
    :steps="assessment?.method ?? []"
    @change="(changed, place) => emit('change', changed, place)"
  />
  <ScaleDrawer
    v-if="scaleOpen"
    v-model:open="scaleOpen"
    :formula="formula"
    :larder="larder"
    @take="whole"
    @evidence="evidence"
  />
</template>
