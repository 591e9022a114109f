<script setup lang="ts">
import { isoOf } from '~~/core/model/days';
import { dateName } from '~~/core/model/half-month';
import type { Case, CaseFields } from '~~/core/model/why';
import { isLeft } from '~~/core/library/causes';
import { SETTINGS } from '~~/core/settings';
import type { Diagnosis, RankedCause } from '~~/core/why/diagnosis';
import { inUnitsOf } from '~~/core/words/units';

/** What to do about a cause: now, next season, for the creatures, and when to ask; it becomes a task and is asked again. */
const props = defineProps<{ looked: RankedCause; row: Case | null; found: Diagnosis }>();
const view = useViewStore();
const work = useWorkStore();
const cases = useCasesStore();
const why = useWhyStore();
const commands = useCommands();
const records = useRecordsStore();
const { asked, go } = useWhyQuestion();
const cause = computed(() => props.looked.cause);
const said = (text: string) => inUnitsOf(text, view.inUnits);
const isThis = computed(() => props.row?.cause === cause.value.cause);
const busy = ref(false);

const answers = computed(() => {
  const before = props.row?.answers ?? [];
  // An address may name checks that nobody has.
  const known = asked.value.answers.filter(({ check }) => why.why!.book.check(check));
  return known.map(
    ({ check, yes }) => before.find((one) => one.check === check && one.yes === yes) ?? { check, yes, on_day: work.onDay },
  );
});
const answersDiffer = computed(
  () => props.row !== null && JSON.stringify(props.row.answers) !== JSON.stringify(answers.value) && props.row.outcome === null,
);
/** Saves the case as it stands with what is decided now; a new one is opened under its own address. */
async function save(fields: Partial<CaseFields>, text: string) {
  busy.value = true;
  try {
    if (props.row) {
      await commands.changeCase(props.row, { answers: answers.value, ...fields }, text);
      return;
    }
    const { subject, symptom } = props.found;
    const before = new Set(cases.all.map((one) => one.id));
    const made = await records.attempt(() =>
      commands.openCase(
        {
          of: subject.here?.plant.id ?? subject.creature?.target.id ?? null,
          symptom: symptom.id,
          planting_id: subject.planting?.id ?? null,
          site_id: subject.site?.id ?? null,
          batch_id: asked.value.batch ?? null,
          seen_on: work.onDay,
          answers: answers.value,
          cause: null,
          acted_on: null,
          ask_on: null,
          outcome: null,
          closed_on: null,
          note: '',
          ...fields,
        },
        text,
      ),
    );
    const fresh = made ? cases.all.find((one) => !before.has(one.id)) : undefined;
    if (fresh) await go({ case: fresh.id }, true);
  } finally {
    busy.value = false;
  }
}
const act = () =>
  save(
    { cause: cause.value.cause, acted_on: work.onDay, ask_on: isoOf(work.today + SETTINGS.why.ask_d) },
    `${cause.value.name}: ${isLeft(cause.value) ? 'saved' : 'in the list of work'}; asked again in four weeks.`,
  );
const keep = () => save({}, 'The case is saved.');
</script>

<template>
  <section aria-labelledby="what-to-do">
    <h2 id="what-to-do" class="border-b border-line">What to do</h2>
    <p class="mt-1 text-sm text-quiet">{{ cause.name }}</p>
    <p class="font-serif text-lg leading-snug">{{ said(cause.now) }}</p>
    <p v-if="cause.next" class="mt-1"><span class="text-quiet">Next season:</span> {{ said(cause.next) }}</p>
    <p v-if="cause.creatures" class="mt-1 border-l-4 border-host pl-2 text-sm">{{ said(cause.creatures) }}</p>
    <p v-if="cause.expert" class="mt-1 border-l-4 border-thin pl-2 text-sm">{{ said(cause.expert) }}</p>
    <p v-if="found.subject.creature" class="no-print mt-1 text-sm">
      <button
        class="link min-h-[26px] phone:min-h-[44px]"
        @click="view.explain({ kind: 'target', target: found.subject.creature.target.id })"
      >
        What it needs, and what it has here
      </button>
    </p>
    <template v-if="row?.outcome === null && isThis && row.acted_on">
      <p class="mt-2 text-sm">
        Begun {{ dateName(row.acted_on) }}{{ row.ask_on ? `; asked again ${dateName(row.ask_on)}` : '' }}.
      </p>
      <WhyOutcome :row="row" />
    </template>
    <p v-else-if="!row?.outcome" class="no-print mt-2 flex flex-wrap gap-2">
      <button class="press press-main phone:min-h-[48px]" :disabled="busy" @click="act">
        {{ isLeft(cause) ? 'That is it: leave it' : 'I do this' }}
      </button>
      <button v-if="!row || answersDiffer" class="press phone:min-h-[48px]" :disabled="busy" @click="keep">
        {{ row ? 'Save the answers' : 'Save it as a case' }}
      </button>
    </p>
    <WhyClosed v-if="row" :row="row" />
  </section>
</template>
