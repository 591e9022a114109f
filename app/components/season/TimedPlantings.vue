<script setup lang="ts">
import type { Planting } from '~~/core/model/garden';
import type { PlantHere } from '~~/core/model/here';
import { type DayWindow, dayName, dayOfMonthDay, monthDayOf } from '~~/core/model/half-month';
import { bloomParts, sownBloom } from '~~/core/almanac/bloom/planting-bloom';
import { usualSowing } from '~~/core/coverage/offers/timing';
import { SETTINGS } from '~~/core/settings';
import { daysWords } from './calendar-bars';

/** The plantings whose bloom can be timed, and how they are. */
const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();
const year = view.today.getFullYear();
const rows = computed(() =>
  garden.livePlantings
    .flatMap((planting) => {
      const { plants, frosts } = garden.almanac!;
      const here = plants.get(planting.plant);
      if (!here?.bloom || (here.plant.rebloom_days === null && !here.sowing)) return [];
      const spells = bloomParts(here, planting, frosts).flatMap((part) => part.spells);
      const window = sownBloom(here, planting.sow_on, frosts);
      return [{ planting, here, window, second: spells.find((spell) => spell.after === 'cut') }];
    })
    .sort((a, b) => a.here.bloom!.from - b.here.bloom!.from),
);
/** A year is only lent to the day for the field; what is kept is the day. */
const asDate = (monthDay: string | null) => (monthDay ? `${year}-${monthDay}` : '');
const dayFrom = (text: string) => (/^\d{4}-\d\d-\d\d$/.test(text) && !text.endsWith('02-29') ? text.slice(5) : null);
function setCut(planting: Planting, text: string) {
  const on = dayFrom(text);
  if (text !== '' && !on) return;
  void commands.timePlanting(planting, { cut: on ? { on, count: planting.cut?.count ?? planting.count } : null });
}
function setCount(planting: Planting, event: Event) {
  const field = event.target as HTMLInputElement;
  const count = Number(field.value);
  if (planting.cut && Number.isInteger(count) && count >= 1 && count <= planting.count)
    void commands.timePlanting(planting, { cut: { ...planting.cut, count } });
  else field.value = String(planting.cut?.count ?? '');
}
function setSowing(planting: Planting, text: string) {
  const on = dayFrom(text);
  if (text === '' || on) void commands.timePlanting(planting, { sow_on: on });
}
/** What comes of it, in a sentence. */
function outcome({ planting, window, second }: (typeof rows.value)[number]): string {
  if (!window) return 'Sown then it does not flower before the frost.';
  if (second) return `flowers again ${daysWords(second)}`;
  if (!planting.cut) return `flowers ${daysWords(window)}`;
  const { afterFirst_d, afterLast_d } = SETTINGS.cut;
  return `That cut brings no second bloom: cut between ${dayName(window.from + afterFirst_d)} and ${dayName(window.to + afterLast_d)}, and early enough before the cold.`;
}
const usual = (here: PlantHere) => {
  const day = usualSowing(here);
  return day === null ? '' : `usually ${dayName(day)}`;
};
const earliest = (window: DayWindow | null) => (window ? asDate(monthDayOf(window.from + SETTINGS.cut.afterFirst_d)) : undefined);
const timedDay = (monthDay: string) => dayName(dayOfMonthDay(monthDay));
</script>

<template>
  <section aria-labelledby="timed">
    <h2 id="timed">Plantings that can be timed</h2>
    <p v-if="rows.length === 0" class="text-sm text-quiet">Nothing planted blooms again after a cut, or is sown each year.</p>
    <ScrollRegion v-else label="Cuts and sowings">
      <table class="tabular text-sm">
        <thead>
          <tr>
            <th scope="col">Planting</th>
            <th scope="col">Cut on</th>
            <th scope="col">How many</th>
            <th scope="col">Sow on</th>
            <th scope="col">What comes of it</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.planting.id">
            <th scope="row" class="font-normal">
              {{ row.planting.count }} <span class="creature">{{ row.here.plant.common }}</span>
              <span class="text-quiet"> in {{ garden.siteName(row.planting.site_id) }}</span>
            </th>
            <td>
              <input
                v-if="row.here.plant.rebloom_days !== null"
                type="date"
                class="field w-36!"
                :value="asDate(row.planting.cut?.on ?? null)"
                :min="row.planting.cut ? undefined : earliest(row.window)"
                :aria-label="`Cut ${row.here.plant.common} on`"
                :title="row.planting.cut ? timedDay(row.planting.cut.on) : 'not cut'"
                @change="setCut(row.planting, ($event.target as HTMLInputElement).value)"
              />
            </td>
            <td class="whitespace-nowrap">
              <template v-if="row.planting.cut">
                <input
                  type="number"
                  class="field w-16!"
                  min="1"
                  :max="row.planting.count"
                  :value="Math.min(row.planting.cut.count, row.planting.count)"
                  :aria-label="`How many ${row.here.plant.common} are cut`"
                  @change="setCount(row.planting, $event)"
                />
                of {{ row.planting.count }}
              </template>
            </td>
            <td>
              <template v-if="row.here.sowing">
                <input
                  type="date"
                  class="field w-36!"
                  :value="asDate(row.planting.sow_on)"
                  :aria-label="`Sow ${row.here.plant.common} on`"
                  @change="setSowing(row.planting, ($event.target as HTMLInputElement).value)"
                />
                <span class="block text-xs text-quiet">{{ usual(row.here) }}</span>
              </template>
            </td>
            <td :class="row.planting.cut && !row.second ? 'text-gap' : ''">
              {{ outcome(row) }}
              <button
                v-if="row.planting.cut || row.planting.sow_on"
                class="link ml-1 min-h-[26px]"
                @click="commands.timePlanting(row.planting, { cut: null, sow_on: null })"
              >
                As usual<span class="sr-only">: {{ row.here.plant.common }}</span>
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </ScrollRegion>
  </section>
</template>
