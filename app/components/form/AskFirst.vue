<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';

/** A question before something is done that is not easily taken back. The press that leaves all as it is comes first. */
defineProps<{ title: string; yes: string; no?: string; busy?: boolean }>();
const emit = defineEmits<{ yes: []; no: [] }>();
</script>

<template>
  <Dialog :open="true" class="relative z-50" @close="emit('no')">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true" />
    <div class="fixed inset-x-0 top-24 flex justify-center px-3">
      <DialogPanel class="w-full max-w-md space-y-3 border border-line bg-raised p-4 shadow-lg">
        <DialogTitle as="h2" class="font-serif text-lg">{{ title }}</DialogTitle>
        <slot />
        <div class="flex flex-wrap gap-2">
          <button type="button" class="press" :disabled="busy" @click="emit('no')">{{ no ?? 'Leave it as it is' }}</button>
          <button type="button" class="press press-main" :disabled="busy" @click="emit('yes')">{{ yes }}</button>
        </div>
      </DialogPanel>
    </div>
  </Dialog>
</template>
