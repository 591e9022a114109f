<script setup lang="ts">
import { dateName } from '~~/core/model/half-month';

/** The head of what is printed, and its page numbers: whose garden it is, and of what day. */
const garden = useGardenStore();
const view = useViewStore();
const title = computed(() => garden.garden?.name ?? '');
const day = computed(() => dateName(isoDay(view.today)));
/** Any text as a string of CSS: letters and digits stand for themselves, all else is written as its number. */
const quoted = (text: string) =>
  `"${[...text].map((char) => (/[a-zA-Z0-9 ]/.test(char) ? char : `\\${char.codePointAt(0)!.toString(16)} `)).join('')}"`;
useHead({
  style: [
    {
      key: 'paper',
      nonce: pageNonce(),
      innerHTML: () =>
        `@page { @bottom-left { content: ${quoted(`${title.value}, ${day.value}`)}; font: 9pt sans-serif; } ` +
        `@bottom-right { content: "page " counter(page) " of " counter(pages); font: 9pt sans-serif; } }`,
    },
  ],
});
</script>

<template>
  <p class="print-only mb-2 flex justify-between border-b border-line pb-1 text-sm">
    <span
      ><strong class="font-serif text-lg">{{ title }}</strong> · zone {{ garden.garden?.half_zone }},
      {{ garden.region?.name }}</span
    >
    <span>{{ day }}</span>
  </p>
</template>
