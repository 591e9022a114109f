<script setup lang="ts">
import { Camera, X } from '@lucide/vue';

/** Photographs of an entry, from a file or the camera. */
const photos = defineModel<ReadyPhoto[]>({ required: true });
const emit = defineEmits<{ taken: [on_day: string, at: string | null] }>();
const busy = ref(false);
const fault = ref('');
const MOST = 12;
async function take(event: Event) {
  const input = event.target as HTMLInputElement;
  const files = [...(input.files ?? [])];
  input.value = '';
  busy.value = true;
  fault.value = '';
  for (const file of files) {
    if (photos.value.length >= MOST) {
      fault.value = `At most ${MOST} photographs go with one entry.`;
      break;
    }
    try {
      const photo = await readyPhoto(file);
      photos.value = [...photos.value, photo];
      if (photo.on_day) emit('taken', photo.on_day, photo.at);
    } catch (error) {
      fault.value = (error as Error).message;
    }
  }
  busy.value = false;
}
</script>

<template>
  <div class="flex flex-wrap items-center gap-2">
    <label class="press cursor-pointer has-focus-visible:outline-2 phone:min-h-[48px]"
      ><Camera :size="16" aria-hidden="true" />{{ busy ? 'Reading …' : 'Photograph'
      }}<input type="file" accept="image/*" multiple class="sr-only" :disabled="busy" @change="take"
    /></label>
    <span v-for="(photo, i) in photos" :key="photo.id" class="relative">
      <img :src="photo.small" :alt="`Photograph ${i + 1}`" class="h-14 w-auto border border-line" />
      <button
        type="button"
        class="absolute -top-2 -right-2 flex size-7 items-center justify-center rounded-full border border-line bg-raised"
        :aria-label="`Remove photograph ${i + 1}`"
        @click="photos = photos.filter((row) => row.id !== photo.id)"
      >
        <X :size="15" aria-hidden="true" />
      </button>
    </span>
    <p v-if="fault" role="alert" class="w-full text-sm text-gap">{{ fault }}</p>
  </div>
</template>
