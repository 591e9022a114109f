<script setup lang="ts">
import { dateName, dayName, wrapDay } from '~~/core/model/half-month';
import { SEEN_WORDS } from '~~/core/model/vocabulary';
import type { AskedDay } from '~~/core/almanac/bloom/own-dates';

/** Dates far from what is expected: they move the calendar only once somebody has said that they are right. */
const garden = useGardenStore();
const log = useLogStore();
const nameOf = ({ row }: AskedDay) => (row.what.endsWith('bloom') ? garden.nameOf(row.of) : garden.creatureName(row.of));
const entryOf = ({ row }: AskedDay) => log.book.byId(row.id);
async function answer(asked: AskedDay, right: boolean) {
  const entry = entryOf(asked);
  if (!entry) return;
  const role = asked.row.what.startsWith('first') ? 'first' : 'last';
  await log.change(
    entry,
    { counts_as: right ? role : 'neither' },
    right ? `The ${SEEN_WORDS[asked.row.what]} of ${nameOf(asked)} counts.` : 'It is left out of the calendar.',
  );
}
const questions = computed(() => log.questions.filter((row) => entryOf(row)).slice(0, 6));
</script>

<template>
  <ul v-if="questions.length" class="space-y-1">
    <li v-for="asked in questions" :key="asked.row.id + asked.row.what" class="border-l-4 border-thin pl-3">
      <span class="creature">{{ nameOf(asked) }}</span>, {{ dateName(asked.row.on_day) }}: as a
      {{ SEEN_WORDS[asked.row.what] }} that is {{ Math.abs(asked.day - asked.calculated) }} days
      {{ asked.day < asked.calculated ? 'before' : 'after' }} {{ dayName(wrapDay(asked.calculated)) }}, when it is expected. Is it
      right?
      <span class="no-print inline-flex flex-wrap gap-2">
        <button class="chip" @click="answer(asked, true)">
          Yes, it counts<span class="sr-only">: {{ nameOf(asked) }}, {{ dateName(asked.row.on_day) }}</span>
        </button>
        <button class="chip" @click="answer(asked, false)">
          No, leave it out<span class="sr-only">: {{ nameOf(asked) }}, {{ dateName(asked.row.on_day) }}</span>
        </button>
      </span>
    </li>
  </ul>
</template>
