<script setup lang="ts">
import type { NuxtError } from '#app';

const props = defineProps<{ error: NuxtError }>();
const missing = computed(() => props.error.statusCode === 404);
if (!missing.value) console.error(props.error);
</script>

<template>
  <main class="mx-auto max-w-xl px-6 py-20">
    <h1>{{ missing ? 'Nothing grows at this address' : 'Something went wrong here' }}</h1>
    <p class="my-4">
      {{
        missing
          ? error.message || 'The page or garden may have been removed or renamed.'
          : 'Your garden is safe: nothing was changed. The cause has been written to the log.'
      }}
    </p>
    <button class="press press-main" @click="clearError({ redirect: '/' })">Back to the gardens</button>
  </main>
</template>
