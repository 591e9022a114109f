<script setup lang="ts">
import type { GardenSummary } from '~~/core/model/garden';

/** The tags of a garden, written in one field with commas between them. */
const props = defineProps<{ garden: GardenSummary }>();
const emit = defineEmits<{ save: [tags: string[]]; close: [] }>();
const text = ref(props.garden.tags.join(', '));
const field = useTemplateRef<HTMLInputElement>('field');
onMounted(() => field.value?.focus());
const save = () =>
  emit('save', [
    ...new Set(
      text.value
        .split(',')
        .map((tag) => tag.trim())
        .filter(Boolean),
    ),
  ]);
</script>

<template>
  <form class="mt-1 flex flex-wrap items-end gap-2" @submit.prevent="save" @keydown.escape="emit('close')">
    <label class="text-sm"
      >Tags of {{ garden.name }}, with commas between
      <input ref="field" v-model="text" class="field" placeholder="school, north side"
    /></label>
    <button class="press press-main">Save</button>
    <button type="button" class="press" @click="emit('close')">Cancel</button>
  </form>
</template>
