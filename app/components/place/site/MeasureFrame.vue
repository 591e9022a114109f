<script setup lang="ts">
/** A form for one measurement: its fields, its date, a note, and the press that writes it down. */
const draft = defineModel<{ taken_on: string; note: string }>({ required: true });
defineProps<{ title: string; how: string; errors: Record<string, string>; fault: string; saving: boolean }>();
const emit = defineEmits<{ submit: [] }>();
</script>

<template>
  <details class="border-b border-line py-1">
    <summary class="font-semibold text-press">{{ title }}</summary>
    <form class="space-y-2 py-2" novalidate @submit.prevent="emit('submit')">
      <p class="max-w-prose text-sm text-quiet">{{ how }}</p>
      <FaultBanner :fault="fault" :clash="false" />
      <slot />
      <div class="grid gap-2 sm:grid-cols-[10rem_minmax(0,1fr)]">
        <FieldRow v-slot="{ bind }" label="Date" :error="errors.taken_on">
          <input v-bind="bind" v-model="draft.taken_on" class="field" type="date" />
        </FieldRow>
        <TextField v-model="draft.note" label="Note" :error="errors.note" />
      </div>
      <button class="press press-main" :disabled="saving">Write it down</button>
    </form>
  </details>
</template>
