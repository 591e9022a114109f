<script setup lang="ts">
import type { SiteSource, SiteValue } from '~~/core/model/vocabulary';
import type { MeasuredSite } from '~~/core/place/survey/measured';
import { figureWords, sourceWords } from '~~/core/words/survey';
import { dateName } from '~~/core/model/half-month';

/** Every figure there is for one value of a site, and which of them counts. */
const props = defineProps<{ site: MeasuredSite; value: SiteValue; title: string }>();
const garden = useGardenStore();
const view = useViewStore();
const commands = useCommands();
const figures = computed(() => props.site.figures[props.value]);
const record = computed(() => garden.siteRecords.find((row) => row.id === props.site.id)!);
const choose = (source: SiteSource) =>
  commands.changeSite(props.site.id, { counts: { ...record.value.counts, [props.value]: source } as never });
</script>

<template>
  <fieldset class="border-l-2 border-line pl-3">
    <legend class="sr-only">{{ title }}</legend>
    <p class="text-sm font-semibold">{{ title }}</p>
    <label
      v-for="(figure, i) in figures"
      :key="figure.source"
      class="flex items-baseline gap-2 py-0.5"
      :class="i === 0 ? '' : 'text-quiet'"
    >
      <input
        type="radio"
        class="size-4 self-center"
        :name="`${site.id}-${value}`"
        :checked="i === 0"
        :disabled="figures.length === 1"
        @change="choose(figure.source)"
      />
      <span
        ><strong v-if="i === 0">{{ figureWords(figure, view.inUnits) }}</strong
        ><template v-else>{{ figureWords(figure, view.inUnits) }}</template>
        <span class="text-sm text-quiet">
          · {{ sourceWords(figure) }}{{ figure.on ? `, ${dateName(figure.on)}` : ''
          }}{{
            i === 0 && figures.length > 1 ? ', counts' : figure.weak ? ', too few readings to count by themselves' : ''
          }}</span
        ></span
      >
    </label>
  </fieldset>
</template>
