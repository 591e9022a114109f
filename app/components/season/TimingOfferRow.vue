<script setup lang="ts">
import type { TimingOffer } from '~~/core/coverage/offers/timing';
import { drawbackClause } from '~~/core/words/craft';
import { changeSentence, offerEffect } from '~~/core/words/offers';
import { costSentences, eatersWords, floweringWords } from '~~/core/words/timing';
import type { Coverage, TargetCoverage } from '~~/core/coverage/types';

/** What a cut, a sowing or a sister would do, what it takes away, and the braid before and after. */
const props = defineProps<{ offer: TimingOffer; target: string; served: Coverage }>();
const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();
const busy = ref(false);
const shown = ref(false);
const sentence = computed(() => changeSentence(props.offer.change, garden.input!));
const costs = computed(() => costSentences(props.offer.costs, (target) => garden.almanac!.targets.get(target)!));
/** Those whose strands differ: the one it is for, and whoever gains or pays. */
const touched = computed(() => {
  const say = (row: TargetCoverage) => row.needs.map((need) => need.cells.map((cell) => cell.verdict).join()).join('|');
  const before = new Map(props.served.targets.map((row) => [row.target, row]));
  return props.offer.covered.targets
    .filter((row) => row.target === props.target || say(row) !== say(before.get(row.target) ?? row))
    .flatMap((after) => (before.has(after.target) ? [{ before: before.get(after.target)!, after }] : []));
});
async function take() {
  busy.value = true;
  await commands.makeChange(props.offer.change);
  busy.value = false;
}
</script>

<template>
  <li class="mt-2 border-l-2 border-line pl-3">
    <div class="flex flex-wrap items-baseline gap-x-3 gap-y-1">
      <button class="press press-main text-left" :disabled="busy" @click="take">{{ sentence }}</button>
      <button class="link min-h-[26px] text-sm" :aria-expanded="shown" @click="shown = !shown">
        {{ shown ? 'Hide the braid' : 'The braid before and after' }}<span class="sr-only">: {{ sentence }}</span>
      </button>
      <button class="link min-h-[26px] text-sm" @click="view.explain({ kind: 'plant', plant: offer.plant })">
        About it<span class="sr-only">: {{ garden.nameOf(offer.plant) }}</span>
      </button>
    </div>
    <p class="text-sm">
      {{ offerEffect(offer) }}; {{ floweringWords(offer.flowers, garden.nameOf) }}{{ offer.fit ? `; ${offer.fit} there` : ''
      }}{{ offer.native ? '' : '; not native here' }}{{ drawbackClause(offer.drawbacks) }}.
    </p>
    <p v-for="cost in costs" :key="cost.text" class="text-sm" :class="cost.breaks ? 'text-gap' : 'text-quiet'">{{ cost.text }}</p>
    <p v-if="offer.eaters.length" class="text-sm text-thin">{{ eatersWords(offer.eaters, garden.creatureName) }}</p>
    <div v-if="shown" class="mt-1 grid gap-4 sm:grid-cols-2">
      <figure>
        <figcaption class="text-xs text-quiet">as it stands</figcaption>
        <BraidSketch :targets="touched.map((row) => row.before)" label="The braid as it stands" />
      </figure>
      <figure>
        <figcaption class="text-xs text-quiet">with it</figcaption>
        <BraidSketch :targets="touched.map((row) => row.after)" label="The braid with the change" />
      </figure>
    </div>
  </li>
</template>
