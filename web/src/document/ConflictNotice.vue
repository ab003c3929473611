<script setup lang="ts">
const emit = defineEmits<{ theirs: []; mine: []; both: [] }>()
</script>

<template>
  <div class="conflict" role="alertdialog" aria-label="Saved in another window">
    <p>
      <b>Another window saved this formula in the meantime.</b> Nothing has been overwritten, and what you
      typed here is kept.
    </p>
    <a-button @click="emit('theirs')">Show the other window's</a-button>
    <a-button @click="emit('mine')">Save mine over it</a-button>
    <a-button type="primary" @click="emit('both')">Keep both: mine as a copy</a-button>
  </div>
</template>

<style scoped>
.conflict {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  padding: 8px 20px;
  border-left: 8px solid var(--act);
  background: var(--warm-wash);
}

p {
  flex: 1;
  min-width: 260px;
}
</style>
