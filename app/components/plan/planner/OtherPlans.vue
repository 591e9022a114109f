<script setup lang="ts">
import { SPIRITS, differenceFrom, kindsOf, type Spirit } from '~~/core/plan/planner/alternatives';
import type { Judged } from '~~/core/plan/planner/proposal';
import { nativeShare } from '~~/core/plan/planner/preferences';
import { SPIRIT_NAMES, SPIRIT_NONE } from './wishes-words';

/** The best plan and those in other spirits, each with its braid and what it comes to. */
const props = defineProps<{ judged: Judged }>();
const garden = useGardenStore();
const planner = usePlannerStore();
const view = useViewStore();
const columns = computed(() => [
  { id: 'best' as 'best' | Spirit, name: 'Proposed', judged: props.judged as Judged | null | undefined },
  ...SPIRITS.map((spirit: Spirit) => ({ id: spirit, name: SPIRIT_NAMES[spirit], judged: planner.others[spirit] })),
]);
const natives = (judged: Judged) =>
  nativeShare(
    judged.proposed.plants.map((row) => ({
      here: garden.almanac!.plants.get(row.plant)!,
      site: garden.sites.find((site) => site.id === row.site_id)!,
      count: row.count,
    })),
  );
const differs = (judged: Judged) =>
  `${Math.round(100 * differenceFrom(judged, props.judged))} % of its kinds are not in the first`;
const sought = computed(() => Object.keys(planner.others).length > 0 || planner.otherSought !== null);
const listOf = (judged: Judged) =>
  [...kindsOf(judged)]
    .map((plant) => ({
      plant,
      name: garden.nameOf(plant),
      count: judged.proposed.plants.filter((row) => row.plant === plant).reduce((sum, row) => sum + row.count, 0),
    }))
    .sort((a, b) => a.name.localeCompare(b.name));
function look(id: 'best' | Spirit) {
  planner.chosen = id;
  document.getElementById('what-to-add')?.scrollIntoView({ block: 'start' });
}
const common = computed(() => kindsOf(props.judged));
</script>

<template>
  <section class="mt-6" aria-labelledby="other-plans">
    <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
      <h2 id="other-plans">Other plans</h2>
      <button v-if="planner.otherSought === null" class="press" :disabled="planner.searching" @click="planner.seekOthers()">
        {{ sought ? 'Look again' : 'Look for others' }}
      </button>
      <template v-else>
        <p class="text-sm" role="status">Looking: {{ SPIRIT_NAMES[planner.otherSought].toLowerCase() }} …</p>
        <button class="press" @click="planner.stop()">Stop</button>
      </template>
    </div>
    <p v-if="!sought" class="text-sm text-quiet">
      Of the fewest kinds, of natives only, for the least money, with the most colour, with the least work, and one that bears the
      loss of any one kind. Each closes all that this one closes, or is not shown.
    </p>
    <div v-else class="mt-2 grid gap-5 sm:grid-cols-2 xl:grid-cols-4">
      <article v-for="column in columns" :key="column.id" class="min-w-0 border-t-2 border-line pt-1">
        <h3>{{ column.name }}</h3>
        <template v-if="column.judged">
          <p class="text-sm">
            <strong>{{ column.judged.covered.closed }} of {{ garden.targets.length }}</strong> close;
            {{ kindsOf(column.judged).size }} kinds for {{ planner.coin(column.judged.money) }};
            {{ Math.round(100 * natives(column.judged)) }} % native
          </p>
          <p class="text-xs text-quiet">{{ column.id === 'best' ? 'what was found first' : differs(column.judged) }}</p>
          <BraidSketch
            class="my-1"
            :targets="column.judged.covered.targets"
            :label="`Braid of this plan: ${column.judged.covered.closed} of ${garden.targets.length} life cycles close`"
          />
          <ul class="text-sm">
            <li v-for="row in listOf(column.judged)" :key="row.plant">
              <button
                class="inline-flex min-h-[24px] items-center text-left underline decoration-line"
                @click="view.explain({ kind: 'plant', plant: row.plant })"
              >
                {{ row.count }} {{ row.name }}</button
              ><span v-if="column.id !== 'best' && !common.has(row.plant)" class="text-quiet"> (other)</span>
            </li>
          </ul>
          <button class="link mt-2 mr-4" :disabled="planner.chosen === column.id" @click="look(column.id)">
            {{ planner.chosen === column.id ? 'Shown above' : 'Look at it in full'
            }}<span class="sr-only">: {{ column.name }}</span>
          </button>
          <button
            class="link mt-2 mr-4 min-h-[26px]"
            :disabled="planner.stale"
            @click="planner.saveAsPlan(column.judged.proposed, column.name)"
          >
            Save as a plan<span class="sr-only">: {{ column.name }}</span>
          </button>
          <button
            class="press mt-2"
            :disabled="planner.stale"
            @click="planner.take(column.judged.proposed, `Take the plan “${column.name}”`)"
          >
            Take this plan<span class="sr-only">: {{ column.name }}</span>
          </button>
        </template>
        <p v-else-if="column.judged === null" class="text-sm text-quiet">{{ SPIRIT_NONE[column.id as Spirit] }}</p>
        <p v-else class="text-sm text-quiet">Not looked for yet.</p>
      </article>
    </div>
  </section>
</template>
