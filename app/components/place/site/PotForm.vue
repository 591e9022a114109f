<script setup lang="ts">
import { arrangement, plantsHeld, potRisk, potZone, winterNeed, winterOf } from '~~/core/place/containers/pots';
import { POT_RISKS, WINTER_ADVICE } from '~~/core/words/pots';
import { PotFields, type Site } from '~~/core/model/garden';
import { LIVE_STATES } from '~~/core/model/states';
import { UNITS } from '~~/core/model/units';
import { potLitres } from '~~/core/place/soil/volumes';
import { FRESH_POT } from '~~/core/place/containers/kinds';
import { EXPOSURES, POT_MATERIALS, POT_SHAPES, POT_WINTERS } from '~/components/place/choices';

/** A container's measures, and what follows: how much it holds, how many plants, and what winter does to their roots. */
const props = defineProps<{ site: Site }>();
const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();
const unit = computed(() => UNITS[view.units].length);
const { draft, errors, save, restart } = useDraft(PotFields, () => ({ ...(props.site.pot ?? FRESH_POT) }));
watch(
  () => props.site.pot,
  () => restart(),
);
const keep = () => save(async (pot) => void (await commands.changeSite(props.site.id, { pot })));
function shape() {
  draft.value.across_cm = draft.value.shape === 'round' ? null : (draft.value.across_cm ?? draft.value.top_cm);
}
const pot = computed(() => props.site.pot);
const zone = computed(() => potZone(props.site, garden.garden!.half_zone, garden.garden!.school_pots));
const WINTERS = { outdoors: 'outdoors', wrapped: 'outdoors, wrapped', unheated: 'in an unheated shed', indoors: 'indoors' };
const wintering = computed(() =>
  garden.plantings
    .filter((row) => row.site_id === props.site.id && LIVE_STATES.has(row.state))
    .map((row) => garden.almanac!.plants.get(row.plant)?.plant)
    .filter((plant) => plant !== undefined)
    .map((plant) => ({
      plant,
      advice: WINTER_ADVICE[winterNeed(plant, props.site, garden.garden!.half_zone, garden.garden!.school_pots)],
    })),
);
</script>

<template>
  <form class="space-y-2" novalidate @submit.prevent="keep">
    <div class="grid gap-2 sm:grid-cols-3 lg:grid-cols-4">
      <ChoiceField v-model="draft.shape" label="Shape" :choices="POT_SHAPES" :error="errors.shape" @change="shape" />
      <NumberField
        v-model="draft.top_cm as number | null"
        :label="draft.shape === 'round' ? 'Across the top' : 'Length of the top'"
        :unit="unit"
        :error="errors.top_cm"
      />
      <NumberField
        v-if="draft.shape !== 'round'"
        v-model="draft.across_cm as number | null"
        label="Width of the top"
        :unit="unit"
        :error="errors.across_cm"
      />
      <NumberField
        v-model="draft.base_cm as number | null"
        :label="draft.shape === 'round' ? 'Across the bottom' : 'Length of the bottom'"
        :unit="unit"
        :error="errors.base_cm"
      />
      <NumberField v-model="draft.depth_cm as number | null" label="Depth" :unit="unit" :error="errors.depth_cm" />
      <NumberField v-model="draft.count as number | null" label="How many alike" :step="1" :error="errors.count" />
      <ChoiceField v-model="draft.material" label="Material" :choices="POT_MATERIALS" :error="errors.material" />
      <ChoiceField v-model="draft.exposure" label="Exposure" :choices="EXPOSURES" :error="errors.exposure" />
      <ChoiceField v-model="draft.winter" label="In winter" :choices="POT_WINTERS" :error="errors.winter" />
    </div>
    <button class="press press-main">{{ pot ? 'Save the measures' : 'Use these measures' }}</button>
    <div v-if="pot" class="space-y-1">
      <p>
        Holds <strong>{{ view.volume(potLitres(pot)) }}</strong> to the brim and <strong>{{ plantsHeld(pot) }} plants</strong
        >{{ pot.count > 1 ? ` in ${pot.count} pots` : '' }}:
        {{
          [
            ['upright', arrangement(pot).upright],
            ['filler', arrangement(pot).filler],
            ['trailing', arrangement(pot).trailing],
          ]
            .filter(([, n]) => n)
            .map(([role, n]) => `${n} ${role}`)
            .join(', ')
        }}
        {{ pot.count > 1 ? 'each' : '' }}.
      </p>
      <p>
        In winter ({{ WINTERS[winterOf(pot, garden.garden!.school_pots)] }}) its roots live in <strong>zone {{ zone }}</strong
        >, where the garden is {{ garden.garden!.half_zone }}.
      </p>
      <p v-if="potRisk(pot)">{{ POT_RISKS[potRisk(pot)!] }}</p>
      <ul v-if="wintering.length" class="list-disc pl-5 text-sm">
        <li v-for="row in wintering" :key="row.plant.id">
          <span class="creature">{{ row.plant.common }}</span>: {{ row.advice }}
        </li>
      </ul>
    </div>
  </form>
</template>
