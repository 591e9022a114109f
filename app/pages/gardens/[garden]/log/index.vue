<script setup lang="ts">
import { dateName } from '~~/core/model/half-month';
import { listed, LOG_GROUPS, type LogGroup } from '~~/core/log/list';
import { isPlantNote, isSighting } from '~~/core/model/vocabulary';
import { placeWords, sayingWords, subjectWords } from '~~/core/words/log';

/** All that was written down, newest first, and what the log itself asks. */
const garden = useGardenStore();
const log = useLogStore();
const work = useWorkStore();
const view = useViewStore();
const cases = useCasesStore();
const GROUP_WORDS: Record<LogGroup, string> = {
  all: 'everything',
  creatures: 'creatures',
  plants: 'plants',
  walk: 'walks',
  released: 'released',
  picture: 'pictures',
  work: 'work done',
};
const group = ref<LogGroup>('all');
const year = ref<number | null>(null);
const site = ref<string | null>(null);
const words = ref('');
const subject = useRoute().query.of;
const of = ref(typeof subject === 'string' ? subject : null);
const years = computed(() => log.book.years);
const rows = computed(() =>
  listed(log.book, { group: group.value, year: year.value, site: site.value, of: of.value, words: words.value }, log.words),
);
const { frame, shown, above, below } = useVirtualRows({
  count: () => rows.value.length,
  key: (index) => rows.value[index]!.id,
  height: 33,
  first: () => [group.value, year.value, site.value, words.value, of.value],
});
const entries = computed(() => shown.value.map(({ index }) => rows.value[index]!));
/** What Work ticked off, newest first, narrowed by the same year and bed. */
const done = computed(() =>
  [...work.said]
    .filter(
      (row) =>
        row.what === 'done' &&
        (year.value === null || row.on_day.startsWith(`${year.value}-`)) &&
        (!site.value || row.task.split(' ').includes(site.value)),
    )
    .sort((a, b) => b.on_day.localeCompare(a.on_day)),
);
/** Chosen creatures whose adults came and whose young were never found. */
const whys = computed(() =>
  garden.targets.filter((row) => log.ladderIn(row.target, log.year - 1)?.askWhy || log.ladderIn(row.target, log.year)?.askWhy),
);
</script>

<template>
  <div>
    <div class="flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
      <div>
        <h1>Log</h1>
        <p class="text-quiet">
          {{ log.book.entries.length }} {{ log.book.entries.length === 1 ? 'entry' : 'entries'
          }}{{ years.length ? `, ${years.at(-1)} to ${years[0]}` : '' }}
        </p>
      </div>
      <div class="no-print flex flex-wrap gap-2">
        <button class="press press-main phone:min-h-[48px]" @click="view.writeDown()">Write down what you see</button>
        <NuxtLink class="press phone:min-h-[48px]" :to="`/gardens/${garden.id}/log/walks`">Go on a walk</NuxtLink>
      </div>
    </div>
    <UnsentEntries class="mt-2" />
    <OfflineNote only-if-not class="mt-2" />
    <DateQuestions class="mt-2" />
    <LazyWhyQuiet class="mt-2" />
    <ul v-if="whys.length" class="mt-2 text-sm">
      <li v-for="row in whys" :key="row.target">
        <span class="creature">{{ garden.creatureName(row.target) }}</span>: adults came several times, and no egg or caterpillar
        was found.
        <NuxtLink
          class="link"
          :to="{ path: `/gardens/${garden.id}/log/why`, query: { of: row.target, symptom: 'adults-no-eggs' } }"
          >Why?<span class="sr-only"> {{ garden.creatureName(row.target) }}</span></NuxtLink
        >
      </li>
    </ul>
    <template v-if="log.book.entries.length">
      <div class="no-print mt-3 flex flex-wrap items-end gap-x-4 gap-y-2 text-sm">
        <label
          >About
          <select v-model="group" class="field block! w-auto! phone:min-h-[44px]">
            <option v-for="row in LOG_GROUPS" :key="row" :value="row">{{ GROUP_WORDS[row] }}</option>
          </select></label
        >
        <label
          >Year
          <select v-model="year" class="field block! w-auto! phone:min-h-[44px]">
            <option :value="null">all</option>
            <option v-for="row in years" :key="row" :value="row">{{ row }}</option>
          </select></label
        >
        <label
          >Bed
          <select v-model="site" class="field block! w-auto! phone:min-h-[44px]">
            <option :value="null">all</option>
            <option v-for="row in garden.sites" :key="row.id" :value="row.id">{{ row.name }}</option>
          </select></label
        >
        <label class="grow sm:max-w-64"
          >Words<input v-model="words" type="search" class="field phone:min-h-[44px]" placeholder="monarch, milkweed, note"
        /></label>
        <span v-if="of"
          >Only <span class="creature">{{ cases.nameOf(of) }}</span>
          <button class="link ml-1 min-h-[26px] phone:min-h-[44px]" @click="of = null">show all</button></span
        >
        <span class="text-quiet" aria-live="polite">{{ group === 'work' ? done.length : rows.length }} shown</span>
      </div>
      <ul v-if="group === 'work'" class="mt-2 divide-y divide-line">
        <SettledTask v-for="row in done" :key="row.id" :row="row" />
      </ul>
      <div
        v-show="group !== 'work'"
        ref="frame"
        class="mt-2 max-h-[34rem] overflow-auto print:max-h-none print:overflow-visible"
        tabindex="0"
        role="region"
        aria-label="Entries of the log"
      >
        <table class="log-rows w-full text-sm">
          <thead class="sticky top-0 bg-ground phone:sr-only">
            <tr>
              <th scope="col" class="w-44">Day</th>
              <th scope="col">Who or what</th>
              <th scope="col">What was seen</th>
              <th scope="col">Where</th>
              <th scope="col" class="w-32"><span class="sr-only">Change</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-if="above > 0" aria-hidden="true">
              <td colspan="5" :style="{ height: `${above}px` }" />
            </tr>
            <tr v-for="entry in entries" :key="entry.id" class="border-b border-line align-top">
              <td class="whitespace-nowrap">
                {{ dateName(entry.on_day) }}<span v-if="entry.at" class="text-quiet">, {{ entry.at }}</span>
              </td>
              <th scope="row" class="creature font-normal">{{ subjectWords(entry, log.names) }}</th>
              <td>
                {{ sayingWords(entry, log.names, view.inUnits) }}
                <NuxtLink v-if="entry.photos.length" class="link" :to="`/gardens/${garden.id}/log/photos`">{{
                  entry.photos.length === 1 ? 'photograph' : `${entry.photos.length} photographs`
                }}</NuxtLink>
                <span v-if="entry.note" class="text-quiet">“{{ entry.note }}”</span>
                <span v-if="entry.revision < 0" class="ml-1 text-thin">waits to be sent</span>
              </td>
              <td class="text-quiet">{{ placeWords(entry, log.names) }}</td>
              <td class="no-print whitespace-nowrap">
                <template v-if="entry.revision >= 0">
                  <button
                    v-if="isSighting(entry.what) || isPlantNote(entry.what)"
                    class="link min-h-[26px] phone:min-h-[44px]"
                    @click="view.changeEntry(entry)"
                  >
                    Change<span class="sr-only"> {{ log.words(entry) }}</span></button
                  ><button class="link ml-3 min-h-[26px] text-gap phone:min-h-[44px]" @click="log.remove(entry)">
                    Remove<span class="sr-only"> {{ log.words(entry) }}</span>
                  </button>
                </template>
              </td>
            </tr>
            <tr v-if="below > 0" aria-hidden="true">
              <td colspan="5" :style="{ height: `${below}px` }" />
            </tr>
          </tbody>
        </table>
      </div>
      <p v-if="(group === 'work' ? done.length : rows.length) === 0" class="mt-2">Nothing of that kind is written down.</p>
    </template>
    <NextLine v-else class="mt-3">
      Nothing is written down yet. Who came, on what plant, doing what: three presses are enough.
      <template #go><button class="press" @click="view.writeDown()">Write down the first</button></template>
    </NextLine>
    <WordsHere :words="['instar', 'chrysalis', 'laying']" />
  </div>
</template>

<style scoped>
@media screen and (width < 48rem) {
  .log-rows tr {
    display: flex;
    flex-wrap: wrap;
    column-gap: 0.6rem;
    padding-block: 0.35rem;
  }
  .log-rows td:nth-child(3) {
    width: 100%;
  }
  .log-rows td:empty {
    display: none;
  }
}
</style>
