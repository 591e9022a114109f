<script setup lang="ts">
import { dateName } from '~~/core/model/half-month';
import { differenceWords } from '~~/core/words/needs';
import { SPIRIT_NAMES } from '~/components/plan/planner/wishes-words';
import { momentOf, THEN_WORDS } from '~/stores/comparison';
import { NARROW } from './braid-geometry';

/** The braid of another plan or of an earlier day, and what differs there. */
const garden = useGardenStore();
const comparison = useComparisonStore();
const view = useViewStore();
const title = computed(() => {
  const choice = comparison.choice!;
  if (choice.kind === 'then') return `The garden ${THEN_WORDS[choice.then]}`;
  if (choice.kind === 'plan') return `The plan “${comparison.others.find((row) => row.id === choice.id)?.name ?? ''}”`;
  return choice.which === 'best' ? 'The plan proposed' : `Proposed: ${SPIRIT_NAMES[choice.which].toLowerCase()}`;
});
const isThen = computed(() => comparison.choice?.kind === 'then');
/** A garden begun later than that has no earlier state to show. */
const youngerThan = computed(() => {
  const { choice, then } = comparison;
  if (choice?.kind !== 'then' || choice.then === 'last-change' || !then) return false;
  return new Date(then.begun) > momentOf(choice.then);
});
const changes = computed(() => comparison.then?.changes ?? []);
const here = (target: string) => garden.almanac!.targets.get(target)!;
const lines = computed(() => {
  const difference = comparison.difference;
  if (!difference) return [];
  const said = (before: string, after: string) => `${before} ${isThen.value ? 'then, now' : 'here, there'} ${after}`;
  const of = (rows: typeof difference.worse, better: boolean) =>
    rows.map((row) => ({
      key: `${row.target} ${row.need.stage} ${row.need.special}`,
      better,
      text: differenceWords(here(row.target), row, said),
    }));
  return [...of(difference.better, true), ...of(difference.worse, false)];
});
</script>

<template>
  <section v-if="comparison.choice" aria-labelledby="compared-title">
    <div class="flex flex-wrap items-baseline gap-x-3">
      <h2 id="compared-title">{{ title }}</h2>
      <button class="link no-print text-sm" @click="comparison.compareWith(null)">Close the comparison</button>
    </div>
    <p v-if="comparison.fault" class="text-gap" role="alert">{{ comparison.fault }}</p>
    <p v-else-if="!comparison.covered" class="text-quiet" role="status">Fetching …</p>
    <template v-else>
      <BraidDrawing
        :targets="comparison.covered.targets"
        :frame="NARROW"
        :half-month="view.halfMonth"
        @pick-target="view.explain({ kind: 'target', target: $event })"
      />
      <p class="text-sm">
        <strong>{{ comparison.covered.closed }} of {{ comparison.covered.targets.length }}</strong> life cycles close.
        <template v-if="isThen">
          {{
            changes.length === 0
              ? 'Nothing has changed since.'
              : `${changes.length} ${changes.length === 1 ? 'change' : 'changes'} since: ${changes.slice(0, 4).join('; ')}${changes.length > 4 ? ' …' : ''}.`
          }}
          <template v-if="comparison.then?.stood_at"
            >Changes so far back are no longer remembered one by one: this is the garden as it was saved on
            {{ dateName(comparison.then.stood_at.slice(0, 10)) }}, the nearest that is known. </template
          ><template v-else-if="youngerThan">The garden is in here for less long than that: this is how it began.</template>
        </template>
      </p>
      <h3 class="mt-2">{{ isThen ? 'What changed' : 'What would be different' }}</h3>
      <p v-if="lines.length === 0" class="text-sm">Every need is as well served.</p>
      <ul v-else class="text-sm">
        <li v-for="line in lines" :key="line.key" class="mt-0.5">
          <strong :class="line.better ? 'text-host' : 'text-gap'">{{ line.better ? 'better' : 'worse' }}</strong> {{ line.text }}
        </li>
      </ul>
    </template>
  </section>
</template>
