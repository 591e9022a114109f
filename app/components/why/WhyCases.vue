<script setup lang="ts">
import { dateName } from '~~/core/model/half-month';
import type { Case } from '~~/core/model/why';
import { OUTCOME_WORDS } from '~~/core/words/why';

/** Cases in a list: what was seen on whom, what it was put down to, and how it stands. */
defineProps<{ rows: readonly Case[]; title: string }>();
const garden = useGardenStore();
const cases = useCasesStore();
const work = useWorkStore();
const id = useId();
useTending();
const heading = (row: Case) => [cases.symptomName(row.symptom), cases.nameOf(row.of)].filter(Boolean).join(': ');
const siteName = (site: string) => garden.sites.find((row) => row.id === site)?.name ?? 'a bed that is gone';
function state(row: Case): string {
  const cause = cases.causeOf(row)?.name ?? '';
  if (row.outcome !== null) return [cause, OUTCOME_WORDS[row.outcome]].filter(Boolean).join('; ');
  if (row.acted_on === null) return cause || 'not decided yet';
  const asks = row.ask_on === null ? '' : row.ask_on <= work.onDay ? '; did it help?' : `; asked again ${dateName(row.ask_on)}`;
  return `${cause}, done from ${dateName(row.acted_on)}${asks}`;
}
</script>

<template>
  <section v-if="rows.length" class="mt-4" :aria-labelledby="id">
    <h2 :id="id" class="border-b border-line">
      {{ title }} <span class="ml-1 font-sans text-sm text-quiet">{{ rows.length }}</span>
    </h2>
    <ul class="divide-y divide-line">
      <li
        v-for="row in rows"
        :key="row.id"
        class="grid items-baseline gap-x-4 py-1 md:grid-cols-[minmax(0,5fr)_minmax(0,4fr)_minmax(0,6fr)]"
      >
        <span class="min-w-0 grow basis-64"
          ><CaseLink :row="row">{{ heading(row) }}</CaseLink></span
        >
        <span class="text-sm text-quiet">{{ row.site_id ? `${siteName(row.site_id)}, ` : '' }}{{ dateName(row.seen_on) }}</span>
        <span class="text-sm">{{ state(row) }}</span>
      </li>
    </ul>
  </section>
</template>
