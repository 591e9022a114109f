<script setup lang="ts">
import { measureWords, MOISTURE_WHY, SELECTION_WORDS } from '~~/core/words/layout';
import { SELECTIONS, type Selection } from '~~/core/model/vocabulary';
import type { ScenePlant } from './bed-scene';

/** One plant of a bed: how large it grows where it stands, and which size of its species it is. */
const props = defineProps<{ plant: ScenePlant }>();
const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();
const gradients = computed(() => garden.here?.gradientsOf(props.plant.planting.site_id) ?? null);
const ground = computed(() => gradients.value?.at([props.plant.x, props.plant.y]) ?? null);
/** Why it is drier or wetter here than in the bed as a whole. */
const why = computed(() =>
  (gradients.value?.reasons([props.plant.x, props.plant.y]) ?? []).map(
    ({ why, steps }) => `${steps > 0 ? 'wetter' : 'drier'} ${MOISTURE_WHY[why]}`,
  ),
);
const choose = (selection: string) =>
  commands.savePlanting(
    props.plant.planting,
    { selection: selection as Selection },
    `${props.plant.here.plant.common}: ${SELECTION_WORDS[selection as Selection]}.`,
  );
</script>

<template>
  <div class="text-sm">
    <p class="italic text-quiet">{{ plant.here.plant.scientific }}</p>
    <p>
      Grown here {{ measureWords(plant.size.height, view.inUnits) }} tall,
      {{ measureWords(plant.size.spread, view.inUnits) }} wide, set {{ view.about(plant.size.spacing) }} apart.
    </p>
    <p v-if="ground">
      Here {{ ground.sun_h.toFixed(1) }} h of sun, moisture {{ ground.moisture.toFixed(1) }} of 5{{
        why.length ? `: ${why.join(', ')}` : ''
      }}.
    </p>
    <label class="mt-1 block"
      >Size
      <select
        class="field w-auto!"
        :value="plant.planting.selection"
        @change="choose(($event.target as HTMLSelectElement).value)"
      >
        <option v-for="one in SELECTIONS" :key="one" :value="one">{{ SELECTION_WORDS[one] }}</option>
      </select></label
    >
    <p>
      <button class="link" @click="view.explain({ kind: 'fit', plant: plant.planting.plant, site: plant.planting.site_id })">
        Fit and reasons
      </button>
      ·
      <NuxtLink class="link" :to="`/gardens/${garden.id}/library/plants/${plant.planting.plant}`">its page</NuxtLink>
    </p>
  </div>
</template>
