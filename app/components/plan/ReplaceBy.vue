<script setup lang="ts">
import type { Planting } from '~~/core/model/garden';
import type { Replacement } from '~~/core/plan/planner/replacements';
import { TRADE_WORDS } from '~~/core/words/craft';

/** What could stand in the place of a planting, best first; year, cost and notes stay with it. */
const props = defineProps<{ planting: Planting }>();
const emit = defineEmits<{ done: [] }>();
const garden = useGardenStore();
const planner = usePlannerStore();
const commands = useCommands();
const found = computed(() => planner.replacements(props.planting).slice(0, 8));
const names = (targets: readonly string[]) => targets.map(garden.creatureName).join(', ');
function effect({ change }: Replacement) {
  if (change.opened.length) return `opens ${names(change.opened)}`;
  if (change.closed.length) return `closes ${names(change.closed)}`;
  return change.worse.length ? 'serves a little less' : change.better.length ? 'serves a little more' : 'serves as well';
}
async function replace({ here, count }: Replacement) {
  if (await commands.replacePlanting(props.planting, here.plant.id, count)) emit('done');
}
</script>

<template>
  <p v-if="found.length === 0" class="text-sm">No plant of the library serves the same guests here.</p>
  <ul v-else class="text-sm" :aria-label="`In the place of ${garden.nameOf(planting.plant)}`">
    <li v-for="row in found" :key="row.here.plant.id" class="flex flex-wrap items-center gap-x-3">
      <button class="press" @click="replace(row)">
        {{ row.count }} {{ row.here.plant.common }}<span class="sr-only"> in its place</span>
      </button>
      <span class="text-quiet"
        >{{ effect(row) }}; {{ row.verdict }}; {{ row.here.status.native ? 'native' : 'not native' }};
        {{ TRADE_WORDS[row.here.trade] }}</span
      >
    </li>
  </ul>
</template>
