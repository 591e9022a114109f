<script setup lang="ts">
/** The presses at the foot of whatever is written down; the first can be given the focus. */
defineProps<{ disabled: boolean; again?: boolean }>();
const emit = defineEmits<{ again: []; cancel: [] }>();
const save = useTemplateRef<HTMLButtonElement>('save');
defineExpose({ focus: () => save.value?.focus({ preventScroll: true }) });
</script>

<template>
  <div class="sticky bottom-0 flex flex-wrap gap-2 border-t border-line bg-raised py-2">
    <button ref="save" class="press press-main phone:min-h-[48px] phone:grow phone:justify-center" :disabled="disabled">
      Save
    </button>
    <button v-if="again" type="button" class="press phone:min-h-[48px]" :disabled="disabled" @click="emit('again')">
      Save, and another
    </button>
    <button type="button" class="press phone:min-h-[48px]" @click="emit('cancel')">Cancel</button>
  </div>
</template>
