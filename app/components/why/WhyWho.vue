<script setup lang="ts">
import { dateName } from '~~/core/model/half-month';

/** Of whom it is asked: what grows here by bed, what is being raised, or a creature of the region. */
const props = defineProps<{ kind: 'plant' | 'creature' }>();
const garden = useGardenStore();
const { asked, go } = useWhyQuestion();
/** What grows, by bed: one may grow in several. */
const grown = computed(() =>
  garden.sites
    .map((site) => ({
      site,
      rows: garden.plantings
        .filter(
          (row) => row.site_id === site.id && row.state !== 'planned' && row.state !== 'on-order' && row.state !== 'removed',
        )
        .sort((a, b) => garden.nameOf(a.plant).localeCompare(garden.nameOf(b.plant), 'en')),
    }))
    .filter(({ rows }) => rows.length > 0),
);
const raised = computed(() => (garden.here?.records.batches ?? []).filter((row) => !row.ended && row.begun_on !== null));
const creatures = computed(() => garden.targets.map((row) => row.target));
const others = computed(() =>
  [...(garden.almanac?.targets.keys() ?? [])]
    .filter((id) => !creatures.value.includes(id))
    .sort((a, b) => garden.creatureName(a).localeCompare(garden.creatureName(b), 'en')),
);
/** What is chosen, as the select has it: a batch, a planting, or a plant or creature; of a plant that grows here its planting. */
const chosen = computed(() => {
  const { of, planting, batch } = asked.value;
  if (batch) return `batch ${batch}`;
  const own = grown.value.flatMap(({ rows }) => rows).filter((row) => row.plant === of);
  const stands = planting ?? (own.find((row) => row.state !== 'lost') ?? own[0])?.id;
  return stands ? `planting ${stands}` : of ? `of ${of}` : '';
});
/** A plant that was asked about from its page and grows in no bed here. */
const apart = computed(() => (props.kind === 'plant' && chosen.value.startsWith('of ') ? asked.value.of : null));
function choose(event: Event) {
  const [what, id] = (event.target as HTMLSelectElement).value.split(' ');
  const planting = what === 'planting' ? garden.plantings.find((row) => row.id === id) : undefined;
  const batch = what === 'batch' ? raised.value.find((row) => row.id === id) : undefined;
  const of = planting?.plant ?? batch?.plant ?? (what === 'of' ? id! : null);
  void go({ of, planting: planting?.id ?? null, site: planting?.site_id ?? null, batch: batch?.id ?? null }, true);
}
</script>

<template>
  <label v-if="kind === 'plant'" class="text-sm"
    >Which plant
    <select :value="chosen" class="field block! w-72! max-w-full phone:min-h-[44px]" @change="choose">
      <option value="">I do not know which</option>
      <option v-if="apart" :value="`of ${apart}`">{{ garden.nameOf(apart) }}, in no bed here</option>
      <optgroup v-for="{ site, rows } in grown" :key="site.id" :label="site.name">
        <option v-for="row in rows" :key="row.id" :value="`planting ${row.id}`">
          {{ row.count }} {{ garden.nameOf(row.plant) }}{{ row.state === 'lost' ? ` (lost ${row.lost_year ?? ''})` : '' }}
        </option>
      </optgroup>
      <optgroup v-if="raised.length" label="Being raised">
        <option v-for="row in raised" :key="row.id" :value="`batch ${row.id}`">
          {{ garden.nameOf(row.plant) }}, begun {{ dateName(row.begun_on!) }}
        </option>
      </optgroup>
    </select></label
  >
  <label v-else class="text-sm"
    >Which creature
    <select :value="chosen" class="field block! w-72! max-w-full phone:min-h-[44px]" @change="choose">
      <option value="">I do not know which</option>
      <optgroup v-if="creatures.length" label="Your targets">
        <option v-for="id in creatures" :key="id" :value="`of ${id}`">{{ garden.creatureName(id) }}</option>
      </optgroup>
      <optgroup label="Others of the region">
        <option v-for="id in others" :key="id" :value="`of ${id}`">{{ garden.creatureName(id) }}</option>
      </optgroup>
    </select></label
  >
</template>
