<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useSend } from '@/answers/queries'
import { ApiProblem, type BatchView } from '@/api/client'

/** Photos of a batch: taken with the phone's own camera, or files. */
const props = defineProps<{ batchId: string; photos: BatchView['photos']; who: string }>()
const client = useQueryClient()
const add = useSend('addPhoto')
const remove = useSend('removePhoto')
const said = ref<string[]>([])
const sending = ref(0)
const open = ref<string>()

async function chosen(event: Event) {
  const input = event.target as HTMLInputElement
  const files = [...(input.files ?? [])]
  input.value = ''
  said.value = []
  sending.value += files.length
  for (const file of files) {
    try {
      await add(props.batchId, crypto.randomUUID(), file, props.who, '')
    } catch (failed) {
      const response = failed instanceof ApiProblem ? failed.response : undefined
      said.value.push(
        response?.problems[0]
          ? `${file.name}: it ${response.problems[0].rule}.`
          : `${file.name} was not stored: ${response?.detail ?? 'Deft Chill does not answer.'}`,
      )
    } finally {
      sending.value--
    }
  }
  await again()
}
const again = () => client.invalidateQueries({ queryKey: ['batch', props.batchId] })
async function away(id: string) {
  open.value = undefined
  await remove(id)
  await again()
}
</script>

<template>
  <section aria-label="Photos">
    <h2 class="section-title">Photos</h2>
    <ul>
      <li v-for="p in photos" :key="p.id">
        <button type="button" :aria-label="`Photo ${p.caption || 'of it'}`" @click="open = p.id">
          <img :src="`/api/photos/${p.id}/small`" :alt="p.caption || 'Photo of the batch'" loading="lazy" />
        </button>
        <small v-if="p.caption">{{ p.caption }}</small>
      </li>
      <li>
        <label class="add">
          <input type="file" accept="image/jpeg,image/png,image/webp" multiple @change="chosen" />
          {{ sending ? `Storing ${sending} …` : 'Add a photo' }}
        </label>
      </li>
    </ul>
    <p v-for="words in said" :key="words" role="alert">{{ words }}</p>
    <a-modal :open="open !== undefined" :footer="null" title="Photo" :width="900" @cancel="open = undefined">
      <img v-if="open" class="large" :src="`/api/photos/${open}`" alt="Photo of the batch" />
      <a-popconfirm title="Take this photo away?" ok-text="Take it away" @confirm="open && away(open)">
        <button type="button" class="link-like">Take it away</button>
      </a-popconfirm>
    </a-modal>
  </section>
</template>

<style scoped>
section {
  padding: 14px 16px;
  background: var(--panel);
}

ul {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  padding-top: 10px;
}

li {
  display: grid;
  width: 168px;
  align-content: start;
}

li button {
  padding: 0;
  border: 0;
  background: none;
  cursor: zoom-in;
}

li img {
  display: block;
  width: 168px;
  height: 126px;
  border-radius: 3px;
  object-fit: cover;
}

.large {
  display: block;
  max-width: 100%;
  max-height: 70vh;
  margin-bottom: 8px;
}

.add {
  display: grid;
  height: 124px;
  place-items: center;
  border: 1px dashed var(--edge-deep);
  border-radius: 3px;
  cursor: pointer;
}

.add input {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}

.add:focus-within {
  outline: 3px solid var(--cold);
}

[role='alert'] {
  color: var(--unsafe);
  font-weight: 700;
}

small {
  color: var(--quiet);
}
</style>
