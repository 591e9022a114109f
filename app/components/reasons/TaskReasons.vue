<script setup lang="ts">
import { inUnitsOf } from '~~/core/words/units';
import {
  ACTION_WORDS,
  amountWords,
  dayWords,
  forWords,
  heedWords,
  ruleFor,
  ruleWhen,
  waterSentences,
  whenWords,
  youngSentences,
} from '~~/core/words/work';

/** Why a task is there, when, what depends on it and what it follows from. */
const props = defineProps<{ task: string }>();
const garden = useGardenStore();
const work = useWorkStore();
const view = useViewStore();
const row = computed(() => work.taskOf(props.task));
const water = computed(() =>
  row.value?.source === 'water' ? work.day?.water.find((site) => site.site.id === row.value!.site_id) : undefined,
);
/** What else can be done on the same walk: open tasks of the same bed. */
const beside = computed(() =>
  work.now.filter((other) => row.value?.site_id && other.site_id === row.value.site_id && other.key !== props.task).slice(0, 6),
);
const young = computed(() => youngSentences(row.value?.young ?? [], work.names));
const frostless = computed(() => work.work?.frostless ?? false);
</script>

<template>
  <div v-if="row">
    <h3 class="mt-1 text-xl">{{ ACTION_WORDS[row.action] }}</h3>
    <p class="creature">
      {{ forWords(row, work.names) }}<span v-if="row.site_id" class="text-quiet">, {{ garden.siteName(row.site_id) }}</span>
    </p>
    <p class="mt-2">{{ inUnitsOf(row.why, view.inUnits) }}</p>
    <ul v-if="water" class="mt-2 list-disc space-y-0.5 pl-4 text-sm">
      <li v-for="sentence in waterSentences(water, view.inUnits)" :key="sentence">{{ sentence }}</li>
    </ul>
    <h4 class="mt-3 font-semibold">When</h4>
    <p class="text-sm">
      {{ dayWords(row.from, work.today) }} to {{ dayWords(row.until, work.today) }}: {{ whenWords(row, work.today) }}.
      <template v-if="row.putOff !== null">You put it off until {{ dayWords(row.putOff, work.today) }}.</template>
      <template v-if="row.last !== null">Last done {{ dayWords(row.last, work.today) }}.</template>
    </p>
    <template v-if="row.heed !== 'none' || young.length">
      <h4 class="mt-3 font-semibold">Who may be on it</h4>
      <p v-if="row.heed !== 'none'" class="text-sm text-thin">{{ heedWords(row, work.today) }}</p>
      <ul class="text-sm">
        <li v-for="sentence in young" :key="sentence">{{ sentence }}</li>
      </ul>
    </template>
    <template v-if="row.holds.length">
      <h4 class="mt-3 font-semibold">Life cycles that depend on these plants</h4>
      <ul class="text-sm">
        <li v-for="target in row.holds" :key="target">
          <button class="link min-h-[26px]" @click="view.explain({ kind: 'target', target })">
            {{ garden.creatureName(target) }}
          </button>
        </li>
      </ul>
    </template>
    <template v-if="row.steps.length || row.tools || row.amounts.length">
      <h4 class="mt-3 font-semibold">How</h4>
      <TaskHow :task="row" />
      <p v-if="row.amounts.length" class="text-sm">{{ row.amounts.map((one) => amountWords(one, view.inUnits)).join(', ') }}.</p>
    </template>
    <template v-if="row.plants.length">
      <h4 class="mt-3 font-semibold">On</h4>
      <ul class="text-sm">
        <li v-for="plant in row.plants" :key="plant.plant">
          {{ plant.count }}
          <button class="link min-h-[26px]" @click="view.explain({ kind: 'plant', plant: plant.plant })">
            {{ garden.nameOf(plant.plant) }}
          </button>
        </li>
      </ul>
    </template>
    <template v-if="beside.length">
      <h4 class="mt-3 font-semibold">While you are there</h4>
      <ul class="text-sm">
        <li v-for="other in beside" :key="other.key">
          <button class="link min-h-[26px] text-left" @click="view.explain({ kind: 'task', task: other.key })">
            {{ ACTION_WORDS[other.action] }}: {{ forWords(other, work.names) }}
          </button>
        </li>
      </ul>
    </template>
    <p v-if="row.rule" class="mt-3 text-sm text-quiet">
      From the library’s care of {{ ruleFor(row.rule) }}{{ ruleWhen(row.rule, null) }}: counted from
      {{ row.rule.from || 'any day' }}{{ row.rule.until ? ` to ${row.rule.until}` : '' }}. Confidence {{ row.rule.confidence }}.
      <template v-if="frostless && /frost/.test(row.rule.from + row.rule.until)"
        >No frost is usual here: the coldest days of the year stand in for it.</template
      >
    </p>
  </div>
  <p v-else class="mt-2">This task is settled.</p>
</template>
