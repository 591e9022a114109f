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
    <ol class="flex">
      <li v-for="(station, i) in stations" :key="station.key" class="relative min-w-0 flex-1">
        <NuxtLink
          :to="station.path"
          class="group flex flex-col items-center px-1 py-1.5 text-center md:items-start md:px-3 md:text-left"
          :aria-current="here(station.path) ? 'page' : undefined"
        >
          <span class="hidden h-2.5 w-full items-center md:flex" aria-hidden="true">
            <span
              class="size-2.5 shrink-0 rounded-full border-2 border-press"
              :class="here(station.path) ? 'bg-press' : 'bg-ground'"
            />
            <span v-if="i < stations.length - 1" class="-mr-6 h-0.5 grow bg-press/40" />
          </span>
          <span
            class="font-serif text-base leading-tight md:text-lg"
            :class="here(station.path) ? 'font-bold text-press underline decoration-2 underline-offset-4 md:no-underline' : ''"
            >{{ station.name }}</span
          >
          <span class="text-[0.7rem] leading-tight text-quiet md:text-sm">{{ station.figure }}</span>
        </NuxtLink>
      </li>
    </ol>
  </nav>
</template>
