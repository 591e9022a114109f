<script setup lang="ts">
import { plantedIn, pottedIn } from '~~/core/garden/pot-here';
import { combinationsFor, type Combination } from '~~/core/layout/pots/combinations';
import { roleOf, type PotPlant } from '~~/core/layout/pots/arrange-pot';
import { quarrelsOf } from '~~/core/layout/pots/company';
import { potHolds } from '~~/core/layout/pots/seats';
import { potFill, rootZones, stayOf } from '~~/core/layout/pots/stay';
import { halfMonthName } from '~~/core/model/half-month';
import { POT_PATTERNS, type PotPattern } from '~~/core/model/vocabulary';
import type { MeasuredSite } from '~~/core/place/survey/measured';
import { isAgainstWall } from '~~/core/place/beds/sides';
import { PATTERN_WORDS, POT_SCHOOL_WORDS, quarrelSentence, ROLE_WORDS, staySentence } from '~~/core/words/layout';
import { fluid } from '~~/core/words/units';
import type { Standing } from '~~/core/layout/question';

/** A container as it is planted: who sits where, whether they agree, how long each stays, and what it is filled with. */
const props = defineProps<{ site: MeasuredSite }>();
const garden = useGardenStore();
const beds = useBedsStore();
const view = useViewStore();
const id = props.site.id;
const pot = computed(() => props.site.pot);
const plantings = computed(() => beds.plantingsIn(id));
const planted = computed(() => (garden.here ? plantedIn(garden.here, props.site) : []));
const saved = computed(() => beds.saved(id));
const chosen = ref<ReadonlySet<number>>(new Set());
watch(saved, () => (chosen.value = new Set()));
/** As they are saved to sit; what is not arranged yet is shown as it would be. */
const proposed = computed<PotPlant[]>(() => (garden.here ? pottedIn(garden.here, props.site, planted.value) : []));
const missing = computed(() => plantings.value.some((row) => row.spots.length < row.count));
const plants = computed<readonly Standing[]>(() => (missing.value ? proposed.value : saved.value.plants));
const { scene } = useBedScene(
  () => id,
  () => plants.value,
);
const holds = computed(() => (pot.value ? potHolds(pot.value) : null));
const all = computed(() => plantings.value.reduce((sum, row) => sum + row.count, 0));
const quarrels = computed(() => quarrelsOf(planted.value.map(({ here }) => here.plant)));
const stays = computed(() => {
  const { half_zone, school_pots } = garden.garden!;
  const ground = garden.sites.some((row) => row.kind === 'bed');
  return planted.value.map(({ here, count }) => ({
    here,
    count,
    role: roleOf(here.plant),
    stay: stayOf(here, props.site, half_zone, school_pots, ground),
  }));
});
const fill = computed(() =>
  pot.value
    ? potFill(
        pot.value,
        planted.value.map(({ here }) => here.plant),
      )
    : null,
);
const roots = computed(() => rootZones(props.site, garden.garden!.half_zone));
const pattern = computed(() => beds.wishesOf(id).pattern);
const wall = computed(() => isAgainstWall(props.site, garden.things));

const arrange = () => beds.save(id, { plants: proposed.value, unplaced: [] }, `${props.site.name} arranged`);
async function setPattern(next: PotPattern) {
  await beds.saveWishes(id, { pattern: next });
  await arrange();
}
/** Two plants chosen change places. */
const two = computed(() => (chosen.value.size === 2 ? ([...chosen.value] as [number, number]) : null));
function exchange() {
  if (!two.value) return;
  const [a, b] = two.value;
  const next = plants.value.map((plant, i) => {
    const other = i === a ? plants.value[b]! : i === b ? plants.value[a]! : null;
    return other ? { ...plant, x: other.x, y: other.y } : plant;
  });
  void beds.save(id, { plants: next, unplaced: [] }, 'Exchange two plants');
}
function choose(plant: number) {
  const next = new Set(chosen.value);
  if (next.has(plant)) next.delete(plant);
  else next.add(plant);
  chosen.value = next;
}

const combinations = shallowRef<Combination[] | null>(null);
const looking = ref(false);
async function look() {
  looking.value = true;
  await drawn();
  combinations.value = garden.input ? combinationsFor(garden.input, props.site) : null;
  looking.value = false;
}
const records = useRecordsStore();
/** Plants a combination in the place of what is only planned here. */
async function plantIt({ plants: rows }: Combination) {
  const body = {
    label: `Plant ${props.site.name}`,
    out: plantings.value.filter((row) => row.state === 'planned' && !row.locked).map((row) => row.id),
    plants: rows.map(({ here, count }) => ({ plant: here.plant.id, site_id: id, count })),
    features: [],
  };
  if (
    await records.attempt(() => records.change('POST', '/plans/take', body, `${props.site.name}: ${rows.length} kinds planned.`))
  )
    combinations.value = null;
}
const creatures = (ids: readonly string[]) => ids.map(garden.creatureName).join(', ');
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
      <p v-if="pot">
        {{ pot.count > 1 ? `${pot.count} alike, ` : '' }}{{ view.volume(site.volume_l ?? 0) }}; room for about
        {{ holds!.plants }} plants{{ holds!.tall > 0 ? `, ${holds!.tall} of them tall` : '' }}
      </p>
      <NuxtLink v-if="plants.length" class="link no-print text-sm" :to="`/gardens/${garden.id}/beds/${id}/labels`"
        >Plant labels</NuxtLink
      >
    </div>
    <p v-if="!pot" class="mt-2">
      Its measures are not known.
      <NuxtLink class="link" :to="`/gardens/${garden.id}/place/sites/${id}`">Say how large it is</NuxtLink>, and it is drawn.
    </p>
    <template v-else>
      <div v-if="planted.length" class="no-print mt-1 flex flex-wrap items-center gap-x-4 gap-y-1">
        <button v-if="missing" class="press press-main" @click="arrange()">Plant it so</button>
        <button v-else class="press" @click="arrange()">Arrange again</button>
        <ChipChoice
          :model-value="pattern"
          label="Around the middle"
          wanted
          :choices="POT_PATTERNS.map((value) => ({ value, words: PATTERN_WORDS[value] }))"
          @update:model-value="$event && setPattern($event)"
        />
        <button class="press" :disabled="!two" @click="exchange()">Exchange the two chosen</button>
      </div>
      <p v-if="missing" class="text-sm text-thin">Shown as it would sit; it is not saved yet.</p>
      <p v-if="all > holds!.plants" class="text-sm text-thin">
        {{ all }} plants in a pot for about {{ holds!.plants }}: they will want more water and feed, and some will give way.
      </p>
      <div v-if="planted.length" class="mt-2 grid gap-x-8 gap-y-4 md:grid-cols-2">
        <section aria-labelledby="pot-above">
          <h2 id="pot-above">From above, {{ halfMonthName(view.halfMonth) }}</h2>
          <p class="text-sm text-quiet">
            {{ wall ? 'The wall is at the top: the tall stands at the back.' : 'Front at the bottom; seen from all sides.' }}
          </p>
          <PotDrawing
            :pot="pot"
            :plants="scene"
            :chosen="chosen"
            :label="`${site.name} from above; press plants to choose them`"
            @choose="choose"
          />
        </section>
        <section aria-labelledby="pot-side">
          <h2 id="pot-side">From the front</h2>
          <PotElevation :pot="pot" :plants="scene" :label="`${site.name} from the front in ${halfMonthName(view.halfMonth)}`" />
        </section>
      </div>
      <p v-else class="mt-2">Nothing is planned in it yet. See below what would do here for your creatures.</p>
      <div class="mt-4 grid gap-x-8 gap-y-4 md:grid-cols-2">
        <section v-if="planted.length" aria-labelledby="pot-kinds">
          <h2 id="pot-kinds">Who is in it, and for how long</h2>
          <ul class="text-sm">
            <li
              v-for="({ here, count, role, stay }, kind) in stays"
              :key="`${here.plant.id}-${kind}`"
              class="flex gap-2 border-b border-line py-1"
            >
              <span class="w-5 shrink-0 text-right font-semibold">{{ kind + 1 }}</span>
              <PlantGlyph :plant="here.plant" :size="26" aria-hidden="true" />
              <span
                ><span class="font-serif text-base">{{ count }} {{ here.plant.common }}</span
                >, {{ ROLE_WORDS[role] }}.
                <span class="text-quiet">{{ staySentence(stay, garden.garden!.first_frost) }}</span></span
              >
            </li>
          </ul>
          <p v-if="quarrels.length === 0" class="mt-1 text-sm text-host">
            All of one mind: one light, one watering and one mix serve them.
          </p>
          <ul v-else class="mt-1 text-sm">
            <li v-for="quarrel in quarrels" :key="quarrel.in" class="border-l-4 border-thin pl-2">
              {{ quarrelSentence(quarrel, garden.nameOf) }}
            </li>
          </ul>
        </section>
        <section aria-labelledby="pot-fill">
          <h2 id="pot-fill">Mix, grit and feed</h2>
          <ul class="text-sm">
            <li>
              {{ view.volume(fill!.mix_l) }} of fresh potting mix{{
                fill!.grit_l > 0 ? `, ${view.volume(fill!.grit_l)} of it grit, for what wants sharp drainage` : ''
              }}.
            </li>
            <li v-if="fill!.slowFeed_g > 0">
              Annuals are hungry: about {{ view.weight(fill!.slowFeed_g / 1000) }} of slow-release feed mixed in, or
              {{ fluid(fill!.liquid_l, view.inUnits) }} of liquid feed at half strength a week. The label of the feed comes first.
            </li>
            <li v-else>No feed but fresh mix: none of them is hungry.</li>
            <li>Holes below, a saucer only in drought; water daily in heat.</li>
          </ul>
          <h3 class="mt-2">Its roots in winter</h3>
          <table class="tabular text-sm">
            <thead>
              <tr>
                <th scope="col">School</th>
                <th scope="col">Roots live through zone</th>
              </tr>
            </thead>
            <tbody>
              <tr
                v-for="row in roots"
                :key="row.school"
                :class="row.school === garden.garden!.school_pots ? 'font-semibold' : ''"
              >
                <td>{{ POT_SCHOOL_WORDS[row.school] }}{{ row.school === garden.garden!.school_pots ? ' (yours)' : '' }}</td>
                <td>{{ row.zone }}</td>
              </tr>
            </tbody>
          </table>
        </section>
      </div>
      <section class="no-print mt-5" aria-labelledby="pot-combinations">
        <h2 id="pot-combinations">What would do here, for your creatures</h2>
        <p v-if="garden.targets.length === 0" class="text-sm">
          No creature is chosen: <NuxtLink class="link" :to="`/gardens/${garden.id}/targets`">choose some</NuxtLink> first.
        </p>
        <template v-else>
          <p class="max-w-prose text-sm text-quiet">
            Calculated for this pot, its light and your creatures: a host among them, something in flower one after the other, all
            wanting the same light, water and mix.
          </p>
          <button v-if="!combinations" class="press mt-1" :disabled="looking" @click="look()">
            {{ looking ? 'Looking …' : 'Put plants together' }}
          </button>
          <p v-else-if="combinations.length === 0" class="mt-1 text-sm" role="status">
            Nothing in the library does in this pot and serves them.
          </p>
          <ul v-else class="mt-2 grid gap-x-8 gap-y-4 md:grid-cols-3" aria-label="Combinations">
            <li v-for="(one, i) in combinations" :key="i" class="border-t border-line pt-1">
              <PotPreview :site="site" :plants="one.plants" />
              <ul class="mt-1 text-sm">
                <li v-for="row in one.plants" :key="row.here.plant.id">
                  <span class="font-serif text-base">{{ row.count }} {{ row.here.plant.common }}</span>
                  <span class="text-quiet">{{ ROLE_WORDS[row.role] }}</span>
                </li>
              </ul>
              <p class="text-sm">
                <template v-if="one.hostsFor.length"
                  ><strong class="text-host">Host of {{ creatures(one.hostsFor) }}.</strong>{{ ' ' }}
                </template>
                <template v-if="one.nectarFor.length">Nectar for {{ creatures(one.nectarFor) }}. </template>
                In flower {{ one.inFlower }} of {{ one.season }} half-months.
              </p>
              <button class="press mt-1" @click="plantIt(one)">Plan this</button>
            </li>
          </ul>
        </template>
      </section>
    </template>
  </div>
</template>
