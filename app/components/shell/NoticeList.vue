<script setup lang="ts">
const store = useNoticesStore();

async function act(id: number, work: () => Promise<unknown>) {
  store.dismiss(id);
  await work();
}
</script>

<template>
  <div
    class="no-print fixed bottom-20 left-1/2 z-40 flex w-[min(30rem,92vw)] -translate-x-1/2 flex-col gap-1 md:bottom-4 short:bottom-1"
    aria-live="polite"
    :data-notices="store.notices.length || undefined"
  >
    <div
      v-for="notice in store.notices"
      :key="notice.id"
      :role="notice.tone === 'fault' ? 'alert' : undefined"
      class="flex items-center gap-3 border-l-4 bg-ink px-3 py-2 text-ground shadow"
      :class="notice.tone === 'fault' ? 'border-gap' : 'border-press'"
    >
      <span class="grow">{{ notice.text }}</span>
      <button v-if="notice.action" class="underline underline-offset-2" @click="act(notice.id, notice.action.run)">
        {{ notice.action.label }}
      </button>
      <button class="underline underline-offset-2" @click="store.dismiss(notice.id)">Close</button>
    </div>
  </div>
</template>
