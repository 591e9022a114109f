<script setup lang="ts">
import { SHORT_MONTHS } from '~~/core/model/half-month';
import { byMonth } from '~~/core/place/sun/bed-sun';

/** Hours of direct sun on every drawn bed by month, before and after solar noon, and as trees grow. */
const props = defineProps<{ years: number }>();
const garden = useGardenStore();
const WHEN = { 'all-day': 'through the day', morning: 'before noon', midday: 'around midday', afternoon: 'after noon' };
const rows = computed(() => {
  const sun = garden.bedSun(props.years);
  const [now, five, ten] = [0, 5, 10].map((years) => garden.bedSun(years));
  return garden.sites
    .filter((site) => sun.has(site.id))
    .map((site) => ({
      site,
      sun: sun.get(site.id)!,
      months: byMonth(sun.get(site.id)!.year),
      later: [now, five, ten].map((map) => map!.get(site.id)!.season.sun_h),
    }));
});
const h = (hours: number) => hours.toFixed(1);
</script>

<template>
  <ScrollRegion label="Hours of direct sun by month">
    <table class="tabular text-sm">
      <thead>
        <tr>
          <th scope="col">Site</th>
          <th scope="col">Noon</th>
          <th v-for="month in SHORT_MONTHS" :key="month" scope="col" class="text-right!">{{ month }}</th>
          <th scope="col" class="text-right!">Season</th>
          <th scope="col" class="text-right!">Now, in 5, in 10 years</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.site.id">
          <th scope="row">
            <NuxtLink class="creature underline decoration-line" :to="`/gardens/${garden.id}/place/sites/${row.site.id}`">{{
              row.site.name
            }}</NuxtLink>
            <span class="block text-xs font-normal text-quiet">{{ WHEN[row.sun.season.sun_when] }}</span>
          </th>
          <td class="text-quiet"><span class="block">before</span><span class="block">after</span></td>
          <td v-for="(month, m) in row.months" :key="m" class="text-right">
            <span class="block">{{ h(month.before) }}</span><span class="block">{{ h(month.after) }}</span>
          </td>
          <td class="text-right text-base font-semibold">{{ h(row.sun.season.sun_h) }} h</td>
          <td class="text-right whitespace-nowrap">{{ row.later.map(h).join(' → ') }}</td>
        </tr>
      </tbody>
    </table>
  </ScrollRegion>
</template>
