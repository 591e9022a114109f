<script setup lang="ts">
import type { LayoutScore, Wish } from '~~/core/layout/score';
import { metWords, WISH_WORDS } from '~~/core/words/layout';

/** How a bed is judged: its rules, and each wish with how far it is met; pressed, those against it are chosen. */
const props = defineProps<{ score: LayoutScore; missing: number }>();
const emit = defineEmits<{ show: [plants: number[]] }>();
const rules = computed(() => {
  const { inside, apart, climbs } = props.score.rules;
  return [
    ...(inside.length ? [{ words: `${inside.length} outside the bed`, plants: inside }] : []),
    ...(apart.length ? [{ words: `${apart.length} far too close to another`, plants: apart }] : []),
    ...(climbs.length ? [{ words: `${climbs.length} without anything to climb`, plants: climbs }] : []),
  ];
});
const wishes = computed(() =>
  (Object.keys(WISH_WORDS) as Wish[]).flatMap((wish) => {
    const met = props.score.wishes[wish];
    return met ? [{ wish, met, ...WISH_WORDS[wish] }] : [];
  }),
);
</script>

<template>
  <section class="mt-3" aria-labelledby="judged-title">
    <h2 id="judged-title">How it is judged</h2>
    <p v-if="rules.length === 0" class="text-sm text-host">
      Every rule is kept{{ missing > 0 ? ' by those that have a place' : '' }}.
    </p>
    <ul v-else class="text-sm">
      <li v-for="rule in rules" :key="rule.words" class="border-l-4 border-gap pl-2">
        <button class="link text-gap" @click="emit('show', rule.plants)">{{ rule.words }}</button>
      </li>
    </ul>
    <ul class="mt-1 text-sm">
      <li v-for="{ wish, met, name, counts } in wishes" :key="wish" class="border-b border-line py-0.5">
        <button
          class="flex w-full items-center gap-2 text-left phone:min-h-[44px]"
          :disabled="met.against.length === 0"
          :title="`${metWords(met)} ${counts}`"
          @click="emit('show', met.against)"
        >
          <span class="grow" :class="met.against.length ? 'link' : ''">{{ name }}</span>
          <span class="h-2 w-16 shrink-0 bg-bank" aria-hidden="true"
            ><span class="block h-full bg-host" :style="{ width: `${met.value * 100}%` }"
          /></span>
          <span class="w-16 shrink-0 text-right">{{ metWords(met) }}</span>
        </button>
      </li>
    </ul>
    <p class="mt-1 text-sm">
      Together, by weight: <strong>{{ Math.round(score.total * 100) }} of 100</strong>
    </p>
  </section>
</template>
