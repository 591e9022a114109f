<script setup lang="ts">
import { OBSTACLE_PLACES, obstacleSentence } from '~~/core/words/plan';
import { SPIRIT_NAMES } from '~/components/plan/planner/wishes-words';

const garden = useGardenStore();
const planner = usePlannerStore();
const view = useViewStore();
const targetName = (id: string) => garden.almanac?.targets.get(id)?.target.common ?? id;
const WHERE = {
  place: { path: 'place', words: 'Go to Place' },
  targets: { path: 'targets', words: 'Go to Targets' },
  plan: { path: 'plan', words: 'Go to Plantings' },
  wishes: null,
} as const;
const obstacles = computed(() =>
  planner.obstacles.map((row) => ({
    sentence: obstacleSentence(row, { plant: garden.nameOf, site: garden.siteName, target: targetName }, view.inUnits),
    where: WHERE[OBSTACLE_PLACES[row.kind]],
  })),
);
const nothingMore = computed(
  () => planner.shown !== null && planner.shown.proposed.plants.length + planner.shown.proposed.features.length === 0,
);
const change = computed(() => {
  const found = planner.shown && planner.against(planner.shown);
  if (!found) return '';
  const name = (target: string) => garden.almanac!.targets.get(target)!.target.common;
  const parts = [];
  if (found.closed.length) parts.push(`closes ${found.closed.map(name).join(', ')}`);
  if (found.opened.length) parts.push(`opens ${found.opened.map(name).join(', ')}`);
  return parts.length
    ? `Against the plan as it is, it ${parts.join(', and ')}.`
    : 'It closes the same life cycles as the plan as it is.';
});
/** After taking, the gardener stands on Plan, where what was added is marked. */
const toPlan = () => navigateTo(`/gardens/${garden.id}/plan`);
const result = useTemplateRef<HTMLElement>('result');
const search = useTemplateRef<HTMLElement>('search');
/** From the press to its stop, and from there to what was found; who has gone elsewhere meanwhile stays there. */
watch(
  () => planner.searching,
  async (searching) => {
    const waiting = search.value?.contains(document.activeElement);
    await nextTick();
    if (waiting) focusOn(searching ? search.value?.querySelector('button') : result.value);
  },
  { flush: 'sync' },
);
async function takeAll() {
  if (await planner.take(planner.shown!.proposed, 'Take the proposed plan')) await toPlan();
}
/** Asked for in the address by the step before: the search begins at once. */
const route = useRoute();
onMounted(async () => {
  if (route.query.begin === undefined) return;
  await navigateTo({ query: {} }, { replace: true });
  if (planner.obstacles.length > 0 || planner.searching) return;
  focusOn(search.value?.querySelector('button'));
  await planner.propose();
});
onUnmounted(() => planner.searching && planner.stop());
</script>

<template>
  <div>
    <h1>A plan proposed</h1>
    <p class="max-w-prose text-quiet">
      What to plant, how many and where, so that the most life cycles close: first for the creatures, in the order of their
      priority, then by your wishes.
    </p>
    <ul v-if="planner.obstacles.length" class="my-3 max-w-prose border-l-4 border-gap pl-3" role="alert">
      <li v-for="row in obstacles" :key="row.sentence" class="my-1">
        {{ row.sentence }}
        <NuxtLink v-if="row.where" class="link" :to="`/gardens/${garden.id}/${row.where.path}`">{{ row.where.words }}</NuxtLink>
      </li>
    </ul>
    <NearbyTrees v-if="garden.sites.length && garden.targets.length" />
    <LeftOut v-if="garden.sites.length && garden.targets.length" />
    <WishesForm v-if="garden.sites.length && garden.targets.length" class="mt-3" />
    <div ref="search" class="mt-3">
      <button
        v-if="!planner.searching"
        class="press press-main"
        :disabled="planner.obstacles.length > 0"
        @click="planner.propose()"
      >
        {{ planner.best ? 'Propose again' : 'Propose a plan' }}
      </button>
      <SearchState />
    </div>
    <template v-if="planner.best && planner.shown">
      <p v-if="planner.stale && !planner.searching" class="mt-2 border-l-4 border-thin pl-3" role="status">
        The garden or your wishes have changed since: propose again to plan for them.
      </p>
      <p class="mt-2 text-sm">{{ change }}</p>
      <p v-if="nothingMore" class="mt-2">
        {{
          planner.shown.covered.closed === garden.targets.length
            ? 'What is kept closes every life cycle: nothing needs to be added.'
            : 'Nothing that may be planted would serve any creature better; what stays open is explained below.'
        }}
      </p>
      <div class="mt-4 grid gap-6 lg:grid-cols-[minmax(0,1fr)_17rem]">
        <div class="min-w-0">
          <div class="flex flex-wrap items-center gap-x-4">
            <h2 id="what-to-add" ref="result">
              What to add{{ planner.chosen === 'best' ? '' : `: ${SPIRIT_NAMES[planner.chosen].toLowerCase()}` }}
            </h2>
            <button v-if="!nothingMore" class="press press-main" :disabled="planner.searching || planner.stale" @click="takeAll">
              Take the whole plan
            </button>
          </div>
          <ProposalBed v-for="site in garden.sites" :key="site.id" :site="site" :judged="planner.shown" @taken="toPlan" />
        </div>
        <aside aria-label="The braid of this plan">
          <h2>Its braid</h2>
          <BraidSketch
            :targets="planner.shown.covered.targets"
            :label="`Braid of this plan: ${planner.shown.covered.closed} of ${garden.targets.length} life cycles close`"
          />
        </aside>
      </div>
      <WhyOpen v-if="!planner.searching" :judged="planner.shown" />
      <OtherPlans v-if="!planner.searching && !nothingMore" :judged="planner.best" />
    </template>
    <WordsHere
      :words="[
        'life cycle',
        'closed',
        'host',
        'nectar',
        'shelter',
        'native',
        'drift',
        'locked',
        'less bare ground',
        'budget',
        'plug',
        'softwood',
        'proven',
        'fit',
      ]"
    />
  </div>
</template>
