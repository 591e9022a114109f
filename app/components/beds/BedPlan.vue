<script setup lang="ts">
import { drawnAs } from '~~/core/garden/placed';
import type { Leaves } from '~~/core/garden/layout-here';
import { checksOf } from '~~/core/layout/checks';
import { climbingIn } from '~~/core/layout/climbing';
import { colourYear } from '~~/core/layout/colour-year';
import type { Standing } from '~~/core/layout/question';
import { scoreOf } from '~~/core/layout/score';
import { halfMonthName, runsOf } from '~~/core/model/half-month';
import { LIVE_STATES } from '~~/core/model/states';
import type { MeasuredSite } from '~~/core/place/survey/measured';
import type { Point } from '~~/core/model/yard';
import { GROUND_CELL, groundPicture } from './ground-picture';
import { changeWords, checkSentence, FAMILY_WORDS, SIDE_WORDS, tape } from '~~/core/words/layout';
import type { Side } from '~~/core/model/vocabulary';

/** The planting plan of a bed: from above and from the front, to be arranged, moved by hand and judged. */
const props = defineProps<{ site: MeasuredSite }>();
const garden = useGardenStore();
const beds = useBedsStore();
const view = useViewStore();
const soon = useSoon();
const id = props.site.id;
const moves = useBedMoves(id);

const leaves = ref<Leaves>('standing');
const names = ref<'numbers' | 'names' | 'none'>('numbers');
const circles = ref(true);
const thisYear = ref(false);
const under = ref<'none' | 'sun' | 'moisture'>('none');
const zoom = ref(1);
const side = ref<Side | null>(null);

/** While a search goes on, its best so far is drawn. */
const searching = computed(() => beds.arranging === id);
const shown = computed<readonly Standing[]>(() =>
  searching.value && beds.progress ? beds.progress.best.plants : moves.plants.value,
);
const { bed, climbables, plantings, scene } = useBedScene(
  () => id,
  () => shown.value,
  () => (thisYear.value ? Number((garden.garden!.clock ?? isoDay(view.today)).slice(0, 4)) : null),
);
/** The broadest of the sides it is seen from, where none was chosen. */
const lookedFrom = computed<Side>(() => {
  if (side.value || !bed.value) return side.value ?? 'bottom';
  const { frame, seen } = bed.value;
  const wide = (one: Side) => (one === 'bottom' || one === 'top' ? frame.width : frame.depth);
  return [...seen].sort((a, b) => wide(b) - wide(a))[0]!;
});
const question = computed(() => (soon.value && plantings.value.length > 0 ? beds.questionOf(id) : null));

/** What is dragged at the moment, and how far. */
const dragged = shallowRef<{ dx: number; dy: number } | null>(null);
const preview = computed<readonly Standing[]>(() =>
  dragged.value ? moves.shifted(dragged.value.dx, dragged.value.dy) : shown.value,
);
const unplaced = computed(() => plantings.value.map((row) => Math.max(0, row.count - row.spots.length)));
const missing = computed(() => unplaced.value.reduce((sum, n) => sum + n, 0));
const all = computed(() => plantings.value.reduce((sum, row) => sum + row.count, 0));
const score = computed(() => {
  if (!question.value || shown.value.length === 0) return null;
  if (searching.value) return beds.progress?.score ?? null;
  return scoreOf(question.value, { plants: [...preview.value], unplaced: unplaced.value });
});
const before = computed(() =>
  question.value && moves.saved.value.plants.length > 0 ? scoreOf(question.value, moves.saved.value) : null,
);
/** What the move that is being made gains or loses; of one that is made it stays, until something else is chosen. */
const cost = shallowRef<string[]>([]);
watch([dragged, preview], () => {
  if (searching.value || !before.value || !score.value || preview.value === moves.saved.value.plants) return;
  cost.value = changeWords(before.value, score.value);
});
watch(moves.chosen, () => (cost.value = []));
const label = (plant: number) => {
  const row = shown.value[plant];
  return row ? garden.nameOf(plantings.value[row.kind]!.plant) : '';
};
const one = computed(() => (moves.chosen.value.size === 1 ? [...moves.chosen.value][0]! : null));
const chosenPlant = computed(() => (one.value === null ? null : (scene.value.find((plant) => plant.i === one.value) ?? null)));
/** What is chosen and where it stands, for who does not see the drawing. */
const spoken = computed(() => {
  const plant = chosenPlant.value;
  if (!plant) return moves.chosen.value.size > 1 ? `${moves.chosen.value.size} plants chosen` : '';
  const at = `${tape(plant.x, view.inUnits)} from the left, ${tape(plant.y, view.inUnits)} from the bottom`;
  return `${plant.kind}.${plant.nth} ${plant.here.plant.common}, ${at}${plant.held ? ', locked' : ''}`;
});
const checks = computed(() =>
  question.value && one.value !== null && preview.value[one.value]
    ? checksOf(question.value, preview.value, one.value).map((check) => ({
        rule: check.rule,
        text: checkSentence(check, label, view.inUnits),
      }))
    : [],
);
const faulty = computed(() => {
  const { rules } = score.value ?? {};
  return new Set(rules ? [...rules.inside, ...rules.apart, ...rules.climbs] : []);
});

async function arrange() {
  await moves.settled();
  await beds.arrange(id, leaves.value);
}

function drag(plant: number, dx: number, dy: number, end: boolean) {
  if (!moves.chosen.value.has(plant)) moves.choose(plant);
  dragged.value = end ? null : { dx, dy };
  if (end && Math.hypot(dx, dy) > 0.005) void moves.settle(dx, dy);
}
function chooseBox([ax, ay]: Point, [bx, by]: Point) {
  const within = (value: number, a: number, b: number) => value >= Math.min(a, b) && value <= Math.max(a, b);
  moves.chooseAll(shown.value.flatMap(({ x, y }, i) => (within(x, ax, bx) && within(y, ay, by) ? [i] : [])));
}
/** Arrow keys move what is chosen; the comma and the full stop go from plant to plant. */
function onKey(event: KeyboardEvent) {
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  const step = (view.units === 'us' ? 0.0254 * 2 : 0.05) * (event.shiftKey ? 5 : 1);
  const way: Record<string, [number, number]> = {
    ArrowLeft: [-step, 0],
    ArrowRight: [step, 0],
    ArrowUp: [0, step],
    ArrowDown: [0, -step],
  };
  const go = way[event.key];
  if (go && moves.chosen.value.size > 0) moves.nudge(...go);
  else if (event.key === '.' || event.key === ',') {
    const count = shown.value.length;
    if (count === 0) return;
    moves.choose(((one.value ?? (event.key === '.' ? -1 : 0)) + (event.key === '.' ? 1 : count - 1)) % count);
  } else if (event.key === 'l' && moves.chosen.value.size > 0) void moves.hold(!isHeld.value);
  else if (event.key === 'Escape') moves.choose(null);
  else return;
  event.preventDefault();
  event.stopPropagation();
}
const isHeld = computed(() => [...moves.chosen.value].every((i) => shown.value[i]?.held));

const climbing = computed(() => question.value && climbingIn(question.value.kinds, question.value.climbables));
const underlay = computed(() => (question.value && under.value !== 'none' ? groundPicture(question.value, under.value) : null));
const elsewhere = computed(() =>
  garden.plantings.flatMap((row) => {
    if (row.site_id !== id || !LIVE_STATES.has(row.state) || !garden.here) return [];
    const at = drawnAs(garden.here, row, props.site.outline);
    return at.length > 0 ? [`${garden.nameOf(row.plant)}: ${at.join(', ')}`] : [];
  }),
);
const colours = computed(() =>
  colourYear(
    plantings.value.map((row) => {
      const here = garden.almanac!.plants.get(row.plant)!;
      const own = scene.value.find((plant) => plant.planting.id === row.id);
      return { here, count: row.count, spread: (own?.size.spread.expected ?? here.plant.spread_cm) / 100 };
    }),
  ),
);
const gapWords = computed(() =>
  runsOf(colours.value.gaps)
    .map(([from, to]) => (from === to ? halfMonthName(from) : `${halfMonthName(from)} to ${halfMonthName(to)}`))
    .join(', '),
);
const notArranged = computed(() => plantings.value.length > 0 && moves.saved.value.plants.length === 0);
const drawing = useTemplateRef<{ picture(): string }>('drawing');
const described = computed(() => {
  const open = new Set(scene.value.filter((plant) => plant.stature.look === 'flower').map((plant) => plant.here.plant.common));
  return `${props.site.name} from above, to scale: ${shown.value.length} plants of ${plantings.value.length} kinds; in flower ${open.size === 0 ? 'nothing' : [...open].join(', ')}. With the drawing chosen, full stop and comma go from plant to plant, arrow keys move it, L locks it.`;
});
const flowering = computed(() => [
  ...new Set(scene.value.filter((plant) => plant.stature.look === 'flower').map((plant) => plant.here.plant.common)),
]);
</script>

<template>
  <div>
    <p class="no-print text-sm">
      <NuxtLink
        class="link phone:inline-flex phone:min-h-[44px] phone:min-w-[44px] phone:items-center"
        :to="`/gardens/${garden.id}/beds`"
        >All beds</NuxtLink
      >
    </p>
    <div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <h1>{{ site.name }}</h1>
      <p>{{ view.area(site.area_m2) }}, {{ plantings.length }} kinds, {{ all }} plants</p>
      <BedFiles v-if="shown.length" class="no-print" :site="site" :picture="() => drawing?.picture() ?? null" />
    </div>
    <p v-if="plantings.length === 0" class="mt-2">
      Nothing is planned here. <NuxtLink class="link" :to="`/gardens/${garden.id}/plan/propose`">Have a plan proposed</NuxtLink>,
      or <NuxtLink class="link" :to="`/gardens/${garden.id}/match`">see what fits it</NuxtLink>.
    </p>
    <template v-else>
      <div class="no-print mt-1 flex flex-wrap items-center gap-x-4 gap-y-1">
        <template v-if="searching">
          <button class="press" @click="beds.stop()">Stop here</button>
          <progress class="w-40" max="1" :value="beds.progress?.done ?? 0" aria-label="How far the arranging has come" />
          <span role="status" class="text-sm text-quiet">Arranging: the best so far is drawn.</span>
        </template>
        <template v-else>
          <button class="press" :class="missing > 0 ? 'press-main' : ''" @click="arrange()">
            {{ notArranged ? 'Arrange the bed' : 'Arrange again' }}
          </button>
          <label v-if="!notArranged" class="text-sm"
            >leaving
            <select v-model="leaves" class="field w-auto!">
              <option value="held">what is locked</option>
              <option value="standing">what is locked or in the ground</option>
              <option value="placed">all that has a place</option>
            </select></label
          >
        </template>
        <LayoutWishes :site="id" :bed="bed!" class="text-sm" />
      </div>
      <p v-if="missing > 0 && !searching" class="text-thin" role="status">
        {{
          notArranged
            ? 'No plant has a place yet: it counts as it does in the plan.'
            : `${missing} of ${all} plants have no place yet.`
        }}
      </p>
      <p v-if="climbing && climbing.there_m2 < climbing.wanted_m2" class="text-sm text-thin">
        {{
          climbing.there_m2 === 0
            ? `Its climbers have nothing to climb; grown they would cover ${view.area(climbing.wanted_m2)}.`
            : `Its climbers would cover ${view.area(climbing.wanted_m2)} when grown, and there are ${view.area(climbing.there_m2)} to climb.`
        }}
        Set a trellis, post or arch under “change”, or draw a fence along the bed.
      </p>
      <p v-if="elsewhere.length" class="text-sm text-quiet">Where it is drawn in the yard: {{ elsewhere.join('; ') }}.</p>
      <p v-if="!bed!.frame.origin" class="text-sm text-quiet">
        This bed is not drawn: it is taken to be {{ view.distance(bed!.frame.width) }} by {{ view.distance(bed!.frame.depth) }},
        all of it alike. <NuxtLink class="link" :to="`/gardens/${garden.id}/place/yard`">Draw it in the yard</NuxtLink>.
      </p>

      <div class="mt-2 grid gap-x-5 gap-y-3 lg:grid-cols-[minmax(0,1fr)_19rem]">
        <section class="min-w-0" aria-labelledby="from-above">
          <div class="no-print flex flex-wrap items-baseline gap-x-4 gap-y-1 text-sm">
            <h2 id="from-above">{{ halfMonthName(view.halfMonth) }}</h2>
            <p class="text-quiet">{{ flowering.length ? `in flower: ${flowering.join(', ')}` : 'nothing in flower' }}</p>
            <span class="ml-auto flex flex-wrap gap-x-3 gap-y-1">
              <label
                >Labels
                <select v-model="names" class="field w-auto!">
                  <option value="numbers">numbers</option>
                  <option value="names">names</option>
                  <option value="none">none</option>
                </select></label
              >
              <label
                >Ground
                <select v-model="under" class="field w-auto!">
                  <option value="none">plain</option>
                  <option value="sun">hours of sun</option>
                  <option value="moisture">moisture</option>
                </select></label
              >
              <label class="inline-flex items-center gap-1"><input v-model="circles" type="checkbox" /> grown circles</label>
              <label class="inline-flex items-center gap-1"><input v-model="thisYear" type="checkbox" /> size this year</label>
              <button class="press min-h-7" :disabled="zoom >= 4" @click="zoom *= 1.5">Closer</button>
              <button class="press min-h-7" :disabled="zoom <= 1" @click="zoom = Math.max(1, zoom / 1.5)">Farther</button>
            </span>
          </div>
          <p class="sr-only" role="status">{{ spoken }}</p>
          <div class="mt-1 border border-line" @keydown="onKey">
            <LazyBedDrawing
              v-if="bed"
              ref="drawing"
              :frame="bed.frame"
              :north="bed.frame.origin ? (garden.garden!.yard?.north_deg ?? null) : null"
              :things="garden.things"
              :half-month="view.halfMonth"
              :plants="scene"
              :climbables="climbables"
              :chosen="moves.chosen.value"
              :faulty="faulty"
              :names="names"
              :circles="circles"
              :underlay="underlay"
              :cell="GROUND_CELL"
              :label="described"
              :zoom="zoom"
              :fixed="searching"
              @choose="moves.choose"
              @drag="drag"
              @box="chooseBox"
            />
          </div>
          <GroundLegend v-if="question && under !== 'none'" :of="under" :question="question" />
          <template v-if="shown.length">
            <div class="mt-2 flex flex-wrap items-baseline gap-x-4 text-sm">
              <h3>From the {{ SIDE_WORDS[lookedFrom] }}</h3>
              <label class="no-print"
                >look from
                <select
                  class="field w-auto!"
                  :value="lookedFrom"
                  @change="side = ($event.target as HTMLSelectElement).value as Side"
                >
                  <option v-for="(words, key) in SIDE_WORDS" :key="key" :value="key">the {{ words }}</option>
                </select></label
              >
            </div>
            <BedElevation
              :frame="bed!.frame"
              :side="lookedFrom"
              :plants="scene"
              :chosen="moves.chosen.value"
              :label="`${site.name} from the ${SIDE_WORDS[lookedFrom]} in ${halfMonthName(view.halfMonth)}`"
            />
            <h3 class="mt-2">Colour through the year</h3>
            <ColourYear :year="colours" />
            <p class="text-sm">
              <template v-if="gapWords"
                ><strong class="text-gap">Without a flower: {{ gapWords }}.</strong>{{ ' ' }}
              </template>
              <template v-if="colours.best !== null">Most flowers in {{ halfMonthName(colours.best) }}. </template>
              <template v-if="colours.allOf && !beds.wishesOf(id).one_colour">
                <strong class="text-thin">Then nearly all of it is {{ FAMILY_WORDS[colours.allOf] }}.</strong>
                Places cannot change that:
                <NuxtLink class="link" :to="`/gardens/${garden.id}/match`">plant another colour</NuxtLink>.
              </template>
            </p>
          </template>
        </section>
        <aside class="min-w-0" aria-label="What is chosen, and how the bed is judged">
          <section v-if="moves.chosen.value.size" aria-labelledby="chosen-title">
            <h2 id="chosen-title">
              {{
                chosenPlant
                  ? `${chosenPlant.kind}.${chosenPlant.nth} ${chosenPlant.here.plant.common}`
                  : `${moves.chosen.value.size} plants chosen`
              }}
            </h2>
            <PlacedPlant v-if="chosenPlant" :plant="chosenPlant" />
            <ul v-if="checks.length" class="mt-1 space-y-1 text-sm" role="status">
              <li
                v-for="check in checks"
                :key="check.text"
                class="border-l-4 pl-2"
                :class="check.rule ? 'border-gap' : 'border-thin'"
              >
                {{ check.text }}
              </li>
            </ul>
            <p v-else-if="chosenPlant && question" class="text-sm text-host" role="status">Nothing speaks against this place.</p>
            <p class="mt-1 flex flex-wrap gap-2">
              <button class="press" @click="moves.hold(!isHeld)">{{ isHeld ? 'Unlock' : 'Lock' }}</button>
              <button
                v-if="chosenPlant"
                class="press"
                @click="moves.chooseAll(shown.flatMap((plant, i) => (plant.kind === chosenPlant!.kind - 1 ? [i] : [])))"
              >
                All of its kind
              </button>
              <button class="press" @click="moves.choose(null)">None</button>
            </p>
            <p v-if="cost.length" class="mt-1 text-sm" role="status">This move: {{ cost.join('; ') }}.</p>
          </section>
          <BedScore v-if="score" :score="score" :missing="missing" @show="moves.chooseAll" />
          <BedKey
            :plantings="plantings"
            :unplaced="unplaced"
            :plants="shown"
            :chosen="moves.chosen.value"
            @choose="moves.chooseAll"
          />
        </aside>
      </div>
    </template>
  </div>
</template>
