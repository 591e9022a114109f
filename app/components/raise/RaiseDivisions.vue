<script setup lang="ts">
import { howOf } from '~~/core/raise/how';
import type { DivisionDue } from '~~/core/work/divisions';
import { listed } from '~~/core/words/lists';
import { spanWords } from '~~/core/words/raise';
import { inUnitsOf } from '~~/core/words/units';

/** What is old enough to be divided: its season, its pieces, and where they could go. */
defineProps<{ rows: readonly DivisionDue[] }>();
const garden = useGardenStore();
const work = useWorkStore();
const view = useViewStore();
const ageWords = ({ age, planting }: DivisionDue) =>
  age === null
    ? 'here since an unknown year'
    : planting.planted_year === null
      ? `${age} years since it was divided`
      : `${age} years old`;
</script>

<template>
  <ul class="grid gap-x-8 lg:grid-cols-2">
    <li v-for="row in rows" :key="row.planting.id" class="border-b border-line py-1.5">
      <p>
        <span class="creature">{{ row.here.plant.common }}</span>
        <span class="ml-2 text-sm text-quiet">
          {{ row.planting.count }} in {{ garden.siteName(row.planting.site_id) }}, {{ ageWords(row)
          }}{{ row.wanted ? '; its care asks for it' : '' }}</span
        >
      </p>
      <p class="text-sm">
        {{ spanWords(row.season.from, row.season.latest, work.today) }}:
        {{ row.pieces.from === row.pieces.to ? row.pieces.from : `${row.pieces.from} to ${row.pieces.to}` }} pieces to plant
        elsewhere.
        <template v-if="row.open.length">
          The plan wants {{ listed(row.open.map((one) => `${one.count} in ${garden.siteName(one.site_id)}`)) }}.
        </template>
        <template v-if="row.serves.length">
          More of it would serve
          {{
            listed(
              row.serves.map((one) => `${garden.creatureName(one.target)} (${one.stage === 'host' ? 'host plants' : 'nectar'})`),
            )
          }}.
        </template>
        <template v-if="!row.open.length && !row.serves.length"
          >The plan has no open need of it: for a neighbour or a swap.</template
        >
      </p>
      <details class="text-sm">
        <summary class="text-press">
          How<span class="sr-only"> {{ row.here.plant.common }} is divided</span>
        </summary>
        <ol class="list-decimal pl-5">
          <li v-for="step in howOf(row.way, 'divide').steps" :key="step">{{ inUnitsOf(step, view.inUnits) }}</li>
        </ol>
        <p v-if="row.way.row.fails" class="text-quiet">{{ inUnitsOf(row.way.row.fails, view.inUnits) }}</p>
      </details>
    </li>
  </ul>
</template>
