<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useSend } from '@/answers/queries'
import { api, ApiProblem } from '@/api/client'
import { typed } from '@/log/words'
import { useDesserts } from '@/document/useDesserts'
import ChoiceField from '@/look/ChoiceField.vue'
import { useWho } from '@/make/useMaking'
import { stepped } from './stepped'

/** What is stepped, in how many cups, by how much, and who tastes. */
const router = useRouter()
const lay = useSend('layLadder')
const who = useWho()
const desserts = useDesserts()
const { data: larder } = useQuery({ queryKey: ['larder'], queryFn: api.larder, staleTime: Infinity })
const formulaId = ref('')
const { data: formula } = useQuery({
  queryKey: computed(() => ['formula', formulaId.value]),
  queryFn: () => api.formula(formulaId.value),
  enabled: computed(() => formulaId.value !== ''),
})
const choices = computed(() =>
  formula.value && larder.value ? stepped(formula.value.document, larder.value) : [],
)
/** What can be stepped in it is not known yet. */
const loading = computed(() => formulaId.value !== '' && !(formula.value && larder.value))
const address = ref('')
watch(choices, (now) => (address.value = now[0]?.value ?? ''))
const whips = computed(() => address.value.endsWith('/stage'))
const cups = ref(5)
const percent = ref('15')
const grams = ref('80')
const tasters = ref(who.value)
const wrong = ref<string[]>([])
const id = crypto.randomUUID()
const busy = ref(false)

async function go() {
  const step = typed(percent.value)
  const cupG = typed(grams.value.replace(/g$/i, ''))
  const names = tasters.value
    .split(/[,;\n]/)
    .map((n) => n.trim())
    .filter(Boolean)
  wrong.value = [
    ...(formulaId.value ? [] : ['Which dessert?']),
    ...(typeof step === 'number' ? [] : ['The step must be a number in %, such as 15.']),
    ...(typeof cupG === 'number' ? [] : ['A cup must be a number in g, such as 80.']),
    ...(names.length ? [] : ['Who tastes? Names with commas between them.']),
  ]
  if (wrong.value.length || typeof step !== 'number' || typeof cupG !== 'number') return
  busy.value = true
  try {
    const laid = await lay({
      id,
      formulaId: formulaId.value,
      address: address.value,
      cups: whips.value ? Math.min(4, cups.value) : cups.value,
      step: 1 + step / 100,
      cupG,
      tasters: names,
      by: who.value,
    })
    await router.push({ name: 'ladder', params: { id: laid.id } })
  } catch (failed) {
    const problems = failed instanceof ApiProblem ? failed.response.problems : []
    wrong.value = problems.length
      ? problems.map((p) => `${p.field} ${p.rule}.`)
      : ['Deft Chill does not answer; what is typed stays here.']
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <form aria-label="A new ladder" @submit.prevent="go">
    <h2 class="section-title">Lay out a new one</h2>
    <div class="fields">
      <ChoiceField
        v-model="formulaId"
        label="Dessert"
        :options="desserts.options.value"
        placeholder="which one"
        @find="desserts.find"
      />
      <ChoiceField
        v-model="address"
        label="What is stepped"
        :options="choices"
        placeholder="first the dessert"
      />
      <label>
        Cups
        <select v-model.number="cups">
          <option v-for="n in whips ? [3, 4] : [3, 4, 5, 6]" :key="n" :value="n">{{ n }}</option>
        </select>
      </label>
      <label v-if="!whips">From cup to cup, % <input v-model="percent" inputmode="decimal" /></label>
      <label>In a cup, g <input v-model="grams" inputmode="decimal" /></label>
      <label class="wide">Who tastes, with commas between them <input v-model="tasters" /></label>
    </div>
    <p v-for="w in wrong" :key="w" role="alert">{{ w }}</p>
    <button type="submit" :disabled="busy || loading">Lay it out</button>
  </form>
</template>

<style scoped>
form {
  padding: 14px 16px;
  background: var(--panel);
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 12px 16px;
  padding: 12px 0;
}

.wide {
  grid-column: 1 / -1;
}

label {
  color: var(--quiet);
  font-size: 13px;
}

input,
select {
  display: block;
  box-sizing: border-box;
  width: 100%;
  min-height: 36px;
  padding: 2px 10px;
  border: 1px solid var(--edge-strong);
  border-radius: 4px;
  background: var(--white);
  color: var(--ink);
  font-size: 15px;
}

button {
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

[role='alert'] {
  color: var(--unsafe);
  font-weight: 700;
}
</style>
