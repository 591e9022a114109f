<script setup lang="ts">
import { useLocalStorage, useMediaQuery } from '@vueuse/core';
import { braid, type Strand } from '~~/core/season/braid';
import { cellWords, gapSentence, needName } from '~~/core/words/needs';
import { HALF_MONTHS } from '~~/core/model/half-month';
import type { Subject } from '~/stores/view';
import { NARROW, WIDE } from './braid-geometry';

/** The braid of the garden as it is shown: stepped through by keys, read under the pointer, kept as a picture. */
const props = defineProps<{ narrow?: boolean }>();
const garden = useGardenStore();
const view = useViewStore();
const log = useLogStore();
const phone = useMediaQuery('(max-width: 640px)');
const frame = computed(() => (props.narrow || phone.value ? NARROW : WIDE));
const targets = computed(() => garden.served?.targets ?? []);
const { offerOf } = useGapOffers();
const drawing = useTemplateRef('drawing');
const helpSeen = useLocalStorage('outwash-braid-help-seen', false);

/** Life cycles that the log saw to close, this year or last. */
const seen = computed(
  () => new Set(targets.value.flatMap(({ target }) => (log.seenToClose(target, garden.year ?? log.year) ? [target] : []))),
);

type At = { target: string; strand: number; halfMonth: number };
const hovered = ref<At | null>(null);
// Keyboard: up and down between strands, left and right between half-months, Enter for the reasons.
const cursor = ref<number | null>(null);
const steps = computed(() =>
  braid(targets.value).flatMap(({ target, strands }) => strands.map((strand, i) => ({ target, strand, i }))),
);
const stepped = computed<At | null>(() => {
  const step = cursor.value === null ? null : steps.value[Math.min(cursor.value, steps.value.length - 1)];
  return step ? { target: step.target, strand: step.i, halfMonth: view.halfMonth } : null;
});
const at = computed(() => hovered.value ?? stepped.value);
const said = computed(() => {
  if (!at.value) return '';
  const covered = targets.value.find((row) => row.target === at.value!.target)?.needs[at.value.strand];
  const here = garden.almanac?.targets.get(at.value.target);
  if (!covered || !here) return '';
  const known = seen.value.has(at.value.target) ? ' Its life cycle was seen to close.' : '';
  const missing = covered.verdict === 'closed' ? '' : ` ${gapSentence(here, covered, view.inUnits)}`;
  const words = cellWords(here, covered, at.value.halfMonth, view.inUnits);
  return `${here.target.common}, ${needName(covered.need, here)}, ${words}.${missing}${known}`;
});

const subjectOf = (target: string, strand: Strand): Subject => {
  const { stage, special } = strand.need.need;
  return { kind: 'need', target, stage, special };
};
function explain(target: string, strand: Strand) {
  helpSeen.value = true;
  view.explain(subjectOf(target, strand));
}
/** The strand stepped to is brought into sight, and reasons that are open speak of it. */
watch(cursor, async (place) => {
  const step = place === null ? undefined : steps.value[place];
  if (!step) return;
  if (view.subject) view.show(subjectOf(step.target, step.strand));
  await nextTick();
  drawing.value?.svg?.querySelector('[data-current]')?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
});
function onKey(event: KeyboardEvent) {
  const last = steps.value.length - 1;
  if (last < 0) return;
  const current = cursor.value === null ? null : steps.value[Math.min(cursor.value, last)];
  if (event.key === 'ArrowDown') cursor.value = Math.min(last, (cursor.value ?? -1) + 1);
  else if (event.key === 'ArrowUp') cursor.value = Math.max(0, (cursor.value ?? 1) - 1);
  else if (event.key === 'Home') cursor.value = 0;
  else if (event.key === 'End') cursor.value = last;
  else if (event.key === 'ArrowLeft') view.moveTo(view.halfMonth - 1);
  else if (event.key === 'ArrowRight') view.moveTo(view.halfMonth + 1);
  else if ((event.key === 'Enter' || event.key === ' ') && current) explain(current.target, current.strand);
  else return;
  hovered.value = null;
  helpSeen.value = true;
  event.preventDefault();
}
</script>

<template>
  <figure>
    <div
      class="relative overflow-x-auto focus-visible:outline-2"
      role="group"
      aria-roledescription="braid"
      aria-label="The braid of the season. Arrow keys step through needs and half-months, Enter opens the reasons. The ledger below says the same."
      tabindex="0"
      @keydown="onKey"
      @blur="view.subject || (cursor = null)"
    >
      <BraidDrawing
        ref="drawing"
        :targets="targets"
        :frame="frame"
        :half-month="view.halfMonth"
        :at="at"
        :offer-of="offerOf"
        :seen="seen"
        @pick="explain"
        @pick-target="view.explain({ kind: 'target', target: $event })"
        @hover="hovered = $event"
      />
    </div>
    <div class="flex flex-wrap items-center gap-x-5 gap-y-1">
      <BraidLegend :seen="seen.size > 0" />
      <BraidFiles class="no-print ml-auto" :svg="() => drawing?.svg ?? null" />
    </div>
    <p class="no-print min-h-10 text-sm text-quiet" aria-live="polite">
      {{
        said ||
        (helpSeen ? '' : 'Press any strand or gap for its reasons; with the braid in focus, the arrow keys step through it.')
      }}
    </p>
    <figcaption class="sr-only">
      {{ garden.served?.closed }} of {{ targets.length }} life cycles close over {{ HALF_MONTHS }} half-months.
    </figcaption>
  </figure>
</template>
