<script setup lang="ts">
import { ADMISSIBLE } from '~~/core/almanac/hosts';
import type { Plant, Target } from '~~/core/model/reference';
import { HALF_MONTHS, halfMonthsInWords } from '~~/core/model/half-month';
import type { Entry } from '~/composables/useLibrarySearch';

/** Creatures and plants of the library, only those in sight drawn. */
const props = defineProps<{ entries: Entry[] }>();
const garden = useGardenStore();
const { ownOf, isShipped } = useOwn();
const { frame, shown, above, below } = useVirtualRows({
  count: () => props.entries.length,
  key: (index) => props.entries[index]!.what + props.entries[index]!.row.id,
  height: 58,
  first: () => props.entries,
});
const asTarget = (entry: Entry) => entry.row as Target;
const asPlant = (entry: Entry) => entry.row as Plant;
const targetHere = (entry: Entry) => garden.almanac?.targets.get(entry.row.id);
const plantHere = (entry: Entry) => garden.almanac?.plants.get(entry.row.id);
const flight = (entry: Entry) => {
  const here = targetHere(entry);
  return here ? Array.from({ length: HALF_MONTHS }, (_, h) => (here.flightHalfMonths.includes(h) ? 1 : 0)) : null;
};
const users = computed(() => {
  const counts = new Map<string, number>();
  for (const here of garden.almanac?.targets.values() ?? [])
    for (const [plant, host] of here.hosts) if (host.rank !== 'trap') counts.set(plant, (counts.get(plant) ?? 0) + 1);
  return counts;
});
const FOOD = { nectar: 'nectar', mixed: 'nectar, sap, fruit', 'sap-fruit': 'sap and fruit', none: 'adults fast' };
const hostCount = (entry: Entry) =>
  [...(targetHere(entry)?.hosts ?? [])].filter(
    ([id, host]) => ADMISSIBLE.has(host.rank) && garden.almanac!.plants.get(id)?.status.row,
  ).length;
const fileOf = (entry: Entry) => (entry.what === 'target' ? 'targets.csv' : 'plants.csv');
const status = (entry: Entry) => {
  const here = plantHere(entry);
  return here?.status.row ? here.status.status : 'not recorded';
};
const bad = (entry: Entry) => ['invasive', 'noxious'].includes(status(entry));
const bloomWords = (entry: Entry) => {
  const shares = plantHere(entry)?.bloomShares ?? [];
  const months = shares.flatMap((share, h) => (share > 0 ? [h] : []));
  return months.length > 0 ? `flowers ${halfMonthsInWords(months)}` : 'no flowers here';
};
</script>

<template>
  <div
    ref="frame"
    class="relative mt-2 max-h-[72vh] overflow-auto border-y border-line"
    tabindex="0"
    role="region"
    aria-label="Creatures and plants of the library"
  >
    <table class="tabular table-fixed text-sm" :aria-rowcount="entries.length + 1">
      <colgroup>
        <col class="w-52 sm:w-80" />
        <col class="w-28 sm:w-36" />
        <col class="w-36" />
        <col class="hidden w-44 md:table-column" />
        <col class="hidden w-28 md:table-column" />
      </colgroup>
      <thead class="sticky top-0 z-10 bg-ground">
        <tr aria-rowindex="1">
          <th scope="col">Name</th>
          <th scope="col">What</th>
          <th scope="col">Here</th>
          <th scope="col" class="hidden md:table-cell">Feeding</th>
          <th scope="col" class="hidden md:table-cell">Confidence</th>
        </tr>
      </thead>
      <tbody>
        <tr v-if="above > 0" aria-hidden="true">
          <td colspan="5" class="p-0!" :style="{ height: `${above}px` }" />
        </tr>
        <tr v-for="item in shown" :key="String(item.key)" :aria-rowindex="item.index + 2" class="h-[58px]">
          <th scope="row" class="font-normal">
            <NuxtLink
              :to="`/gardens/${garden.id}/library/${entries[item.index]!.what}s/${entries[item.index]!.row.id}`"
              class="flex items-center gap-2"
            >
              <CreatureGlyph v-if="entries[item.index]!.what === 'target'" :target="asTarget(entries[item.index]!)" :size="50" />
              <PlantGlyph v-else :plant="asPlant(entries[item.index]!)" :size="44" />
              <span class="min-w-0">
                <span class="creature block truncate underline decoration-line underline-offset-2">{{
                  entries[item.index]!.row.common
                }}</span>
                <span class="scientific block truncate text-sm">{{ entries[item.index]!.row.scientific }}</span>
              </span>
            </NuxtLink>
          </th>
          <td>
            {{ entries[item.index]!.row.kind }}
            <span class="block truncate text-quiet">{{ entries[item.index]!.row.family }}</span>
          </td>
          <td>
            <template v-if="entries[item.index]!.what === 'target'">
              <YearStrip
                v-if="flight(entries[item.index]!)"
                :shares="flight(entries[item.index]!)!"
                colour="var(--special)"
                :label="`flies ${halfMonthsInWords(targetHere(entries[item.index]!)!.flightHalfMonths)}`"
              />
              <span v-else class="text-quiet">not in this region</span>
            </template>
            <template v-else>
              <YearStrip
                :shares="plantHere(entries[item.index]!)?.bloomShares ?? []"
                :colour="asPlant(entries[item.index]!).colour_hex"
                :label="bloomWords(entries[item.index]!)"
              />
              <span class="block text-xs" :class="bad(entries[item.index]!) ? 'font-semibold text-gap' : 'text-quiet'">{{
                status(entries[item.index]!)
              }}</span>
            </template>
          </td>
          <td class="hidden md:table-cell">
            <template v-if="entries[item.index]!.what === 'target'">
              {{ FOOD[asTarget(entries[item.index]!).adult_food] }}
              <span v-if="hostCount(entries[item.index]!)" class="block text-quiet"
                >{{ hostCount(entries[item.index]!) }} host plants here</span
              >
            </template>
            <template v-else-if="users.get(entries[item.index]!.row.id)">
              host of {{ users.get(entries[item.index]!.row.id) }} here
            </template>
            <template
              v-else-if="
                asPlant(entries[item.index]!).nectar_butterfly +
                  asPlant(entries[item.index]!).nectar_hummingbird +
                  asPlant(entries[item.index]!).nectar_moth >
                0
              "
              >nectar only</template
            >
            <template v-else><span class="text-quiet">serves nobody here</span></template>
            <span class="block">
              <OwnMark
                v-if="ownOf(fileOf(entries[item.index]!), entries[item.index]!.row.id)"
                :added="!isShipped(fileOf(entries[item.index]!), entries[item.index]!.row.id)"
              />
            </span>
          </td>
          <td class="hidden md:table-cell" :class="entries[item.index]!.row.confidence === 'low' ? 'text-thin' : 'text-quiet'">
            {{ entries[item.index]!.row.confidence }}
          </td>
        </tr>
        <tr v-if="below > 0" aria-hidden="true">
          <td colspan="5" class="p-0!" :style="{ height: `${below}px` }" />
        </tr>
      </tbody>
    </table>
  </div>
</template>
