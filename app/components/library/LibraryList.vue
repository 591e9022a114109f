<script setup lang="ts">
import type { Entry } from '~/composables/useLibrarySearch';

/** Creatures and plants of the library, only those in sight drawn. */
const props = defineProps<{ entries: Entry[] }>();
const garden = useGardenStore();
const { frame, shown, above, below } = useVirtualRows({
  count: () => props.entries.length,
  key: (index) => props.entries[index]!.what + props.entries[index]!.row.id,
  height: 58,
  first: () => props.entries,
});
/** Of how many creatures of this region each plant is a host. */
const hostCounts = computed(() => {
  const counts = new Map<string, number>();
  for (const here of garden.almanac?.targets.values() ?? [])
    for (const [plant, host] of here.hosts) if (host.rank !== 'trap') counts.set(plant, (counts.get(plant) ?? 0) + 1);
  return counts;
});
</script>

<template>
  <div
    ref="frame"
    class="relative mt-2 max-h-[72vh] overflow-auto contain-content border-y border-line print:max-h-none print:overflow-visible print:contain-none"
    tabindex="0"
    role="region"
    aria-label="Creatures and plants of the library"
  >
    <table class="tabular table-fixed text-sm" :aria-rowcount="entries.length + 1">
      <colgroup>
        <col class="sm:w-80" />
        <col class="hidden w-36 sm:table-column" />
        <col class="w-36" />
        <col class="hidden w-44 md:table-column" />
        <col class="hidden w-28 md:table-column" />
      </colgroup>
      <thead class="sticky top-0 z-10 bg-ground print:static">
        <tr aria-rowindex="1">
          <th scope="col">Name</th>
          <th scope="col" class="hidden sm:table-cell">What</th>
          <th scope="col">Here</th>
          <th scope="col" class="hidden md:table-cell">Feeding</th>
          <th scope="col" class="hidden md:table-cell">Confidence</th>
        </tr>
      </thead>
      <tbody>
        <tr v-if="above > 0" aria-hidden="true">
          <td colspan="2" class="p-0!" :style="{ height: `${above}px` }" />
        </tr>
        <LibraryRow
          v-for="item in shown"
          :key="String(item.key)"
          :entry="entries[item.index]!"
          :hosts="hostCounts"
          :aria-rowindex="item.index + 2"
        />
        <tr v-if="below > 0" aria-hidden="true">
          <td colspan="2" class="p-0!" :style="{ height: `${below}px` }" />
        </tr>
      </tbody>
    </table>
  </div>
</template>
