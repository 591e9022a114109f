<script setup lang="ts">
import { fliesAbout } from '~~/core/log/marks';
import { temperatureAt } from '~~/core/log/hour';
import { dayNumber } from '~~/core/model/days';
import { BLANK_ENTRY } from '~~/core/model/blank-entry';
import type { EntryFields, NewEntry } from '~~/core/model/log';
import { SKIES, WINDS } from '~~/core/model/vocabulary';
import { SKY_WORDS, WIND_WORDS } from '~~/core/words/log';

/** A walk under way: the clock, and one tap for each creature met. */
const props = defineProps<{ running: ReturnType<typeof useRunningWalk> }>();
const { walk, walked, count, rest, set, end } = props.running;
const garden = useGardenStore();
const work = useWorkStore();
const log = useLogStore();
const view = useViewStore();
const clock = computed(() => {
  const seconds = Math.floor(walked.value / 1000);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
});
const over = computed(() => walked.value >= (walk.value?.minutes ?? 0) * 60_000);
/** Who is likely: met already, then met on earlier walks in these weeks, chosen or common, and on the wing now. */
const tiles = computed(() => {
  const met = walk.value?.order ?? [];
  const day = work.dayOfTheYear;
  const seen = new Map<string, number>();
  for (const entry of log.book.entries.slice(0, 3000))
    if (entry.walk_id !== null && entry.of !== null) seen.set(entry.of, (seen.get(entry.of) ?? 0) + 1);
  const chosen = new Set(garden.targets.map((row) => row.target));
  const likely = [...(garden.almanac?.targets.values() ?? [])]
    .filter((here) => fliesAbout(here, day) && !met.includes(here.target.id))
    .map((here) => {
      const { id } = here.target;
      return { id, score: (seen.get(id) ?? 0) + (chosen.has(id) ? 4 : 0) + (3 - here.occurrence.ease) };
    })
    .sort((a, b) => b.score - a.score)
    .map(({ id }) => id);
  return [...met, ...likely].slice(0, Math.max(12, met.length + 4));
});
const targetOf = (id: string) => garden.library!.targets.find((row) => row.id === id);
const named = ref('');
const { find } = useLibrarySearch();
const matches = computed(() =>
  named.value.trim()
    ? find(named.value)
        .flatMap(({ what, row }) => (what === 'target' ? [row.id] : []))
        .slice(0, 4)
    : [],
);
function tap(id: string) {
  count(id, 1);
  named.value = '';
}
const total = computed(() => Object.values(walk.value?.counts ?? {}).reduce((sum, n) => sum + n, 0));
const skies = SKIES.map((value) => ({ value, words: SKY_WORDS[value] }));
const winds = WINDS.map((value) => ({ value, words: WIND_WORDS[value] }));
const sky = computed({ get: () => walk.value?.sky ?? null, set: (value) => set({ sky: value }) });
const wind = computed({ get: () => walk.value?.wind ?? null, set: (value) => set({ wind: value }) });
const saving = ref(false);
const fault = ref('');
const asks = ref(false);

async function finish() {
  const done = walk.value;
  if (!done) return;
  saving.value = true;
  fault.value = '';
  // A garden whose clock is set is walked on that day.
  const on_day = garden.garden?.clock ?? isoDay(new Date(done.began));
  const at = new Date(done.began).toTimeString().slice(0, 5);
  const temp_c = work.weather ? temperatureAt(work.weather, dayNumber(on_day), at) : null;
  const minutes = Math.max(1, Math.round(walked.value / 60_000));
  const common = { ...BLANK_ENTRY, on_day, at };
  const entries: NewEntry[] = [
    {
      ...common,
      id: done.id,
      what: 'walk',
      minutes,
      temp_c,
      sky: done.sky as EntryFields['sky'],
      wind: done.wind as EntryFields['wind'],
    },
    ...done.order.flatMap((of): NewEntry[] => {
      const seen = done.counts[of] ?? 0;
      return seen === 0 ? [] : [{ ...common, id: freshId(), what: 'adult', of, count: seen, walk_id: done.id }];
    }),
  ];
  try {
    await log.write(entries, `A walk of ${minutes} ${minutes === 1 ? 'minute' : 'minutes'}: ${total.value} seen.`);
    end();
  } catch (error) {
    if (!isApiFault(error)) throw error;
    fault.value = error.message;
  } finally {
    saving.value = false;
  }
}
</script>

<template>
  <section v-if="walk" aria-labelledby="under-way" class="max-w-3xl border border-press bg-raised p-3">
    <div class="flex flex-wrap items-center gap-x-5 gap-y-2">
      <h2 id="under-way">Walk under way</h2>
      <p
        class="font-serif text-3xl tabular-nums"
        :class="over ? 'text-gap' : 'text-press'"
        role="timer"
        :aria-label="`${clock} of ${walk.minutes} minutes`"
      >
        {{ clock }} <span class="text-lg text-quiet">of {{ walk.minutes }} min</span>
      </p>
      <p class="ml-auto text-lg" aria-live="polite">{{ total }} seen</p>
    </div>
    <p v-if="garden.sites.length" class="text-sm text-quiet">
      The round: {{ garden.sites.map((site) => site.name).join(' · ') }}
    </p>
    <p v-if="over" role="status" class="text-gap">Time is up: end the walk where you are.</p>
    <p v-if="walk.restsSince !== null" role="status">The clock rests: what you see now is not part of the walk.</p>
    <div class="mt-2 grid grid-cols-2 gap-1.5 sm:grid-cols-3">
      <div v-for="id in tiles" :key="id" class="flex">
        <button
          v-if="targetOf(id)"
          type="button"
          class="flex min-h-[60px] min-w-0 grow items-center gap-2 border border-line px-2 text-left"
          :class="walk.counts[id] ? 'bg-bank' : ''"
          :disabled="walk.restsSince !== null"
          @click="tap(id)"
        >
          <CreatureGlyph :target="targetOf(id)!" :size="32" />
          <span class="creature min-w-0 grow leading-tight phone:text-base">{{ targetOf(id)!.common }}</span>
          <span class="text-2xl font-semibold">{{ walk.counts[id] || '' }}</span>
        </button>
        <button
          v-if="walk.counts[id]"
          type="button"
          class="min-h-[60px] w-11 border border-l-0 border-line text-xl"
          :aria-label="`One ${targetOf(id)?.common} less`"
          @click="count(id, -1)"
        >
          −
        </button>
      </div>
    </div>
    <label class="mt-2 block text-sm font-semibold"
      >Another
      <input
        v-model="named"
        class="field font-normal phone:min-h-[48px]"
        autocomplete="off"
        placeholder="a name"
        @keydown.enter.prevent="matches[0] && tap(matches[0])"
    /></label>
    <div v-if="matches.length" class="mt-1 grid grid-cols-2 gap-1.5">
      <CreatureTile v-for="id in matches" :key="id" :target="targetOf(id)!" @press="tap(id)" />
    </div>
    <div class="mt-3 flex flex-wrap gap-x-6 gap-y-2">
      <ChipChoice v-model="sky" label="Sky" :choices="skies" />
      <ChipChoice v-model="wind" label="Wind" :choices="winds" />
    </div>
    <FaultBanner class="mt-2" :fault="fault" :clash="false" />
    <div class="mt-3 flex flex-wrap gap-2">
      <button class="press press-main phone:min-h-[48px]" :disabled="saving" @click="finish">End and save</button>
      <button class="press phone:min-h-[48px]" @click="rest">
        {{ walk.restsSince === null ? 'Let the clock rest' : 'Go on' }}
      </button>
      <button class="press phone:min-h-[48px]" @click="view.writeDown({ walk_id: walk.id })">Write more down</button>
      <button v-if="!asks" class="link ml-auto min-h-[26px] phone:min-h-[44px]" @click="asks = true">Give it up</button>
      <span v-else class="ml-auto"
        >{{ total }} counts are lost.
        <button class="link text-gap min-h-[26px] phone:min-h-[44px]" @click="end">Give it up</button>
        <button class="link ml-2 min-h-[26px] phone:min-h-[44px]" @click="asks = false">Go on walking</button></span
      >
    </div>
  </section>
</template>
