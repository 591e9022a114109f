<script setup lang="ts">
import { placeEffect, type PlaceValue } from '~~/core/garden/place-effects';
import { placeSentences } from '~~/core/words/place';

/** What a value of the place changes here. */
const props = defineProps<{ value: PlaceValue }>();
const garden = useGardenStore();
const view = useViewStore();
const TITLES: Record<PlaceValue, string> = {
  region: 'The region',
  half_zone: 'Winter cold',
  frosts: 'Frosts',
  summer: 'Summer heat',
  humidity: 'Summer air',
  rain: 'Rain',
  position: 'Where it lies',
  household: 'Who else is there',
};
const lines = computed(() => (garden.here ? placeSentences(placeEffect(props.value, garden.here), view.inUnits) : []));
</script>

<template>
  <div>
    <h3 class="mt-1 text-xl">{{ TITLES[value] }}</h3>
    <p v-for="line in lines" :key="line" class="mt-2">{{ line }}</p>
  </div>
</template>
