<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import { dayList } from '~~/core/work/day-list';
import { ACTION_WORDS, forWords, lossWords, minutesWords, nearDay } from '~~/core/words/work';

/** "I have two hours": what loses least when the rest is put off, in the order of the walk. */
defineEmits<{ close: [] }>();
const garden = useGardenStore();
const work = useWorkStore();
const minutes = useLocalStorage('outwash-work-minutes', 120);
const inDays = ref(0);
const TIMES = [15, 30, 60, 90, 120, 180, 240, 360];
const on = computed(() => work.today + inDays.value);
/** What is open on that day: with the week ahead, its windows. */
const open = computed(() =>
  work.tasks.filter(
    (task) => ['late', 'today', 'open', 'week', 'anytime'].includes(task.standing) && task.due <= on.value && task.minutes > 0,
  ),
);
const list = computed(() => dayList(open.value, Number(minutes.value), on.value, work.work!.middles));
const heads = computed(() => list.value.doing.map((task, i) => task.site_id !== list.value.doing[i - 1]?.site_id || i === 0));
</script>

<template>
  <section class="max-w-4xl border border-line bg-raised p-3" aria-labelledby="day-planner">
    <div class="flex items-start justify-between">
      <h2 id="day-planner">What fits into the time there is</h2>
      <button class="link min-h-[26px]" @click="$emit('close')">Close</button>
    </div>
    <div class="mt-1 flex flex-wrap items-center gap-x-4 gap-y-2">
      <label class="inline-flex items-center gap-2"
        >I have
        <select v-model="minutes" class="field w-auto!">
          <option v-for="time in TIMES" :key="time" :value="time">{{ minutesWords(time) }}</option>
        </select></label
      >
      <label class="inline-flex items-center gap-2"
        >on
        <select v-model="inDays" class="field w-auto!">
          <option v-for="n in 7" :key="n" :value="n - 1">{{ nearDay(work.today + n - 1, work.today) }}</option>
        </select></label
      >
    </div>
    <div aria-live="polite">
      <p class="mt-2">
        <template v-if="list.doing.length === 0">No task that is open then is so short.</template>
        <template v-else
          >{{ list.doing.length }} of {{ open.length }} tasks, about {{ minutesWords(list.minutes) }}, walking from bed to
          bed:</template
        >
      </p>
      <ol class="mt-1 list-decimal space-y-0.5 pl-6">
        <li v-for="(task, i) in list.doing" :key="task.key">
          <strong v-if="heads[i]" class="mr-1">{{ task.site_id ? garden.siteName(task.site_id) : 'The garden' }}:</strong>
          {{ ACTION_WORDS[task.action] }}: {{ forWords(task, work.names) }}
          <span class="text-quiet">({{ minutesWords(task.minutes) }})</span>
        </li>
      </ol>
      <template v-if="list.putOff.length">
        <h3 class="mt-3">What is put off, and what that costs</h3>
        <ul class="mt-1 space-y-0.5 text-sm">
          <li v-for="row in list.putOff" :key="row.task.key">
            {{ ACTION_WORDS[row.task.action] }}: {{ forWords(row.task, work.names)
            }}{{ row.task.site_id ? `, ${garden.siteName(row.task.site_id)}` : '' }}
            <span class="text-quiet">({{ minutesWords(row.task.minutes) }})</span>:
            <span :class="row.loss.cycles || row.loss.plants ? 'text-gap' : 'text-quiet'">{{ lossWords(row.loss) }}</span>
          </li>
        </ul>
      </template>
    </div>
  </section>
</template>
