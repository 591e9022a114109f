<script setup lang="ts">
import { dangersOf } from '~~/core/match/gates/gates';
import { gateSentence } from '~~/core/words/gates';

/** Hosts that are left out for the sake of who lives here, to be allowed one by one; and those that are allowed. */
const garden = useGardenStore();
const planner = usePlannerStore();
const view = useViewStore();
const rows = computed(() =>
  planner.withheldHosts.map(({ here, why, targets }) => ({
    here,
    targets: targets.map(garden.creatureName).join(', '),
    why:
      why === 'danger'
        ? dangersOf(here, garden.garden!).map(gateSentence).join(' ')
        : 'A milkweed of another country: where winter does not kill it, it makes monarchs ill. Natives come first.',
  })),
);
const allowed = computed(() => garden.garden?.allowed ?? []);
</script>

<template>
  <details v-if="rows.length + allowed.length > 0" class="mt-3" :open="rows.length > 0 && rows.length < 4">
    <summary class="font-semibold text-press">
      {{ rows.length === 0 ? 'Allowed in spite of a danger' : `Hosts left out for safety (${rows.length})` }}
    </summary>
    <p v-if="rows.length" class="max-w-prose text-sm text-quiet">
      A danger to who lives or passes here: none of them is proposed. Where you can keep them apart, allow them one by one.
    </p>
    <ul class="mt-1 space-y-1 text-sm">
      <li v-for="row in rows" :key="row.here.plant.id" class="border-l-4 border-thin pl-2">
        <button class="link" @click="view.explain({ kind: 'plant', plant: row.here.plant.id })">
          {{ row.here.plant.common }}</button>, host of {{ row.targets }}. {{ row.why }}
        <button class="link min-h-[26px] whitespace-nowrap" @click="planner.allow(row.here.plant.id)">
          I know: allow it<span class="sr-only">: {{ row.here.plant.common }}</span>
        </button>
      </li>
      <li v-for="plant in allowed" :key="plant">
        {{ garden.nameOf(plant) }} is allowed.
        <button class="link min-h-[26px]" @click="planner.allow(plant, false)">
          Keep it out again<span class="sr-only">: {{ garden.nameOf(plant) }}</span>
        </button>
      </li>
    </ul>
  </details>
</template>
