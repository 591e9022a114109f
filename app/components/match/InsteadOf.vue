<script setup lang="ts">
import { insteadOf, whyInstead } from '~~/core/plan/instead';
import { insteadSentence, substituteClauses } from '~~/core/words/instead';

/** What could be planted in the place of a plant that is listed, a trap or of no use to anybody; nothing where it is none. */
const props = defineProps<{ plant: string; heading: 'h2' | 'h4' }>();
const garden = useGardenStore();
const view = useViewStore();
const here = computed(() => garden.almanac?.plants.get(props.plant));
const why = computed(() => (here.value ? whyInstead(garden.almanac!, here.value) : null));
// Some hundred plants are compared: only once the page stands.
const standing = ref(false);
onMounted(() => requestAnimationFrame(() => setTimeout(() => (standing.value = true))));
const found = computed(() =>
  standing.value && why.value ? insteadOf(garden.almanac!, garden.garden!, here.value!).filter(({ score }) => score > 0) : [],
);
</script>

<template>
  <section v-if="why" aria-label="What to plant instead">
    <component :is="heading" :class="heading === 'h4' ? 'mt-3 font-semibold' : ''">Instead of it</component>
    <p class="text-sm text-quiet">{{ insteadSentence(why) }}</p>
    <p v-if="!standing" class="text-sm text-quiet" role="status">Comparing …</p>
    <p v-else-if="found.length === 0" class="text-sm">Nothing of the library would do here.</p>
    <ul v-else class="mt-1 text-sm">
      <li v-for="row in found" :key="row.here.plant.id" class="flex items-start gap-2 py-1">
        <PlantGlyph :plant="row.here.plant" :size="34" />
        <span class="min-w-0">
          <button
            class="link inline-flex items-center text-left phone:min-h-[44px]"
            @click="view.explain({ kind: 'plant', plant: row.here.plant.id })"
          >
            {{ row.here.plant.common }}
          </button>
          <span class="block text-quiet">{{ substituteClauses(row, view.inUnits).join(' · ') }}</span>
        </span>
      </li>
    </ul>
  </section>
</template>
