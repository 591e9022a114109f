<script setup lang="ts">
import { groundM2, roomFor } from '~~/core/match/quantities';

const props = defineProps<{ plant: string; site: string; refused: boolean }>();
const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();

const here = computed(() => garden.almanac!.plants.get(props.plant)!.plant);
const ground = computed(() => garden.sites.find((row) => row.id === props.site)!);
const left = computed(() => garden.areas.get(props.site)?.left_m2 ?? 0);
// A drift is what visitors find: three of anything big, five of a herb, one tree.
const drift = here.value.kind === 'tree' ? 1 : here.value.kind === 'shrub' || here.value.kind === 'vine' ? 1 : 5;
const count = ref(drift);
const taken = computed(() => groundM2(here.value, count.value || 0, ground.value));
/** Plants of this kind that the ground left would still hold. */
const room = computed(() => roomFor(here.value, left.value, ground.value));
const valid = computed(() => Number.isInteger(count.value) && count.value >= 1 && count.value <= 5000);
const busy = ref(false);

async function add() {
  busy.value = true;
  await commands.addPlanting(props.plant, props.site, count.value);
  busy.value = false;
}
</script>

<template>
  <form v-if="!refused" class="my-2 border-y border-line py-2" @submit.prevent="add">
    <div class="flex items-end gap-2">
      <label class="w-20"
        ><span class="block text-sm">How many</span>
        <input v-model.number="count" class="field" type="number" min="1" max="5000" step="1" :aria-invalid="!valid"
      /></label>
      <button class="press press-main" :disabled="!valid || busy">Add to {{ garden.siteName(site) }}</button>
    </div>
    <p class="mt-1 text-sm" :class="taken > left ? 'text-gap' : 'text-quiet'">
      {{
        valid
          ? `They take ${view.area(taken)} when grown; ${view.area(Math.max(0, left))} is left, room for ${room}.`
          : 'Give a whole number from 1.'
      }}
      <template v-if="valid && taken > left"> They would crowd each other or what is there.</template>
    </p>
  </form>
</template>
