<script setup lang="ts">
import { parseGlyph } from '~~/core/model/glyph';
import { hostClauses } from '~~/core/words/hosts';
import { resolveHosts } from '~~/core/library/hosts';
import { hostMates, rangeOf } from '~~/core/almanac/about';
import { isListed } from '~~/core/library/status';
import { halfMonthsInWords } from '~~/core/model/half-month';
import { Flight } from '~~/core/model/reference';
import { familyInWords, HOST_RANKS } from '~~/core/model/vocabulary';
import { needsOf } from '~~/core/coverage/needs';
import { tellings } from '~~/core/log/marks';
import { broodsWords, statedPart, winterWords, yearWords } from '~~/core/words/flights';
import { needName } from '~~/core/words/needs';

const route = useRoute();
const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();
const id = computed(() => String(route.params.target));
const target = computed(() => garden.library?.targets.find((row) => row.id === id.value));
const here = computed(() => garden.almanac?.targets.get(id.value));
const log = useLogStore();
log.begin();
const pictured = computed(() => log.book.about(id.value).filter((entry) => entry.photos.length > 0));
const alike = computed(() =>
  garden.library && garden.almanac ? tellings(id.value, garden.library.lookalikes, garden.almanac) : [],
);
const chosen = computed(() => garden.targets.some((row) => row.target === id.value));
const below = computed(() => {
  const glyph = parseGlyph(target.value?.glyph ?? '');
  return !('problem' in glyph) && glyph.below !== undefined;
});
const HOW = {
  resident: 'lives here',
  migrant: 'comes each year',
  visitor: 'strays here',
  winter: 'winters here',
  rare: 'rare here',
  introduced: 'lives here, brought from elsewhere',
};
const FOOD = {
  nectar: 'nectar',
  mixed: 'nectar, sap and fruit',
  'sap-fruit': 'sap and rotting fruit',
  none: 'nothing: adults do not feed',
};
const needs = computed(() => (here.value ? needsOf(here.value, 'breeds') : []));
const resolved = computed(
  () =>
    here.value?.hosts ??
    resolveHosts(
      garden.library!.hosts.filter((row) => row.target === id.value),
      garden.library!.plants,
    ),
);
/** Hosts that have a record here come first within their rank; the others are counted. */
const hosts = computed(() =>
  HOST_RANKS.map((rank) => {
    const all = [...resolved.value]
      .filter(([, host]) => host.rank === rank)
      .flatMap(([plant, host]) => {
        const found = garden.almanac!.plants.get(plant);
        return found ? [{ here: found, host }] : [];
      });
    const known = all.filter((row) => row.here.status.row);
    known.sort((a, b) => Number(b.here.status.native) - Number(a.here.status.native));
    return { rank, known, elsewhere: all.length - known.length };
  }).filter((group) => group.known.length + group.elsewhere > 0),
);
const mates = computed(() => (garden.almanac ? hostMates(garden.almanac, id.value) : []));
const range = computed(() => (garden.library ? rangeOf(garden.library, id.value) : []));
/** A row of flights.csv as it stands in its cells, in words. */
function partOf(cells: Record<string, string>) {
  const row = Flight.safeParse(cells);
  return row.success ? statedPart(row.data) : '';
}
const base = computed(() => `/gardens/${garden.id}/library`);
const size = computed(() => view.inUnits.fine(target.value!.size_min_mm, target.value!.size_max_mm));
</script>

<template>
  <article v-if="target" class="max-w-5xl">
    <EntryHead file="targets.csv" :row="target">
      <template #glyph><CreatureGlyph :target="target" :size="168" /></template>
      <p class="text-sm text-quiet">
        {{ target.kind }}, of the {{ familyInWords(target.family) }} ({{ target.family }});
        {{ target.kind === 'hummingbird' ? 'length' : 'wings' }} {{ size }}; confidence {{ target.confidence }}
      </p>
      <p v-if="here" class="mt-1">
        {{ HOW[here.occurrence.status] }}, {{ yearWords(here) }}{{ broodsWords(here) ? `; ${broodsWords(here)}` : ''
        }}{{ winterWords(here) ? `; ${winterWords(here)}` : '' }}. Lives on {{ FOOD[target.adult_food] }}.
      </p>
      <p v-else class="mt-1 text-thin">It is not known from {{ garden.almanac?.region.name }}.</p>
      <p v-if="target.concern" class="text-thin">{{ target.concern }}</p>
      <template #actions>
        <button
          v-if="here && !chosen"
          class="press press-main"
          @click="commands.chooseTarget({ target: id, ambition: 'breeds', priority: here.occurrence.ease })"
        >
          Choose it for this garden
        </button>
        <span v-else-if="chosen" class="self-center text-press">Chosen for this garden</span>
      </template>
    </EntryHead>

    <section v-if="pictured.length" class="mt-4" aria-label="Photographs">
      <h2>Your photographs</h2>
      <LazyPhotoStrip class="mt-1" :entries="pictured" :label="`Photographs of ${target.common}`" />
    </section>
    <section v-if="here" class="mt-4" aria-label="Its year here">
      <h2>Its year in {{ garden.garden?.name }}</h2>
      <StageStrip :here="here" class="mt-1" />
    </section>

    <div class="mt-4 grid gap-x-8 gap-y-4 md:grid-cols-2">
      <section aria-label="Marks">
        <h2>How to know it</h2>
        <p class="mt-1">{{ target.adult_marks }}</p>
        <p v-for="row in alike" :key="row.other" class="mt-1">
          Easily taken for
          <NuxtLink class="link" :to="`/gardens/${garden.id}/library/targets/${row.other}`">{{
            garden.creatureName(row.other)
          }}</NuxtLink>. {{ row.look }}: {{ row.mine }}; on the other {{ row.theirs }}.
        </p>
        <p v-if="below" class="mt-1 text-sm text-quiet">Drawn from above on the left, from below on the right.</p>
        <div v-if="target.kind !== 'hummingbird'" class="mt-2 flex flex-wrap items-end gap-x-6 gap-y-1 text-sm text-quiet">
          <figure class="text-center">
            <EggGlyph class="mx-auto" :target="target" :size="44" />
            <figcaption>{{ target.clutch ? 'eggs' : 'egg' }}</figcaption>
          </figure>
          <figure class="text-center">
            <LarvaGlyph :target="target" :size="140" />
            <figcaption>caterpillar</figcaption>
          </figure>
          <figure class="text-center">
            <PupaGlyph class="mx-auto" :target="target" :size="64" />
            <figcaption>{{ target.kind === 'moth' ? 'pupa' : 'chrysalis' }}</figcaption>
          </figure>
        </div>
        <p class="mt-1">{{ target.young_marks }}</p>
        <p v-if="target.kind !== 'hummingbird'" class="mt-1 text-sm text-quiet">
          Egg and {{ target.kind === 'moth' ? 'pupa' : 'chrysalis' }} are drawn in the form of its kind, much enlarged; shades
          vary.
        </p>
        <template v-if="mates.length">
          <h3 class="mt-3 font-semibold">Easily mistaken, on the same plants</h3>
          <ul class="mt-1">
            <li
              v-for="{ mate, shared } in mates.slice(0, 5)"
              :key="mate.target.id"
              class="flex items-center gap-2 py-0.5 text-sm"
            >
              <LarvaGlyph :target="mate.target" :size="64" />
              <span>
                <NuxtLink class="link" :to="`${base}/targets/${mate.target.id}`">{{ mate.target.common }}</NuxtLink>
                <span class="text-quiet">
                  · {{ mate.target.young_marks }} Shares
                  {{
                    shared
                      .slice(0, 2)
                      .map((p) => garden.nameOf(p))
                      .join(', ')
                  }}{{ shared.length > 2 ? ` and ${shared.length - 2} more` : '' }}.</span
                >
              </span>
            </li>
          </ul>
        </template>
      </section>
      <section v-if="needs.length" aria-label="Needs">
        <h2>What it needs to breed</h2>
        <ul class="mt-1">
          <li v-for="need in needs" :key="need.stage + need.special" class="py-0.5">
            <strong>{{ needName(need, here!) }}</strong>
            <span class="ml-1 text-quiet">{{ halfMonthsInWords(need.halfMonths) }}</span>
          </li>
        </ul>
        <p v-if="target.flower_forms.length && target.adult_food !== 'none'" class="mt-1 text-sm">
          Drinks from {{ target.flower_forms.join(', ') }} flowers with tubes up to {{ view.inUnits.fine(target.tongue_mm) }}.
        </p>
      </section>
      <section v-if="target.kind !== 'hummingbird'" aria-label="Hosts">
        <h2>Host plants</h2>
        <div v-for="group in hosts" :key="group.rank" class="mt-1">
          <h3 class="font-semibold" :class="group.rank === 'trap' ? 'text-gap' : ''">
            {{ group.rank === 'trap' ? 'Traps: eggs are laid and the young die' : group.rank }}
          </h3>
          <ul class="text-sm">
            <li v-for="row in group.known.slice(0, 12)" :key="row.here.plant.id">
              <NuxtLink class="link" :to="`${base}/plants/${row.here.plant.id}`">{{ row.here.plant.common }}</NuxtLink>
              <span class="ml-1" :class="isListed(row.here.status.status) ? 'text-gap' : 'text-quiet'">{{
                row.here.status.status
              }}</span><span v-for="clause in hostClauses(target!, row.host)" :key="clause" class="text-quiet">
                · {{ clause }}</span
              >
            </li>
            <li v-if="group.known.length > 12" class="text-quiet">and {{ group.known.length - 12 }} more recorded here</li>
            <li v-if="group.elsewhere" class="text-quiet">{{ group.elsewhere }} more with no record in this region</li>
          </ul>
        </div>
        <details class="no-print mt-2">
          <summary class="link cursor-pointer text-sm">The rows behind this</summary>
          <OwnRows
            :id="id"
            file="hosts.csv"
            about="target"
            :heading="`Hosts of ${target.common}`"
            :blank="{ target: id, plant: '', rank: 'accepted', light: 'any', note: '' }"
          >
            <template #row="{ cells }"
              >{{ cells.plant }} <span class="text-quiet">{{ cells.rank }} · {{ cells.light }}</span></template
            >
          </OwnRows>
        </details>
      </section>
      <section aria-label="Where it lives">
        <h2>Where it lives</h2>
        <ul class="mt-1 text-sm">
          <li v-for="row in range" :key="row.region.id">
            <span :class="row.region.id === garden.garden!.region ? 'font-semibold' : ''">{{ row.region.name }}</span>
            <span class="ml-1 text-quiet"> {{ [row.occurrence.status, ...row.flights.map(statedPart)].join('; ') }}</span>
          </li>
        </ul>
        <details class="no-print mt-2">
          <summary class="link cursor-pointer text-sm">The rows behind this</summary>
          <h3 class="mt-2 font-semibold">Where it lives and winters</h3>
          <OwnRows
            :id="id"
            file="occurrence.csv"
            about="target"
            :heading="`Where ${target.common} lives`"
            :blank="{
              target: id,
              region: garden.garden!.region,
              status: 'resident',
              ease: '2',
              nest_first: '',
              nest_last: '',
              overwinters_as: '',
              overwinters_in: '',
              winter_larva: '',
              confidence: '',
            }"
          >
            <template #row="{ cells }">
              <span :class="cells.region === garden.garden!.region ? 'font-semibold' : ''">{{
                garden.regionName(cells.region!)
              }}</span>
              <span class="text-quiet">{{ cells.status }}</span>
            </template>
          </OwnRows>
          <h3 class="mt-3 font-semibold">The parts of its year</h3>
          <OwnRows
            :id="id"
            file="flights.csv"
            about="target"
            :heading="`Parts of its year`"
            :blank="{
              target: id,
              region: garden.garden!.region,
              part: 'breeding',
              first: '8',
              last: '17',
              broods: '1',
              laying: 'y',
              zones: '',
            }"
          >
            <template #row="{ cells }">
              <span :class="cells.region === garden.garden!.region ? 'font-semibold' : ''">{{
                garden.regionName(cells.region!)
              }}</span>
              <span class="text-quiet">{{ partOf(cells) }}</span>
            </template>
          </OwnRows>
        </details>
      </section>
    </div>
    <p class="no-print mt-3">
      <NuxtLink
        class="link inline-flex min-h-[26px] items-center phone:min-h-[44px]"
        :to="{ path: `/gardens/${garden.id}/log/why`, query: { of: id } }"
        >Why does it not come, or not breed?</NuxtLink
      >
    </p>
    <p class="mt-4 max-w-prose text-sm text-quiet">
      Rules on raising, moving and releasing butterflies differ from place to place: ask locally. Feeders for hummingbirds hold
      sugar and water 1:4, nothing else, and are cleaned every few days.
    </p>
  </article>
  <p v-else class="my-8">
    The library has no creature with this id. <NuxtLink class="link" :to="base">Back to the library</NuxtLink>
  </p>
</template>
