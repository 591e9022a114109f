<script setup lang="ts">
import { LEAST_PASSPHRASE, type Role } from '~~/core/model/installation';

/** A new passphrase, typed twice unless it is shown. */
const props = defineProps<{ role: Role; label: string; yes: string }>();
const emit = defineEmits<{ close: [] }>();
const store = useInstallationStore();
const notices = useNoticesStore();
const typed = ref('');
const again = ref('');
const shown = ref(false);
const fault = ref('');
const busy = ref(false);

async function save() {
  if (!shown.value && typed.value !== again.value) {
    fault.value = 'The two are not the same.';
    return;
  }
  busy.value = true;
  fault.value = '';
  try {
    await store.setPassphrase(props.role, typed.value);
    notices.say('The passphrase is set. Whoever used the one before has to sign in again.');
    emit('close');
  } catch (error) {
    if (!isApiFault(error)) throw error;
    fault.value = error.message;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <form class="max-w-md space-y-2 border border-line bg-raised p-3" @submit.prevent="save">
    <FieldRow
      v-slot="{ bind }"
      :label="label"
      :error="fault"
      :hint="`At least ${LEAST_PASSPHRASE} characters. Four or five words that nobody else would put together are easy to remember.`"
    >
      <input
        v-bind="bind"
        v-model="typed"
        class="field"
        :type="shown ? 'text' : 'password'"
        autocomplete="new-password"
        spellcheck="false"
        autocapitalize="off"
        required
      />
    </FieldRow>
    <FieldRow v-if="!shown" v-slot="{ bind }" label="Once more">
      <input v-bind="bind" v-model="again" class="field" type="password" autocomplete="new-password" required />
    </FieldRow>
    <label class="flex items-center gap-2"><input v-model="shown" type="checkbox" class="size-4" /> show what I type</label>
    <div class="flex gap-2">
      <button class="press press-main" :disabled="busy">{{ yes }}</button>
      <button type="button" class="press" @click="emit('close')">Leave it</button>
      <span role="status" class="self-center text-quiet">{{ busy ? 'A moment …' : '' }}</span>
    </div>
  </form>
</template>
