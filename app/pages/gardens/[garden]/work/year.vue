<script setup lang="ts">
import { averageDay, dayInYear, yearOf } from '~~/core/model/days';
import { groupBy } from '~~/core/model/group';
import { halfMonthName, halfMonthOfDay } from '~~/core/model/half-month';
import { ACTION_WORDS, dayWords, forWords, minutesWords } from '~~/core/words/work';

/** The year’s work, half-month by half-month, as it follows from the averages of this garden. */
const garden = useGardenStore();
const work = useWorkStore();
const view = useViewStore();
const year = ref(yearOf(work.today));
const kind = ref('');
/** With the steps of what is raised. */
const all = computed(() =>
  work.work
    ? [...work.work.tasksOf(year.value, null), ...work.work.raisingOf(year.value, work.said)].sort((a, b) => a.from - b.from)
    : [],
);
const tasks = computed(() => all.value.filter((task) => !kind.value || task.action === kind.value));
const kinds = computed(() => [...new Set(all.value.map((task) => task.action))].sort());
const halves = computed(() =>
  [...groupBy(tasks.value, (task) => String(halfMonthOfDay(averageDay(task.from))))]
    .map(([half, rows]) => [Number(half), rows] as const)
    .sort(([a], [b]) => a - b),
);
/** The words of days leave out this year. */
const like = computed(() => dayInYear(year.value, 180));
</script>

<template>
  <div>
    <h1>The year’s work</h1>
    <p class="max-w-prose text-quiet">
      As the averages of this garden have it; the days move with the weather as the year goes. Watering is not in it: it follows
      from the rain.
    </p>
    <div class="no-print mt-2 flex flex-wrap gap-4 text-sm">
      <label class="inline-flex items-center gap-2"
        >Year
        <select v-model="year" class="field w-auto!">
          <option v-for="n in 4" :key="n" :value="yearOf(work.today) + n - 2">{{ yearOf(work.today) + n - 2 }}</option>
        </select></label
      >
      <label class="inline-flex items-center gap-2"
        >Kind
        <select v-model="kind" class="field w-auto!">
          <option value="">all</option>
          <option v-for="action in kinds" :key="action" :value="action">{{ ACTION_WORDS[action] }}</option>
        </select></label
      >
    </div>
    <ScrollRegion v-if="halves.length" class="mt-3" label="Work of the year">
      <table class="tabular text-sm">
        <thead>
          <tr>
            <th scope="col">When</th>
            <th scope="col">Work</th>
            <th scope="col">On</th>
            <th scope="col">Bed</th>
            <th scope="col">Takes</th>
          </tr>
        </thead>
        <tbody v-for="[half, rows] in halves" :key="half" :class="half === view.halfMonth ? 'bg-raised' : ''">
          <tr>
            <th scope="rowgroup" colspan="5" class="pt-2 font-serif text-base first-letter:uppercase">
              {{ halfMonthName(half) }}
            </th>
          </tr>
          <tr v-for="task in rows" :key="task.key">
            <td class="whitespace-nowrap">
              {{ dayWords(task.from, like) }} to {{ dayWords(task.until, like)
              }}{{ task.every ? `, every ${task.every} days` : '' }}
            </td>
            <th scope="row" class="font-semibold">{{ ACTION_WORDS[task.action] }}</th>
            <td class="creature">{{ forWords(task, work.names) }}</td>
            <td>{{ task.site_id ? garden.siteName(task.site_id) : '' }}</td>
            <td class="text-right whitespace-nowrap">{{ task.minutes < 1 ? '' : minutesWords(task.minutes) }}</td>
          </tr>
        </tbody>
      </table>
    </ScrollRegion>
    <p v-else class="mt-3">Nothing grows here in {{ year }} that asks for work.</p>
  </div>
</template>
