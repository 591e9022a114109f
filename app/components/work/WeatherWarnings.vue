<script setup lang="ts">
import { sentence } from '~~/core/words/lists';
import { warningWords } from '~~/core/words/work';

/** What the coming days threaten, with what to do. */
const work = useWorkStore();
const view = useViewStore();
const rows = computed(() =>
  (work.day?.warnings ?? []).map((warning) => ({
    kind: warning.kind,
    grave: warning.kind === 'frost' || warning.kind === 'flash-freeze',
    ...warningWords(warning, work.today, work.names, view.inUnits),
  })),
);
</script>

<template>
  <ul v-if="rows.length" aria-label="Warnings" class="max-w-4xl space-y-1">
    <li v-for="row in rows" :key="row.kind" class="border-l-4 pl-3" :class="row.grave ? 'border-gap' : 'border-thin'">
      <strong>{{ sentence(row.title) }}.</strong> {{ row.does }}
    </li>
  </ul>
</template>
