<script setup lang="ts">
import { calculatedEnds } from '~~/core/log/dates';
import { askedDays } from '~~/core/almanac/bloom/own-dates';
import { dayName, wrapDay } from '~~/core/model/half-month';
import { SEEN_KINDS, SEEN_WORDS, type SeenKind } from '~~/core/model/vocabulary';

/** Writes a first or last day of bloom or flight into the log; one far from what is expected is asked about first. */
const garden = useGardenStore();
const view = useViewStore();
const kind = ref<SeenKind>('first-bloom');
const named = ref('');
const nameFault = ref('');
const isBloom = computed(() => kind.value.endsWith('bloom'));
/** What is planted or wanted comes first; a name typed whole finds the rest. */
const choices = computed(() =>
  isBloom.value
    ? [...garden.plantedCounts.keys()].map((id) => ({ id, name: garden.nameOf(id) }))
    : garden.targets.flatMap((row) => {
        const here = garden.almanac?.targets.get(row.target);
        return here ? [{ id: row.target, name: here.target.common }] : [];
      }),
);
const idOf = (name: string) => {
  const plain = name.trim().toLowerCase();
  const all = isBloom.value
    ? garden.plants.map(({ plant }) => plant)
    : [...(garden.almanac?.targets.values() ?? [])].map(({ target }) => target);
  return all.find((row) => row.common.toLowerCase() === plain || row.scientific.toLowerCase() === plain)?.id;
};
const form = useEntryDraft({ what: 'first-flower', of: 'x', at: null });
const { draft, errors, fault, saving } = form;
const role = computed(() => (kind.value.startsWith('first') ? 'first' : 'last'));
/** How far the day is from the expected one, where it is too far to be taken without a question. */
const off = computed(() => {
  const of = idOf(named.value);
  const here = of ? (isBloom.value ? garden.almanac?.plants.get(of) : garden.almanac?.targets.get(of)) : undefined;
  const ends = here && calculatedEnds(here);
  if (!of || !ends || !/^\d{4}-\d\d-\d\d$/.test(draft.value.on_day)) return null;
  const expected = role.value === 'first' ? ends.from : ends.to;
  const row = { id: '', of, what: kind.value, on_day: draft.value.on_day, sure: false };
  const [asked] = askedDays([row], of, kind.value, ends);
  return asked ? { days: asked.day - expected, expected: dayName(wrapDay(expected)) } : null;
});
const sure = ref(false);
watch([named, kind, () => draft.value.on_day], () => (sure.value = false));
const question = ref(false);
watch(off, () => (question.value = false));

async function submit() {
  const of = idOf(named.value);
  nameFault.value = of ? '' : `Choose a ${isBloom.value ? 'plant' : 'creature'} of the library by its name.`;
  if (!of) return;
  if (off.value && !sure.value) {
    question.value = true;
    return;
  }
  const what = isBloom.value ? (`${role.value}-flower` as const) : 'adult';
  Object.assign(draft.value, { of, what, counts_as: role.value });
  if ((await form.submit()) === 'saved') {
    form.restart();
    named.value = '';
  }
}
function insist() {
  sure.value = true;
  void submit();
}
</script>

<template>
  <form class="no-print" aria-labelledby="write-down" novalidate @submit.prevent="submit">
    <h2 id="write-down">Write a date down</h2>
    <FaultBanner :fault="fault" :clash="false" />
    <div class="mt-1 grid max-w-3xl gap-x-3 gap-y-2 sm:grid-cols-[9rem_minmax(0,1fr)_10rem_minmax(0,1fr)_auto] sm:items-start">
      <label class="text-sm"
        >What
        <select v-model="kind" class="field">
          <option v-for="what in SEEN_KINDS" :key="what" :value="what">{{ SEEN_WORDS[what] }}</option>
        </select></label
      >
      <label class="text-sm"
        >{{ isBloom ? 'Of which plant' : 'Of which creature' }}
        <input
          v-model="named"
          class="field"
          list="seen-names"
          :aria-invalid="nameFault || errors.of ? true : undefined"
          aria-describedby="seen-name-fault"
        />
        <span id="seen-name-fault" class="block text-gap">{{ nameFault || errors.of }}</span></label
      >
      <datalist id="seen-names">
        <option v-for="choice in choices" :key="choice.id" :value="choice.name" />
      </datalist>
      <label class="text-sm"
        >Day
        <input
          v-model="draft.on_day"
          type="date"
          class="field"
          :max="isoDay(view.today)"
          :aria-invalid="errors.on_day ? true : undefined"
          aria-describedby="seen-day-fault"
        />
        <span id="seen-day-fault" class="block text-gap">{{ errors.on_day }}</span></label
      >
      <label class="text-sm"
        >Note
        <input v-model="draft.note" class="field" aria-describedby="seen-note-fault" />
        <span id="seen-note-fault" class="block text-gap">{{ errors.note }}</span></label
      >
      <button class="press press-main sm:mt-5" :disabled="saving">Write it down</button>
    </div>
    <div v-if="question && off" role="alert" class="mt-2 max-w-3xl border-l-4 border-thin bg-raised p-2">
      <p>
        That is {{ Math.abs(off.days) }} days {{ off.days < 0 ? 'before' : 'after' }} {{ off.expected }}, when it is expected. Is
        the day right, and the name?
      </p>
      <p class="mt-1 flex gap-2">
        <button type="button" class="press press-main" @click="insist">Yes, it counts</button>
        <button type="button" class="press" @click="question = false">Look again</button>
      </p>
    </div>
  </form>
</template>
