<script setup lang="ts">
/**
 * The stations of the work: a line of the top where the page is wide; on a phone the five of the day at the bottom, with
 * the others and the choices one press away; on a page that is not high (as when zoomed) their names alone.
 */
defineEmits<{ keys: []; settings: [] }>();
const stations = useStations();
const route = useRoute();
const here = (path: string) => route.path.startsWith(path);
const others = computed(() => stations.value.filter((station) => !station.daily));
</script>

<template>
  <nav
    aria-label="Stations of the work"
    class="no-print fixed inset-x-0 bottom-0 z-30 border-t border-line bg-raised md:static md:border-t-0 md:bg-transparent short:static short:border-t-0 short:bg-transparent"
  >
    <ol class="flex md:justify-center md:gap-x-1 short:justify-start">
      <li
        v-for="station in stations"
        :key="station.key"
        class="station min-w-0 flex-1 md:max-w-28 short:flex-none"
        :class="station.daily ? '' : 'phone:hidden'"
      >
        <NuxtLink
          :to="station.path"
          class="flex min-h-[2.95rem] flex-col items-center justify-center border-press px-0.5 text-center md:min-h-0 md:border-b-2 md:px-1 md:py-0.5 short:min-h-6 short:px-2 short:py-0"
          :class="here(station.path) ? 'md:border-press' : 'md:border-transparent'"
          :aria-current="here(station.path) ? 'page' : undefined"
        >
          <span
            class="font-serif text-base leading-tight"
            :class="here(station.path) ? 'font-bold text-press underline decoration-2 underline-offset-4 md:no-underline' : ''"
            >{{ station.name }}</span
          >
          <span class="max-w-full truncate text-xs leading-tight text-quiet short:hidden">{{ station.figure }}</span>
        </NuxtLink>
      </li>
      <li class="flex-1 md:hidden short:ml-auto short:flex-none">
        <MoreMenu :stations="others" @keys="$emit('keys')" @settings="$emit('settings')" />
      </li>
    </ol>
  </nav>
</template>
