<script setup lang="ts">
import { CREATURE_PARTS, PLANT_PARTS } from '~~/core/model/symptoms';
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
function chooseKind(next: 'plant' | 'creature') {
  kind.value = next;
  void go({ of: null, planting: null, site: null, batch: null }, true);
}
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
      <WhyWho :kind="kind" />
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
