<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';

const open = defineModel<boolean>({ required: true });
const keys = [
  ['1 – 9', 'go to a station, in their order; 9 is the library'],
  ['[  and  ]', 'move back and on through the year'],
  ['n', 'write down what you see'],
  ['/', 'find a view, bed, creature or plant'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'do again'],
  ['arrow keys', 'step through the braid, when it has the focus'],
  [',  and  .', 'in the drawing of a bed: from plant to plant'],
  ['arrow keys', 'move the plants that are chosen, with Shift farther'],
  ['l', 'lock them in their places, or unlock them'],
  ['Esc', 'close the reasons'],
  ['?', 'this list'],
];
</script>

<template>
  <Dialog :open="open" class="relative z-50" @close="open = false">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true" />
    <div class="fixed inset-x-0 top-20 flex justify-center px-3">
      <DialogPanel class="w-full max-w-md border border-line bg-raised p-4 shadow-lg">
        <DialogTitle class="mb-2 font-serif text-lg">Keys</DialogTitle>
        <dl class="grid grid-cols-[8rem_1fr] gap-y-1">
          <template v-for="[key, what] in keys" :key="what">
            <dt class="font-semibold">{{ key }}</dt>
            <dd>{{ what }}</dd>
          </template>
        </dl>
        <button class="press mt-4" @click="open = false">Close</button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
