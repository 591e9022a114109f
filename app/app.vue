<script setup lang="ts">
const view = useViewStore();
const installation = useInstallationStore();
useFocusKept();
useHead({ htmlAttrs: { 'data-theme': () => view.theme } });
</script>

<template>
  <div>
    <p v-if="installation.standing.role === 'read'" class="bg-raised px-4 py-1 text-center text-sm">
      You signed in to look: nothing can be changed.
    </p>
    <NuxtPage />
    <NoticeList />
  </div>
</template>
