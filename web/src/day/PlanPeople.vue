<script setup lang="ts">
import type { Problem, WrittenPlan } from '@/api/client'
import TypedField from '@/look/TypedField.vue'
import { at, freeId, without } from './plan'

/** Who works when: of a day with shifts of its own only those count. */
const props = defineProps<{ plan: WrittenPlan; problems: Problem[] }>()
const emit = defineEmits<{ change: [plan: WrittenPlan] }>()

const problem = (path: string) => props.problems.find((p) => p.path === path)
const change = (part: Partial<WrittenPlan>) => emit('change', { ...props.plan, ...part })
const shifts = (index: number, shift: number, part: { on?: string; from?: string; to?: string }) =>
  change({
    people: at(props.plan.people, index, { shifts: at(props.plan.people[index]?.shifts ?? [], shift, part) }),
  })
</script>

<template>
  <section>
    <h3>People</h3>
    <template v-for="(p, i) in plan.people" :key="p.id">
      <div v-for="(s, j) in p.shifts" :key="j" class="row person">
        <TypedField
          v-if="j === 0"
          label="Role"
          :model-value="p.role ?? ''"
          @update:model-value="change({ people: at(plan.people, i, { role: $event }) })"
        />
        <span v-else class="quiet">and</span>
        <TypedField
          label="Only on"
          :model-value="s.on ?? ''"
          placeholder="every day"
          :problem="problem(`/people/${i}/shifts/${j}/on`)"
          @update:model-value="shifts(i, j, { on: $event })"
        />
        <TypedField
          label="From"
          :model-value="s.from"
          :problem="problem(`/people/${i}/shifts/${j}/from`)"
          @update:model-value="shifts(i, j, { from: $event })"
        />
        <TypedField
          label="Until"
          :model-value="s.to"
          :problem="problem(`/people/${i}/shifts/${j}/to`)"
          @update:model-value="shifts(i, j, { to: $event })"
        />
        <span class="tools">
          <a-button
            size="small"
            type="text"
            :aria-label="`Another shift for ${p.role}`"
            title="Another shift, such as after a break"
            @click="
              change({
                people: at(plan.people, i, {
                  shifts: [...p.shifts, { on: '', from: '17:00', to: '21:00' }],
                }),
              })
            "
            >+</a-button
          >
          <a-button
            size="small"
            type="text"
            :aria-label="`Leave out this shift of ${p.role}`"
            @click="
              change({
                people:
                  p.shifts.length > 1
                    ? at(plan.people, i, { shifts: without(p.shifts, j) })
                    : without(plan.people, i),
              })
            "
            >✕</a-button
          >
        </span>
      </div>
    </template>
    <p v-if="problem('/people')" class="broken-rule">
      {{ problem('/people')?.field }} {{ problem('/people')?.rule }}
    </p>
    <a-button
      size="small"
      @click="
        change({
          people: [
            ...plan.people,
            {
              id: freeId('p', plan.people),
              role: 'Cook',
              shifts: [{ on: '', from: '09:00', to: '17:00' }],
            },
          ],
        })
      "
      >Somebody more</a-button
    >
  </section>
</template>

<style scoped src="./setup.css"></style>
