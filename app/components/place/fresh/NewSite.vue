<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';
import { freeName } from '~~/core/model/free-name';
import { SiteFields } from '~~/core/model/garden';
import { potOf, usualSize } from '~~/core/place/containers/kinds';
import { bedOf, SUN_ANSWERS, usualWet, type BedAnswers } from '~~/core/place/yard/answers';
import { freshContainer } from '~~/core/place/yard/fresh';
import type { PotGiven } from './PotAnswers.vue';

/** A bed in four answers, or pots as people know them; with the first, a plan may be asked for at once. */
const emit = defineEmits<{ close: []; measure: [SiteFields] }>();
const garden = useGardenStore();
const commands = useCommands();
const balcony = computed(() => garden.garden!.balcony);
const kind = ref<'bed' | 'container'>(balcony.value ? 'container' : 'bed');
const bed = ref<BedAnswers>({ area_m2: 20, sun: 'all-day', soil: 'usual', wet: usualWet(garden.almanac!.region) });
const pots = ref<PotGiven>({
  kind: 'round',
  pot: potOf('round', usualSize('round'), balcony.value ? { exposure: 'windy' } : {}),
  sun: 'all-day',
});
const NAMES = { round: 'Round pot', trough: 'Trough', 'half-barrel': 'Half-barrel' };
const suggested = computed(() =>
  freeName(
    kind.value === 'bed' ? 'Bed' : `${NAMES[pots.value.kind]}${pots.value.pot.count > 1 ? 's' : ''}`,
    garden.sites.map((site) => site.name),
  ),
);
/** What was typed; nothing: the name suggested. */
const typed = ref('');
const fields = computed<SiteFields>(() => ({
  ...(kind.value === 'bed'
    ? bedOf(bed.value, garden.almanac!.region)
    : { ...freshContainer(pots.value.pot, { balcony: false }), ...SUN_ANSWERS[pots.value.sun] }),
  name: typed.value.trim() || suggested.value,
}));
/** A plain copy, as a form keeps it. */
const plain = () => JSON.parse(JSON.stringify(fields.value)) as SiteFields;
const { draft, errors, fault, saving, save } = useDraft(SiteFields, plain);
const potErrors = computed(() =>
  Object.fromEntries(Object.entries(errors.value).map(([key, words]) => [key.replace(/^pot\./, ''), words])),
);
const added = ref<string[]>([]);

/** Adds it, and then closes, stays for another or goes on to a plan. */
async function add(then: 'close' | 'stay' | 'plan') {
  draft.value = plain();
  const { name } = fields.value;
  if ((await save((sound) => commands.addSite(sound))) !== 'saved') return;
  if (then === 'stay') {
    added.value = [...added.value, name];
    typed.value = '';
    pots.value = { ...pots.value, pot: { ...pots.value.pot, count: 1 } };
    return;
  }
  emit('close');
  if (then === 'plan') await navigateTo({ path: `/gardens/${garden.id}/plan/propose`, query: { begin: '' } });
}
const KINDS = computed(() => [
  { value: 'bed' as const, words: 'a bed in the ground' },
  { value: 'container' as const, words: 'pots' },
]);
const plannable = computed(() => garden.targets.length > 0);
</script>

<template>
  <Dialog :open="true" class="relative z-50" @close="emit('close')">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true" />
    <div class="fixed inset-0 overflow-y-auto p-3 md:p-6">
      <DialogPanel class="mx-auto max-w-3xl border border-line bg-ground p-4 shadow-lg">
        <DialogTitle as="h2" class="mb-2">{{ kind === 'bed' ? 'A new bed' : 'New pots' }}</DialogTitle>
        <form class="space-y-3" novalidate @submit.prevent="add(plannable ? 'plan' : 'close')">
          <FaultBanner :fault="fault" :clash="false" />
          <p v-if="added.length" role="status">Added: {{ added.join(', ') }}.</p>
          <PictureChoice v-if="!balcony" v-model="kind" label="What is it?" :choices="KINDS" />
          <BedAnswers v-if="kind === 'bed'" v-model="bed" :error="errors.area_m2" />
          <PotAnswers v-else v-model="pots" :errors="potErrors" />
          <p v-if="kind === 'container' && balcony" class="max-w-prose text-sm text-quiet">
            A balcony bears only so much: before you fill heavy pots, ask whoever manages the building what load it is built for,
            and stand them near the wall.
          </p>
          <TextField v-model="typed" class="max-w-xs" label="Name" :placeholder="suggested" :error="errors.name" />
          <p v-if="kind === 'bed'" class="text-sm text-quiet">
            What was not asked is as usual in the region, and said to be so, until you measure it. Before digging, have buried
            services marked.
          </p>
          <div class="flex flex-wrap gap-2">
            <button v-if="plannable" class="press press-main" :disabled="saving">Add it and propose a plan</button>
            <button type="button" class="press" :class="plannable ? '' : 'press-main'" :disabled="saving" @click="add('close')">
              Add it
            </button>
            <button type="button" class="press" :disabled="saving" @click="add('stay')">Add it, and another</button>
            <button v-if="kind === 'bed'" type="button" class="press" @click="emit('measure', plain())">
              Measure it instead
            </button>
            <button type="button" class="press" @click="emit('close')">{{ added.length ? 'Done' : 'Cancel' }}</button>
          </div>
        </form>
      </DialogPanel>
    </div>
  </Dialog>
</template>
