<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type Larder, type PlanAnswer, type Problem, type WrittenPlan } from '@/api/client'
import ChoiceField from '@/look/ChoiceField.vue'
import { useDesserts } from '@/document/useDesserts'
import SearchChoice from '@/look/SearchChoice.vue'
import TypedField from '@/look/TypedField.vue'
import { zones } from '@/kitchen/settings'
import PlanPeople from './PlanPeople.vue'
import { at, freeId, withDish, without } from './plan'

/** What is wished for: services, desserts, people, machines, coolers. Every change is planned at once. */
const props = defineProps<{
  plan: WrittenPlan
  answer?: PlanAnswer
  problems: Problem[]
  changed: string[]
  larder?: Larder
}>()
const emit = defineEmits<{ change: [plan: WrittenPlan] }>()

const { data: kitchen } = useQuery({ queryKey: ['kitchen'], queryFn: api.kitchen })
const zoneOptions = computed(() => {
  const all = zones(kitchen.value)
  const own = props.plan.zone ?? ''
  return own && !all.some((z) => z.value === own) ? [{ value: own, label: own }, ...all] : all
})
const desserts = useDesserts(() => props.plan.dishes.filter((d) => !d.document?.name).map((d) => d.formula))
const services = computed(() =>
  props.plan.services.map((s) => ({ value: s.id, label: `${s.name || 'Service'} ${s.at}` })),
)
const coolers = computed(() => (props.larder?.coolers ?? []).map((c) => ({ value: c.id, label: c.name })))
const moulds = computed(() =>
  (props.larder?.moulds ?? []).map((m) => ({ value: m.id, label: m.name, group: m.material })),
)
/** One that the plan needs, to begin with. */
const usedMould = computed(() => props.answer?.vessels[0]?.id ?? moulds.value[0]?.value ?? '')
const problem = (path: string) => props.problems.find((p) => p.path === path)
const change = (part: Partial<WrittenPlan>) => emit('change', { ...props.plan, ...part })
const kit = (part: Partial<NonNullable<WrittenPlan['kit']>>) =>
  change({ kit: { ...props.plan.kit, ...part } })
const nameOf = (id: string) =>
  props.plan.dishes.find((d) => d.id === id)?.document?.name ??
  desserts.nameOf(props.plan.dishes.find((d) => d.id === id)?.formula) ??
  'A dessert'
/** The formula as it is now, in place of the one that the plan has. */
const renew = (index: number) =>
  change({ dishes: at(props.plan.dishes, index, { document: undefined, version: 0 }) })
</script>

<template>
  <div class="setup" @keydown.enter="($event.target as HTMLElement).blur?.()">
    <section>
      <h3>Served</h3>
      <div v-for="(s, i) in plan.services" :key="s.id" class="row service">
        <TypedField
          label="Service"
          :model-value="s.name ?? ''"
          @update:model-value="change({ services: at(plan.services, i, { name: $event }) })"
        />
        <TypedField
          label="Date"
          :model-value="s.on"
          :problem="problem(`/services/${i}/on`)"
          @update:model-value="change({ services: at(plan.services, i, { on: $event }) })"
        />
        <TypedField
          label="At"
          :model-value="s.at"
          :problem="problem(`/services/${i}/at`)"
          @update:model-value="change({ services: at(plan.services, i, { at: $event }) })"
        />
        <TypedField
          label="Covers"
          :model-value="s.covers ?? ''"
          :step="1"
          placeholder="as written"
          @update:model-value="change({ services: at(plan.services, i, { covers: $event }) })"
        />
        <a-button
          v-if="plan.services.length > 1"
          type="text"
          :aria-label="`Leave out ${s.name}`"
          @click="change({ services: without(plan.services, i) })"
          >✕</a-button
        >
      </div>
      <a-button
        size="small"
        @click="
          change({
            services: [
              ...plan.services,
              {
                ...plan.services.at(-1),
                id: freeId('s', plan.services),
                name: 'Service',
                on: plan.services.at(-1)?.on ?? '',
                at: '12:30',
              },
            ],
          })
        "
        >Another service</a-button
      >
      <ChoiceField
        class="days"
        label="Time zone of this plan"
        :options="zoneOptions"
        :model-value="plan.zone ?? ''"
        :problem="problem('/zone')"
        @update:model-value="change({ zone: $event })"
      />
      <TypedField
        class="days"
        label="Days before on which work may begin"
        :model-value="plan.daysBefore ?? ''"
        :step="1"
        placeholder="1"
        :problem="problem('/daysBefore')"
        @update:model-value="change({ daysBefore: $event })"
      />
    </section>
    <section>
      <h3>Desserts</h3>
      <div v-for="(d, i) in plan.dishes" :key="d.id" class="row dish">
        <span class="dish-name">
          {{ nameOf(d.id) }}
          <a-button v-if="changed.includes(d.id)" size="small" @click="renew(i)"
            >its formula has changed: take it over</a-button
          >
        </span>
        <TypedField
          label="How many"
          :model-value="d.count ?? ''"
          :step="1"
          placeholder="as written"
          :problem="problem(`/dishes/${i}/count`)"
          @update:model-value="change({ dishes: at(plan.dishes, i, { count: $event }) })"
        />
        <ChoiceField
          label="For"
          :model-value="d.service"
          :options="services"
          :problem="problem(`/dishes/${i}/service`)"
          @update:model-value="change({ dishes: at(plan.dishes, i, { service: $event }) })"
        />
        <a-button
          type="text"
          :aria-label="`Leave out ${nameOf(d.id)}`"
          @click="change({ dishes: without(plan.dishes, i) })"
          >✕</a-button
        >
        <p v-if="problem(`/dishes/${i}`)" class="broken-rule">
          {{ problem(`/dishes/${i}`)?.field }} {{ problem(`/dishes/${i}`)?.rule }}
        </p>
      </div>
      <SearchChoice
        id="add-dish"
        label="Another dessert"
        :options="desserts.options.value"
        placeholder="another dessert from the Book"
        :wrong="false"
        @find="desserts.find"
        @update:model-value="emit('change', withDish(plan, $event))"
      />
      <ul v-if="answer?.proposals.length" class="proposals">
        <li v-for="p in answer.proposals.slice(0, 3)" :key="JSON.stringify(p.shared)">
          “{{ p.name }}” is the same in {{ p.with }} and {{ p.dish }}.
          <a-button size="small" @click="change({ shared: [...(plan.shared ?? []), p.shared] })"
            >Make it once</a-button
          >
        </li>
      </ul>
      <p v-for="(s, i) in plan.shared ?? []" :key="i" class="quiet">
        A part of {{ nameOf(s.dish) }} is made with that of {{ nameOf(s.with) }}.
        <a-button size="small" @click="change({ shared: without(plan.shared ?? [], i) })"
          >each by itself</a-button
        >
      </p>
    </section>
    <PlanPeople :plan="plan" :problems="problems" @change="emit('change', $event)" />
    <section>
      <h3>Machines and coolers</h3>
      <div class="row kit">
        <TypedField
          label="Burners"
          :model-value="plan.kit?.burners ?? ''"
          :step="1"
          :problem="problem('/kit/burners')"
          @update:model-value="kit({ burners: $event })"
        />
        <TypedField
          label="Mixers"
          :model-value="plan.kit?.mixers ?? ''"
          :step="1"
          :problem="problem('/kit/mixers')"
          @update:model-value="kit({ mixers: $event })"
        />
        <TypedField
          label="Ice baths"
          :model-value="plan.kit?.iceBaths ?? ''"
          :step="1"
          :problem="problem('/kit/iceBaths')"
          @update:model-value="kit({ iceBaths: $event })"
        />
        <TypedField
          label="Ovens"
          :model-value="plan.kit?.ovens ?? ''"
          :step="1"
          :problem="problem('/kit/ovens')"
          @update:model-value="kit({ ovens: $event })"
        />
        <TypedField
          label="Bowls"
          placeholder="enough"
          :model-value="plan.kit?.bowls ?? ''"
          :step="1"
          :problem="problem('/kit/bowls')"
          @update:model-value="kit({ bowls: $event })"
        />
      </div>
      <div v-for="(c, i) in plan.coolers ?? []" :key="i" class="row cooler">
        <ChoiceField
          label="Cooler"
          :model-value="c.of"
          :options="coolers"
          :problem="problem(`/coolers/${i}/of`)"
          @update:model-value="change({ coolers: at(plan.coolers ?? [], i, { of: $event }) })"
        />
        <TypedField
          label="Shelves free"
          :model-value="c.shelves ?? ''"
          :step="1"
          :problem="problem(`/coolers/${i}/shelves`)"
          @update:model-value="change({ coolers: at(plan.coolers ?? [], i, { shelves: $event }) })"
        />
        <a-button
          type="text"
          aria-label="Leave out this cooler"
          @click="change({ coolers: without(plan.coolers ?? [], i) })"
          >✕</a-button
        >
      </div>
      <a-button
        v-if="coolers[0]"
        size="small"
        @click="change({ coolers: [...(plan.coolers ?? []), { of: coolers[0]?.value ?? '', shelves: '4' }] })"
        >Another cooler</a-button
      >
      <div v-for="(m, i) in plan.moulds ?? []" :key="`mould-${i}`" class="row cooler">
        <ChoiceField
          label="Mould or glass"
          :model-value="m.of"
          :options="moulds"
          :problem="problem(`/moulds/${i}/of`)"
          @update:model-value="change({ moulds: at(plan.moulds ?? [], i, { of: $event }) })"
        />
        <TypedField
          label="Owned"
          :model-value="m.owned ?? ''"
          :step="1"
          :problem="problem(`/moulds/${i}/owned`)"
          @update:model-value="change({ moulds: at(plan.moulds ?? [], i, { owned: $event }) })"
        />
        <a-button
          type="text"
          aria-label="Leave out this mould"
          @click="change({ moulds: without(plan.moulds ?? [], i) })"
          >✕</a-button
        >
      </div>
      <a-button
        v-if="moulds[0]"
        size="small"
        @click="change({ moulds: [...(plan.moulds ?? []), { of: usedMould, owned: '24' }] })"
        >Only so many of a mould</a-button
      >
      <p class="quiet">
        A shelf is 53 by 65 cm. A cooler that is not named has room for everything; of a mould that is not
        named there are enough.
      </p>
    </section>
  </div>
</template>

<style scoped src="./setup.css"></style>
