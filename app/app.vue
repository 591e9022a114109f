<script setup lang="ts">
const view = useViewStore();
useFocusKept();
useHead({ htmlAttrs: { 'data-theme': () => view.theme } });
</script>

<template>
  <div>
    <NuxtPage />
    <NoticeList />
  </div>
</template>
