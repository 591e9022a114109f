import { within } from '~~/core/words/lists';
import { changeSentence } from '~~/core/words/offers';
import type { Strand } from '~~/core/season/braid';

const MOVING_MS = 700;
const BUSY_MS = 400;

/** Does it when the page has a moment, and on a busy page soon all the same; as a task that waits for no further rest. */
const whenIdle = (work: () => void) => requestIdleCallback(() => setTimeout(work), { timeout: BUSY_MS });

/**
 * What would best serve each gap of the garden, in a few words. Found in the page's idle moments, one gap after the
 * other, so that the drawing is there first; forgotten when the garden changes.
 */
export function useGapOffers() {
  const garden = useGardenStore();
  const ask = useAdvice();
  const found = shallowRef(new Map<string, string>());
  const keyOf = (target: string, need: Strand['need']['need']) => `${target} ${need.stage} ${need.special}`;
  let round = 0;

  function seek() {
    const mine = ++round;
    const input = garden.input;
    // A year that is over, or not yet grown, is looked at and not planted.
    const shown = garden.year === null ? (garden.served?.targets ?? []) : [];
    const gaps = shown.flatMap((row) =>
      row.needs.filter((need) => need.verdict !== 'closed').map(({ need }) => ({ target: row.target, need })),
    );
    found.value = new Map();
    const next = async () => {
      const gap = gaps.shift();
      if (!gap || mine !== round || !input) return;
      const { target, need } = gap;
      const change = await ask('bestFor', { target, stage: need.stage, special: need.special });
      if (mine !== round) return;
      if (change) found.value = new Map(found.value).set(keyOf(target, need), within(changeSentence(change, input)));
      whenIdle(next);
    };
    // While the braid moves to its new shape, nothing else is done.
    window.setTimeout(() => whenIdle(next), mine === 1 ? 0 : MOVING_MS);
  }
  watch(() => garden.served, seek, { immediate: true });
  onBeforeUnmount(() => (round = -1));
  return { offerOf: (target: string, strand: Strand) => found.value.get(keyOf(target, strand.need.need)) ?? '' };
}
