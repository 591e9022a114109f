<script setup lang="ts">
const store = useInstallationStore();
const mayChange = computed(() => store.standing.role === 'change');
useHead({ title: 'Backups and access · Outwash' });
</script>

<template>
  <main class="mx-auto max-w-4xl px-4 py-8">
    <div class="flex items-baseline gap-4">
      <NuxtLink to="/" class="link">All gardens</NuxtLink>
      <SettingsPress class="ml-auto" />
    </div>
    <h1 class="mt-2 mb-4">Backups and access</h1>
    <div v-if="mayChange" class="space-y-10">
      <BackupPart />
      <RemovedPart />
      <AccessPart />
    </div>
    <template v-else>
      <p class="max-w-prose">
        You signed in to look. Backups, removed gardens and who may come in are for whoever may change things.
      </p>
      <p class="my-3"><button class="press" @click="store.signOut()">Sign out</button></p>
    </template>
  </main>
</template>
