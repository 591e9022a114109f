<script setup lang="ts">
import { grownOf } from '~~/core/log/grown';
import { dayName } from '~~/core/model/half-month';
import { placeWords, sayingWords, subjectWords } from '~~/core/words/log';
import { dateName } from '~~/core/model/half-month';

/** What lived, by plant and where it came from, and when it first flowered. */
const garden = useGardenStore();
const log = useLogStore();
const view = useViewStore();
const rows = computed(() => grownOf(garden.plantings, log.book));
const losses = computed(() => log.book.entries.filter((entry) => entry.what === 'lost' || entry.what === 'mislabelled'));
/** Words of a row: how many of those planted are alive. */
const aliveWords = (row: (typeof rows.value)[number]) =>
  row.alive === row.planted ? `all ${row.planted} alive` : `${row.alive} of ${row.planted} alive`;
const firstWinter = (row: (typeof rows.value)[number]) =>
  row.planted_year >= log.year ? 'still to come' : `${row.planted - row.lostFirst} of ${row.planted} after the first winter`;
</script>

<template>
  <div>
    <div class="flex flex-wrap items-end justify-between gap-2">
      <h1>What grew</h1>
      <button class="press no-print phone:min-h-[48px]" @click="view.writeDown({ what: 'lost' })">Write down a loss</button>
    </div>
    <p class="max-w-prose text-quiet">
      What was planted here, how much of it lives and when it first flowered. How many you lost of a plant goes into the spares of
      the next shopping list.
    </p>
    <ScrollRegion v-if="rows.length" class="mt-2" label="What grew">
      <table class="tabular text-sm">
        <thead>
          <tr>
            <th scope="col">Plant</th>
            <th scope="col">Planted</th>
            <th scope="col">From</th>
            <th scope="col">Now</th>
            <th scope="col">First winter</th>
            <th scope="col">First flower</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="`${row.plant} ${row.source} ${row.planted_year}`">
            <th scope="row" class="creature font-normal">{{ garden.nameOf(row.plant) }}</th>
            <td>{{ row.planted_year }}</td>
            <td>{{ row.source }}</td>
            <td :class="row.alive < row.planted ? 'text-gap' : ''">{{ aliveWords(row) }}</td>
            <td>{{ firstWinter(row) }}</td>
            <td>{{ row.firstBloom ? `${dayName(row.firstBloom.day)} ${row.firstBloom.year}` : '' }}</td>
          </tr>
        </tbody>
      </table>
    </ScrollRegion>
    <p v-else class="mt-2">Nothing stands in the ground with its year yet. Tick it off in the plan as you plant.</p>
    <section v-if="losses.length" class="mt-4" aria-labelledby="lost">
      <h2 id="lost">Lost, and sold under another name</h2>
      <ul class="text-sm">
        <li v-for="entry in losses" :key="entry.id">
          {{ dateName(entry.on_day) }}: <span class="creature">{{ subjectWords(entry, log.names) }}</span>,
          {{ sayingWords(entry, log.names, view.inUnits)
          }}<span class="text-quiet"
            >{{ entry.site_id ? `, ${placeWords(entry, log.names)}` : '' }}{{ entry.note ? ` “${entry.note}”` : '' }}</span
          >
        </li>
      </ul>
    </section>
  </div>
</template>
