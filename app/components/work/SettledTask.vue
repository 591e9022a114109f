<script setup lang="ts">
import { dayNumber } from '~~/core/model/days';
import type { Work } from '~~/core/model/work';
import { ACTION_WORDS, dayWords, taskTitle } from '~~/core/words/work';
import type { TaskAction } from '~~/core/work/task';

/** What was ticked or skipped, with a way to take it back. */
const props = defineProps<{ row: Work }>();
const garden = useGardenStore();
const work = useWorkStore();
const records = useRecordsStore();
const commands = useCommands();
const cases = useCasesStore();
/** By the task where it is still one of today's, else by the words of its name. */
const name = computed(() => {
  const task = work.taskOf(props.row.task);
  if (task) return taskTitle(task, work.names);
  const own = work.said.find((row) => row.what === 'own' && row.task === props.row.task);
  if (own) return own.title;
  const words = props.row.task.split(' ');
  const batch = records.state?.batches.find((row) => words.includes(row.id));
  if (words[0] === 'notice') return 'A notice of the weekly look';
  const asked = records.state?.cases.find((row) => words.includes(row.id));
  if (asked) return `${ACTION_WORDS[words[2] === 'ask' ? 'follow-up' : 'remedy']}: ${cases.symptomName(asked.symptom)}`;
  const step = `raise-${words[2]}`;
  if (batch && step in ACTION_WORDS) return `${ACTION_WORDS[step as TaskAction]}: ${garden.nameOf(batch.plant)}`;
  const action = words.find((word) => word in ACTION_WORDS) as TaskAction | undefined;
  const site = garden.sites.find((row) => words.includes(row.id));
  const plant = [...words].reverse().find((word) => garden.almanac?.plants.has(word));
  return [action ? ACTION_WORDS[action] : 'A task', plant && garden.nameOf(plant), site && `in ${site.name}`]
    .filter(Boolean)
    .join(' ');
});
</script>

<template>
  <li class="flex flex-wrap items-baseline gap-x-3 py-1 text-sm">
    <span class="min-w-0">{{ name }}</span>
    <span class="text-quiet"
      >{{ row.what }} on {{ dayWords(dayNumber(row.on_day), work.today) }}{{ row.note ? `: ${row.note}` : '' }}</span
    >
    <button class="link min-h-[26px] phone:min-h-[44px]" @click="commands.takeBackWork(row)">
      Take back<span class="sr-only"> {{ name }}</span>
    </button>
  </li>
</template>
