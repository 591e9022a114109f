<script setup lang="ts">
/** The parts of a station, as a line of links; `within` says which paths belong to the first one too. */
const props = defineProps<{ label: string; parts: { path: string; name: string }[]; within?: string }>();
const route = useRoute();
const here = (path: string) =>
  route.path === path || (props.within !== undefined && path === props.parts[0]!.path && route.path.includes(props.within));
</script>

<template>
  <nav :aria-label="label" class="no-print mb-3 flex flex-wrap gap-x-5 border-b border-line">
    <NuxtLink
      v-for="part in parts"
      :key="part.path"
      :to="part.path"
      class="-mb-px flex items-end border-b-2 px-1 pb-1 font-semibold phone:min-h-[44px] phone:min-w-[44px]"
      :class="here(part.path) ? 'border-press text-press' : 'border-transparent text-quiet'"
      :aria-current="here(part.path) ? 'page' : undefined"
      >{{ part.name }}</NuxtLink
    >
  </nav>
</template>
