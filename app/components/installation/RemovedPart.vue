<script setup lang="ts">
import type { RemovedGarden } from '~~/core/model/garden';
import { dateName } from '~~/core/model/half-month';

/** Gardens that were removed: brought back, or deleted before their time. */
const store = useInstallationStore();
const notices = useNoticesStore();
const asked = ref<RemovedGarden | null>(null);
void faultsSaid(() => store.loadRemoved());
const bringBack = (row: RemovedGarden) =>
  faultsSaid(async () => {
    await store.bringBack(row);
    notices.say(`${row.name} is back among the gardens.`);
  });
const deleteAsked = () =>
  faultsSaid(async () => {
    const row = asked.value!;
    asked.value = null;
    await store.deleteForGood(row);
    notices.say(`${row.name} is deleted for good.`);
  });
</script>

<template>
  <section aria-labelledby="removed">
    <h2 id="removed" class="mb-1">Removed gardens</h2>
    <p v-if="!store.removed" class="text-quiet">Looking for them …</p>
    <p v-else-if="store.removed.length === 0">None. A garden that is removed stays here for 90 days.</p>
    <ul v-else class="max-w-2xl divide-y divide-line">
      <li v-for="row in store.removed" :key="row.id" class="flex flex-wrap items-baseline gap-x-4 gap-y-1 py-2">
        <span class="creature font-semibold">{{ row.name }}</span>
        <span class="text-sm text-quiet"
          >removed {{ dateName(isoDay(new Date(row.removed_at))) }}, here until
          {{ dateName(isoDay(new Date(row.kept_until))) }}</span
        >
        <span class="ml-auto flex gap-4">
          <button class="link" @click="bringBack(row)">
            Bring back<span class="sr-only"> {{ row.name }}</span>
          </button>
          <button class="link text-gap" @click="asked = row">
            Delete for good<span class="sr-only"> ({{ row.name }})</span>
          </button>
        </span>
      </li>
    </ul>
    <AskFirst
      v-if="asked"
      :title="`Delete ${asked.name} for good?`"
      yes="Delete it for good"
      @no="asked = null"
      @yes="deleteAsked"
    >
      <p>Its beds, plants, log and photographs are gone then. Only a backup from before brings them back.</p>
    </AskFirst>
  </section>
</template>
