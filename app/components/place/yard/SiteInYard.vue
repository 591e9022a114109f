<script setup lang="ts">
import type { Point } from '~~/core/model/yard';
import { basisWords } from '~~/core/words/survey';
import { neighboursOf } from '~~/core/place/yard/neighbours';
import { neighbourSentence } from '~~/core/words/yard';
import { areaOf, perimeterOf } from '~~/core/place/yard/geometry';

/** A bed or container chosen in the drawing. */
const props = defineProps<{ site: string }>();
const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();
const row = computed(() => garden.siteRecords.find((one) => one.id === props.site));
const measured = computed(() => garden.sites.find((one) => one.id === props.site));
const name = ref(row.value?.name ?? '');
const rename = () => name.value.trim() && name.value !== row.value?.name && commands.changeSite(props.site, { name: name.value });
</script>

<template>
  <div v-if="row && measured" class="space-y-2">
    <h3 class="mt-1 text-xl">{{ row.name }}</h3>
    <TextField v-model="name" label="Name" @change="rename" />
    <p v-if="row.outline.length >= 3" class="text-sm text-quiet">
      {{ view.round(areaOf(row.outline as Point[]), perimeterOf(row.outline as Point[])) }}
    </p>
    <p class="text-sm">
      <strong>{{ measured.sun_h }} h</strong> of direct sun a day in the season, {{ basisWords(measured.figures.sun[0]!) }}.
    </p>
    <ul class="list-disc pl-4 text-sm">
      <li v-for="line in neighboursOf(row, garden.things).map(neighbourSentence)" :key="line">{{ line }}</li>
    </ul>
    <CornersField :points="row.outline as Point[]" @moved="commands.changeSite(site, { outline: $event })" />
    <p><NuxtLink class="link" :to="`/gardens/${garden.id}/place/sites/${site}`">Measure it</NuxtLink></p>
  </div>
</template>
