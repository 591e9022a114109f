<script setup lang="ts">
import { dateName } from '~~/core/model/half-month';
import type { Measure } from '~~/core/model/yard';
import { hoursSeen } from '~~/core/place/sun/watched';
import { drainRate } from '~~/core/place/soil/drainage';
import { feelTexture, jarFractions, textureClass } from '~~/core/place/soil/texture';

/** What was measured on a site, latest first. */
const props = defineProps<{ site: string }>();
const garden = useGardenStore();
const yard = useYardStore();
const view = useViewStore();
const KINDS = { jar: 'Jar test', feel: 'By feel', hole: 'Hole test', probe: 'Probe', watch: 'Watched day' };
const rows = computed(() =>
  garden.measures.filter((row) => row.site_id === props.site).sort((a, b) => b.taken_on.localeCompare(a.taken_on)),
);
function words(row: Measure): string {
  switch (row.kind) {
    case 'jar':
      return `${row.reading.sand_mm} + ${row.reading.silt_mm} + ${row.reading.clay_mm} mm: ${textureClass(jarFractions(row.reading))}`;
    case 'feel':
      return `${row.reading.ball ? `ribbon of ${row.reading.ribbon_mm} mm` : 'no ball'}: ${feelTexture(row.reading)}`;
    case 'hole':
      return `${view.length(drainRate(row.reading))} an hour`;
    case 'probe':
      return [
        row.reading.ph !== null && `pH ${row.reading.ph}`,
        row.reading.moisture_pct !== null && `${row.reading.moisture_pct} % water`,
        row.reading.light_klx !== null && `${row.reading.light_klx} klx`,
        row.reading.device === 'simulated' && 'simulated',
      ]
        .filter(Boolean)
        .join(', ');
    case 'watch':
      return `${hoursSeen(row.reading)} h of sun in ${row.reading.hours.length} h looked at`;
  }
}
</script>

<template>
  <p v-if="rows.length === 0" class="text-quiet">Nothing measured here yet: the values above are as you stated them.</p>
  <ScrollRegion v-else label="Measurements">
    <table class="tabular text-sm">
      <thead>
        <tr>
          <th scope="col">Date</th>
          <th scope="col">What</th>
          <th scope="col">Reading</th>
          <th scope="col">Note</th>
          <th scope="col"><span class="sr-only">Strike out</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.id">
          <th scope="row" class="font-normal whitespace-nowrap">{{ dateName(row.taken_on) }}</th>
          <td class="whitespace-nowrap">{{ KINDS[row.kind] }}</td>
          <td>{{ words(row) }}</td>
          <td class="text-quiet">{{ row.note }}</td>
          <td class="act">
            <button class="link text-gap" @click="yard.removeMeasure(row)">
              Strike out<span class="sr-only"> {{ KINDS[row.kind] }} of {{ dateName(row.taken_on) }}</span>
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </ScrollRegion>
</template>
