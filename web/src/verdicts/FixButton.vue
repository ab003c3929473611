<script setup lang="ts">
import { ref, shallowRef, watch } from 'vue'
import { type Comparison, type Fix, type Formula } from '@/api/client'
import { ask } from '@/answers/queries'
import { takeFix } from '@/document/document'
import { useSheet } from '@/document/sheet'

/** A fix: pointed at, it shows what it would do to the whole dessert; touched, it is taken, and can be undone. */
const props = defineProps<{ fix: Fix; quiet?: boolean; waiting?: boolean }>()

const sheet = useSheet()
const open = ref(false)
const preview = shallowRef<Comparison>()
/** The document that the fix was offered for, and whether what it would change has been changed since. */
let offeredFor: Formula = sheet.answered?.() ?? sheet.formula()
const late = ref(false)
let asked = 0

watch(
  () => props.fix,
  () => {
    preview.value = undefined
    late.value = false
    offeredFor = sheet.answered?.() ?? sheet.formula()
  },
)

async function show(now: boolean) {
  open.value = now
  if (!now) return
  const mine = ++asked
  const before = sheet.formula()
  const after = takeFix(before, props.fix, offeredFor)
  late.value = after === undefined
  const found = after && (await ask('compare', before, after).catch(() => undefined))
  if (mine === asked) preview.value = found
}

function take() {
  const taken = takeFix(sheet.formula(), props.fix, offeredFor)
  late.value = taken === undefined
  open.value = late.value
  if (taken) sheet.change(taken, '')
}

const differing = () => preview.value?.figures.filter((row) => row.differs) ?? []
</script>

<template>
  <!-- A press opens the preview too, and for a moment it may lie over the button: the release must go through it. -->
  <a-popover
    :open="open"
    :trigger="['hover', 'focus']"
    placement="left"
    overlay-class-name="only-looked-at"
    @update:open="show"
  >
    <a-button :type="quiet ? 'default' : 'primary'" class="fix-button" :disabled="waiting" @click="take">{{
      fix.label
    }}</a-button>
    <template #content>
      <div class="preview" data-testid="preview">
        <template v-if="preview">
          <p class="after">{{ preview.after }}</p>
          <table v-if="differing().length">
            <thead>
              <tr>
                <th><span class="out-of-sight">Figure</span></th>
                <th>now</th>
                <th>then</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in differing()" :key="row.key">
                <th>{{ row.name }}</th>
                <td>{{ row.before || '–' }}</td>
                <td>
                  <b>{{ row.after || '–' }}</b>
                </td>
              </tr>
            </tbody>
          </table>
        </template>
        <p v-else-if="late" role="alert">
          What this would change has been changed meanwhile: it is computed anew.
        </p>
        <p v-else>Computing…</p>
      </div>
    </template>
  </a-popover>
</template>

<style scoped>
.fix-button {
  max-width: 100%;
  height: auto;
  padding-block: 4px;
  font-weight: 700;
  text-align: left;
  white-space: normal;
}

.preview {
  max-width: 420px;
}

.after {
  padding-bottom: 6px;
  font-weight: 700;
}

table {
  font-size: 13px;
}

th {
  padding: 3px 10px 3px 0;
  color: var(--quiet);
  font-weight: 400;
  text-align: left;
  vertical-align: top;
}

td {
  padding: 3px 10px 3px 0;
  vertical-align: top;
}
</style>
