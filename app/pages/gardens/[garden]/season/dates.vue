<script setup lang="ts">
import { differenceOf } from '~~/core/coverage/difference';
import { bloomStory, flightStory, type DateStory } from '~~/core/words/dates';
import { differenceWords } from '~~/core/words/needs';
import { dateName } from '~~/core/model/half-month';
import { SEEN_WORDS } from '~~/core/model/vocabulary';
import { daysWords } from '~/components/season/calendar-bars';

/** How this garden’s calendar comes about: the region’s, moved here, bounded by frost, and by what was seen. */
const garden = useGardenStore();
const log = useLogStore();
log.begin();
const view = useViewStore();
const kinds = computed(() => [...garden.plantedCounts.keys()].flatMap((id) => garden.almanac!.plants.get(id) ?? []));
const stories = computed<DateStory[]>(() => [
  ...garden.targets.flatMap((row) => {
    const here = garden.almanac?.targets.get(row.target);
    return here ? [flightStory(here, garden.region?.name ?? '', garden.regionName)] : [];
  }),
  ...kinds.value
    .flatMap((here) => bloomStory(here, garden.almanac!.frosts, garden.regionName) ?? [])
    .sort((a, b) => a.window!.from - b.window!.from),
]);
/** What the recorded dates change: with them compared with without them. */
const effect = computed(() => {
  if (garden.seen.length === 0 || !garden.here || !garden.served) return null;
  const without = garden.here.with({ seen: [] }).covered;
  const difference = differenceOf(without, garden.served);
  const lines = [...difference.better, ...difference.worse].map((row) =>
    differenceWords(
      garden.almanac!.targets.get(row.target)!,
      row,
      (before, after) => `${before} without them, ${after} with them`,
    ),
  );
  return { with: garden.served.closed, without: without.closed, lines };
});
/** What was said to be a first or a last, with the entry of the log that says so. */
const written = computed(() =>
  garden.seen
    .filter((row) => row.sure || row.what.endsWith('bloom'))
    .map((row) => ({ ...row, entry: log.book.byId(row.id) }))
    .sort((a, b) => b.on_day.localeCompare(a.on_day)),
);
const subjectOf = (of: string, bloom: boolean) =>
  bloom ? garden.nameOf(of) : (garden.almanac?.targets.get(of)?.target.common ?? of);
function explain(story: DateStory) {
  view.explain(story.kind === 'bloom' ? { kind: 'plant', plant: story.of } : { kind: 'target', target: story.of });
}
</script>

<template>
  <div>
    <h1>This garden’s own dates</h1>
    <p class="max-w-prose text-quiet">
      The library states when a plant flowers or a creature flies in a region; of several regions the nearest in climate counts,
      or the two nearest together. From there a bloom is moved as its kind keeps time, with its length kept: by the heat of spring
      and summer, less and less of it until late August; by short days; from the last frost; or with the rains. It stays within
      this garden’s frosts, and is settled by what you saw: one year of yours moves it half way, two most of it, three all the
      way.
    </p>
    <SeenForm class="mt-3" />
    <section v-if="effect" class="mt-4" aria-labelledby="effect">
      <h2 id="effect">What your dates change</h2>
      <p>
        <strong>{{ effect.with }}</strong> life cycles close with them, {{ effect.without }} without.
        <template v-if="effect.lines.length === 0">Every need is as well served.</template>
      </p>
      <ul class="text-sm">
        <li v-for="line in effect.lines" :key="line">{{ line }}</li>
      </ul>
    </section>
    <section class="mt-4" aria-labelledby="stories">
      <h2 id="stories">How each date comes about</h2>
      <ScrollRegion v-if="stories.length" label="Dates step by step">
        <table class="tabular text-sm">
          <thead>
            <tr>
              <th scope="col">Who or what</th>
              <th scope="col">Stated</th>
              <th scope="col">Moved here</th>
              <th scope="col">Frost</th>
              <th scope="col">Yours</th>
              <th scope="col">Counts</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="story in stories" :key="story.kind + story.of">
              <th scope="row" class="font-normal">
                <button
                  class="creature min-h-[26px] text-left underline decoration-line underline-offset-2"
                  @click="explain(story)"
                >
                  {{ story.name }}
                </button>
                <span class="block text-xs text-quiet">{{ story.kind === 'bloom' ? 'in flower' : 'on the wing' }}</span>
              </th>
              <td>
                <span v-for="row in story.stated" :key="row.where" class="block">
                  {{ daysWords(row.window) }}<span class="block text-xs text-quiet">{{ row.where }}</span>
                </span>
              </td>
              <td>
                {{ daysWords(story.moved) }}<span class="block text-xs text-quiet">{{ story.shift }}</span>
              </td>
              <td>{{ story.frost }}</td>
              <td>{{ story.own }}</td>
              <td class="font-semibold">{{ story.window ? daysWords(story.window) : 'not here' }}</td>
            </tr>
          </tbody>
        </table>
      </ScrollRegion>
      <p v-else>Nothing is planted and nobody is chosen yet.</p>
    </section>
    <section v-if="written.length" class="mt-4" aria-labelledby="written">
      <h2 id="written">Recorded</h2>
      <ScrollRegion label="Recorded dates">
        <table class="tabular text-sm">
          <thead>
            <tr>
              <th scope="col">Day</th>
              <th scope="col">What</th>
              <th scope="col">Of</th>
              <th scope="col">Note</th>
              <th scope="col"><span class="sr-only">Delete</span></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in written" :key="row.id + row.what">
              <th scope="row" class="font-normal whitespace-nowrap">{{ dateName(row.on_day) }}</th>
              <td>{{ SEEN_WORDS[row.what] }}</td>
              <td class="creature">{{ subjectOf(row.of, row.what.endsWith('bloom')) }}</td>
              <td>{{ row.entry?.note }}</td>
              <td class="act">
                <button v-if="row.entry" class="link min-h-[26px] text-gap" @click="log.remove(row.entry)">
                  Delete<span class="sr-only">
                    {{ SEEN_WORDS[row.what] }} of {{ subjectOf(row.of, row.what.endsWith('bloom')) }},
                    {{ dateName(row.on_day) }}</span
                  >
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </ScrollRegion>
    </section>
  </div>
</template>
