<script setup lang="ts">
import type { PlantingCard } from '~~/core/work/planting-day';
import {
  acidityWords,
  cautionWords,
  depthWords,
  finishSteps,
  holeWords,
  rootsWords,
  waterInWords,
} from '~~/core/words/planting-day';
import { SIZE_WORDS } from '~~/core/words/shopping';

/** How one planting is planted: hole, roots, depth, acidity, backfill, water; a press ticks it off. */
const props = defineProps<{ card: PlantingCard }>();
const work = useWorkStore();
const view = useViewStore();
const commands = useCommands();
const here = computed(() => props.card.here);
const planted = () =>
  commands.savePlanting(
    props.card.planting,
    { state: 'in-ground', planted_year: Number(work.onDay.slice(0, 4)) },
    `${props.card.planting.count} ${here.value.plant.common} planted.`,
  );
</script>

<template>
  <li class="break-inside-avoid border border-line bg-raised p-3 text-sm">
    <h3 class="flex flex-wrap items-baseline justify-between gap-x-3 text-base">
      <span
        >{{ card.planting.count }} <span class="creature">{{ here.plant.common }}</span>
        <span class="scientific ml-1.5 text-sm"> {{ here.plant.scientific }}</span></span
      >
      <span class="font-sans text-sm font-normal text-quiet">{{ SIZE_WORDS[card.size] }}</span>
    </h3>
    <p v-for="line in cautionWords(card)" :key="line" class="border-l-4 border-gap pl-2">{{ line }}</p>
    <ol class="mt-1 list-decimal pl-5">
      <li>{{ holeWords(card, view.inUnits) }}</li>
      <li :class="card.acidity.is === 'right' ? '' : 'text-thin'">{{ acidityWords(card.acidity) }}</li>
      <li v-if="card.size !== 'bulb'">{{ rootsWords(card) }}</li>
      <li>{{ depthWords(card, view.inUnits) }}</li>
      <li v-for="step in finishSteps(card, view.inUnits)" :key="step">{{ step }}.</li>
      <li>{{ waterInWords(card, view.inUnits) }}</li>
    </ol>
    <p v-if="card.stakes || card.supports" class="mt-1">
      {{
        card.supports
          ? `${card.supports} to climb on, set before it is planted.`
          : `${card.stakes} to stake, the stake before the plant.`
      }}
    </p>
    <button class="press no-print mt-2" @click="planted">
      Planted<span class="sr-only"> {{ card.planting.count }} {{ here.plant.common }}</span>
    </button>
  </li>
</template>
