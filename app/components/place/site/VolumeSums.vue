<script setup lang="ts">
import { UNITS } from '~~/core/model/units';
import { bags, layerLitres, mixLitres } from '~~/core/place/soil/volumes';
import type { MeasuredSite } from '~~/core/place/survey/measured';

/** Compost, mulch, grit and potting mix, as a volume and in bags. */
const props = defineProps<{ site: MeasuredSite }>();
const view = useViewStore();
const units = computed(() => UNITS[view.units]);
const MATERIALS = [
  {
    value: 'compost',
    words: 'compost, worked in',
    depth: 2.5,
    note: 'Two or three centimetres once; natives of lean soil want none.',
  },
  { value: 'mulch', words: 'mulch, laid on', depth: 5, note: 'Off the stems. Leave a bare patch for bees and wintering pupae.' },
  {
    value: 'sand',
    words: 'sharp sand or grit, worked in',
    depth: 7.5,
    note: 'Through the whole bed: a little sand in clay sets like brick.',
  },
] as const;
const material = ref<(typeof MATERIALS)[number]['value']>('compost');
const chosen = computed(() => MATERIALS.find((row) => row.value === material.value)!);
const depth = ref<number | null>(chosen.value.depth);
watch(chosen, (row) => (depth.value = row.depth));
const bag = ref<number | null>(view.units === 'us' ? 28.3168 : 40);
const pot = computed(() => (props.site.kind === 'container' ? props.site.pot : null));
const litres = computed(() =>
  pot.value ? mixLitres(pot.value) : props.site.kind === 'bed' && depth.value ? layerLitres(props.site.area_m2, depth.value) : 0,
);
const note = computed(() =>
  pot.value
    ? 'Fresh mix, to a thumb’s breadth below the rim, with a tenth for settling.'
    : material.value === 'compost' && props.site.richness === 'rich'
      ? 'This bed is rich already: with more, tall natives flop.'
      : chosen.value.note,
);
const volume = computed(() => view.volume(litres.value));
</script>

<template>
  <div>
    <div class="flex flex-wrap items-end gap-3">
      <template v-if="site.kind === 'bed'">
        <ChoiceField v-model="material" class="w-52" label="What" :choices="MATERIALS" />
        <NumberField v-model="depth" class="w-32" label="How deep" :unit="units.length" />
      </template>
      <NumberField v-model="bag" class="w-36" label="Bags hold" :unit="units.volume" />
    </div>
    <p v-if="site.kind === 'container' && !pot" class="mt-2 text-quiet">
      Give the pot’s measures above, and the mix it takes is calculated.
    </p>
    <p v-else-if="litres > 0" class="mt-2" role="status">
      <strong>{{ volume }}{{ pot ? ' of potting mix' : ` of ${material}` }}</strong
      ><template v-if="bag && bag > 0">: {{ bags(litres, bag) }} {{ bags(litres, bag) === 1 ? 'bag' : 'bags' }}</template
      >.
      <span class="text-sm text-quiet">{{ note }}</span>
    </p>
  </div>
</template>
