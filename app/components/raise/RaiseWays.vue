<script setup lang="ts">
import type { DayNumber } from '~~/core/model/days';
import type { PlantHere } from '~~/core/model/here';
import type { WayHere } from '~~/core/raise/ways-here';
import {
  METHOD_WORDS,
  quantityReasons,
  quantityWords,
  reasonWords,
  refusalWords,
  STEP_WORDS,
  spanWords,
  usualWords,
} from '~~/core/words/raise';
import { dayWords } from '~~/core/words/work';
import { inUnitsOf } from '~~/core/words/units';

/** The ways to a kind, the best first: what each takes, its days, and a press to begin it. */
const props = defineProps<{ here: PlantHere; missing: number; openCount?: boolean }>();
const garden = useGardenStore();
const work = useWorkStore();
const raise = useRaiseStore();
const view = useViewStore();
const want = ref<number | null>(props.missing);
watch(
  () => props.missing,
  (missing) => (want.value = missing),
);
const count = computed(() => Math.min(500, Math.max(1, Math.round(want.value ?? 1))));
const ways = computed(() => raise.raising?.waysFor(props.here.plant.id, count.value, work.today) ?? []);
const possible = computed(() => ways.value.filter((way) => !way.refused));
const refused = computed(() => ways.value.filter((way) => way.refused));
const open = ref('');
const starting = ref('');
/** The day of a second start, where one is begun. */
const second = ref<DayNumber | null>(null);
function start(way: WayHere, on: DayNumber | null) {
  starting.value = way.method;
  second.value = on;
}
const openNow = (way: WayHere) => way.start !== null && way.start.from <= work.today && way.start.latest >= work.today;
const reasons = (way: WayHere) =>
  way.reasons
    .filter((reason) => reason.of !== 'work')
    .map((reason) => reasonWords(reason, way, work.today, view.inUnits.money))
    .filter(Boolean);
const id = useId();
</script>

<template>
  <div class="my-2 max-w-4xl border-l-4 border-line pl-3">
    <div v-if="openCount" class="mb-2 w-40"><NumberField v-model="want" label="Plants wanted" :step="1" /></div>
    <p v-if="ways.length === 0" class="text-sm">
      It is listed as invasive, or no way to raise it is known: it is not raised here.
    </p>
    <ol class="space-y-2">
      <li v-for="(way, i) in possible" :key="way.method">
        <div class="flex flex-wrap items-baseline gap-x-3">
          <button
            class="min-h-[30px] text-left font-semibold phone:min-h-[44px]"
            :aria-expanded="open === way.method"
            :aria-controls="`${id}-${way.method}`"
            @click="open = open === way.method ? '' : way.method"
          >
            {{ i + 1 }}. {{ METHOD_WORDS[way.method] }}
          </button>
          <span v-if="way.start && way.method !== 'bought'" class="text-sm text-quiet"
            >{{ openNow(way) ? 'now, latest' : `${dayWords(way.start.from, work.today)}, latest` }}
            {{ dayWords(way.start.latest, work.today) }}</span
          >
          <button
            v-if="way.method !== 'bought'"
            class="press no-print ml-auto"
            :class="i === 0 ? 'press-main' : ''"
            :aria-expanded="starting === way.method"
            @click="starting === way.method ? (starting = '') : start(way, null)"
          >
            Start a batch<span class="sr-only"> of {{ here.plant.common }}, {{ METHOD_WORDS[way.method] }}</span>
          </button>
        </div>
        <p v-if="way.quantity" class="text-sm">
          For {{ count }} {{ count === 1 ? 'plant' : 'plants' }}: {{ quantityWords(way, view.inUnits) }}.
        </p>
        <p class="text-sm text-quiet">
          {{ reasons(way).join(' ') }}
          <NuxtLink
            v-if="way.method === 'bought'"
            class="link no-print inline-flex items-center phone:min-h-[44px]"
            :to="`/gardens/${garden.id}/plan/shopping`"
            >The shopping list</NuxtLink
          >
        </p>
        <LazyRaiseStart
          v-if="starting === way.method && way.method !== 'bought'"
          :key="`${way.method} ${second}`"
          :way="way"
          :here="here"
          :want="count"
          :on="second ?? undefined"
          @close="starting = ''"
        />
        <div v-if="open === way.method && way.way" :id="`${id}-${way.method}`" class="mt-1 text-sm">
          <ul class="list-disc pl-5">
            <li v-for="line in quantityReasons(way)" :key="line">{{ line }}</li>
            <li v-if="way.way.row.fails">{{ inUnitsOf(way.way.row.fails, view.inUnits) }}</li>
            <li v-if="usualWords(way.way)">{{ usualWords(way.way) }}</li>
            <li v-if="way.second">
              A second start about {{ dayWords(way.second, work.today) }} is insurance: one lost tray is not all.
              <button class="link no-print min-h-[26px] phone:min-h-[44px]" @click="start(way, way.second)">
                Start a second batch<span class="sr-only"> of {{ here.plant.common }}, {{ METHOD_WORDS[way.method] }}</span>
              </button>
            </li>
          </ul>
          <table class="tabular mt-1 w-auto! text-sm">
            <caption class="sr-only">
              Its days
            </caption>
            <tbody>
              <tr v-for="step in way.steps" :key="`${step.kind} ${step.number}`">
                <th scope="row" class="pr-4 font-normal">
                  {{ STEP_WORDS[step.kind] }}{{ step.number ? ` ${step.number}` : '' }}
                </th>
                <td>{{ spanWords(step.from, step.until, work.today) }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </li>
    </ol>
    <template v-if="refused.length">
      <h3 class="mt-2 text-sm font-semibold">Not here, or not now</h3>
      <ul class="text-sm text-quiet">
        <li v-for="way in refused" :key="way.method">{{ METHOD_WORDS[way.method] }}: {{ refusalWords(way.refused!) }}</li>
      </ul>
    </template>
  </div>
</template>
