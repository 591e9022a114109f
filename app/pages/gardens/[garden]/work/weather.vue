<script setup lang="ts">
import { isoOf } from '~~/core/model/days';
import { dateName } from '~~/core/model/half-month';
import { lastDayOf } from '~~/core/place/weather/weather';
import { nearDay, waterSentences } from '~~/core/words/work';

/** The weather of the garden: the days past and to come, own readings, water bed by bed, and the garden’s clock. */
const work = useWorkStore();
const view = useViewStore();
const records = useRecordsStore();
const commands = useCommands();
const PAST_d = 14;
const own = computed(() => new Map((records.state?.weather ?? []).map((row) => [row.on_day, row])));
const days = computed(() => {
  const { weather } = work;
  if (!weather) return [];
  const today = lastDayOf(weather);
  const past = weather.past.slice(-PAST_d).map((day, i, all) => ({ on: today - all.length + 1 + i, ...day, forecast: false }));
  const coming = weather.forecast.map((day, i) => ({ on: today + 1 + i, ...day, forecast: true }));
  return [...past, ...coming];
});
const t = (c: number) => view.inUnits.temperature(c);
const rain = (mm: number) => (mm === 0 ? '' : view.inUnits.rain(mm));
const water = computed(() => (work.day?.water ?? []).filter((row) => row.all.length > 0));
</script>

<template>
  <div>
    <h1>Weather</h1>
    <p class="max-w-prose text-quiet">
      The station is a simulated one that ships with Outwash: its days stray around the normals of this place, and its forecasts
      err as forecasts do. What your own gauge and thermometer show counts before it.
    </p>
    <GardenClock class="no-print mt-3" />
    <WeatherWarnings class="mt-3" />
    <section class="mt-4" aria-labelledby="own-weather">
      <h2 id="own-weather">Your own readings</h2>
      <OwnWeather />
    </section>
    <div class="mt-4 grid gap-x-8 gap-y-4 lg:grid-cols-[auto_minmax(0,1fr)]">
      <section aria-labelledby="days">
        <h2 id="days">The last two weeks, and seven days to come</h2>
        <ScrollRegion label="Weather day by day">
          <table class="tabular text-sm">
            <thead>
              <tr>
                <th scope="col">Day</th>
                <th scope="col">Low</th>
                <th scope="col">High</th>
                <th scope="col">Rain</th>
                <th scope="col"><span class="sr-only">Source</span></th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="day in days" :key="day.on" :class="day.on === work.today ? 'font-semibold' : ''">
                <th scope="row" class="font-normal whitespace-nowrap">{{ nearDay(day.on, work.today) }}</th>
                <td class="text-right" :class="day.low_c <= 0 ? 'text-gap' : ''">{{ t(day.low_c) }}</td>
                <td class="text-right">{{ t(day.high_c) }}</td>
                <td class="text-right">{{ rain(day.rain_mm) }}</td>
                <td class="text-quiet">
                  <template v-if="own.get(isoOf(day.on))"
                    >yours
                    <button class="link min-h-[26px]" @click="commands.removeWeather(own.get(isoOf(day.on))!)">
                      Delete<span class="sr-only"> your reading of {{ dateName(isoOf(day.on)) }}</span>
                    </button></template
                  ><template v-else-if="day.forecast">forecast</template>
                </td>
              </tr>
            </tbody>
          </table>
        </ScrollRegion>
      </section>
      <section aria-labelledby="water">
        <h2 id="water">Water, bed by bed</h2>
        <p v-if="water.length === 0">Nothing grows here yet.</p>
        <div v-for="row in water" :key="row.site.id" class="mt-2">
          <h3>{{ row.site.name }}</h3>
          <ul class="list-disc pl-5 text-sm">
            <li v-for="sentence in waterSentences(row, view.inUnits)" :key="sentence">{{ sentence }}</li>
          </ul>
        </div>
      </section>
    </div>
  </div>
</template>
