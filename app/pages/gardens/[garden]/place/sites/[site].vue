<script setup lang="ts">
import { neighboursOf } from '~~/core/place/yard/neighbours';
import { neighbourSentence } from '~~/core/words/yard';

const route = useRoute();
const garden = useGardenStore();
const cases = useCasesStore();
const records = useRecordsStore();
const view = useViewStore();
const id = computed(() => String(route.params.site));
const site = computed(() => garden.sites.find((row) => row.id === id.value));
const record = computed(() => garden.siteRecords.find((row) => row.id === id.value));
const editing = ref(false);
const beside = computed(() => (site.value ? neighboursOf(site.value, garden.things).map(neighbourSentence) : []));
const use = computed(() => garden.areas.get(id.value));
const log = useLogStore();
log.begin();
const pictured = computed(() => log.book.entries.filter((entry) => entry.site_id === id.value && entry.photos.length > 0));
useHead({ title: () => `${site.value?.name ?? 'Site'} · ${garden.garden?.name ?? 'Outwash'}` });
</script>

<template>
  <div v-if="site && record" :key="id">
    <p class="text-sm"><NuxtLink class="link" :to="`/gardens/${garden.id}/place`">All beds and containers</NuxtLink></p>
    <div class="flex flex-wrap items-baseline gap-x-4">
      <h1>{{ site.name }}</h1>
      <p>
        {{ site.kind === 'bed' ? 'bed' : 'container' }}, {{ view.area(site.area_m2)
        }}{{ site.kind === 'container' ? `, ${view.volume(site.volume_l!)}` : '' }};
        {{ view.area(Math.max(0, use?.left_m2 ?? 0)) }} left
      </p>
      <button class="link" @click="editing = true">Change its stated values</button>
    </div>
    <p v-if="site.notes" class="max-w-prose text-quiet">{{ site.notes }}</p>
    <ul v-if="beside.length" class="mt-1 list-disc pl-5 text-sm">
      <li v-for="line in beside" :key="line">{{ line }}</li>
    </ul>

    <section class="mt-5" aria-labelledby="light">
      <h2 id="light">Light</h2>
      <FigureChoice :site="site" value="sun" title="Direct sun in the growing season" />
      <p v-if="site.outline.length === 0 && !garden.garden!.balcony" class="mt-1 text-sm text-quiet">
        <NuxtLink class="link" :to="`/gardens/${garden.id}/place/yard`">Draw it in the yard</NuxtLink>, and its sun is computed.
      </p>
      <WatchSheet :site="id" class="mt-1" />
    </section>

    <section v-if="site.kind === 'container'" class="mt-5" aria-labelledby="pot">
      <h2 id="pot">Container</h2>
      <PotForm :site="record" />
    </section>

    <section class="mt-5" aria-labelledby="soil">
      <h2 id="soil">{{ site.kind === 'bed' ? 'Soil and water' : 'Mix and water' }}</h2>
      <div class="grid gap-3 sm:grid-cols-2">
        <template v-if="site.kind === 'bed'">
          <FigureChoice :site="site" value="texture" title="Texture" />
          <FigureChoice :site="site" value="drainage" title="Drainage" />
          <FigureChoice :site="site" value="ph" title="pH" />
        </template>
        <FigureChoice :site="site" value="moisture" title="Moisture in the season, 1 dry to 5 wet" />
      </div>
      <WaterBars v-if="site.kind === 'bed'" :site="site" class="mt-3" />
      <div class="mt-3">
        <template v-if="site.kind === 'bed'">
          <JarForm :site="id" />
          <FeelForm :site="id" />
          <HoleForm :site="id" />
        </template>
        <ProbeForm :site="id" />
      </div>
    </section>

    <section class="mt-5" aria-labelledby="log">
      <h2 id="log">Measured so far</h2>
      <MeasureLog :site="id" />
    </section>

    <section v-if="pictured.length" class="mt-5" aria-label="Photographs">
      <h2>Photographs</h2>
      <LazyPhotoStrip class="mt-1" :entries="pictured" :label="`Photographs of ${site.name}`" />
    </section>
    <section class="mt-5 grid gap-6 md:grid-cols-2">
      <div v-if="site.kind === 'bed'">
        <h2>Change the pH</h2>
        <PhAdvice :site="site" />
      </div>
      <div>
        <h2>Volumes and bags</h2>
        <VolumeSums :site="site" />
      </div>
    </section>
    <LazyWhyCases :rows="cases.inSite(site.id)" title="What was wrong here" />
    <LazySiteForm v-if="editing" :site="record" @close="editing = false" />
  </div>
  <div v-else>
    <h1>No such bed</h1>
    <p class="mt-2">
      It may have been removed: <button class="link" @click="records.step('undo')">undo</button>, or go back to
      <NuxtLink class="link" :to="`/gardens/${garden.id}/place`">all beds and containers</NuxtLink>.
    </p>
  </div>
</template>
