<script setup lang="ts">
import type { Point } from '~~/core/model/yard';
import { THING_NAMES } from '~~/core/place/yard/fresh';
import { areaOf, lengthOf } from '~~/core/place/yard/geometry';
import type { Chosen } from './YardDrawing.vue';

/** Everything drawn, in words: the same choice as in the picture, for the keyboard and the screen reader. */
defineProps<{ chosen: Chosen | null }>();
const emit = defineEmits<{ choose: [chosen: Chosen] }>();
const garden = useGardenStore();
const view = useViewStore();
const sizeOf = (points: readonly Point[]) =>
  points.length >= 3 ? view.area(areaOf(points)) : points.length === 2 ? view.distance(lengthOf(points)) : '';
const rows = computed(() => [
  ...garden.siteRecords.map((site) => ({
    chosen: { kind: 'site' as const, id: site.id },
    name: site.name,
    what: site.kind === 'bed' ? 'bed' : 'container',
    size: site.outline.length === 0 ? 'not drawn' : sizeOf(site.outline as Point[]),
  })),
  ...garden.things.map((thing) => ({
    chosen: { kind: 'thing' as const, id: thing.id },
    name: thing.name,
    what: THING_NAMES[thing.kind].toLowerCase(),
    size: 'height_m' in thing.traits ? `${view.distance(thing.traits.height_m)} high` : sizeOf(thing.points as Point[]),
  })),
]);
</script>

<template>
  <ul class="gap-x-6 text-sm sm:columns-2">
    <li v-for="row in rows" :key="row.chosen.id" class="break-inside-avoid border-b border-line">
      <button
        class="flex w-full items-baseline gap-2 py-1 text-left"
        :class="chosen?.id === row.chosen.id ? 'font-semibold text-press' : ''"
        :aria-pressed="chosen?.id === row.chosen.id"
        @click="emit('choose', row.chosen)"
      >
        <span class="grow">{{ row.name }}</span><span class="text-quiet">{{ row.what }}</span
        ><span class="w-24 text-right whitespace-nowrap">{{ row.size }}</span>
      </button>
    </li>
  </ul>
</template>
