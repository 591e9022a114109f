<script setup lang="ts">
import type { Planting } from '~~/core/model/garden';
import type { Standing } from '~~/core/layout/question';

/** The key of a bed: what its numbers mean; pressed, all plants of a kind are chosen. */
const props = defineProps<{
  plantings: readonly Planting[];
  unplaced: readonly number[];
  plants: readonly Standing[];
  chosen: ReadonlySet<number>;
}>();
const emit = defineEmits<{ choose: [plants: number[]] }>();
const garden = useGardenStore();
const of = (kind: number) => props.plants.flatMap((plant, i) => (plant.kind === kind ? [i] : []));
const isChosen = (kind: number) => {
  const own = of(kind);
  return own.length > 0 && own.every((i) => props.chosen.has(i));
};
</script>

<template>
  <section class="mt-3" aria-labelledby="key-title">
    <h2 id="key-title">Key</h2>
    <ol class="text-sm">
      <li v-for="(row, kind) in plantings" :key="row.id" class="border-b border-line">
        <button
          class="flex min-h-[30px] w-full items-center gap-2 text-left phone:min-h-[44px]"
          :class="isChosen(kind) ? 'bg-bank' : ''"
          :aria-pressed="isChosen(kind)"
          @click="emit('choose', of(kind))"
        >
          <span class="w-6 shrink-0 text-right font-semibold">{{ kind + 1 }}</span>
          <PlantGlyph
            v-if="garden.almanac!.plants.get(row.plant)"
            :plant="garden.almanac!.plants.get(row.plant)!.plant"
            :size="24"
            aria-hidden="true"
          />
          <span class="min-w-0 grow font-serif text-base leading-tight">{{ garden.nameOf(row.plant) }}</span>
          <span class="shrink-0" :class="unplaced[kind]! > 0 ? 'text-thin' : ''"
            >{{ row.count }}{{ unplaced[kind]! > 0 ? `, ${unplaced[kind]} without a place` : '' }}</span
          >
        </button>
      </li>
    </ol>
  </section>
</template>
