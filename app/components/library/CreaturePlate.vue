<script setup lang="ts">
import type { Target } from '~~/core/model/reference';
import { familyInWords } from '~~/core/model/vocabulary';

/** Creatures side by side as on the plate of a field guide, grouped by family, to be distinguished at a glance. */
const props = defineProps<{ targets: Target[] }>();
const garden = useGardenStore();
const families = computed(() => {
  const found = new Map<string, Target[]>();
  for (const target of props.targets) found.set(target.family, [...(found.get(target.family) ?? []), target]);
  return [...found].sort(([a], [b]) => a.localeCompare(b));
});
</script>

<template>
  <div class="mt-3 space-y-4">
    <section v-for="[family, members] in families" :key="family" :aria-label="family">
      <h2 class="border-b border-line text-base text-quiet">
        {{ familyInWords(family) }} <span class="scientific">{{ family }}</span>
      </h2>
      <ul class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(8.2rem,1fr))] gap-x-2 gap-y-3">
        <li v-for="target in members" :key="target.id">
          <NuxtLink :to="`/gardens/${garden.id}/library/targets/${target.id}`" class="block text-center">
            <CreatureGlyph class="mx-auto" :target="target" :size="96" />
            <span class="flex items-center justify-center gap-1.5">
              <EggGlyph :target="target" :size="16" />
              <LarvaGlyph :target="target" :size="60" />
              <PupaGlyph :target="target" :size="26" />
            </span>
            <span class="creature block text-sm leading-tight">{{ target.common }}</span>
          </NuxtLink>
        </li>
      </ul>
    </section>
  </div>
</template>
