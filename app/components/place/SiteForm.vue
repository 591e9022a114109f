<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';
import { SiteFields, type Site } from '~~/core/model/garden';
import type { Point } from '~~/core/model/yard';
import { areaOf } from '~~/core/place/yard/geometry';
import { FEATURES, type SiteValue } from '~~/core/model/vocabulary';
import { freshBed } from '~~/core/place/yard/fresh';
import { UNITS } from '~~/core/model/units';
import { DRAINAGES, FEATURE_WORDS, GROUNDS, MOISTURES, RICHNESS, RUNOFFS, SALTS, SUN_WHEN, TEXTURES } from './choices';

/** A bed or container, new (`site` null) or stored, in a dialog. */
const props = defineProps<{ site: Site | null; start?: SiteFields }>();
const emit = defineEmits<{ close: [] }>();
const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();
const units = computed(() => UNITS[view.units]);
const { draft, errors, fault, saving, save } = useDraft(SiteFields, () => {
  if (!props.site) return { ...(toRaw(props.start) ?? freshBed(garden.almanac!.region)) };
  const { id: _id, revision: _revision, ...fields } = toRaw(props.site);
  return { ...fields };
});
const begun = JSON.parse(JSON.stringify(draft.value)) as SiteFields;
const revision = ref(props.site?.revision ?? 0);
const clash = shallowRef<Site | null>(null);

/** Why the area is not typed: it is drawn, or follows from the pot's measures. */
const drawn = computed(() =>
  draft.value.kind === 'bed' && (draft.value.outline?.length ?? 0) >= 3
    ? `Area as drawn in the yard: ${view.area(areaOf(draft.value.outline as Point[]))}.`
    : draft.value.kind === 'container' && draft.value.pot
      ? 'Area and volume follow from the pot’s measures.'
      : '',
);

/** What was changed here is stated, and no longer only usual. */
function stated() {
  const { texture, drainage, ph, moisture, sun_h } = draft.value;
  const now: Record<SiteValue, unknown> = { texture, drainage, ph, moisture, sun: sun_h };
  const before = begun as unknown as Record<string, unknown>;
  draft.value.assumed = (draft.value.assumed ?? []).filter((value) => now[value] === before[value === 'sun' ? 'sun_h' : value]);
}
async function submit() {
  stated();
  const result = await save((fields) =>
    props.site ? commands.saveSite(props.site.id, fields, clash.value?.revision ?? revision.value) : commands.addSite(fields),
  );
  if (result === 'saved') emit('close');
  else if (typeof result === 'object' && result.status === 409) clash.value = result.current as Site | null;
}
function takeTheirs() {
  const { id: _id, revision: theirs, ...fields } = clash.value!;
  draft.value = { ...fields };
  revision.value = theirs;
  clash.value = null;
  fault.value = '';
}
</script>

<template>
  <Dialog :open="true" class="relative z-50" @close="emit('close')">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true" />
    <div class="fixed inset-0 overflow-y-auto p-3 md:p-8">
      <DialogPanel class="mx-auto max-w-3xl border border-line bg-ground p-4 shadow-lg">
        <DialogTitle as="h2" class="mb-2">{{ site ? site.name : 'A new bed, measured' }}</DialogTitle>
        <form class="space-y-3" novalidate @submit.prevent="submit">
          <FaultBanner :fault="fault" :clash="clash !== null" @theirs="takeTheirs" />
          <div class="grid gap-3 sm:grid-cols-2 md:grid-cols-3">
            <TextField v-model="draft.name" label="Name" :error="errors.name" placeholder="South bank" />
            <ChoiceField
              v-if="draft.kind === 'bed'"
              v-model="draft.ground as string"
              label="Its ground"
              :choices="GROUNDS"
              :error="errors.ground"
              hint="What grows on lawn, in a meadow or a hedge counts; nothing is proposed there."
            />
            <NumberField
              v-if="!drawn"
              v-model="draft.area_m2 as number | null"
              label="Area"
              :unit="units.area"
              :error="errors.area_m2"
            />
            <p v-else class="text-sm text-quiet">{{ drawn }}</p>
            <NumberField
              v-if="draft.kind === 'container' && !draft.pot"
              v-model="draft.volume_l"
              label="Potting mix it holds"
              :unit="units.volume"
              :error="errors.volume_l"
            />
            <NumberField
              v-model="draft.sun_h as number | null"
              label="Direct sun in summer (hours)"
              :step="0.5"
              :error="errors.sun_h"
              hint="Six hours is full sun."
            />
            <ChoiceField v-model="draft.sun_when" label="When the sun comes" :choices="SUN_WHEN" :error="errors.sun_when" />
            <ChoiceField v-model="draft.moisture" label="How moist it stays" :choices="MOISTURES" :error="errors.moisture" />
            <template v-if="draft.kind === 'bed'">
              <ChoiceField v-model="draft.texture" label="Soil texture" :choices="TEXTURES" :error="errors.texture" />
              <ChoiceField
                v-model="draft.drainage"
                label="Drainage of a filled hole"
                :choices="DRAINAGES"
                :error="errors.drainage"
              />
              <NumberField
                v-model="draft.ph as number | null"
                label="pH"
                :step="0.1"
                :error="errors.ph"
                hint="7 is neutral, below is acid."
              />
            </template>
            <ChoiceField
              v-model="draft.richness as string"
              label="How rich the soil is"
              :choices="RICHNESS"
              :error="errors.richness"
            />
            <ChoiceField
              v-if="draft.kind === 'bed'"
              v-model="draft.runoff as string"
              label="Water from around"
              :choices="RUNOFFS"
              :error="errors.runoff"
            />
            <NumberField
              v-model="draft.height_m as number | null"
              label="Height above the ground"
              :unit="units.distance"
              :error="errors.height_m"
              hint="Of a raised bed, a table or a pot’s rim."
            />
            <ChoiceField v-model="draft.salt" label="Salt" :choices="SALTS" :error="errors.salt" />
          </div>
          <fieldset>
            <legend class="text-sm font-semibold">What else is there for them</legend>
            <div class="flex flex-wrap gap-x-5 gap-y-1">
              <label v-for="feature in FEATURES" :key="feature" class="inline-flex items-center gap-1.5">
                <input v-model="draft.features" type="checkbox" class="size-4" :value="feature" />{{ FEATURE_WORDS[feature] }}
              </label>
            </div>
          </fieldset>
          <TextField v-model="draft.notes as string" label="Notes" long :error="errors.notes" />
          <p v-if="draft.kind === 'bed'" class="text-sm text-quiet">Before digging, have buried services marked.</p>
          <div class="flex gap-2">
            <button class="press press-main" :disabled="saving">{{ site ? 'Save' : 'Add it' }}</button>
            <button type="button" class="press" @click="emit('close')">Cancel</button>
          </div>
        </form>
      </DialogPanel>
    </div>
  </Dialog>
</template>
