<script setup lang="ts">
import type { BackupList } from '~~/core/model/installation';
import { BACKUP_WORDS, bytesWords } from '~~/core/words/installation';

/** The backups: made, looked at, saved elsewhere, and gone back to. */
const store = useInstallationStore();
const notices = useNoticesStore();
const route = useRoute();
const busy = ref('');
const asked = ref<BackupList['backups'][number] | null>(null);
void attemptFor(() => store.loadBackups());

async function attemptFor(work: () => Promise<unknown>, doing = '') {
  busy.value = doing;
  await faultsSaid(work).finally(() => (busy.value = ''));
}
const backUp = () =>
  attemptFor(async () => {
    await store.backUp();
    notices.say('Everything is backed up.');
  }, 'Backing up …');
/** All that was fetched before is of other gardens now: the page is loaded again, and says what was done. */
const goBack = (name: string, undone = false) =>
  attemptFor(async () => {
    const before = await store.goBack(name);
    location.assign(`/installation?${new URLSearchParams({ was: before, ...(undone ? { undone: '1' } : { to: name }) })}`);
  }, 'Going back …');
const was = computed(() => String(route.query.was ?? ''));
const wentTo = computed(() => store.backups?.backups.find((row) => row.name === route.query.to));
</script>

<template>
  <section aria-labelledby="backups">
    <h2 id="backups" class="mb-1">Backups</h2>
    <p v-if="was" role="status" class="my-2 border-l-4 border-press bg-raised p-2">
      <template v-if="route.query.undone">Undone: everything is again as it was before.</template>
      <template v-else>Everything is again as it was on {{ wentTo ? momentName(wentTo.at) : 'that day' }}.</template>
      What was here until now is backed up too.
      <button class="link" :disabled="busy !== ''" @click="goBack(was, true)">
        {{ route.query.undone ? 'Go back there again' : 'Undo' }}
      </button>
    </p>
    <p class="max-w-prose">
      All gardens, with their log, photographs and your own rows of the library, are copied every day while Outwash runs, before
      every import and before a new version changes how they are held. Seven days are kept, the ends of four weeks and of twelve
      months.
    </p>
    <p v-if="store.backups?.fault" role="alert" class="my-2 border-l-4 border-gap bg-raised p-2">{{ store.backups.fault }}</p>
    <p class="my-3 flex flex-wrap items-center gap-3">
      <button class="press press-main" :disabled="busy !== ''" @click="backUp">Back up now</button>
      <span role="status" class="text-quiet">{{ busy }}</span>
    </p>
    <p v-if="!store.backups" class="text-quiet">Looking for them …</p>
    <template v-else>
      <p v-if="store.backups.backups.length === 0">There is none yet. The first is made a minute after Outwash has started.</p>
      <ScrollRegion v-else label="Table of backups">
        <table class="tabular">
          <thead>
            <tr>
              <th scope="col">When</th>
              <th scope="col">Why</th>
              <th scope="col">Size</th>
              <th scope="col"><span class="sr-only">What to do with it</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in store.backups.backups" :key="row.name">
              <th scope="row" class="whitespace-nowrap">{{ momentName(row.at) }}</th>
              <td>{{ BACKUP_WORDS[row.kind] }}</td>
              <td class="whitespace-nowrap">{{ bytesWords(row.bytes) }}</td>
              <td class="act">
                <span class="flex flex-wrap gap-x-4">
                  <a class="link" :href="`/api/backups/${row.name}`" :download="row.name"
                    >Save it elsewhere<span class="sr-only"> ({{ momentName(row.at) }})</span></a
                  >
                  <button class="link" :disabled="busy !== ''" @click="asked = row">
                    Go back to it<span class="sr-only"> ({{ momentName(row.at) }})</span>
                  </button>
                </span>
              </td>
            </tr>
          </tbody>
        </table>
      </ScrollRegion>
      <p class="mt-2 max-w-prose text-sm text-quiet">
        They lie in {{ store.backups.folder }}. The gardens take {{ bytesWords(store.backups.bytes) }}; the disk has
        {{ bytesWords(store.backups.free) }} left. A disk can break: save one elsewhere now and then.
      </p>
    </template>
    <AskFirst
      v-if="asked"
      :title="`Go back to ${momentName(asked.at)}?`"
      yes="Go back"
      :busy="busy !== ''"
      @no="asked = null"
      @yes="goBack(asked.name)"
    >
      <p>
        Every garden is again as it was then; what was changed since is gone from them. It is backed up first, so that you can
        come back here. Passphrases stay as they are.
      </p>
    </AskFirst>
  </section>
</template>
