<script setup lang="ts">
import { cellsOf } from '~~/core/library/cells';
import type { Plant, Target } from '~~/core/model/reference';

/** The head of a creature's or plant's page: its names, and what the gardener may say about its row. */
const props = defineProps<{ file: 'plants.csv' | 'targets.csv'; row: Plant | Target }>();
const garden = useGardenStore();
const commands = useCommands();
const { about, isShipped } = useOwn();
const editing = ref(false);
const mine = computed(() => about(props.row.id));
const shipped = computed(() => isShipped(props.file, props.row.id));
const base = computed(() => `/gardens/${garden.id}/library`);
const shelf = useShelfStore();
void shelf.load();
const kept = computed(() => shelf.rows.filter((own) => own.key.split(' + ').includes(props.row.id)));
const kind = computed(() => (props.file === 'plants.csv' ? 'plants' : 'creatures'));

async function revertAll() {
  const added = !shipped.value;
  const done = await commands.revertOwnRows(
    mine.value.map((own) => own.id),
    props.row.common,
  );
  if (done && added) await navigateTo(base.value);
}
</script>

<template>
  <div>
    <p class="no-print text-sm"><NuxtLink class="link" :to="base">Library</NuxtLink> › {{ kind }}</p>
    <header class="mt-1 flex flex-wrap items-start gap-x-6 gap-y-2">
      <slot name="glyph" />
      <div class="min-w-60 flex-1">
        <h1>{{ row.common }}</h1>
        <p class="scientific text-lg">{{ row.scientific }}</p>
        <slot />
        <p class="no-print mt-2 flex flex-wrap gap-2">
          <slot name="actions" />
          <button class="press" :aria-expanded="editing" @click="editing = !editing">Correct a value</button>
          <NuxtLink class="press" :to="`${base}/${file === 'plants.csv' ? 'plants' : 'targets'}/new?like=${row.id}`"
            >Add one like it</NuxtLink
          >
          <button v-if="mine.length" class="press" :disabled="shelf.busy" @click="shelf.shelve(mine, row.common)">
            Keep for all gardens
          </button>
          <button v-if="mine.length" class="press" @click="revertAll">
            {{ shipped ? 'Revert your corrections' : 'Take it out of the library' }}
          </button>
        </p>
        <p v-if="mine.length" class="mt-1"><OwnMark :added="!shipped" /></p>
        <p v-else-if="kept.length" class="no-print mt-1 flex flex-wrap gap-3 text-sm">
          <OwnMark shelf />
          <button class="link" :disabled="shelf.busy" @click="shelf.remove(kept)">Keep it no longer</button>
        </p>
      </div>
    </header>
    <RowForm
      v-if="editing"
      :key="row.id"
      class="mt-3"
      :file="file"
      :start="cellsOf(file, row)"
      :fixed="['id']"
      :label="row.common"
      @saved="editing = false"
      @leave="editing = false"
    />
  </div>
</template>
