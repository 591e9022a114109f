<script setup lang="ts">
import { isoOf } from '~~/core/model/days';
import { dateName } from '~~/core/model/half-month';
import { funnelOf, isBeginning, stepKey, type BatchHere } from '~~/core/raise/batch-here';
import { howOf } from '~~/core/raise/how';
import { expectedWords, METHOD_WORDS, STAGE_WORDS, STEP_WORDS, spanWords, unitName } from '~~/core/words/raise';
import { dayWords } from '~~/core/words/work';
import { inUnitsOf } from '~~/core/words/units';
import { listed } from '~~/core/words/lists';

/** A batch: how far it is as a funnel, its next step with its how, and what was counted at each look. */
const props = defineProps<{ row: BatchHere }>();
const garden = useGardenStore();
const work = useWorkStore();
const view = useViewStore();
const commands = useCommands();
const batch = computed(() => props.row.batch);
const name = computed(() => garden.nameOf(batch.value.plant));
const next = computed(() => props.row.left[0] ?? null);
const how = computed(() => (next.value ? howOf(props.row.way, next.value.kind) : null));
const isOver = computed(() => props.row.stage === 'over' || props.row.stage === 'planted');
const looking = ref(false);
const more = ref(false);
const FUNNEL_WORDS = { begun: 'begun', up: 'up', potted: 'potted', planted: 'planted' } as const;
const funnel = computed(() => funnelOf(props.row));
const begins = computed(() => next.value !== null && isBeginning(next.value) && !props.row.begun);
/** The first step is the beginning of the batch; the others are ticked as work. */
function done() {
  if (!next.value) return;
  if (begins.value) void commands.changeBatch(batch.value, { begun_on: work.onDay }, `${name.value}: begun.`);
  else
    void commands.sayOfTask(stepKey(batch.value.id, next.value), `${STEP_WORDS[next.value.kind]}, ${name.value}`, {
      what: 'done',
      on_day: work.onDay,
    });
}
/** Planned plantings of the kind, to which grown plants can go. */
const planned = computed(() => garden.plantings.filter((row) => row.plant === batch.value.plant && row.state === 'planned'));
/** Where else in the garden it would do well. */
const elsewhere = computed(() => (work.work?.otherSites(batch.value.plant) ?? []).slice(0, 2).map(garden.siteName));
/** A planned planting for which enough of the batch is in the ground. */
const fulfilled = computed(() => planned.value.find((one) => one.count <= props.row.counts.planted) ?? null);
function setPlanted() {
  const year = Number(work.onDay.slice(0, 4));
  const source = `raised here${batch.value.source ? `, ${batch.value.source}` : ''}`;
  void commands.savePlanting(
    fulfilled.value!,
    { state: 'in-ground', planted_year: year, source: fulfilled.value!.source || source },
    `${fulfilled.value!.count} ${name.value} planted.`,
  );
}
/** One that was begun by a tick in Work has its day written with it, so that it counts though nothing came up. */
const end = (ended: boolean) =>
  commands.changeBatch(
    batch.value,
    { ended, begun_on: batch.value.begun_on ?? isoOf(props.row.begin) },
    ended ? `${name.value}: ended. Its counts take part in the next.` : `${name.value}: taken up again.`,
  );
</script>

<template>
  <li class="border border-line bg-raised p-3">
    <div class="flex flex-wrap items-baseline justify-between gap-x-3">
      <h3 class="creature">{{ name }}</h3>
      <p class="text-sm" :class="isOver ? 'text-quiet' : ''">{{ STAGE_WORDS[row.stage] }}</p>
    </div>
    <p class="text-sm text-quiet">
      {{ METHOD_WORDS[batch.method] }}; {{ batch.units }} {{ unitName(batch, batch.units)
      }}{{ batch.containers ? ` in ${batch.containers} ${batch.containers === 1 ? 'container' : 'containers'}` : ''
      }}{{ batch.place ? `, ${batch.place}` : '' }}; {{ row.begun ? 'begun' : 'to be begun' }} {{ dayWords(row.begin, work.today)
      }}{{ batch.source ? `; from ${batch.source}` : '' }}
    </p>
    <table class="mt-2 w-full text-sm">
      <caption class="sr-only">
        {{
          name
        }}: how far
      </caption>
      <tbody>
        <tr v-for="part in funnel" :key="part.of">
          <th scope="row" class="w-20 py-0.5 text-left font-normal">{{ FUNNEL_WORDS[part.of] }}</th>
          <td class="w-1/2">
            <span
              v-if="part.count > 0"
              aria-hidden="true"
              class="block h-3 min-w-0.5 border border-host"
              :class="part.of === 'begun' ? '' : 'bg-host'"
              :style="{ width: `${(100 * part.count) / batch.units}%` }"
            />
          </td>
          <td class="tabular w-10 pl-2">{{ part.count }}</td>
          <td class="text-quiet">
            <template v-if="part.of === 'up' && row.expected">{{ expectedWords(row.expected, batch.units) }} expected</template>
            <template v-if="part.of === 'planted' && batch.wanted">of {{ batch.wanted }} wanted</template>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="row.counts.lost || row.counts.given" class="text-sm text-quiet">
      {{
        [row.counts.lost ? `${row.counts.lost} lost` : '', row.counts.given ? `${row.counts.given} given away` : '']
          .filter(Boolean)
          .join(', ')
      }}
    </p>
    <p v-if="row.surplus > 0" class="mt-1 border-l-4 border-host pl-2 text-sm">
      {{ row.surplus }} more than are wanted: for {{ elsewhere.length ? `${listed(elsewhere)}, ` : '' }}a neighbour or a swap.
    </p>
    <p v-if="fulfilled" class="no-print mt-1 text-sm">
      <button class="link min-h-[26px] phone:min-h-[44px]" @click="setPlanted">
        Set {{ fulfilled.count }} in {{ garden.siteName(fulfilled.site_id) }} as planted
      </button>
    </p>
    <div v-if="next && !isOver" class="mt-2 border-t border-line pt-2">
      <p>
        <strong>{{ STEP_WORDS[next.kind] }}{{ next.number ? ` ${next.number}` : '' }}</strong>
        <span class="ml-2 text-sm text-quiet">{{ spanWords(next.from, next.until, work.today) }}</span>
      </p>
      <ol v-if="how?.steps.length" class="list-decimal pl-5 text-sm">
        <li v-for="step in how.steps" :key="step">{{ inUnitsOf(step, view.inUnits) }}</li>
      </ol>
      <p v-if="how?.why" class="text-sm text-quiet">{{ inUnitsOf(how.why, view.inUnits) }}</p>
    </div>
    <p v-if="row.stage === 'potted' && planned.length" class="mt-1 text-sm text-quiet">
      Planned for {{ planned.map((one) => `${garden.siteName(one.site_id)} (${one.count})`).join(', ') }}:
      <NuxtLink class="link" :to="`/gardens/${garden.id}/work/planting`">how they are planted</NuxtLink>.
    </p>
    <p class="no-print mt-2 flex flex-wrap gap-2">
      <button v-if="next && next.kind !== 'look' && !isOver" class="press" :class="begins ? 'press-main' : ''" @click="done">
        {{ begins ? 'Begun today' : 'Done' }}<span class="sr-only"> {{ STEP_WORDS[next.kind] }}, {{ name }}</span>
      </button>
      <button v-if="!isOver" class="press" :aria-expanded="looking" @click="looking = !looking">
        Count<span class="sr-only"> {{ name }}</span>
      </button>
      <button class="press" :aria-expanded="more" @click="more = !more">
        More<span class="sr-only"> on {{ name }}</span>
      </button>
    </p>
    <LazyRaiseLook v-if="looking" class="no-print mt-2" :row="row" @close="looking = false" />
    <div v-if="more" class="mt-2 text-sm">
      <ul v-if="row.left.length > 1">
        <li v-for="step in row.left.slice(1)" :key="`${step.kind} ${step.number}`">
          {{ STEP_WORDS[step.kind] }}{{ step.number ? ` ${step.number}` : '' }}
          <span class="ml-2 text-quiet">{{ spanWords(step.from, step.until, work.today) }}</span>
        </li>
      </ul>
      <ul v-if="batch.looks.length" class="mt-1">
        <li v-for="(look, i) in batch.looks" :key="i">
          {{ dateName(look.on_day) }}: {{ look.up }} up, {{ look.lost }} lost, {{ look.potted }} potted,
          {{ look.planted }} planted, {{ look.given }} given away{{ look.note ? `. “${look.note}”` : '' }}
        </li>
      </ul>
      <p v-if="batch.note" class="mt-1">“{{ batch.note }}”</p>
      <p class="no-print mt-1 flex flex-wrap gap-4">
        <button v-if="row.begun" class="link min-h-[26px] phone:min-h-[44px]" @click="end(!batch.ended)">
          {{ batch.ended ? 'Take it up again' : 'It is over: nothing more comes' }}<span class="sr-only"> {{ name }}</span>
        </button>
        <button class="link min-h-[26px] text-gap phone:min-h-[44px]" @click="commands.removeBatch(batch)">
          Remove it<span class="sr-only"> {{ name }}, begun {{ isoOf(row.begin) }}</span>
        </button>
      </p>
    </div>
  </li>
</template>
