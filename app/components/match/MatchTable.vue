<script setup lang="ts">
import type { Service } from '~~/core/match/services';

/** Plants against sites. Only the rows in sight are drawn: the library is long and a press must be answered at once. */
const props = defineProps<{ rows: Service[] }>();
const garden = useGardenStore();
const { frame, virtualizer, shown, above, below } = useVirtualRows({
  count: () => props.rows.length,
  key: (index) => props.rows[index]!.here.plant.id,
  height: 46,
  first: () => props.rows[0]?.here.plant.id,
});
</script>

<template>
  <div
    ref="frame"
    class="relative mt-2 max-h-[70vh] overflow-auto contain-content border-y border-line"
    tabindex="0"
    role="region"
    aria-label="Plants against sites"
  >
    <table class="tabular table-fixed text-sm" :aria-rowcount="rows.length + 1">
      <!-- Set widths: a row's height must not depend on which other rows are in sight. -->
      <colgroup>
        <col class="w-32 sm:w-60" />
        <col class="w-24 sm:w-44" />
        <col class="hidden w-32 sm:table-column" />
        <col v-for="site in garden.sites" :key="site.id" class="w-24" />
      </colgroup>
      <thead class="sticky top-0 z-10 bg-ground">
        <tr aria-rowindex="1">
          <th scope="col">Plant</th>
          <th scope="col">Serves</th>
          <th scope="col" class="hidden sm:table-cell">Flowers</th>
          <th v-for="site in garden.sites" :key="site.id" scope="col">{{ site.name }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-if="above > 0" aria-hidden="true">
          <td :colspan="3 + garden.sites.length" class="p-0!" :style="{ height: `${above}px` }" />
        </tr>
        <MatchRow
          v-for="item in shown"
          :key="String(item.key)"
          :row="rows[item.index]!"
          :data-index="item.index"
          :aria-rowindex="item.index + 2"
          @drawn="virtualizer.measureElement($event)"
        />
        <tr v-if="below > 0" aria-hidden="true">
          <td :colspan="3 + garden.sites.length" class="p-0!" :style="{ height: `${below}px` }" />
        </tr>
      </tbody>
    </table>
  </div>
</template>
