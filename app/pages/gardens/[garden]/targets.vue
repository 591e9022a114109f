<script setup lang="ts">
import { bestHosts } from '~~/core/almanac/about';
import { winterWords } from '~~/core/words/flights';
import { halfMonthsInWords, wholeShares } from '~~/core/model/half-month';
import type { Ambition } from '~~/core/model/vocabulary';
import { watchDebounced } from '@vueuse/core';
import { ambitionsFor } from '~~/core/coverage/needs';
import type { Ask } from '~~/core/plan/asks/ask';
import type { TargetHere } from '~~/core/model/here';

const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();
const printing = usePrinting();
const asks = useAsksStore();
/** Found once the list stands, and again when the garden has changed. */
onMounted(() => requestIdleCallback(() => void asks.find()));
watchDebounced(
  () => asks.subject,
  () => void asks.find(),
  { debounce: 400 },
);
onBeforeUnmount(asks.stop);
const sort = ref<'ease' | 'name' | 'first' | 'asks'>('ease');
const FOOD = { nectar: 'nectar in flight', mixed: 'nectar, sap, fruit', 'sap-fruit': 'sap and fruit', none: 'adults fast' };
const EASE = ['', 'easy', 'takes care', 'hard'];
const HOW = {
  resident: 'lives here',
  migrant: 'migrates',
  visitor: 'visits',
  winter: 'winters',
  rare: 'rare',
  introduced: 'introduced: needs no help',
};

const chosen = computed(() => new Map(garden.targets.map((row) => [row.target, row])));
const covered = computed(() => new Map(garden.served?.targets.map((row) => [row.target, row]) ?? []));
/** Those chosen stand first when the list is opened or sorted; who is chosen meanwhile stays in place under the hand. */
const first = shallowRef<ReadonlySet<string>>(new Set());
watch(sort, () => (first.value = new Set(garden.targets.map((row) => row.target))), { immediate: true });
/** Who is served already comes first, then by the ground that is asked; who cannot be served here comes last. */
const askOrder = (ask: Ask | undefined) => (!ask ? 1e9 : ask.served ? -1 : ask.nearly ? ask.ground_m2 : 1e6);
const rows = computed(() =>
  [...(garden.almanac?.targets.values() ?? [])].sort((a, b) => {
    const mine = Number(first.value.has(b.target.id)) - Number(first.value.has(a.target.id));
    if (mine !== 0) return mine;
    if (sort.value === 'ease' && a.occurrence.ease !== b.occurrence.ease) return a.occurrence.ease - b.occurrence.ease;
    if (sort.value === 'asks') {
      const more = askOrder(asks.asks.get(a.target.id)) - askOrder(asks.asks.get(b.target.id));
      if (more !== 0) return more;
    }
    if (sort.value === 'first' && a.flight.from !== b.flight.from) return a.flight.from - b.flight.from;
    return a.target.common.localeCompare(b.target.common);
  }),
);
const shown = useGrowing(() => rows.value, 8);
const flying = computed(() => rows.value.filter((here) => here.flightHalfMonths.includes(view.halfMonth)).length);
/** Chosen or removed, and on to the next: a list is gone through from its top. */
async function onwards(event: Event, change: Promise<unknown>) {
  const next = (event.currentTarget as HTMLElement).closest('tr')?.nextElementSibling?.querySelector<HTMLElement>('.act button');
  await change;
  await nextTick();
  focusOn(next);
}
/** Where the library lists no host that may be planted here, it says so. */
const noHost = (here: TargetHere) => (here.hosts.size > 0 ? 'no host to plant here' : 'no host listed here');
/** What it asks of a garden, in a few words. */
function wants(here: TargetHere) {
  const best = bestHosts(garden.almanac!, here).map((plant) => plant.common);
  const food = FOOD[here.target.adult_food];
  const young =
    here.target.kind === 'hummingbird' ? 'insects for the young' : best.slice(0, 2).join(', ') + (best.length > 2 ? ' …' : '');
  return [young || noHost(here), food, winterWords(here)].filter(Boolean).join(' · ');
}
</script>

<template>
  <div>
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
      <h1><WordMark of="target">Targets</WordMark></h1>
      <p class="text-quiet">
        {{ chosen.size }} chosen of {{ rows.length }} in {{ garden.almanac?.region.name }}; {{ flying }} fly at the ribbon’s
        handle
      </p>
      <label class="no-print ml-auto text-sm"
        >Sorted by
        <select v-model="sort" class="field ml-1 w-auto!">
          <option value="ease">how easy</option>
          <option value="asks">what it still asks</option>
          <option value="first">first flight</option>
          <option value="name">name</option>
        </select></label
      >
    </div>
    <FirstSet v-if="chosen.size === 0" />
    <NextOnTargets v-else />
    <p v-if="chosen.size > 0 && asks.finding" class="no-print mt-1 flex items-center gap-3 text-sm text-quiet" role="status">
      <progress class="h-2 w-32" :value="asks.done" :max="asks.of" />
      What each would still ask: {{ asks.done }} of {{ asks.of - chosen.size }}
      <button class="link" @click="asks.stop">Stop</button>
    </p>
    <ScrollRegion class="mt-2" label="Table of targets">
      <table class="tabular">
        <thead>
          <tr>
            <th scope="col">Species</th>
            <th scope="col">Flies</th>
            <th scope="col">
              What it asks: <WordMark of="host">hosts</WordMark>, <WordMark of="nectar">nectar</WordMark>,
              <WordMark of="shelter">shelter</WordMark>
            </th>
            <th scope="col"><WordMark of="ease">Ease</WordMark></th>
            <th scope="col">
              <WordMark of="served">Served</WordMark>{{ ' ' }} <WordMark of="closed">(closed, thin, open)</WordMark> or what it
              would still ask of this plan
            </th>
            <th scope="col"><WordMark of="ambition">Ambition</WordMark></th>
            <th scope="col" class="no-print"><span class="sr-only">Choose</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="here in shown" :key="here.target.id" :class="chosen.has(here.target.id) ? 'bg-raised' : ''">
            <th scope="row" class="font-normal">
              <button class="flex items-center gap-2 text-left" @click="view.explain({ kind: 'target', target: here.target.id })">
                <CreatureGlyph :target="here.target" :size="44" />
                <span
                  ><span class="creature underline decoration-line underline-offset-2">{{ here.target.common }}</span>
                  <span class="scientific block text-sm">{{ here.target.scientific }}</span></span
                >
              </button>
            </th>
            <td>
              <YearStrip
                :shares="wholeShares(here.flightHalfMonths)"
                colour="var(--special)"
                :label="halfMonthsInWords(here.flightHalfMonths)"
              />
              <span class="block text-xs text-quiet">{{ HOW[here.occurrence.status] }}</span>
            </td>
            <td class="max-w-64 text-sm">{{ wants(here) }}</td>
            <td class="text-sm whitespace-nowrap">{{ EASE[here.occurrence.ease] }}</td>
            <td class="max-w-72 text-sm">
              <VerdictMark v-if="covered.has(here.target.id)" :verdict="covered.get(here.target.id)!.verdict" />
              <AskedOfPlan v-else :target="here.target.id" />
            </td>
            <td>
              <span v-if="printing">{{ chosen.get(here.target.id)?.ambition }}</span>
              <select
                v-else-if="chosen.has(here.target.id)"
                class="field w-auto!"
                :aria-label="`Ambition for ${here.target.common}`"
                :value="chosen.get(here.target.id)!.ambition"
                @change="
                  commands.saveTarget(chosen.get(here.target.id)!, {
                    ambition: ($event.target as HTMLSelectElement).value as Ambition,
                  })
                "
              >
                <option v-for="ambition in ambitionsFor(here.target)" :key="ambition">{{ ambition }}</option>
              </select>
            </td>
            <td class="act">
              <button
                v-if="chosen.has(here.target.id)"
                class="press"
                @click="onwards($event, commands.removeTarget(chosen.get(here.target.id)!))"
              >
                Remove<span class="sr-only"> {{ here.target.common }}</span>
              </button>
              <button
                v-else
                class="press press-main"
                @click="
                  onwards(
                    $event,
                    commands.chooseTarget({
                      target: here.target.id,
                      ambition: asks.asks.get(here.target.id)?.ambition ?? 'breeds',
                      priority: here.occurrence.ease,
                    }),
                  )
                "
              >
                Choose<span class="sr-only"> {{ here.target.common }}</span>
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </ScrollRegion>
    <WordsHere
      :words="[
        'target',
        'ambition',
        'served',
        'life cycle',
        'closed',
        'ease',
        'host',
        'nectar',
        'shelter',
        'brood',
        'half-month',
        'native',
      ]"
    />
  </div>
</template>
