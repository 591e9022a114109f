<script setup lang="ts">
import { TIMING_WAYS, timingOffers, type TimingOffer } from '~~/core/coverage/offers/timing';
import { gapSentence } from '~~/core/words/needs';
import type { CoverageInput } from '~~/core/coverage/coverage';
import type { Coverage, NeedCoverage } from '~~/core/coverage/types';

/** One hungry gap, and what timing can do for it. */
const props = defineProps<{ target: string; covered: NeedCoverage; input: CoverageInput; served: Coverage }>();
const garden = useGardenStore();
const view = useViewStore();
const here = computed(() => garden.almanac!.targets.get(props.target)!);
const offers = computed(() => timingOffers(props.input, props.target, props.covered));
const WAYS: Record<TimingOffer['way'], string> = {
  cut: 'Cut what grows, for a second bloom',
  sow: 'Sow an annual',
  sister: 'The same, earlier or later',
};
const byWay = computed(() => TIMING_WAYS.map((way) => ({ way, offers: offers.value.filter((offer) => offer.way === way) })));
</script>

<template>
  <section :aria-label="`Timing for ${here.target.common}`">
    <h2 class="flex items-center gap-2"><CreatureGlyph :target="here.target" :size="34" />{{ here.target.common }}</h2>
    <p>
      <VerdictMark :verdict="covered.verdict" /> {{ gapSentence(here, covered, view.inUnits) }}
      <button class="link" @click="view.explain({ kind: 'need', target, stage: 'nectar', special: null })">
        Other ways to serve it
      </button>
    </p>
    <p v-if="offers.length === 0" class="text-sm text-quiet">
      No cut, sowing or sister of what is planted reaches these weeks: look at the other ways.
    </p>
    <template v-for="row in byWay" :key="row.way">
      <template v-if="row.offers.length">
        <h3 class="mt-3">{{ WAYS[row.way] }}</h3>
        <ul>
          <TimingOfferRow
            v-for="offer in row.offers"
            :key="JSON.stringify(offer.change)"
            :offer="offer"
            :target="target"
            :served="served"
          />
        </ul>
      </template>
    </template>
  </section>
</template>
