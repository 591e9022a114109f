<script setup lang="ts">
import { CREATURE_PARTS, PLANT_PARTS } from '~~/core/model/symptoms';
import { dateName } from '~~/core/model/half-month';
import { symptomsFor } from '~~/core/why/subject';
import { PART_WORDS } from '~~/core/words/why';

/** What is seen, in pictures: on a plant or a creature, by the part it is seen on. */
const garden = useGardenStore();
const why = useWhyStore();
const { asked, ask, go } = useWhyQuestion();
const KINDS = [
  { value: 'plant', words: 'On a plant' },
  { value: 'creature', words: 'On a creature' },
] as const;
const kind = ref<'plant' | 'creature'>(asked.value.of && garden.almanac?.targets.has(asked.value.of) ? 'creature' : 'plant');
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
/** What is chosen, as the select has it: a planting, a plant or a creature. */
const chosen = computed(() =>
  asked.value.batch
    ? `batch ${asked.value.batch}`
    : asked.value.planting
      ? `planting ${asked.value.planting}`
      : asked.value.of
        ? `of ${asked.value.of}`
        : '',
);
function choose(event: Event) {
  const [what, id] = (event.target as HTMLSelectElement).value.split(' ');
  const planting = what === 'planting' ? garden.plantings.find((row) => row.id === id) : undefined;
  const batch = what === 'batch' ? raised.value.find((row) => row.id === id) : undefined;
  const of = planting?.plant ?? batch?.plant ?? (what === 'of' ? id! : null);
  void go({ of, planting: planting?.id ?? null, site: planting?.site_id ?? null, batch: batch?.id ?? null }, true);
}
function chooseKind(next: 'plant' | 'creature') {
  kind.value = next;
  void go({ of: null, planting: null, site: null, batch: null }, true);
}
/** A plant or creature that was asked about from its page, and is in none of the lists. */
const apart = computed(() => {
  const { of, planting } = asked.value;
  if (!of || planting) return null;
  return kind.value === 'creature' || asked.value.batch ? null : of;
});
const groups = computed(() => {
  const all = symptomsFor(why.why!, asked.value.of, kind.value === 'creature');
  return (kind.value === 'creature' ? CREATURE_PARTS : PLANT_PARTS)
    .map((part) => ({ part, rows: all.filter((row) => row.part === part) }))
    .filter(({ rows }) => rows.length > 0);
});
watch(
  () => asked.value.of,
  (of) => {
    if (of) kind.value = garden.almanac?.targets.has(of) ? 'creature' : 'plant';
  },
);
</script>

<template>
  <section class="no-print mt-4" aria-labelledby="what-is-seen">
    <h2 id="what-is-seen" class="border-b border-line">What do you see?</h2>
    <div class="mt-2 flex flex-wrap items-end gap-x-5 gap-y-2">
      <div role="group" aria-label="On whom" class="flex gap-1.5">
        <button
          v-for="row in KINDS"
          :key="row.value"
          class="chip phone:min-h-[44px]"
          :aria-pressed="kind === row.value"
          @click="chooseKind(row.value)"
        >
          {{ row.words }}
        </button>
      </div>
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
          <optgroup label="Your targets">
            <option v-for="id in creatures" :key="id" :value="`of ${id}`">{{ garden.creatureName(id) }}</option>
          </optgroup>
          <optgroup label="Others of the region">
            <option v-for="id in others" :key="id" :value="`of ${id}`">{{ garden.creatureName(id) }}</option>
          </optgroup>
        </select></label
      >
    </div>
    <div v-for="{ part, rows } in groups" :key="part" class="mt-3">
      <h3 class="text-quiet">{{ PART_WORDS[part] }}</h3>
      <ul class="mt-1 grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-2 phone:grid-cols-2">
        <li v-for="row in rows" :key="row.id">
          <button
            class="flex h-full w-full items-center gap-2 border border-line bg-raised px-2 py-1.5 text-left leading-tight hover:border-press"
            @click="ask({ symptom: row.id, of: asked.of, planting: asked.planting, site: asked.site, batch: asked.batch })"
          >
            <SymptomGlyph :glyph="row.glyph" :size="44" />
            <span class="min-w-0 hyphens-auto break-words">{{ row.name }}</span>
          </button>
        </li>
      </ul>
    </div>
  </section>
</template>
