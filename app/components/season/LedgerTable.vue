<script setup lang="ts">
import { gapSentence, needName, percent } from '~~/core/offers/words';
import { halfMonthsInWords } from '~~/core/model/half-month';

const garden = useGardenStore();
const view = useViewStore();
const notices = useNoticesStore();
const onlyGaps = ref(false);
const rows = computed(() =>
  (garden.served?.targets ?? [])
    .flatMap((row) => row.needs.map((need) => ({ here: garden.almanac!.targets.get(row.target)!, need })))
    .filter((row) => !onlyGaps.value || row.need.verdict !== 'closed'),
);

async function copy() {
  const lines = rows.value.map(({ here, need }) =>
    [
      here.target.common,
      needName(need.need, here.target),
      need.verdict,
      percent(need.ratio),
      halfMonthsInWords(need.gaps),
      gapSentence(here, need, view.area),
    ].join('\t'),
  );
  await navigator.clipboard.writeText(['species\tneed\tverdict\tserved\tgaps\twhat is missing', ...lines].join('\n'));
  notices.say('The ledger is copied as text.');
}
</script>

<template>
  <section aria-labelledby="ledger">
    <div class="flex flex-wrap items-baseline gap-4">
      <h2 id="ledger">The same, as a ledger</h2>
      <label class="inline-flex items-center gap-1.5 text-sm"
        ><input v-model="onlyGaps" type="checkbox" class="size-4" />gaps only</label
      >
      <button class="link ml-auto text-sm" @click="copy">Copy as text</button>
    </div>
    <p v-if="rows.length === 0" class="my-3">{{ onlyGaps ? 'No gaps: every cycle closes.' : 'No needs yet.' }}</p>
    <ScrollRegion v-else label="Ledger of needs">
      <table class="tabular text-sm">
        <thead>
          <tr>
            <th scope="col">Species</th>
            <th scope="col">Need</th>
            <th scope="col">Verdict</th>
            <th scope="col" class="text-right!">Served</th>
            <th scope="col">When needed</th>
            <th scope="col">What is missing</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ here, need } in rows" :key="here.target.id + need.need.stage + need.need.special">
            <th scope="row" class="creature font-normal whitespace-nowrap">{{ here.target.common }}</th>
            <td>
              <button
                class="link text-left"
                @click="
                  view.explain({ kind: 'need', target: here.target.id, stage: need.need.stage, special: need.need.special })
                "
              >
                {{ needName(need.need, here.target) }}<span class="sr-only"> of {{ here.target.common }}</span>
              </button>
            </td>
            <td><VerdictMark :verdict="need.verdict" /></td>
            <td class="text-right whitespace-nowrap">{{ percent(need.ratio) }}</td>
            <td>{{ halfMonthsInWords(need.need.halfMonths) }}</td>
            <td>{{ need.verdict === 'closed' ? '' : gapSentence(here, need, view.area) }}</td>
          </tr>
        </tbody>
      </table>
    </ScrollRegion>
  </section>
</template>
