<script setup lang="ts">
import type { TaskOn } from '~~/core/work/standing';
import { stepSentences } from '~~/core/words/work';

/** How a task is done: its steps, on which plants, with what. */
const props = defineProps<{ task: TaskOn }>();
const garden = useGardenStore();
const view = useViewStore();
const steps = computed(() => stepSentences(props.task, view.inUnits));
const plants = computed(() => props.task.plants.map(({ plant, count }) => `${count} ${garden.nameOf(plant)}`));
</script>

<template>
  <div class="text-sm">
    <p v-if="plants.length > 2">On {{ plants.join(', ') }}.</p>
    <ol v-if="steps.length" class="list-decimal pl-5">
      <li v-for="step in steps" :key="step">{{ step }}</li>
    </ol>
    <p v-if="task.tools" class="text-quiet">With: {{ task.tools }}.</p>
  </div>
</template>
