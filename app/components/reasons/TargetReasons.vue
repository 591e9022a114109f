<script setup lang="ts">
import { hostClauses } from '~~/core/words/hosts';
import { dateName } from '~~/core/model/half-month';
import { RUNG_WORDS, rungSentence } from '~~/core/words/log';
import { gapSentence, needName } from '~~/core/words/needs';
import { broodsWords, larvaeWords, winterWords, yearWords } from '~~/core/words/flights';

const props = defineProps<{ target: string }>();
const garden = useGardenStore();
const view = useViewStore();
const here = computed(() => garden.almanac?.targets.get(props.target));
const log = useLogStore();
/** What this year or the last shows of its life here; nothing where neither does. */
const ladder = computed(() => {
  if (!log.ready) return null;
  const found = [log.year, log.year - 1].map((year) => log.ladderIn(props.target, year));
  return found.find((row) => row?.rungs.some(({ state }) => state === 'seen')) ?? null;
});
const covered = computed(() => garden.served?.targets.find((row) => row.target === props.target));
/** Hosts recorded in this region, and every trap; the others are counted. */
const hosts = computed(() => {
  const order = ['trap', 'primary', 'accepted', 'poor'];
  return [...(here.value?.hosts ?? [])]
    .map(([plant, host]) => ({ plant, host }))
    .filter(({ plant, host }) => host.rank === 'trap' || garden.almanac!.plants.get(plant)?.status.row)
    .sort((a, b) => order.indexOf(a.host.rank) - order.indexOf(b.host.rank));
});
const elsewhere = computed(() => (here.value?.hosts.size ?? 0) - hosts.value.length);
const size = computed(() => view.inUnits.fine(here.value!.target.size_min_mm, here.value!.target.size_max_mm));
</script>

<template>
  <div v-if="here">
    <div class="mt-1 flex items-center gap-3">
      <CreatureGlyph :target="here.target" :size="72" />
      <div>
        <h3 class="text-xl">{{ here.target.common }}</h3>
        <p>
          <span class="scientific">{{ here.target.scientific }}</span> · {{ size }}
        </p>
      </div>
    </div>
    <p class="mt-2 text-sm">{{ here.target.adult_marks }}</p>
    <p class="mt-1 text-sm"><strong>Its young:</strong> {{ here.target.young_marks }}</p>
    <p v-if="here.target.concern" class="mt-1 text-sm text-thin">{{ here.target.concern }}</p>
    <p class="mt-2 text-sm">
      {{ here.flights.length === 1 ? 'Flies ' : 'Here: ' }}{{ yearWords(here)
      }}{{ broodsWords(here) ? `; ${broodsWords(here)}` : '' }}{{ winterWords(here) ? `; ${winterWords(here)}` : '' }}.
      <template v-if="here.larval.length">Caterpillars feed {{ larvaeWords(here) }}.</template>
      <span class="ml-1 text-quiet">Confidence: {{ here.occurrence.confidence ?? here.target.confidence }}.</span>
    </p>
    <template v-if="covered">
      <h4 class="mt-3 font-semibold">Its needs in this plan</h4>
      <ul class="space-y-1 text-sm">
        <li v-for="row in covered.needs" :key="row.need.stage + row.need.special">
          <button
            class="text-left underline decoration-line underline-offset-2"
            @click="view.explain({ kind: 'need', target, stage: row.need.stage, special: row.need.special })"
          >
            <VerdictMark :verdict="row.verdict" /> {{ needName(row.need, here) }}
          </button>
          <span v-if="row.verdict !== 'closed'" class="text-quiet">: {{ gapSentence(here, row, view.inUnits) }}</span>
        </li>
      </ul>
    </template>
    <template v-if="hosts.length">
      <h4 class="mt-3 font-semibold">Hosts recorded here</h4>
      <ul class="text-sm">
        <li v-for="row in hosts" :key="row.plant" class="mt-0.5">
          <button class="link" @click="view.explain({ kind: 'plant', plant: row.plant })">{{ garden.nameOf(row.plant) }}</button>
          <span class="ml-1" :class="row.host.rank === 'trap' ? 'font-semibold text-gap' : 'text-quiet'">{{
            row.host.rank
          }}</span>
          <span v-if="hostClauses(here!.target, row.host).length" class="text-quiet"
            >: {{ hostClauses(here!.target, row.host).join(' · ') }}</span
          >
        </li>
        <li v-if="elsewhere" class="mt-0.5 text-quiet">and {{ elsewhere }} more in other regions</li>
      </ul>
    </template>
    <template v-if="ladder">
      <h4 class="mt-3 font-semibold">Seen here in {{ ladder.year }}</h4>
      <ul class="text-sm">
        <li v-for="row in ladder.rungs.filter(({ state }) => state === 'seen')" :key="row.rung">
          {{ RUNG_WORDS[row.rung] }}: {{ rungSentence(row, dateName) }}
        </li>
      </ul>
    </template>
    <p class="mt-2">
      <button class="press" @click="view.writeDown({ what: 'adult', of: target, count: 1 })">Write a sighting down</button>
    </p>
    <p class="mt-2 text-sm">
      <NuxtLink class="link" :to="`/gardens/${garden.id}/library/targets/${target}`">Its page in the library</NuxtLink>
      <NuxtLink class="link ml-4" :to="{ path: `/gardens/${garden.id}/log/why`, query: { of: target } }"
        >Why does it not come, or not breed?</NuxtLink
      >
    </p>
  </div>
</template>
