<script setup lang="ts">
import type { TaskOn } from '~~/core/work/standing';
import { groupBy } from '~~/core/model/group';
import { ACTION_WORDS } from '~~/core/words/work';

/** Tasks under the name of their bed, or of what is done. */
const props = defineProps<{ tasks: readonly TaskOn[]; by: 'bed' | 'kind' }>();
const garden = useGardenStore();
const groups = computed(() => {
  const found = groupBy(props.tasks, (task) => (props.by === 'bed' ? (task.site_id ?? '') : task.action));
  const rows = [...found].map(([of, tasks]) => ({
    of,
    name: props.by === 'kind' ? ACTION_WORDS[of as TaskOn['action']] : of === '' ? 'The garden' : garden.siteName(of),
    tasks,
  }));
  if (props.by === 'kind') return rows;
  const order = garden.sites.map((site) => site.id);
  return rows.sort((a, b) => order.indexOf(a.of) - order.indexOf(b.of));
});
</script>

<template>
  <div v-for="group in groups" :key="group.of" class="mt-2">
    <h3 class="text-quiet">{{ group.name }}</h3>
    <ul class="divide-y divide-line border-l-2 border-line pl-2">
      <TaskRow v-for="task in group.tasks" :key="task.key" :task="task" :by="by" />
    </ul>
  </div>
</template>
