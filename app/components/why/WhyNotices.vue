<script setup lang="ts">
import { isoOf } from '~~/core/model/days';
import { mondayOf, type Notice } from '~~/core/why/overlook';
import { noticeWords } from '~~/core/words/why';
import { dateName } from '~~/core/model/half-month';

/** What the weekly look found, said quietly: each with its evidence and a way to ask why. */
const why = useWhyStore();
const cases = useCasesStore();
const work = useWorkStore();
const commands = useCommands();
const { ask } = useWhyQuestion();
const monday = computed(() => dateName(isoOf(mondayOf(work.today))));
const wave = (row: Notice) => commands.sayOfTask(row.key, noticeWords(row, work.names), { what: 'skipped', on_day: work.onDay });
</script>

<template>
  <section class="mt-3" aria-labelledby="looked-over">
    <h2 id="looked-over" class="border-b border-line">
      Looked over on Monday <span class="ml-1 font-sans text-sm text-quiet">{{ monday }}</span>
    </h2>
    <p v-if="why.notices.length === 0" class="mt-1">Nothing seems to be going wrong, as far as is known.</p>
    <ul v-else class="divide-y divide-line">
      <li v-for="row in why.notices" :key="row.key" class="flex flex-wrap items-baseline gap-x-4 gap-y-1 py-1">
        <span class="min-w-0 max-w-prose grow basis-72">{{ noticeWords(row, work.names) }}</span>
        <span class="flex gap-x-4 text-sm">
          <button
            class="link min-h-[26px] phone:min-h-[44px]"
            @click="ask({ symptom: row.symptom, of: row.of, planting: row.planting, site: row.site, batch: row.batch })"
          >
            Ask why<span class="sr-only"> {{ cases.nameOf(row.of) }}</span>
          </button>
          <button class="link no-print min-h-[26px] phone:min-h-[44px]" @click="wave(row)">
            Not now<span class="sr-only"> {{ cases.nameOf(row.of) }}</span>
          </button>
        </span>
      </li>
    </ul>
  </section>
</template>
