<script setup lang="ts">
import { theme } from './look/theme'
</script>

<template>
  <a-config-provider :theme="theme" :auto-insert-space-in-button="false">
    <RouterView />
  </a-config-provider>
</template>
