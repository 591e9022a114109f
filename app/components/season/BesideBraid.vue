<script setup lang="ts">
import { differenceWords } from '~~/core/offers/words';
import { SPIRIT_NAMES } from '~/components/planner/wishes-words';
import { momentOf, THEN_WORDS } from '~/stores/beside';
import { NARROW } from './braid-geometry';

/** The braid of another plan or of an earlier day, and what is different there. */
const garden = useGardenStore();
const beside = useBesideStore();
const view = useViewStore();
const title = computed(() => {
  const choice = beside.choice!;
  if (choice.kind === 'then') return `The garden ${THEN_WORDS[choice.then]}`;
  if (choice.kind === 'plan') return `The plan “${beside.others.find((row) => row.id === choice.id)?.name ?? ''}”`;
  return choice.which === 'best' ? 'The plan proposed' : `Proposed: ${SPIRIT_NAMES[choice.which].toLowerCase()}`;
});
const isThen = computed(() => beside.choice?.kind === 'then');
/** A garden begun later than that has no earlier state to show. */
const youngerThan = computed(() => {
  const { choice, then } = beside;
  if (choice?.kind !== 'then' || choice.then === 'last-change' || !then) return false;
  return new Date(then.begun) > momentOf(choice.then);
});
const changes = computed(() => beside.then?.changes ?? []);
const here = (target: string) => garden.almanac!.targets.get(target)!;
const lines = computed(() => {
  const difference = beside.difference;
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
  <section v-if="beside.choice" aria-labelledby="beside-title">
    <div class="flex flex-wrap items-baseline gap-x-3">
      <h2 id="beside-title">{{ title }}</h2>
      <button class="link no-print text-sm" @click="beside.put(null)">Put it away</button>
    </div>
    <p v-if="beside.fault" class="text-gap" role="alert">{{ beside.fault }}</p>
    <p v-else-if="!beside.covered" class="text-quiet" role="status">Remembering …</p>
    <template v-else>
      <BraidDrawing
        :targets="beside.covered.targets"
        :frame="NARROW"
        :half-month="view.halfMonth"
        @pick-target="view.explain({ kind: 'target', target: $event })"
      />
      <p class="text-sm">
        <strong>{{ beside.covered.closed }} of {{ beside.covered.targets.length }}</strong> life cycles close.
        <template v-if="isThen">
          {{
            changes.length === 0
              ? 'Nothing has changed since.'
              : `${changes.length} ${changes.length === 1 ? 'change' : 'changes'} since: ${changes.slice(0, 4).join('; ')}${changes.length > 4 ? ' …' : ''}.`
          }}
          <template v-if="youngerThan">The garden is in here for less long than that: this is how it began.</template>
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
