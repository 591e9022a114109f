<script setup lang="ts">
import { UNITS } from '~~/core/model/units';
import type { Point } from '~~/core/model/yard';
import { basisWords } from '~~/core/survey/measured';
import { besideIt } from '~~/core/yard/beside';
import { areaOf, perimeterOf } from '~~/core/yard/geometry';
import { cornersFrom, cornersText } from './corners-text';

/** A bed or container chosen in the drawing. */
const props = defineProps<{ site: string }>();
const garden = useGardenStore();
const yard = useYardStore();
const view = useViewStore();
const unit = computed(() => UNITS[view.units].distance);
const row = computed(() => garden.siteRecords.find((one) => one.id === props.site));
const measured = computed(() => garden.sites.find((one) => one.id === props.site));
const name = ref(row.value?.name ?? '');
const fault = ref('');
const corners = computed(() => cornersText((row.value?.outline ?? []) as Point[], unit.value.perSi));

async function moveCorners(event: Event) {
  const found = cornersFrom((event.target as HTMLInputElement).value, unit.value.perSi);
  fault.value = found ? '' : 'Write corners as 0, 0; 6, 0; 6, 4.';
  if (found) await yard.changeSite(props.site, { outline: found });
}
const rename = () => name.value.trim() && name.value !== row.value?.name && yard.changeSite(props.site, { name: name.value });
</script>

<template>
  <div v-if="row && measured" class="space-y-2">
    <h3 class="mt-1 text-xl">{{ row.name }}</h3>
    <TextField v-model="name" label="Name" @change="rename" />
    <p v-if="row.outline.length >= 3" class="text-sm text-quiet">
      {{ view.area(areaOf(row.outline as Point[])) }}, {{ view.distance(perimeterOf(row.outline as Point[])) }} round
    </p>
    <p class="text-sm">
      <strong>{{ measured.sun_h }} h</strong> of direct sun a day in the season, {{ basisWords(measured.figures.sun[0]!) }}.
    </p>
    <ul class="list-disc pl-4 text-sm">
      <li v-for="line in besideIt(row, garden.things)" :key="line">{{ line }}</li>
    </ul>
    <FieldRow v-slot="{ bind }" :label="`Corners (${unit.label} from the left, from the bottom)`" :error="fault">
      <input v-bind="bind" class="field text-sm" :value="corners" @change="moveCorners" />
    </FieldRow>
    <p><NuxtLink class="link" :to="`/gardens/${garden.id}/place/sites/${site}`">Measure it</NuxtLink></p>
  </div>
</template>
