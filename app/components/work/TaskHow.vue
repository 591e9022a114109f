<script setup lang="ts">
import type { TaskOn } from '~~/core/work/standing';
import { sentence } from '~~/core/words/lists';

/** How a task is done: its steps, on which plants, with what. */
const props = defineProps<{ task: TaskOn }>();
const garden = useGardenStore();
const plants = computed(() => props.task.plants.map(({ plant, count }) => `${count} ${garden.nameOf(plant)}`));
</script>

<template>
  <div class="text-sm">
    <p v-if="plants.length > 2">On {{ plants.join(', ') }}.</p>
    <ol v-if="task.steps.length" class="list-decimal pl-5">
      <li v-for="step in task.steps" :key="step">{{ sentence(step) }}.</li>
    </ol>
    <p v-if="task.tools" class="text-quiet">With: {{ task.tools }}.</p>
  </div>
</template>
