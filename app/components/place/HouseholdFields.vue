<script setup lang="ts">
import type { GardenFields } from '~~/core/model/garden';
import { DEER } from './choices';

/** Who else lives there or visits. */
export type Household = Pick<GardenFields, 'children' | 'dogs' | 'cats' | 'grazing' | 'passers_by' | 'deer'>;
const model = defineModel<Household>({ required: true });
const FLAGS = [
  ['children', 'children'],
  ['dogs', 'dogs'],
  ['cats', 'cats'],
  ['grazing', 'grazing animals over the fence'],
  ['passers_by', 'passers-by within reach'],
] as const;
</script>

<template>
  <fieldset>
    <legend class="text-sm font-semibold">Who else is there</legend>
    <div class="flex flex-wrap items-center gap-x-5 gap-y-1">
      <label v-for="[key, words] in FLAGS" :key="key" class="inline-flex items-center gap-1.5">
        <input v-model="model[key]" type="checkbox" class="size-4" />{{ words }}
      </label>
      <label class="inline-flex items-center gap-1.5"
        >deer come
        <select v-model="model.deer" class="field w-auto!">
          <option v-for="choice in DEER" :key="choice.value" :value="choice.value">{{ choice.words }}</option>
        </select></label
      >
    </div>
    <p class="text-sm text-quiet">
      Plants gravely poisonous to any who live there are refused; lesser dangers, and what deer browse, are shown where you
      choose.
    </p>
  </fieldset>
</template>
