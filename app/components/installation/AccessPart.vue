<script setup lang="ts">
import type { Role } from '~~/core/model/installation';
import { addressWords, deviceWords, ROLE_WORDS } from '~~/core/words/installation';

/** Who may come in: passphrases, those signed in, and who tried. */
const store = useInstallationStore();
const notices = useNoticesStore();
const setting = ref<Role | null>(null);
const taking = ref<Role | null>(null);
async function attempt(work: () => Promise<unknown>, said = '') {
  if ((await faultsSaid(work)) && said) notices.say(said);
}
void attempt(() => store.loadAccess());
const access = computed(() => store.access);
const isSet = (role: Role) => access.value?.passphrases.some((row) => row.role === role) ?? false;
const takeAway = () => {
  const role = taking.value!;
  taking.value = null;
  return attempt(() => store.setPassphrase(role, null), 'The passphrase is taken away.');
};
const others = computed(() => access.value?.sessions.filter((row) => !row.mine).length ?? 0);
</script>

<template>
  <section aria-labelledby="access">
    <h2 id="access" class="mb-1">Who may come in</h2>
    <p v-if="!access" class="text-quiet">Looking …</p>
    <template v-else>
      <p v-if="!access.closed" class="max-w-prose">
        No passphrase is set: whoever is at this machine may do everything, and nobody else can reach Outwash. To use it from a
        phone in the garden, or to let a club in, set a passphrase here; then start it with
        <code>OUTWASH_HOST=0.0.0.0 npm run demo</code>. The README says how to serve it over https.
      </p>
      <p v-else-if="access.wide && !access.secure" class="max-w-prose border-l-4 border-gap bg-raised p-2">
        This page came over plain http: others on the same network could read along, the passphrase too. Serve it over https
        wherever the network is not your own; the README says how.
      </p>
      <ul class="my-3 space-y-2">
        <li v-for="role in ['change', 'read'] as const" :key="role">
          <span class="flex flex-wrap items-baseline gap-x-4">
            <span class="font-semibold">Passphrase {{ ROLE_WORDS[role] }}</span>
            <span class="text-sm text-quiet">{{
              isSet(role)
                ? `set ${momentName(access.passphrases.find((row) => row.role === role)!.set_at)}`
                : role === 'read'
                  ? 'not set: for whoever may see everything and change nothing'
                  : 'not set'
            }}</span>
            <button v-if="role === 'change' || isSet('change')" class="link" @click="setting = role">
              {{ isSet(role) ? 'Change it' : 'Set it' }}<span class="sr-only"> (passphrase {{ ROLE_WORDS[role] }})</span>
            </button>
            <button v-if="isSet(role)" class="link text-gap" @click="taking = role">
              Take it away<span class="sr-only"> (passphrase {{ ROLE_WORDS[role] }})</span>
            </button>
          </span>
          <PassphraseForm
            v-if="setting === role"
            class="mt-2"
            :role="role"
            :label="`New passphrase ${ROLE_WORDS[role]}`"
            yes="Set the passphrase"
            @close="setting = null"
          />
        </li>
      </ul>
      <template v-if="access.closed">
        <h3 class="mt-4 mb-1">Signed in</h3>
        <ul class="max-w-2xl divide-y divide-line">
          <li v-for="row in access.sessions" :key="row.id" class="flex flex-wrap items-baseline gap-x-4 py-1">
            <span :title="row.device"
              >{{ deviceWords(row.device) }}, from {{ addressWords(row.address)
              }}<strong v-if="row.mine">, this one</strong></span
            >
            <span class="text-sm text-quiet"
              >{{ ROLE_WORDS[row.role] }}, since {{ momentName(row.begun_at) }}, last seen {{ momentName(row.seen_at) }}</span
            >
            <button
              v-if="!row.mine"
              class="link ml-auto"
              @click="attempt(() => store.endSession(row.id), 'That session is ended.')"
            >
              End it<span class="sr-only"> ({{ deviceWords(row.device) }}, from {{ addressWords(row.address) }})</span>
            </button>
          </li>
        </ul>
        <p class="my-2 flex flex-wrap gap-3">
          <button class="press" @click="attempt(() => store.signOut())">Sign out</button>
          <button
            v-if="others > 0"
            class="press"
            @click="attempt(() => store.endSession('others'), 'Every other session is ended.')"
          >
            End all others ({{ others }})
          </button>
        </p>
        <details class="mt-2">
          <summary class="link">Who signed in, and who tried</summary>
          <p v-if="access.signIns.length === 0" class="mt-1 text-sm">Nobody has since the passphrase was first set.</p>
          <ul class="mt-1 max-w-2xl text-sm">
            <li v-for="(row, i) in access.signIns" :key="i" class="py-0.5">
              {{ momentName(row.at) }}: {{ deviceWords(row.device) }}, from {{ addressWords(row.address) }},
              <span :class="row.role ? '' : 'font-semibold text-gap'">{{ row.role ? ROLE_WORDS[row.role] : 'refused' }}</span>
            </li>
          </ul>
        </details>
      </template>
    </template>
    <AskFirst v-if="taking" title="Take the passphrase away?" yes="Take it away" @no="taking = null" @yes="takeAway">
      <p v-if="taking === 'change'">Then whoever is at this machine may do everything, and nobody has to sign in.</p>
      <p v-else>Whoever signed in with it is signed out.</p>
    </AskFirst>
  </section>
</template>
