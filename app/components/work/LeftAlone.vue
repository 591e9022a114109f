<script setup lang="ts">
import { listed } from '~~/core/words/lists';
import { inUnitsOf } from '~~/core/words/units';
import { dayWords } from '~~/core/words/work';

/** What is left as it is now: doing nothing is work of this garden too. */
const garden = useGardenStore();
const work = useWorkStore();
const view = useViewStore();
const rows = computed(() => work.day?.leave ?? []);
</script>

<template>
  <details v-if="rows.length" class="max-w-3xl">
    <summary class="font-serif text-lg text-press">Left as it is ({{ rows.length }})</summary>
    <ul class="mt-1 space-y-1 text-sm">
      <li v-for="row in rows" :key="row.rule.plant + row.rule.from + row.site_id">
        <strong>{{ garden.siteName(row.site_id) }}</strong>: {{ listed(row.plants.map(garden.nameOf)) }}, until
        {{ dayWords(row.until, work.today) }}. {{ inUnitsOf(row.rule.why, view.inUnits) }}
      </li>
    </ul>
  </details>
</template>
