<script setup lang="ts">
import { basisSentences } from '~~/core/words/basis';
import { hostClauses } from '~~/core/words/hosts';
import { troublesOf } from '~~/core/why/subject';
import { bloomStory } from '~~/core/words/dates';
import { METHOD_WORDS, wayWords } from '~~/core/words/raise';
import { within } from '~~/core/words/lists';
import { inUnitsOf } from '~~/core/words/units';
import { ACTION_WORDS, ruleFor, ruleHow, ruleWhen } from '~~/core/words/work';
import { isBarred, isListed } from '~~/core/library/status';
import { dayName, dayOfMonthDay } from '~~/core/model/half-month';
import { HALF_ZONES, HOST_RANKS } from '~~/core/model/vocabulary';
import { nectarOfFlower, drinksNectar } from '~~/core/match/nectar';
import { zoneIndex } from '~~/core/place/climate/zones';
import { daysWords } from '~/components/season/calendar-bars';

const route = useRoute();
const garden = useGardenStore();
const cases = useCasesStore();
const view = useViewStore();
const work = useWorkStore();
const libraryStore = useLibraryStore();
useTending();
const id = computed(() => String(route.params.plant));
const here = computed(() => garden.almanac?.plants.get(id.value));
const plant = computed(() => here.value?.plant);
const base = computed(() => `/gardens/${garden.id}/library`);
const gates = computed(() => garden.gatesByPlant.get(id.value) ?? []);
const letters = computed(() => garden.sites.map((site, i) => ({ site, letter: String.fromCharCode(65 + (i % 26)) })));
const at = (value: (site: (typeof garden.sites)[number]) => number) =>
  letters.value.map(({ site, letter }) => ({ letter, name: site.name, value: value(site) }));
const gauges = computed(() => {
  const p = plant.value!;
  return [
    {
      label: 'Sun',
      words: `${p.sun_min_h}–${p.sun_max_h} h`,
      low: 0,
      high: 14,
      from: p.sun_min_h,
      to: p.sun_max_h,
      sites: at((s) => s.sun_h),
    },
    {
      label: 'Moisture',
      words: `${p.moisture_min === p.moisture_max ? p.moisture_min : `${p.moisture_min}–${p.moisture_max}`} of 5`,
      low: 1,
      high: 5,
      from: p.moisture_min,
      to: p.moisture_max,
      sites: at((s) => s.moisture),
    },
    { label: 'pH', words: `${p.ph_min}–${p.ph_max}`, low: 3.5, high: 9, from: p.ph_min, to: p.ph_max, sites: at((s) => s.ph) },
    {
      label: 'Half-zone',
      words: `${p.zone_min}–${p.zone_max}`,
      low: 0,
      high: HALF_ZONES.length - 1,
      from: zoneIndex(p.zone_min),
      to: zoneIndex(p.zone_max),
      sites: [{ letter: garden.garden!.half_zone, name: garden.garden!.name, value: zoneIndex(garden.garden!.half_zone) }],
    },
  ];
});
const facts = computed(() => {
  const p = plant.value!;
  return [
    [
      'Height',
      `${view.length(p.height_min_cm)} to ${view.length(p.height_max_cm)}, ${view.length(p.spread_cm)} wide, set ${view.length(p.spacing_cm)} apart`,
    ],
    ['Soil', `${p.textures.join(', ')}; drainage ${p.drainage}; salt ${p.salt}`],
    [
      'Summers',
      `up to ${p.heat_limit}${p.afternoon_shade_from_zone ? `; afternoon shade from zone ${p.afternoon_shade_from_zone}` : ''}`,
    ],
    [
      'Habit',
      `${p.habit}, ${['', 'polite', 'spreads some', 'pushy'][p.vigour]}; lives ${p.life_years} ${p.life_years === 1 ? 'year' : 'years'}, flowers ${p.years_to_flower === 0 ? 'in its first year' : `from year ${p.years_to_flower + 1}`}`,
    ],
    [
      'Flowers',
      p.flower_form === 'none' ? 'none that feed anyone' : `${p.colour}, ${p.flower_form}, tube ${view.inUnits.fine(p.tube_mm)}`,
    ],
    [
      'Pots',
      p.container === 'no'
        ? 'not for containers'
        : `${p.container} in containers from ${view.volume(p.container_min_l!)}, ${p.container_role ?? 'alone'}`,
    ],
    ['Deer', `${p.deer} resistance`],
  ] as const;
});
const hostOf = computed(() =>
  [...(garden.almanac?.targets.values() ?? [])]
    .flatMap((target) => {
      const host = target.hosts.get(id.value);
      return host ? [{ target: target.target, host }] : [];
    })
    .sort((a, b) => HOST_RANKS.indexOf(a.host.rank) - HOST_RANKS.indexOf(b.host.rank)),
);
const drinkers = computed(() =>
  [...(garden.almanac?.targets.values() ?? [])].filter(
    (t) =>
      drinksNectar(t.target) &&
      plant.value &&
      nectarOfFlower(t.target, plant.value) > 0 &&
      t.flightHalfMonths.some((h) => here.value!.bloomShares[h]! > 0.3),
  ),
);
const raised = computed(() =>
  plant.value && libraryStore.tending
    ? garden.here!.ways.of(plant.value).map((way) => ({
        method: METHOD_WORDS[way.method],
        takes: wayWords(way, plant.value!, view.inUnits),
        fails: way.row.fails,
      }))
    : [],
);
const story = computed(() => (here.value ? bloomStory(here.value, garden.almanac!.frosts, garden.regionName) : null));
/** Listed here, or listed elsewhere and not known to be harmless here: nobody is told how to have more of it. */
const barred = computed(() => here.value && isBarred(here.value.status));
/** All that holds of it here, the days those of an average year. */
const care = computed(() => (plant.value ? (work.work?.careOf(id.value) ?? []) : []));
const troubles = computed(() => (plant.value && libraryStore.tending ? troublesOf(garden.here!.causes, plant.value) : []));
</script>

<template>
  <article v-if="here && plant" class="max-w-5xl">
    <EntryHead file="plants.csv" :row="plant">
      <template #glyph><PlantGlyph :plant="plant" :size="140" /></template>
      <p class="text-sm text-quiet">{{ plant.kind }} of the {{ plant.family }}; confidence {{ plant.confidence }}</p>
      <p class="mt-1">
        <strong :class="isListed(here.status.status) ? 'text-gap' : ''">{{
          here.status.row
            ? `${here.status.status} here`
            : here.status.listedIn.length
              ? 'Listed as invasive elsewhere, with no record here'
              : 'No record for this region'
        }}</strong><span v-if="!here.status.row" class="text-quiet">: it is not offered until one is added below.</span>
        <span v-if="here.status.row" class="text-quiet"> ({{ here.status.row.as_of }})</span
        ><span v-if="here.status.row?.note" class="ml-1 text-quiet">{{ here.status.row.note }}</span>
        <template v-if="here.bloom"> Flowers {{ dayName(here.bloom.from) }} to {{ dayName(here.bloom.to) }} here.</template>
      </p>
      <template #actions>
        <button class="press" @click="view.explain({ kind: 'plant', plant: id })">How it fits your sites</button>
      </template>
    </EntryHead>
    <GateList :gates="gates" class="mt-2" />

    <div class="mt-4 grid gap-x-8 gap-y-4 md:grid-cols-2">
      <section aria-label="Ranges">
        <h2>What it wants, and what you have</h2>
        <div class="mt-2 space-y-1"><RangeGauge v-for="gauge in gauges" :key="gauge.label" v-bind="gauge" /></div>
        <p v-if="letters.length" class="mt-1 text-xs text-quiet">
          <span v-for="{ site, letter } in letters" :key="site.id" class="mr-2">{{ letter }} {{ site.name }}</span>
        </p>
        <p v-else class="mt-1 text-sm text-quiet">Survey a bed in Place to see it against these ranges.</p>
        <dl class="mt-2 grid grid-cols-[5.5rem_minmax(0,1fr)] text-sm">
          <template v-for="[term, words] in facts" :key="term">
            <dt class="text-quiet">{{ term }}</dt>
            <dd>{{ words }}</dd>
          </template>
        </dl>
        <p v-for="words in basisSentences(plant)" :key="words" class="mt-1 text-sm text-quiet">{{ words }}</p>
      </section>
      <InsteadOf :plant="id" heading="h2" />
      <section aria-label="Who uses it">
        <h2>Who uses it here</h2>
        <p v-if="hostOf.length === 0 && drinkers.length === 0" class="mt-1 text-thin">
          Nobody among the creatures of this region, as far as the library knows.
        </p>
        <ul class="mt-1 text-sm">
          <li v-for="row in hostOf" :key="row.target.id" class="flex items-center gap-2">
            <LarvaGlyph :target="row.target" :size="46" />
            <span
              >Caterpillars of <NuxtLink class="link" :to="`${base}/targets/${row.target.id}`">{{ row.target.common }}</NuxtLink>:
              <span :class="row.host.rank === 'trap' ? 'font-semibold text-gap' : ''">{{ row.host.rank }}</span>
              <span v-for="clause in hostClauses(row.target, row.host)" :key="clause" class="text-quiet">
                · {{ clause }}</span
              ></span
            >
          </li>
        </ul>
        <p class="mt-2 text-sm">
          Nectar, of 3: butterflies {{ plant.nectar_butterfly }}, hummingbirds {{ plant.nectar_hummingbird }}, moths
          {{ plant.nectar_moth }}<template v-if="plant.alkaloid">; with the alkaloids that milkweed butterflies seek</template>.
        </p>
        <p v-if="drinkers.length" class="mt-1 text-sm">
          Can drink from it while it flowers:
          <template v-for="(t, i) in drinkers.slice(0, 14)" :key="t.target.id"
            >{{ i ? ', ' : ''
            }}<NuxtLink class="link" :to="`${base}/targets/${t.target.id}`">{{ t.target.common }}</NuxtLink></template
          >{{ drinkers.length > 14 ? ` and ${drinkers.length - 14} more` : '' }}.
        </p>
      </section>
      <section aria-label="Cautions">
        <h2>Cautions</h2>
        <p v-if="here.cautions.length === 0" class="mt-1 text-sm text-quiet">None recorded. Never eat a plant by guess.</p>
        <OwnRows
          :id="id"
          file="cautions.csv"
          about="plant"
          :heading="`Cautions of ${plant.common}`"
          :blank="{ plant: id, hazard: 'people', severity: '2', note: '' }"
        >
          <template #row="{ cells }">
            <strong>{{ cells.hazard!.replace('-', ' and ') }}</strong> {{ cells.note }}
            <span class="text-quiet">{{ ['', 'mild', 'serious', 'grave'][Number(cells.severity)] }}</span>
          </template>
        </OwnRows>
        <h3 class="mt-3 font-semibold">Where it is native, and where listed</h3>
        <OwnRows
          :id="id"
          file="plant-status.csv"
          about="plant"
          :heading="`Status of ${plant.common}`"
          :blank="{ plant: id, place: garden.garden!.region, status: 'introduced', as_of: '2026', note: '' }"
        >
          <template #row="{ cells }">
            <span
              :class="cells.place === garden.garden!.region || cells.place === garden.garden!.jurisdiction ? 'font-semibold' : ''"
              >{{ garden.regionName(cells.place!) }}</span
            >
            <span :class="isListed(cells.status!) ? 'text-gap' : 'text-quiet'">{{ cells.status }} ({{ cells.as_of }})</span>
          </template>
        </OwnRows>
      </section>
      <section v-if="story" aria-label="When it flowers">
        <h2>When it flowers</h2>
        <p class="mt-1">
          <strong>{{ story.window ? daysWords(story.window) : 'Not here' }}</strong> in {{ garden.garden?.name }}:
          {{ [story.shift, story.frost, story.own].filter(Boolean).join('; ') }}.
        </p>
        <ul class="mt-1 text-sm">
          <li v-for="row in story.stated" :key="row.where">
            {{ daysWords(row.window) }} <span class="text-quiet">{{ row.where }}</span>
          </li>
        </ul>
        <details class="no-print mt-2">
          <summary class="link cursor-pointer text-sm">All that is stated of it by the day</summary>
          <OwnRows
            :id="id"
            file="blooms.csv"
            about="plant"
            :heading="`Bloom of ${plant.common}`"
            :blank="{ plant: id, region: garden.garden!.region, first: '', last: '', years: '', confidence: 'medium' }"
          >
            <template #row="{ cells }">
              <span :class="cells.region === garden.garden!.region ? 'font-semibold' : ''">{{
                garden.regionName(cells.region!)
              }}</span>
              <span class="text-quiet"
                >{{ dayName(dayOfMonthDay(cells.first!)) }} to {{ dayName(dayOfMonthDay(cells.last!))
                }}{{ cells.years ? `, ${cells.years} years` : '' }}</span
              >
            </template>
          </OwnRows>
        </details>
      </section>
      <section aria-label="How to raise it">
        <h2>How to raise it</h2>
        <p v-if="barred" class="mt-1 text-sm text-gap">
          It is listed as invasive: no way to buy, sow or root it is given. How it is cleared stands under Around in Place.
        </p>
        <p v-else-if="raised.length === 0" class="mt-1 text-sm text-quiet">No way to raise it is given.</p>
        <p v-if="raised.length > 0 && !barred" class="mt-1 text-sm">
          <NuxtLink
            class="link inline-flex min-h-[26px] items-center phone:min-h-[44px]"
            :to="{ path: `/gardens/${garden.id}/work/raise`, query: { plant: id } }"
            >How to raise it here, with its days</NuxtLink
          >
        </p>
        <dl v-if="raised.length > 0 && !barred" class="mt-1 text-sm">
          <template v-for="way in raised" :key="way.method">
            <dt class="font-semibold">{{ way.method }}</dt>
            <dd class="mb-1">
              {{ way.takes }}<template v-if="way.fails">. {{ inUnitsOf(way.fails, view.inUnits) }}</template>
            </dd>
          </template>
        </dl>
        <template v-if="care.length && !barred">
          <h3 class="mt-2 font-semibold">Keeping it going</h3>
          <ul class="text-sm">
            <li
              v-for="{ rule, window } in care"
              :key="[rule.plant, rule.action, rule.never, rule.from, rule.age_from, rule.place, rule.school].join(' ')"
            >
              <strong>{{ rule.never ? `Never: ${within(ACTION_WORDS[rule.action])}` : ACTION_WORDS[rule.action] }}</strong>{{
                ruleWhen(rule, window)
              }}. {{ rule.never ? '' : ruleHow(rule, view.inUnits) }} {{ inUnitsOf(rule.why, view.inUnits) }}
              <span v-if="rule.plant !== id" class="text-quiet">(Of {{ ruleFor(rule) }}; confidence {{ rule.confidence }}.)</span
              ><span v-else class="text-quiet">(Confidence {{ rule.confidence }}.)</span>
            </li>
          </ul>
        </template>
        <h3 class="mt-2 font-semibold">When something is wrong</h3>
        <ul v-if="troubles.length" class="text-sm">
          <li v-for="{ symptom, causes } in troubles" :key="symptom.id">
            <NuxtLink class="link" :to="{ path: `/gardens/${garden.id}/log/why`, query: { of: id, symptom: symptom.id } }">{{
              symptom.name
            }}</NuxtLink>: {{ causes.map((cause) => cause.name).join('; ') }}.
          </li>
        </ul>
        <p class="mt-1 text-sm">
          <NuxtLink
            class="link inline-flex min-h-[26px] items-center phone:min-h-[44px]"
            :to="{ path: `/gardens/${garden.id}/log/why`, query: { of: id } }"
            >Ask why, by what is seen on it</NuxtLink
          >
        </p>
        <LazyWhyCases :rows="cases.of(id)" title="What was wrong here" />
      </section>
    </div>
    <p class="mt-4 max-w-prose text-sm text-quiet">
      Buy nursery-propagated plants, true to their species and untreated; never dig from the wild. Lists and laws change: check
      with your local extension office.
    </p>
  </article>
  <p v-else class="my-8">
    The library has no plant with this id. <NuxtLink class="link" :to="base">Back to the library</NuxtLink>
  </p>
</template>
