<script setup lang="ts">
import { nearestToClosing } from '~~/core/garden/first-steps';
import type { Change } from '~~/core/coverage/offers/change';
import { changeSentence } from '~~/core/words/offers';
import { needName } from '~~/core/words/needs';

/** What Plan says first: the one change that would close the need nearest to closing, or the step that is missing. */
const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();
const ask = useAdvice();
const found = computed(() => garden.served && nearestToClosing(garden.served));
const here = computed(() => found.value && garden.almanac?.targets.get(found.value.row.target));
const asked = computed(() => {
  const of = found.value;
  return of && { target: of.row.target, stage: of.need.need.stage, special: of.need.need.special };
});
/** null: it is still looked for, or nothing alone would close it. */
const change = shallowRef<Change | null>(null);
let round = 0;
watch(
  () => garden.served,
  () => {
    const mine = ++round;
    change.value = null;
    // The view stands first; what would serve is found by trying.
    requestIdleCallback(async () => {
      if (mine !== round || !asked.value || garden.year !== null) return;
      const best = await ask('bestFor', asked.value);
      if (mine === round) change.value = best;
    });
  },
  { immediate: true },
);
onBeforeUnmount(() => (round = -1));
const planned = computed(() => garden.plantings.some((row) => row.state === 'planned'));
const base = computed(() => `/gardens/${garden.id}`);
</script>

<template>
  <template v-if="garden.sites.length">
    <NextLine v-if="!garden.targets.length">
      Nobody is chosen yet: a plan is made for creatures.
      <template #go><NuxtLink class="press" :to="`${base}/targets`">Choose whom it is for</NuxtLink></template>
    </NextLine>
    <NextLine v-else-if="!garden.plantings.length">
      Nothing is planned yet.
      <template #go><NuxtLink class="press press-main" :to="`${base}/plan/propose`">Have a plan proposed</NuxtLink></template>
    </NextLine>
    <NextLine v-else-if="found && here && asked">
      <template v-if="change"
        >{{ changeSentence(change, garden.input!) }}: it closes the {{ needName(found.need.need, here) }} of
        <strong class="creature">{{ here.target.common }}</strong>.</template
      >
      <template v-else
        >Nearest to closing: <strong class="creature">{{ here.target.common }}</strong>, which lacks
        {{ needName(found.need.need, here) }}.</template
      >
      <template #go>
        <button v-if="change" class="press" @click="commands.makeChange(change)">Do it</button>
        <button class="press" @click="view.explain({ kind: 'need', ...asked })">Why, and what else</button>
      </template>
    </NextLine>
    <NextLine v-else-if="found === null && planned">
      Every life cycle closes with what is planned.
      <template #go>
        <NuxtLink class="press" :to="`${base}/plan/shopping`">To the shopping list</NuxtLink>
        <NuxtLink class="press" :to="`${base}/beds`">Where each plant goes</NuxtLink>
      </template>
    </NextLine>
  </template>
</template>
