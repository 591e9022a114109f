<script setup lang="ts">
import { SeenFields } from '~~/core/model/seen';
import { SEEN_KINDS, SEEN_WORDS, type SeenKind } from '~~/core/model/vocabulary';

/** Records a first or last day of bloom or flight. */
const garden = useGardenStore();
const commands = useCommands();
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
const form = useDraft(SeenFields, () => ({ of: 'x', what: kind.value, on_day: isoDay(view.today), note: '' }));
const { draft, errors, fault, saving } = form;

async function submit() {
  const of = idOf(named.value);
  nameFault.value = of ? '' : `Choose a ${isBloom.value ? 'plant' : 'creature'} of the library by its name.`;
  if (!of) return;
  draft.value.of = of;
  draft.value.what = kind.value;
  if ((await form.save((fields) => commands.addSeen(fields))) === 'saved') {
    form.restart();
    named.value = '';
  }
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
  </form>
</template>
