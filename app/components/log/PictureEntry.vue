<script setup lang="ts">
import type { EntryFields } from '~~/core/model/log';

/** A photograph by itself: of a bed, or of the garden. */
const emit = defineEmits<{ saved: []; cancel: [] }>();
const props = defineProps<{ start: Partial<EntryFields> }>();
const form = useEntryDraft({ ...props.start, what: 'picture' });
const { draft, errors, fault, saving, photos, taken } = form;
const none = ref('');
async function submit() {
  none.value = photos.value.length === 0 ? 'Choose a photograph.' : '';
  if (!none.value && (await form.submit()) === 'saved') emit('saved');
}
</script>

<template>
  <form class="space-y-3" novalidate aria-label="A picture" @submit.prevent="submit">
    <FaultBanner :fault="fault" :clash="false" />
    <PhotoPick v-model="photos" @taken="taken" />
    <p v-if="none" role="alert" class="text-sm text-gap">{{ none }}</p>
    <TextField v-model="draft.called" label="What it shows" :error="errors.called" />
    <WhenWhere v-model="draft" :errors="errors" open />
    <EntryFoot :disabled="saving" @cancel="emit('cancel')" />
  </form>
</template>
