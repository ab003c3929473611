<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, type BookRow } from '@/api/client'
import { useAgain, useSend } from '@/answers/queries'
import SideSheet from '@/look/SideSheet.vue'
import TypedField from '@/look/TypedField.vue'

/** The tags of a formula: words of one's own, to find it by. */
const props = defineProps<{ row?: BookRow }>()
const open = defineModel<boolean>('open', { required: true })
const askAgain = useAgain()
const { data: used } = useQuery({ queryKey: ['book', 'tags'], queryFn: api.bookTags, enabled: open })
const send = useSend('tagFormula')

const tags = ref<string[]>([])
const typed = ref('')
const failed = ref(false)
watch(open, () => {
  tags.value = [...(props.row?.tags ?? [])]
  typed.value = ''
  failed.value = false
})
const others = computed(() => (used.value?.tags ?? []).filter((t) => !tags.value.includes(t)))
const tidy = computed(() => typed.value.replaceAll('|', ' ').trim().slice(0, 30))

async function keep(now: string[]) {
  if (!props.row) return
  try {
    tags.value = (await send(props.row.id, now)).tags
    failed.value = false
    await askAgain(['book'])
  } catch {
    failed.value = true
  }
}

async function add(tag: string) {
  if (!tag || tags.value.includes(tag) || tags.value.length >= 12) return
  await keep([...tags.value, tag])
  typed.value = ''
}
</script>

<template>
  <SideSheet v-model:open="open" :title="`Tags of ${row?.name || 'Unnamed'}`" :width="420">
    <form @submit.prevent="add(tidy)">
      <TypedField v-model="typed" label="A new tag, such as autumn or evening menu" />
      <a-button html-type="submit" :disabled="!tidy">Add</a-button>
    </form>
    <p v-if="failed" role="alert" class="broken-rule">It could not be kept: Deft Chill does not answer.</p>
    <ul>
      <li v-for="tag in tags" :key="tag">
        <span>{{ tag }}</span>
        <button
          type="button"
          class="link-like"
          :aria-label="`Take ${tag} off`"
          @click="keep(tags.filter((t) => t !== tag))"
        >
          take off
        </button>
      </li>
    </ul>
    <template v-if="others.length">
      <h3>In use elsewhere</h3>
      <p class="others">
        <a-button v-for="tag in others" :key="tag" size="small" @click="add(tag)">{{ tag }}</a-button>
      </p>
    </template>
  </SideSheet>
</template>

<style scoped>
form {
  display: flex;
  gap: 8px;
  align-items: flex-end;
}

form > :first-child {
  flex: 1;
}

ul {
  padding: 12px 0;
}

li {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  min-height: 34px;
  align-items: center;
  border-bottom: 1px solid var(--hairline);
}

h3 {
  font-size: 14px;
}

.others {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding-top: 6px;
}
</style>
