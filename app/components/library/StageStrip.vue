<script setup lang="ts">
import type { TargetHere } from '~~/core/model/here';
import { HALF_MONTHS, halfMonthsInWords, halfMonthsTouched } from '~~/core/model/half-month';
import { larvalHalfMonths } from '~~/core/almanac/larval-periods';
import { nestingHalfMonths, shelterHalfMonths } from '~~/core/coverage/needs';

/** The life stages of a creature through this garden's year, one strip a stage, months above. */
const props = defineProps<{ here: TargetHere }>();
const MONTHS = ['J', 'F', 'M', 'A', 'M', 'J', 'J', 'A', 'S', 'O', 'N', 'D'];
const bird = computed(() => props.here.target.kind === 'hummingbird');
const nests = computed(() => nestingHalfMonths(props.here));
const stages = computed(() =>
  (bird.value
    ? [
        { name: 'Here', colour: 'var(--nectar)', halfMonths: props.here.flightHalfMonths },
        { name: 'Nests', colour: 'var(--shelter)', halfMonths: nests.value },
      ]
    : [
        { name: 'Caterpillars', colour: 'var(--host)', halfMonths: larvalHalfMonths(props.here.larval) },
        { name: 'In flight', colour: 'var(--nectar)', halfMonths: props.here.flightHalfMonths },
        {
          name: `Rests as ${props.here.wintering.as}`,
          colour: 'var(--shelter)',
          halfMonths: shelterHalfMonths(props.here),
        },
        {
          name: 'Sleeps in summer',
          colour: 'var(--shelter)',
          halfMonths: props.here.flights
            .filter((row) => row.part === 'summer-sleep')
            .flatMap(({ window }) => halfMonthsTouched(window)),
        },
      ]
  ).filter((stage) => stage.halfMonths.length > 0),
);
</script>

<template>
  <table class="w-full max-w-2xl table-fixed text-sm">
    <caption class="sr-only">
      Life stages through the year
    </caption>
    <thead>
      <tr>
        <th scope="col" class="w-32 text-left text-xs font-normal text-quiet">Stage</th>
        <th v-for="(month, i) in MONTHS" :key="i" colspan="2" class="text-center text-xs font-normal text-quiet">{{ month }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="stage in stages" :key="stage.name">
        <th scope="row" class="pr-2 text-left font-normal">
          {{ stage.name }}<span class="sr-only">: {{ halfMonthsInWords(stage.halfMonths) }}</span>
        </th>
        <td
          v-for="h in HALF_MONTHS"
          :key="h"
          class="border-l p-0 py-0.5"
          :class="h % 2 === 1 ? 'border-line' : 'border-transparent'"
        >
          <span class="block h-3" :style="stage.halfMonths.includes(h - 1) ? { background: stage.colour } : {}" />
        </td>
      </tr>
    </tbody>
  </table>
</template>
