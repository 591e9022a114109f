<script setup lang="ts">
import type { EntryFields } from '~~/core/model/log';
import { dateName } from '~~/core/model/half-month';

/** Day, hour, bed and note of an entry, in one line until they are wanted. */
const draft = defineModel<EntryFields>({ required: true });
defineProps<{ errors: Record<string, string>; open?: boolean }>();
const garden = useGardenStore();
const work = useWorkStore();
const sites = computed(() => [
  { value: null, words: 'no bed' },
  ...garden.sites.map((site) => ({ value: site.id, words: site.name })),
]);
const line = computed(() =>
  [
    dateName(draft.value.on_day),
    draft.value.at ?? '',
    draft.value.site_id ? garden.siteName(draft.value.site_id) : '',
    draft.value.note ? `“${draft.value.note}”` : '',
  ]
    .filter(Boolean)
    .join(' · '),
);
</script>

<template>
  <details class="border-t border-line pt-1" :open="open">
    <summary class="min-h-[26px] text-sm phone:flex phone:min-h-[44px] phone:items-center">
      <span class="font-semibold text-press">When, where, note</span> <span class="ml-2 text-quiet">{{ line }}</span>
    </summary>
    <div class="mt-1 grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-[10rem_7rem_minmax(0,1fr)]">
      <FieldRow v-slot="{ bind }" label="Day" :error="errors.on_day">
        <input v-bind="bind" v-model="draft.on_day" type="date" class="field" :max="work.onDay" />
      </FieldRow>
      <FieldRow v-slot="{ bind }" label="Time" :error="errors.at">
        <input
          v-bind="bind"
          type="time"
          class="field"
          :value="draft.at ?? ''"
          @input="draft.at = ($event.target as HTMLInputElement).value || null"
        />
      </FieldRow>
      <ChoiceField
        v-model="draft.site_id"
        label="Bed"
        :choices="sites"
        :error="errors.site_id"
        class="col-span-2 sm:col-span-1"
      />
      <TextField v-model="draft.place" label="Or another place" :error="errors.place" class="col-span-2 sm:col-span-1" />
      <TextField v-model="draft.note" label="Note" :error="errors.note" class="col-span-2" />
    </div>
  </details>
</template>
