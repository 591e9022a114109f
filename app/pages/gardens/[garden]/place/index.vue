<script setup lang="ts">
import type { Site, SiteFields } from '~~/core/model/garden';
import { potWeightKg } from '~~/core/place/containers/pots';
import { DRAINAGES, FEATURE_WORDS, SUN_WHEN } from '~/components/place/choices';

const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();
const editing = shallowRef<{ site: Site | null; start?: SiteFields } | null>(null);
const route = useRoute();
/** Asked for in the address by the step before. */
const adding = ref(route.query.add !== undefined);
function measure(start: SiteFields) {
  adding.value = false;
  editing.value = { site: null, start };
}
const weights = computed(() =>
  garden.siteRecords.flatMap(({ pot }) => (pot ? [{ each: potWeightKg(pot), count: pot.count }] : [])),
);
const load_kg = computed(() => weights.value.reduce((sum, { each, count }) => sum + each * count, 0));
const heaviest_kg = computed(() => Math.max(0, ...weights.value.map(({ each }) => each)));
const edit = (id: string) => (editing.value = { site: garden.siteRecords.find((row) => row.id === id)! });
const shown = useGrowing(() => garden.sites, 14);
const fields = computed(() => {
  const { id: _id, revision: _revision, ...rest } = garden.garden!;
  return rest;
});
const wordsOf = (list: readonly { value: string; words: string }[], value: string) =>
  list.find((row) => row.value === value)?.words.split(':')[0];
</script>

<template>
  <div v-if="garden.garden">
    <section aria-labelledby="beds">
      <div class="flex flex-wrap items-baseline gap-4">
        <h1 id="beds">{{ garden.garden.balcony ? 'Pots' : 'Beds and containers' }}</h1>
        <button class="press press-main" @click="adding = true">
          {{ garden.garden.balcony ? 'Add pots' : 'Add a bed or pots' }}
        </button>
        <a class="link no-print ml-auto" :href="`/api/gardens/${garden.id}/export`" :download="`${garden.id}.json`"
          >Export the garden as a file</a
        >
      </div>
      <NextOnPlace />
      <p v-if="garden.sites.length === 0" class="my-6 max-w-prose">
        <template v-if="garden.garden.balcony">No pots yet. Add them as they stand: every verdict starts there.</template>
        <template v-else>
          No bed yet. Add one in four answers, or
          <NuxtLink class="link" :to="`/gardens/${garden.id}/place/yard`">draw it in the yard</NuxtLink> and let the sun be
          calculated: every verdict starts there.
        </template>
      </p>
      <ScrollRegion v-else class="mt-2" label="Table of sites">
        <table class="tabular">
          <thead>
            <tr>
              <th scope="col">Site</th>
              <th scope="col" class="text-right!">Area</th>
              <th scope="col" class="text-right!">Left</th>
              <th scope="col"><WordMark of="direct sun">Direct sun</WordMark></th>
              <th scope="col"><WordMark of="texture">Soil</WordMark></th>
              <th scope="col"><WordMark of="drainage">Drainage</WordMark></th>
              <th scope="col" class="text-right!"><WordMark of="pH">pH</WordMark></th>
              <th scope="col"><WordMark of="moisture">Moisture</WordMark></th>
              <th scope="col">Also there</th>
              <th scope="col" class="no-print"><span class="sr-only">Change</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="site in shown" :id="`site-${site.id}`" :key="site.id">
              <th scope="row">
                <NuxtLink
                  class="creature underline decoration-line underline-offset-2"
                  :to="`/gardens/${garden.id}/place/sites/${site.id}`"
                  >{{ site.name }}</NuxtLink
                >
                <span v-if="site.notes" class="block max-w-56 text-sm font-normal text-quiet">{{ site.notes }}</span>
              </th>
              <td class="text-right whitespace-nowrap">{{ view.area(site.area_m2) }}</td>
              <td
                class="text-right whitespace-nowrap"
                :class="garden.areas.get(site.id)!.left_m2 < 0 ? 'font-semibold text-gap' : ''"
              >
                {{ view.area(garden.areas.get(site.id)!.left_m2) }}
              </td>
              <td>{{ site.sun_h }} h, {{ wordsOf(SUN_WHEN, site.sun_when) }}<SourceMark :site="site" value="sun" /></td>
              <td>
                {{ site.kind === 'container' ? `potting mix, ${view.volume(site.volume_l!)}` : site.texture
                }}<SourceMark v-if="site.kind === 'bed'" :site="site" value="texture" />
              </td>
              <td>
                {{ site.kind === 'container' ? '–' : wordsOf(DRAINAGES, site.drainage)
                }}<SourceMark v-if="site.kind === 'bed'" :site="site" value="drainage" />
              </td>
              <td class="text-right">
                {{ site.kind === 'container' ? '–' : site.ph }}<SourceMark v-if="site.kind === 'bed'" :site="site" value="ph" />
              </td>
              <td>{{ site.moisture }} of 5<SourceMark :site="site" value="moisture" /></td>
              <td class="text-sm">{{ site.features.map((f) => FEATURE_WORDS[f]).join(', ') || '–' }}</td>
              <td class="act whitespace-nowrap">
                <NuxtLink class="link mr-3" :to="`/gardens/${garden.id}/place/sites/${site.id}`"
                  >Measure<span class="sr-only"> {{ site.name }}</span></NuxtLink
                >
                <button class="link" @click="edit(site.id)">
                  Change<span class="sr-only"> {{ site.name }}</span>
                </button>
                <button class="link ml-3 text-gap" @click="commands.removeSite(site)">
                  Remove<span class="sr-only"> {{ site.name }}</span>
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </ScrollRegion>
      <p v-if="garden.garden.balcony && load_kg > 0" class="mt-2 max-w-prose">
        Wet, all pots together weigh about <strong>{{ view.weight(load_kg) }}</strong>, the heaviest
        {{ view.weight(heaviest_kg) }}. A balcony bears only so much: ask whoever manages the building what load it is built for.
      </p>
    </section>
    <section class="no-print mt-8" aria-labelledby="place">
      <h2 id="place" class="mb-2">The place itself</h2>
      <WhenNear :always="garden.sites.length <= 12" :height="1200">
        <LazyGardenForm :start="fields" :revision="garden.garden.revision" :keep="(kept, at) => commands.saveGarden(kept, at!)" />
      </WhenNear>
    </section>
    <WordsHere
      :words="[
        'direct sun',
        'texture',
        'drainage',
        'pH',
        'moisture',
        'usual here',
        'half-zone',
        'frost-free',
        'region',
        'native',
        'host',
        ...(garden.garden.balcony ? (['filler'] as const) : []),
      ]"
    />
    <LazyNewSite v-if="adding" @close="adding = false" @measure="measure" />
    <LazySiteForm v-if="editing" :site="editing.site" :start="editing.start" @close="editing = null" />
  </div>
</template>
