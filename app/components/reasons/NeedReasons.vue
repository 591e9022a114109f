<script setup lang="ts">
import type { Offer } from '~~/core/coverage/offers/offers';
import { leafSpread } from '~~/core/coverage/leaf-range';
import { giverOf, giversOf } from '~~/core/coverage/givers';
import { drawbackClause } from '~~/core/words/craft';
import { doubtWords, featureWords, gapSentence, needName, ratioWords, whereWords } from '~~/core/words/needs';
import { changeSentence, nearMissSentence, offerEffect } from '~~/core/words/offers';
import { floweringWords } from '~~/core/words/timing';
import { halfMonthsInWords } from '~~/core/model/half-month';
import type { NeedAdvice } from '~/workers/advice';
import type { SpecialNeed, Stage } from '~~/core/model/vocabulary';

const props = defineProps<{ target: string; stage: Stage; special: SpecialNeed | null }>();
const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();
const planner = usePlannerStore();
const ask = useAdvice();

const here = computed(() => garden.almanac?.targets.get(props.target));
const covered = computed(() =>
  garden.served?.targets
    .find((row) => row.target === props.target)
    ?.needs.find((row) => row.need.stage === props.stage && row.need.special === props.special),
);
/** What would serve it; nothing while that is looked for. */
const answer = shallowRef<NeedAdvice | null>(null);
let round = 0;
watch(
  [covered, () => garden.input],
  async () => {
    const mine = ++round;
    answer.value = null;
    if (!covered.value || covered.value.verdict === 'closed') return;
    const found = await ask('forNeed', { target: props.target, stage: props.stage, special: props.special });
    if (mine === round) answer.value = found;
  },
  { immediate: true },
);
/** What each planting gives at its best half-month of the need. */
const givers = computed(() =>
  (covered.value ? giversOf(covered.value) : []).flatMap(({ planting, amount }) => {
    const giver = garden.input && giverOf(garden.input, planting);
    return giver ? [{ id: planting, giver, amount }] : [];
  }),
);
const unit = computed(() => ({ host: 'larvae', nectar: 'units', shelter: 'm²', special: '' })[props.stage]);
const now = computed(() => covered.value?.cells.find((cell) => cell.halfMonth === view.halfMonth));
const busy = ref(false);

async function take(offer: Offer) {
  busy.value = true;
  await commands.makeChange(offer.change);
  busy.value = false;
}
</script>

<template>
  <div v-if="here && covered">
    <h3 class="mt-1 flex items-center gap-2 text-xl">
      <CreatureGlyph :target="here.target" :size="34" />
      {{ here.target.common }}: {{ needName(covered.need, here) }}
    </h3>
    <p class="my-1">
      <VerdictMark :verdict="covered.verdict" /><template v-if="doubtWords(covered)">, {{ doubtWords(covered) }}</template>
      {{ gapSentence(here, covered, view.inUnits) }}
    </p>
    <p class="text-sm text-quiet">
      Needed {{ halfMonthsInWords(covered.need.halfMonths) }}.
      {{ ratioWords(here, covered, view.inUnits, leafSpread(garden.input!, covered)) }}
    </p>
    <p v-if="now" class="text-sm text-quiet">At the ribbon’s handle: <VerdictMark :verdict="now.verdict" /></p>

    <p v-if="covered.verdict !== 'closed' && !answer" class="mt-3 text-sm text-quiet" role="status">
      Looking for what would serve it …
    </p>
    <template v-else-if="answer && covered.verdict !== 'closed'">
      <h4 class="mt-3 font-semibold">What would serve it</h4>
      <ul v-if="answer.offers.length" class="mt-1 space-y-2">
        <li v-for="offer in answer.offers" :key="JSON.stringify(offer.change)">
          <button class="press press-main w-full justify-start text-left" :disabled="busy" @click="take(offer)">
            {{ changeSentence(offer.change, garden.input!) }}
          </button>
          <p class="text-sm text-quiet">
            {{ offerEffect(offer) }}{{ offer.fit ? `; ${offer.fit} there` : '' }}{{ offer.native ? '' : '; not native here'
            }}{{ drawbackClause(offer.drawbacks) }}.
            <button
              v-if="offer.change.kind === 'plant'"
              class="link"
              @click="view.explain({ kind: 'fit', plant: offer.change.plant, site: offer.change.site_id })"
            >
              Why it fits
            </button>
          </p>
        </li>
      </ul>
      <template v-if="answer.timed.length">
        <h4 class="mt-3 font-semibold">By timing</h4>
        <ul class="mt-1 space-y-2">
          <li v-for="offer in answer.timed" :key="JSON.stringify(offer.change)">
            <button class="press w-full justify-start text-left" :disabled="busy" @click="take(offer)">
              {{ changeSentence(offer.change, garden.input!) }}
            </button>
            <p class="text-sm text-quiet">
              {{ offerEffect(offer) }}; {{ floweringWords(offer.flowers, garden.nameOf) }}.
              <NuxtLink class="link" :to="`/gardens/${garden.id}/season/timing`">What it costs</NuxtLink>
            </p>
          </li>
        </ul>
      </template>
      <p v-if="!answer.offers.length && !answer.timed.length" class="text-sm">
        Nothing in the library would serve it with the beds as they are.
      </p>
      <template v-if="answer.nearMisses.length">
        <h4 class="mt-3 font-semibold">Would serve it, but for</h4>
        <ul class="text-sm">
          <li v-for="miss in answer.nearMisses" :key="miss.plant" class="mt-1">
            <button class="link" @click="view.explain({ kind: 'plant', plant: miss.plant })">
              {{ garden.nameOf(miss.plant) }}</button>:
            {{ nearMissSentence(miss.why, garden.siteName(miss.site), view.inUnits) }}
            <button
              v-if="miss.why.kind === 'danger' || miss.why.kind === 'exotic-milkweed'"
              class="link min-h-[26px]"
              @click="planner.allow(miss.plant)"
            >
              I know: allow it<span class="sr-only">: {{ garden.nameOf(miss.plant) }}</span>
            </button>
          </li>
        </ul>
      </template>
    </template>

    <h4 class="mt-3 font-semibold">What serves it now</h4>
    <table v-if="givers.length" class="tabular text-sm">
      <tbody>
        <tr v-for="row in givers" :key="row.id">
          <th scope="row" class="font-normal">
            {{ row.giver.count }} {{ garden.nameOf(row.giver.plant) }}
            <span class="text-quiet">{{ whereWords(row.giver, garden.siteName) }}</span>
          </th>
          <td v-if="unit" class="text-right">
            {{ unit === 'm²' ? view.area(row.amount) : `${row.amount.toFixed(row.amount < 10 ? 1 : 0)} ${unit}` }}
          </td>
        </tr>
      </tbody>
    </table>
    <ul class="text-sm">
      <li v-for="row in covered.features" :key="row.feature + row.site">{{ featureWords(row, garden.siteName) }}</li>
    </ul>
    <p v-if="!givers.length && !covered.features.length" class="text-sm text-quiet">Nothing yet.</p>
    <p class="mt-2 text-sm">
      <NuxtLink class="link" :to="{ path: `/gardens/${garden.id}/log/why`, query: { of: target } }"
        >Why does it not come, or not breed?</NuxtLink
      >
    </p>
  </div>
  <p v-else class="mt-2 text-quiet">This need is no longer part of the garden.</p>
</template>
