<script setup lang="ts">
import { plantOffers, type EntryOffer } from '~~/core/log/offers';
import type { Entry, EntryFields } from '~~/core/model/log';
import { LOSS_CAUSES, PLANT_NOTES, type PlantNote } from '~~/core/model/vocabulary';
import { UNITS } from '~~/core/model/units';
import { CAUSE_WORDS, KIND_WORDS } from '~~/core/words/log';

/** What a plant did or suffered. A loss and a mislabelled plant change the plan with the same press. */
const props = defineProps<{ start: Partial<EntryFields>; entry: Entry | null }>();
const emit = defineEmits<{ saved: [entry: EntryFields, again: boolean]; cancel: [] }>();
const garden = useGardenStore();
const log = useLogStore();
const work = useWorkStore();
const view = useViewStore();
const form = useEntryDraft({ what: 'first-flower', ...props.start }, props.entry);
const { draft, errors, fault, saving, photos, taken } = form;
const offers = computed(() =>
  plantOffers({
    almanac: garden.almanac!,
    plantings: garden.plantings,
    targets: garden.targets,
    book: log.book,
    today: work.today,
  }),
);
const planting = computed(() => garden.plantings.find((row) => row.id === draft.value.planting_id) ?? null);
const plantings = computed(() =>
  garden.sites.map((site) => ({
    site,
    rows: garden.livePlantings
      .filter((row) => row.site_id === site.id && row.state !== 'planned' && row.state !== 'on-order')
      .sort((a, b) => garden.nameOf(a.plant).localeCompare(garden.nameOf(b.plant), 'en')),
  })),
);
const kinds = PLANT_NOTES.map((value) => ({ value, words: KIND_WORDS[value] }));
const causes = LOSS_CAUSES.map((value) => ({ value, words: CAUSE_WORDS[value] }));
function choosePlanting(id: string | null) {
  const row = garden.plantings.find((one) => one.id === id);
  Object.assign(draft.value, { planting_id: row?.id ?? null, of: row?.plant ?? null, site_id: row?.site_id ?? null });
  if (draft.value.what === 'lost') draft.value.count = row?.count ?? null;
}
watch(
  () => draft.value.what,
  (what) => {
    draft.value.amount = draft.value.cause = draft.value.true_plant = null;
    draft.value.count = what === 'lost' ? (planting.value?.count ?? null) : null;
  },
);
const offerWords = (offer: EntryOffer) => `${garden.nameOf(offer.of!)}: ${KIND_WORDS[offer.what]}`;
const truth = ref('');
const truthFault = ref('');
const { find } = useLibrarySearch();
const truths = computed(() =>
  truth.value.trim()
    ? find(truth.value)
        .filter(({ what }) => what === 'plant')
        .slice(0, 6)
    : [],
);
function chooseTruth(id: string) {
  draft.value.true_plant = id;
  truth.value = '';
}
async function submit(again: boolean) {
  truthFault.value =
    draft.value.what === 'mislabelled' && draft.value.true_plant === null ? 'Say what the plant is in truth.' : '';
  if (truthFault.value) return;
  const fields = { ...toRaw(draft.value) };
  if ((await form.submit()) !== 'saved') return;
  if (again) form.another();
  emit('saved', fields, again);
}
const quick = (offer: EntryOffer) => {
  Object.assign(draft.value, offer);
  void nextTick(() => foot.value?.focus());
};
const foot = useTemplateRef('foot');
const isNote = (what: EntryFields['what']): what is PlantNote => (PLANT_NOTES as readonly string[]).includes(what);
</script>

<template>
  <form class="space-y-3" novalidate aria-label="A note on a plant" @submit.prevent="submit(false)">
    <FaultBanner :fault="fault" :clash="false" />
    <fieldset v-if="offers.length && draft.of === null">
      <legend class="text-sm font-semibold">Due about now</legend>
      <div class="mt-1 grid gap-1.5 sm:grid-cols-2">
        <button
          v-for="(offer, i) in offers"
          :key="i"
          type="button"
          class="flex min-h-[48px] items-center gap-2 border border-line bg-raised px-2 text-left"
          @click="quick(offer)"
        >
          <PlantGlyph :plant="garden.almanac!.plants.get(offer.of!)!.plant" :size="26" />
          {{ offerWords(offer) }}
        </button>
      </div>
    </fieldset>
    <FieldRow v-slot="{ bind }" label="Which planting" :error="errors.of || errors.planting_id">
      <select
        v-bind="bind"
        class="field phone:min-h-[48px]"
        :value="draft.planting_id ?? ''"
        @change="choosePlanting(($event.target as HTMLSelectElement).value || null)"
      >
        <option value="">choose …</option>
        <optgroup v-for="group in plantings" :key="group.site.id" :label="group.site.name">
          <option v-for="row in group.rows" :key="row.id" :value="row.id">
            {{ row.count }} {{ garden.nameOf(row.plant) }}{{ row.planted_year ? `, ${row.planted_year}` : '' }}
          </option>
        </optgroup>
      </select>
    </FieldRow>
    <ChipChoice v-if="isNote(draft.what)" v-model="draft.what" label="What happened" wanted :choices="kinds" />
    <template v-if="draft.what === 'lost'">
      <CountStepper
        v-model="draft.count"
        :label="planting ? `How many of ${planting.count}` : 'How many'"
        :most="planting?.count"
        :error="errors.count"
      />
      <ChipChoice v-model="draft.cause" label="Cause" :choices="causes" :error="errors.cause" />
    </template>
    <NumberField
      v-else-if="draft.what === 'height'"
      v-model="draft.amount"
      class="max-w-48"
      label="Height"
      :unit="UNITS[view.units].length"
      :error="errors.amount"
    />
    <NumberField
      v-else-if="draft.what === 'leaf'"
      v-model="draft.amount"
      class="max-w-48"
      label="Leaf left (%)"
      :error="errors.amount"
    />
    <CountStepper v-else-if="draft.what === 'spread'" v-model="draft.count" label="Seedlings or shoots" :error="errors.count" />
    <div v-else-if="draft.what === 'mislabelled'">
      <label for="truth" class="text-sm font-semibold">What it is in truth</label>
      <p v-if="draft.true_plant" class="creature">
        {{ garden.nameOf(draft.true_plant) }}
        <button type="button" class="link ml-2 min-h-[26px] font-sans text-sm" @click="draft.true_plant = null">another</button>
      </p>
      <template v-else>
        <input
          id="truth"
          v-model="truth"
          class="field"
          autocomplete="off"
          placeholder="a plant’s name"
          @keydown.enter.prevent="truths[0] && chooseTruth(truths[0].row.id)"
        />
        <p v-if="truthFault || errors.true_plant" class="text-sm text-gap">{{ truthFault || errors.true_plant }}</p>
        <div class="mt-1 flex flex-wrap gap-1.5">
          <button v-for="{ row } in truths" :key="row.id" type="button" class="chip" @click="chooseTruth(row.id)">
            {{ row.common }} <span class="scientific ml-1">{{ row.scientific }}</span>
          </button>
        </div>
      </template>
    </div>
    <PhotoPick v-model="photos" @taken="taken" />
    <WhenWhere v-model="draft" :errors="errors" />
    <EntryFoot ref="foot" :disabled="saving" :again="!entry" @again="submit(true)" @cancel="emit('cancel')" />
  </form>
</template>
