<script setup lang="ts">
import { NotebookPen, Redo2, Search, Undo2 } from '@lucide/vue';
import { halfMonthOfDay } from '~~/core/model/half-month';

const route = useRoute();
const garden = useGardenStore();
const records = useRecordsStore();
const view = useViewStore();
const work = useWorkStore();
const log = useLogStore();
const finding = ref(false);
const keysShown = ref(false);
const settingsShown = ref(false);
/** The frame of the views comes first, and the view a moment later: each is drawn before the next is made. */
const ready = ref(false);
const begun = ref(false);

useKeys({ find: () => (finding.value = true), help: () => (keysShown.value = true) });

async function open(id: string) {
  ready.value = begun.value = false;
  view.closeReasons();
  garden.year = null;
  try {
    // Another garden may have been asked for meanwhile: it shows itself.
    if (!(await records.load(id))) return;
    await garden.prepare();
    if (records.id !== id) return;
    // A garden whose clock is set is looked at on that day.
    if (garden.garden?.clock) view.moveTo(halfMonthOfDay(work.dayOfTheYear));
    ready.value = true;
    await drawn();
    if (records.id !== id) return;
    begun.value = true;
    // Calculated while the first view is read, so that going to Match is answered at once.
    const parts = [() => garden.fits, () => garden.services, () => garden.gatesByPlant, () => work.begin(), () => log.begin()];
    const next = () => {
      parts.shift()?.();
      if (parts.length > 0) requestIdleCallback(next);
    };
    requestIdleCallback(next);
  } catch (error) {
    if (!isApiFault(error)) throw error;
    showError({ statusCode: error.status || 503, message: error.message, fatal: true });
  }
}
watch(() => String(route.params.garden), open, { immediate: true });
/** Reasons belong to the station where they were asked for. */
watch(
  () => route.path.split('/')[3],
  () => view.closeReasons(),
);
const last = useLastPlace();
const stations = useStations();
/** Where one is, for coming back. */
watch(
  () => [route.path, ready.value] as const,
  ([path, stands]) => {
    const station = stations.value.find((row) => path.startsWith(row.path));
    if (stands && station) last.value = { garden: records.id, path, station: station.name };
  },
);
useHead({ title: () => (garden.garden ? `${garden.garden.name} · Outwash` : 'Outwash') });
</script>

<template>
  <div class="mx-auto max-w-[100rem] px-3 pb-24 md:px-5 md:pb-6 short:pb-6">
    <a href="#main" class="sr-only focus:not-sr-only">Skip to the view</a>
    <header
      class="no-print z-30 flex flex-wrap items-center gap-x-4 gap-y-1 bg-ground py-1 phone:gap-x-2 xl:sticky xl:top-0 short:static short:gap-y-0 short:py-0.5"
    >
      <NuxtLink
        to="/"
        class="font-serif text-xl font-bold text-press phone:flex phone:min-h-[44px] phone:min-w-[44px] phone:items-center"
        ><img src="/favicon.svg" alt="" class="hidden size-8 phone:block" /><span class="phone:sr-only">Outwash</span></NuxtLink
      >
      <div v-if="garden.garden && ready" class="min-w-0 max-w-[9.5rem] leading-tight md:max-w-[13rem]">
        <p class="truncate font-serif text-lg leading-tight">{{ garden.garden.name }}</p>
        <p class="hidden truncate text-xs text-quiet sm:block short:hidden">
          zone {{ garden.garden.half_zone }} · {{ garden.almanac?.region.name }}
        </p>
      </div>
      <StationLine
        v-if="ready"
        class="order-last md:w-full xl:order-none xl:w-auto xl:min-w-0 xl:grow xl:basis-0 short:w-full xl:short:w-auto"
        @keys="keysShown = true"
        @settings="settingsShown = true"
      />
      <div class="ml-auto flex items-center gap-1 text-sm">
        <button
          class="press phone:justify-center"
          :disabled="!records.state?.history.undo"
          :title="records.state?.history.undo?.label"
          @click="records.step('undo')"
        >
          <Undo2 :size="15" aria-hidden="true" /><span class="max-2xl:sr-only">Undo</span>
        </button>
        <button
          class="press hidden md:inline-flex"
          aria-label="Redo"
          :disabled="!records.state?.history.redo"
          :title="records.state?.history.redo?.label ?? 'Redo'"
          @click="records.step('redo')"
        >
          <Redo2 :size="15" aria-hidden="true" />
        </button>
        <button v-if="ready" class="press phone:justify-center" title="n" @click="view.writeDown()">
          <NotebookPen :size="15" aria-hidden="true" /><span class="phone:sr-only">Write down</span>
        </button>
        <button class="press phone:justify-center" @click="finding = true">
          <Search :size="15" aria-hidden="true" /><span class="max-2xl:sr-only">Find</span>
        </button>
        <SettingsPress small class="hidden md:inline-flex" />
        <button class="press hidden md:inline-flex" aria-label="Keys" title="Keys" @click="keysShown = true">?</button>
      </div>
    </header>
    <template v-if="ready">
      <YearRibbon class="no-print" />
      <LazyWorkBand v-if="route.path.includes('/work')" class="short:hidden" />
      <div
        class="mt-2 grid gap-5 print:block short:mt-1"
        :class="view.subject || route.meta.steady ? 'lg:grid-cols-[minmax(0,1fr)_20rem]' : ''"
      >
        <main id="main" class="min-w-0">
          <PaperHead />
          <NuxtPage v-if="begun" :key="view.dates" />
        </main>
        <ReasonsPanel />
      </div>
    </template>
    <p v-else class="py-20 text-center text-quiet" role="status">Fetching the garden …</p>
    <FindAnything v-model="finding" @settings="settingsShown = true" />
    <KeysHelp v-model="keysShown" />
    <LazyQuickEntry v-if="view.writing && ready" v-bind="view.writing" @close="view.writing = null" />
    <LazySettingsForm v-if="settingsShown" @close="settingsShown = false" />
  </div>
</template>
