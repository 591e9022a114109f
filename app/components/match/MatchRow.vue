<script setup lang="ts">
import { dayName } from '~~/core/model/half-month';
import { gateSentence } from '~~/core/words/gates';
import { SETTINGS } from '~~/core/settings';
import type { Service } from '~~/core/match/services';

/** One plant against every site: a cell for each, or all of them in one, the best first. */
const props = defineProps<{ row: Service; bySite: boolean }>();
const emit = defineEmits<{ drawn: [element: HTMLElement] }>();
const element = ref<HTMLElement | null>(null);
// Set once: the table then watches this row's height by itself.
onMounted(() => emit('drawn', element.value!));
const garden = useGardenStore();
const view = useViewStore();
const fits = computed(() => garden.fits.get(props.row.here.plant.id) ?? []);
const refusal = computed(() => garden.gatesByPlant.get(props.row.here.plant.id)?.find((gate) => gate.effect === 'refuse'));
const planted = computed(() => garden.plantedCounts.get(props.row.here.plant.id) ?? 0);
const inFlower = computed(() => props.row.here.bloomShares[view.halfMonth]! >= SETTINGS.nectar.inBloomShare);
/** As many sites as one cell names; the reasons of the plant name all. */
const NAMED = 4;
const best = computed(() =>
  fits.value.map((fit, i) => ({ fit, site: garden.sites[i]! })).sort((a, b) => b.fit.share - a.fit.share),
);
</script>

<template>
  <tr ref="element" :class="inFlower ? 'bg-raised' : ''">
    <th scope="row" class="font-normal">
      <button class="flex items-center gap-2 text-left" @click="view.explain({ kind: 'plant', plant: row.here.plant.id })">
        <PlantGlyph :plant="row.here.plant" :size="32" />
        <span>
          <span class="creature underline decoration-line underline-offset-2">{{ row.here.plant.common }}</span>
          <span class="block text-xs text-quiet">
            <em class="font-serif">{{ row.here.plant.scientific }}</em> ·
            {{ row.here.status.row ? row.here.status.status : 'no record here' }}
            <strong v-if="planted" class="text-press"> · {{ planted }} in the plan</strong>
          </span>
        </span>
      </button>
      <span v-if="refusal" class="block max-w-56 text-xs text-gap"><strong>Refused.</strong> {{ gateSentence(refusal) }}</span>
    </th>
    <td class="max-w-52">
      <span
        v-for="host in row.hostOf"
        :key="host.target"
        class="block leading-tight"
        :class="host.rank === 'trap' ? 'font-semibold text-gap' : 'text-host'"
      >
        {{ host.rank === 'trap' ? 'trap for' : host.rank === 'poor' ? 'poor host of' : 'host of' }} {{ host.common }}
      </span>
      <span
        v-if="row.nectarFor.length"
        class="block leading-tight text-nectar"
        :title="row.nectarFor.map((n) => n.common).join(', ')"
      >
        nectar for {{ row.nectarFor.length === 1 ? row.nectarFor[0]!.common : row.nectarFor.length }}
      </span>
      <span v-if="!row.hostOf.length && !row.nectarFor.length" class="text-quiet">none of the chosen</span>
    </td>
    <td>
      <YearStrip
        :shares="row.here.bloomShares"
        :colour="row.here.plant.colour_hex"
        :label="row.here.bloom ? `${dayName(row.here.bloom.from)} to ${dayName(row.here.bloom.to)}` : 'no flowers'"
      />
    </td>
    <template v-if="bySite">
      <td v-for="(fit, i) in fits" :key="garden.sites[i]!.id">
        <FitPress :here="row.here" :site="garden.sites[i]!" :fit="fit" />
      </td>
    </template>
    <td v-else class="whole">
      <span class="flex flex-wrap gap-x-4">
        <FitPress v-for="{ fit, site } in best.slice(0, NAMED)" :key="site.id" :here="row.here" :site="site" :fit="fit" named />
        <button v-if="best.length > NAMED" class="link" @click="view.explain({ kind: 'plant', plant: row.here.plant.id })">
          and {{ best.length - NAMED }} more<span class="sr-only"> sites for {{ row.here.plant.common }}</span>
        </button>
      </span>
    </td>
  </tr>
</template>
