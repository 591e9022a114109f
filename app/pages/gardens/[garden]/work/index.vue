<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import type { Standing } from '~~/core/work/standing';
import { minutesWords, STANDING_WORDS, weekday } from '~~/core/words/work';
import { dateName } from '~~/core/model/half-month';
import { isoOf } from '~~/core/model/days';

/** What to do now: late, today, this week and what is coming, by bed or by kind of work, each ticked with one press. */
const garden = useGardenStore();
const work = useWorkStore();
const by = useLocalStorage<'bed' | 'kind'>('outwash-work-by', 'bed');

const HEADS: { name: string; standings: readonly Standing[]; id: string }[] = [
  { name: STANDING_WORDS.late, standings: ['late'], id: 'late' },
  { name: STANDING_WORDS.today, standings: ['today'], id: 'today' },
  { name: STANDING_WORDS.open, standings: ['open', 'week'], id: 'week' },
  { name: 'When it suits', standings: ['anytime'], id: 'anytime' },
  { name: STANDING_WORDS.coming, standings: ['coming'], id: 'coming' },
];
const sections = computed(() =>
  HEADS.map((head) => {
    const tasks = work.tasks.filter((task) => head.standings.includes(task.standing));
    return { ...head, tasks, minutes: tasks.reduce((sum, task) => sum + task.minutes, 0) };
  }).filter(({ tasks }) => tasks.length > 0),
);
/** Ticked or skipped lately, to be taken back. */
const settled = computed(() =>
  [...work.said]
    .filter((row) => row.what !== 'own' && row.what !== 'put-off' && row.on_day <= work.onDay)
    .reverse()
    .slice(0, 8),
);
const nothingGrows = computed(() => garden.plantings.length === 0);
const dayList = ref(false);
const adding = ref(false);
</script>

<template>
  <div>
    <div class="flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
      <div>
        <h1>What to do now</h1>
        <p class="text-quiet">
          {{ weekday(work.today) }}, {{ dateName(isoOf(work.today))
          }}<template v-if="garden.garden!.clock"
            >, by <NuxtLink class="link" :to="`/gardens/${garden.id}/work/weather`">the garden’s clock</NuxtLink></template
          >
        </p>
      </div>
      <div class="no-print flex flex-wrap gap-2 text-sm">
        <button class="press press-main" :aria-expanded="dayList" @click="dayList = !dayList">I have some time</button>
        <button class="press" :aria-expanded="adding" @click="adding = !adding">Add a task</button>
        <WorkFiles />
      </div>
    </div>
    <WeatherWarnings class="mt-2" />
    <LazyDayPlanner v-if="dayList" class="no-print mt-3" @close="dayList = false" />
    <LazyOwnTaskForm v-if="adding" class="no-print mt-3" @close="adding = false" />

    <NextLine v-if="nothingGrows" class="mt-3">
      Nothing is planted or planned yet, so there is nothing to do here. A plan comes first.
      <template #go><NuxtLink class="press" :to="`/gardens/${garden.id}/plan/propose`">Have a plan proposed</NuxtLink></template>
    </NextLine>
    <p v-else-if="sections.length === 0" class="mt-3">
      Nothing is due in the next four weeks. <NuxtLink class="link" :to="`/gardens/${garden.id}/work/year`">The year</NuxtLink>
      shows what comes.
    </p>
    <fieldset v-else class="no-print mt-3 flex gap-4 text-sm">
      <legend class="sr-only">Sorted by</legend>
      <label class="inline-flex min-h-[26px] items-center gap-1.5 phone:min-h-[44px]"
        ><input v-model="by" type="radio" value="bed" /> by bed</label
      >
      <label class="inline-flex min-h-[26px] items-center gap-1.5 phone:min-h-[44px]"
        ><input v-model="by" type="radio" value="kind" /> by kind of work</label
      >
    </fieldset>

    <section v-for="section in sections" :key="section.id" class="mt-4" :aria-labelledby="`work-${section.id}`">
      <h2 :id="`work-${section.id}`" class="border-b border-line" :class="section.id === 'late' ? 'text-gap' : ''">
        {{ section.name }}
        <span class="ml-1 font-sans text-sm text-quiet"
          >{{ section.tasks.length }} {{ section.tasks.length === 1 ? 'task' : 'tasks' }}, about
          {{ minutesWords(section.minutes) }}</span
        >
      </h2>
      <TaskGroups :tasks="section.tasks" :by="by" />
    </section>

    <LeftAlone class="mt-5" />
    <details v-if="settled.length" class="no-print mt-4 max-w-3xl">
      <summary class="font-serif text-lg text-press">Ticked and skipped</summary>
      <ul class="mt-1 divide-y divide-line">
        <SettledTask v-for="row in settled" :key="row.id" :row="row" />
      </ul>
    </details>
    <WordsHere :words="['deadhead', 'pinch', 'shear', 'divide', 'harden off']" />
    <p class="no-print mt-4 max-w-prose text-sm text-quiet">
      Tasks follow from what grows here, its age, the frosts and the weather, and move with them. They are the usual practice;
      where local rules or an extension office say otherwise, those count.
    </p>
  </div>
</template>
