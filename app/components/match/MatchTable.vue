<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
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
const printing = usePrinting();
const { width } = useElementSize(frame, { width: Math.min(1200, window.innerWidth - 24), height: 560 });
/** Widths (px) of the columns before those of the sites, and of one site. */
const [BEFORE, OF_SITE, TO_STAND_BESIDE] = [528, 92, 720];
const layout = computed(() => ({
  /** A column for each site, where there is room for all; else the sites of a plant in one cell, the best first. */
  bySite: width.value >= BEFORE + OF_SITE * garden.sites.length,
  asRows: width.value < TO_STAND_BESIDE && !printing.value,
}));
const columns = computed(() => (layout.value.bySite ? 3 + garden.sites.length : 4));
</script>

<template>
  <div
    ref="frame"
    class="relative mt-2 max-h-[70vh] overflow-auto contain-content border-y border-line print:max-h-none print:overflow-visible print:contain-none"
    :class="layout.asRows ? 'as-rows' : ''"
    tabindex="0"
    role="region"
    aria-label="Plants against sites"
  >
    <table class="tabular table-fixed text-sm" :aria-rowcount="rows.length + 1">
      <!-- Set widths: a row's height must not depend on which other rows are in sight. -->
      <colgroup>
        <col class="w-60" />
        <col class="w-44" />
        <col class="w-32" />
        <template v-if="layout.bySite"><col v-for="site in garden.sites" :key="site.id" class="w-24" /></template>
        <col v-else />
      </colgroup>
      <thead class="sticky top-0 z-10 bg-ground print:static">
        <tr aria-rowindex="1">
          <th scope="col">Plant</th>
          <th scope="col">Serves</th>
          <th scope="col">Flowers</th>
          <template v-if="layout.bySite">
            <th v-for="site in garden.sites" :key="site.id" scope="col">{{ site.name }}</th>
          </template>
          <th v-else scope="col">Where, the best first</th>
        </tr>
      </thead>
      <tbody>
        <tr v-if="above > 0" aria-hidden="true">
          <td :colspan="columns" class="p-0!" :style="{ height: `${above}px` }" />
        </tr>
        <MatchRow
          v-for="item in shown"
          :key="String(item.key)"
          :row="rows[item.index]!"
          :by-site="layout.bySite"
          :data-index="item.index"
          :aria-rowindex="item.index + 2"
          @drawn="virtualizer.measureElement($event)"
        />
        <tr v-if="below > 0" aria-hidden="true">
          <td :colspan="columns" class="p-0!" :style="{ height: `${below}px` }" />
        </tr>
      </tbody>
    </table>
  </div>
</template>
