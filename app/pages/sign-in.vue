<script setup lang="ts">
const store = useInstallationStore();
const route = useRoute();
const typed = ref('');
const shown = ref(false);
const fault = ref('');
const busy = ref(false);
const plain = !window.isSecureContext;
useHead({ title: 'Sign in · Outwash' });

/** Where one wanted to go; never another place than this server. */
function target(): string {
  const to = new URL(String(route.query.to ?? '/'), location.origin);
  return to.origin === location.origin && to.pathname !== '/sign-in' ? to.pathname + to.search : '/';
}
async function signIn() {
  busy.value = true;
  fault.value = '';
  try {
    await store.signIn(typed.value);
    // The page is sent again, with what whoever is in may have.
    location.assign(target());
  } catch (error) {
    busy.value = false;
    if (!isApiFault(error)) throw error;
    fault.value = error.message;
  }
}
</script>

<template>
  <main class="mx-auto max-w-md px-4 py-8">
    <p class="font-serif text-3xl font-bold text-press">Outwash</p>
    <h1 class="mt-6 mb-2">Sign in</h1>
    <form class="space-y-3" @submit.prevent="signIn">
      <FieldRow v-slot="{ bind }" label="Passphrase" :error="fault">
        <input
          v-bind="bind"
          v-model="typed"
          class="field"
          :type="shown ? 'text' : 'password'"
          autocomplete="current-password"
          spellcheck="false"
          autocapitalize="off"
          required
          autofocus
        />
      </FieldRow>
      <label class="flex items-center gap-2"><input v-model="shown" type="checkbox" class="size-4" /> show what I type</label>
      <div class="flex items-center gap-3">
        <button class="press press-main" :disabled="busy">Sign in</button>
        <span role="status" class="text-quiet">{{ busy ? 'A moment …' : '' }}</span>
      </div>
    </form>
    <p class="mt-6 text-sm text-quiet">
      Whoever keeps this Outwash knows the passphrase. One that is lost is set again at its machine, with
      <code>npm run passphrase</code>.
    </p>
    <p v-if="plain" class="mt-3 border-l-4 border-gap bg-raised p-2 text-sm">
      This page came over plain http: on a network that is not your own, others could read along.
    </p>
  </main>
</template>
