<script setup lang="ts">
const stations = useStations();
const route = useRoute();
const here = (path: string) => route.path.startsWith(path);
</script>

<template>
  <nav
    aria-label="Stations of the work"
    class="no-print fixed inset-x-0 bottom-0 z-30 border-t border-line bg-raised md:static md:border-t-0 md:bg-transparent"
  >
    <ol class="flex md:justify-center md:gap-x-1 xl:gap-x-2">
      <li v-for="station in stations" :key="station.key" class="min-w-0 flex-1 md:max-w-28">
        <NuxtLink
          :to="station.path"
          class="flex flex-col items-center border-press px-1 py-1.5 text-center md:border-b-2 md:py-0.5"
          :class="here(station.path) ? 'md:border-press' : 'md:border-transparent'"
          :aria-current="here(station.path) ? 'page' : undefined"
        >
          <span
            class="font-serif text-base leading-tight"
            :class="here(station.path) ? 'font-bold text-press underline decoration-2 underline-offset-4 md:no-underline' : ''"
            >{{ station.name }}</span
          >
          <span class="text-[0.7rem] leading-tight text-quiet md:max-w-full md:truncate md:text-xs">{{ station.figure }}</span>
        </NuxtLink>
      </li>
    </ol>
  </nav>
</template>
