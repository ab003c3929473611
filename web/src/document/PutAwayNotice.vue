<script setup lang="ts">
const emit = defineEmits<{ back: [] }>()
</script>

<template>
  <div class="put-away" role="status">
    <p><b>This formula is put away</b>: it is in no list, and what was made of it stays in its log.</p>
    <a-button type="primary" @click="emit('back')">Bring it back</a-button>
  </div>
</template>

<style scoped>
.put-away {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  padding: 8px 20px;
  border-left: 8px solid var(--quiet);
  background: var(--panel);
}

p {
  flex: 1;
  min-width: 260px;
}
</style>
