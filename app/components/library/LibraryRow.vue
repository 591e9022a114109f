<script setup lang="ts">
import { isListed } from '~~/core/library/status';
import { recordedHosts } from '~~/core/almanac/about';
import { halfMonthsInWords, wholeShares } from '~~/core/model/half-month';
import type { Plant, Target } from '~~/core/model/reference';
import type { Entry } from '~/composables/useLibrarySearch';

/** One creature or plant of the library, with what this garden's region makes of it. */
const props = defineProps<{ entry: Entry; hosts: ReadonlyMap<string, number> }>();
const garden = useGardenStore();
const { ownOf, isShipped } = useOwn();
const FOOD = { nectar: 'nectar', mixed: 'nectar, sap, fruit', 'sap-fruit': 'sap and fruit', none: 'adults fast' };

const target = computed(() => (props.entry.what === 'target' ? (props.entry.row as Target) : null));
const plant = computed(() => (props.entry.what === 'plant' ? (props.entry.row as Plant) : null));
const file = computed(() => (target.value ? 'targets.csv' : 'plants.csv'));
const targetHere = computed(() => garden.almanac?.targets.get(props.entry.row.id));
const plantHere = computed(() => garden.almanac?.plants.get(props.entry.row.id));
const hostPlants = computed(() => (targetHere.value ? recordedHosts(garden.almanac!, targetHere.value).length : 0));
const status = computed(() => (plantHere.value?.status.row ? plantHere.value.status.status : 'not recorded'));
const listed = computed(() => isListed(status.value));
const bloomWords = computed(() => {
  const months = (plantHere.value?.bloomShares ?? []).flatMap((share, h) => (share > 0 ? [h] : []));
  return months.length > 0 ? `flowers ${halfMonthsInWords(months)}` : 'no flowers here';
});
const feedsAdults = computed(() => {
  const row = plant.value;
  return row !== null && row.nectar_butterfly + row.nectar_hummingbird + row.nectar_moth > 0;
});
</script>

<template>
  <tr class="h-[58px]">
    <th scope="row" class="font-normal">
      <NuxtLink :to="`/gardens/${garden.id}/library/${entry.what}s/${entry.row.id}`" class="flex min-h-[44px] items-center gap-2">
        <CreatureGlyph v-if="target" :target="target" :size="50" />
        <PlantGlyph v-else-if="plant" :plant="plant" :size="44" />
        <span class="min-w-0">
          <span class="creature block truncate underline decoration-line underline-offset-2">{{ entry.row.common }}</span>
          <span class="scientific block truncate text-sm">{{ entry.row.scientific }}</span>
        </span>
      </NuxtLink>
    </th>
    <td class="hidden sm:table-cell">
      {{ entry.row.kind }}
      <span class="block truncate text-quiet">{{ entry.row.family }}</span>
    </td>
    <td>
      <template v-if="target">
        <YearStrip
          v-if="targetHere"
          :shares="wholeShares(targetHere.flightHalfMonths)"
          colour="var(--special)"
          :label="`flies ${halfMonthsInWords(targetHere.flightHalfMonths)}`"
        />
        <span v-else class="text-quiet">not in this region</span>
      </template>
      <template v-else-if="plant">
        <YearStrip :shares="plantHere?.bloomShares ?? []" :colour="plant.colour_hex" :label="bloomWords" />
        <span class="block text-xs" :class="listed ? 'font-semibold text-gap' : 'text-quiet'">{{ status }}</span>
      </template>
    </td>
    <td class="hidden md:table-cell">
      <template v-if="target">
        {{ FOOD[target.adult_food] }}
        <span v-if="hostPlants" class="block text-quiet">{{ hostPlants }} host plants here</span>
      </template>
      <template v-else-if="hosts.get(entry.row.id)"> host of {{ hosts.get(entry.row.id) }} here </template>
      <template v-else-if="feedsAdults">nectar only</template>
      <template v-else><span class="text-quiet">serves nobody here</span></template>
      <span class="block">
        <OwnMark v-if="ownOf(file, entry.row.id)" :added="!isShipped(file, entry.row.id)" />
      </span>
    </td>
    <td class="hidden md:table-cell" :class="entry.row.confidence === 'low' ? 'text-thin' : 'text-quiet'">
      {{ entry.row.confidence }}
    </td>
  </tr>
</template>
