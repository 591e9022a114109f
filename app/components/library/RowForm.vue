<script setup lang="ts">
import { COLUMN_WORDS, type ColumnWords } from '~~/core/library/columns';
import { keyOf, rowsOf, type Cells } from '~~/core/library/cells';
import { HALF_MONTHS, halfMonthName } from '~~/core/model/half-month';
import { slugOf } from '~~/core/model/slug';
import { SCHEMAS } from '~~/core/model/reference';
import { type ReferenceFile, TABLES } from '~~/core/model/tables';

/**
 * A row of the library to correct, or a new one to add. What is saved is the gardener's own; the shipped library
 * stays as it is beneath. `fixed` columns are shown and cannot be changed.
 */
const props = defineProps<{
  file: ReferenceFile;
  start: Cells;
  fixed: readonly string[];
  label: string;
  /** A row to add: one that the library has already is not written over. */
  fresh?: boolean;
}>();
const emit = defineEmits<{ saved: [cells: Cells]; leave: [] }>();
const garden = useGardenStore();
const commands = useCommands();
const cells = ref<Cells>({ ...props.start });
useFocusLent(useTemplateRef<HTMLElement>('form'));
const errors = ref<Record<string, string>>({});
const fault = ref('');
const saving = ref(false);
const HALF_MONTH_CHOICES = Array.from({ length: HALF_MONTHS }, (_, h) => ({ value: String(h), words: halfMonthName(h) }));
/** What may be chosen in a column, each with its words; null where it is typed. */
function choicesOf(column: ColumnWords & { column: string }) {
  const none = { value: '', words: '—' };
  if (column.names === 'half-month') return [none, ...HALF_MONTH_CHOICES];
  if (column.names === 'region') return garden.library!.regions.map((region) => ({ value: region.id, words: region.name }));
  return column.choices?.map((value) => ({ value, words: value || none.words })) ?? null;
}
/** An id that reads like the name, until one is typed. */
function nameId() {
  if (!props.fresh || cells.value.id) return;
  cells.value.id = slugOf(cells.value.common ?? '');
}
const columns = computed(() =>
  Object.entries(COLUMN_WORDS[props.file] ?? {}).map(([column, words]): ColumnWords & { column: string } => ({
    column,
    ...words,
  })),
);

function toggle(column: string, choice: string) {
  const chosen = (cells.value[column] ?? '').split('|').filter(Boolean);
  cells.value[column] = (chosen.includes(choice) ? chosen.filter((c) => c !== choice) : [...chosen, choice]).join('|');
}
async function save() {
  errors.value = {};
  fault.value = '';
  const checked = SCHEMAS[props.file].safeParse(cells.value);
  if (!checked.success) {
    for (const issue of checked.error.issues) errors.value[issue.path.join('.')] ??= issue.message;
    fault.value = 'Some values cannot be right; they are marked below.';
    return;
  }
  const key = keyOf(props.file, checked.data);
  if (props.fresh && rowsOf(garden.library!, props.file).some((row) => keyOf(props.file, row) === key)) {
    errors.value[TABLES[props.file].key[0]!] = 'The library has this row already: correct it where it stands.';
    fault.value = 'Nothing was added.';
    return;
  }
  saving.value = true;
  try {
    // A row that was made another one by what was changed in it takes the place of the first.
    const before = props.fresh ? key : keyOf(props.file, props.start);
    const replaced = before === key ? [] : [{ file: props.file, key: before, cells: null }];
    await commands.saveOwnRows([...replaced, { file: props.file, key, cells: cells.value }], props.label);
    emit('saved', cells.value);
  } catch (error) {
    if (!isApiFault(error)) throw error;
    fault.value = error.message;
    for (const [path, message] of Object.entries(error.fields)) errors.value[path.replace(/^0\./, '')] = message;
  } finally {
    saving.value = false;
  }
}
</script>

<template>
  <form ref="form" class="border border-line bg-raised p-3" novalidate @submit.prevent="save">
    <p v-if="fault" role="alert" class="mb-2 border-l-4 border-gap p-2">{{ fault }} What you typed is still here.</p>
    <div class="grid gap-x-4 gap-y-2 sm:grid-cols-2 xl:grid-cols-3">
      <template v-for="column in columns" :key="column.column">
        <fieldset v-if="column.many">
          <legend class="text-sm font-semibold">{{ column.label }}</legend>
          <label v-for="choice in column.choices" :key="choice" class="mr-3 inline-block text-sm whitespace-nowrap">
            <input
              type="checkbox"
              :checked="cells[column.column]?.split('|').includes(choice)"
              @change="toggle(column.column, choice)"
            />
            {{ choice }}</label
          >
          <p v-if="errors[column.column]" class="text-sm text-gap">{{ errors[column.column] }}</p>
        </fieldset>
        <FieldRow v-else v-slot="{ bind }" :label="column.label" :hint="column.hint" :error="errors[column.column]">
          <select
            v-if="choicesOf(column)"
            v-bind="bind"
            v-model="cells[column.column]"
            class="field"
            :disabled="fixed.includes(column.column)"
          >
            <option v-for="choice in choicesOf(column)" :key="choice.value" :value="choice.value">{{ choice.words }}</option>
          </select>
          <input
            v-else
            v-bind="bind"
            v-model="cells[column.column]"
            class="field"
            type="text"
            :readonly="fixed.includes(column.column)"
            @change="column.column === 'common' && nameId()"
          />
        </FieldRow>
      </template>
    </div>
    <p class="mt-3 flex gap-2">
      <button class="press press-main" :disabled="saving">Save as your own</button>
      <button type="button" class="press" @click="emit('leave')">Leave it</button>
    </p>
  </form>
</template>
