<script setup lang="ts">
import { ChevronDown, ChevronRight } from '@lucide/vue';
import { isoOf } from '~~/core/model/days';
import type { TaskOn } from '~~/core/work/standing';
import {
  ACTION_WORDS,
  amountWords,
  forWords,
  heedWords,
  minutesWords,
  rootingWords,
  taskTitle,
  wateringWords,
  whenWords,
} from '~~/core/words/work';

/** A task in the list: ticked with one press, its how in place, its reasons beside it, and what else can be said of it. */
const props = defineProps<{ task: TaskOn; by: 'bed' | 'kind' }>();
const garden = useGardenStore();
const work = useWorkStore();
const view = useViewStore();
const commands = useCommands();
const cases = useCasesStore();
const open = ref(false);
const title = computed(() => taskTitle(props.task, work.names));
const water = computed(() =>
  props.task.source === 'water' ? work.day?.water.find((row) => row.site.id === props.task.site_id) : undefined,
);
const amounts = computed(() =>
  water.value ? [wateringWords(water.value, view.inUnits)] : props.task.amounts.map((row) => amountWords(row, view.inUnits)),
);
const heed = computed(() => heedWords(props.task, work.today));
const rooting = computed(() => rootingWords(props.task, work.today));
/** Done on another day, or with a note. */
const doneOn = ref(work.onDay);
const note = ref('');
const say = (what: 'done' | 'skipped', on_day = work.onDay) =>
  commands.sayOfTask(props.task.key, title.value, {
    what,
    on_day,
    note: note.value,
    litres: what === 'done' && water.value ? water.value.litres : null,
  });
const LATER = [
  { days: 1, words: 'to tomorrow' },
  { days: 3, words: 'by three days' },
  { days: 7, words: 'by a week' },
  { days: 14, words: 'by two weeks' },
];
function putOff(event: Event) {
  const select = event.target as HTMLSelectElement;
  const days = Number(select.value);
  select.value = '';
  if (days)
    void commands.sayOfTask(props.task.key, title.value, {
      what: 'put-off',
      on_day: work.onDay,
      until: isoOf(work.today + days),
    });
}
/** An own task is known by its row, and can be removed. */
const own = computed(() => work.said.find((row) => row.what === 'own' && row.task === props.task.key));
/** The case that it belongs to. */
const asked = computed(() =>
  props.task.source === 'why' ? (cases.all.find((row) => props.task.key.split(' ')[1] === row.id) ?? null) : null,
);
const id = useId();
</script>

<template>
  <li class="py-1">
    <div
      class="grid grid-cols-[auto_minmax(0,1fr)_auto] items-start gap-x-3 md:grid-cols-[auto_minmax(0,5fr)_minmax(0,4fr)_4.5rem_auto] md:gap-x-4"
    >
      <button
        class="press no-print row-span-3 phone:min-w-14 phone:justify-center md:row-span-1"
        :aria-label="`Done: ${title}`"
        @click="say('done')"
      >
        Done
      </button>
      <span aria-hidden="true" class="mt-1 hidden size-4 border border-ink print:block" />
      <div class="min-w-0">
        <button
          class="min-h-[30px] text-left leading-snug phone:min-h-[44px]"
          :aria-expanded="open"
          :aria-controls="`${id}-how`"
          @click="open = !open"
        >
          <component
            :is="open ? ChevronDown : ChevronRight"
            :size="14"
            aria-hidden="true"
            class="no-print -ml-0.5 inline align-[-2px] text-press"
          />
          <strong v-if="task.action !== 'own'">{{ ACTION_WORDS[task.action] }}: </strong>
          <span class="creature">{{ forWords(task, work.names) }}</span>
          <span v-if="by === 'kind' && task.site_id" class="text-quiet"> in {{ garden.siteName(task.site_id) }}</span>
        </button>
        <p v-if="rooting" class="text-sm" :class="task.standing === 'late' ? 'text-thin' : 'text-quiet'">{{ rooting }}</p>
        <p v-if="heed" class="text-sm" :class="task.heed === 'look' ? 'text-quiet' : 'text-thin'">{{ heed }}</p>
      </div>
      <p class="col-span-2 col-start-2 text-sm text-quiet md:col-span-1 md:col-start-auto md:pt-1">
        {{ whenWords(task, work.today) }}<template v-if="amounts.length">; {{ amounts.join(', ') }}</template
        ><span v-if="task.holds.length" class="text-host"
          >; {{ task.holds.length }} {{ task.holds.length === 1 ? 'life cycle depends' : 'life cycles depend' }} on it</span
        ><span class="md:hidden print:hidden">{{ task.minutes < 1 ? '' : `; ${minutesWords(task.minutes)}` }}</span>
      </p>
      <p class="hidden pt-1 text-right text-sm text-quiet tabular md:block">
        {{ task.minutes < 1 ? '' : minutesWords(task.minutes) }}
      </p>
      <button
        class="link no-print col-start-3 row-start-1 min-h-[30px] text-sm md:col-start-auto md:row-start-auto phone:min-h-[44px] phone:min-w-[44px]"
        @click="view.explain({ kind: 'task', task: task.key })"
      >
        Why<span class="sr-only"> {{ title }}</span>
      </button>
    </div>
    <div v-if="open" :id="`${id}-how`" class="max-w-prose py-1 pl-4 md:pl-20">
      <TaskHow :task="task" />
      <template v-if="asked">
        <LazyWhyOutcome v-if="task.action === 'follow-up'" :row="asked" />
        <p class="text-sm"><CaseLink :row="asked" /></p>
      </template>
      <p class="no-print mt-1.5 flex flex-wrap items-center gap-x-4 gap-y-1 text-sm">
        <button class="link min-h-[26px] phone:min-h-[44px]" @click="say('skipped')">Skip it this time</button>
        <label class="inline-flex items-center gap-1.5"
          >Put it off
          <select class="field w-auto!" @change="putOff">
            <option value="">…</option>
            <option v-for="row in LATER" :key="row.days" :value="row.days">{{ row.words }}</option>
          </select></label
        >
        <label class="inline-flex items-center gap-1.5"
          >Done on <input v-model="doneOn" type="date" class="field w-auto!" :max="work.onDay"
        /></label>
        <label class="inline-flex items-center gap-1.5">Note <input v-model="note" class="field w-40!" maxlength="500" /></label>
        <button class="press" :disabled="!doneOn || doneOn > work.onDay" @click="say('done', doneOn)">Write it down</button>
        <button v-if="own" class="link min-h-[26px] text-gap phone:min-h-[44px]" @click="commands.takeBackWork(own)">
          Remove this task
        </button>
      </p>
    </div>
  </li>
</template>
