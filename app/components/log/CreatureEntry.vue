<script setup lang="ts">
import { inFlower, sightingOffers, type EntryOffer, type OfferPlace } from '~~/core/log/offers';
import type { Entry, EntryFields } from '~~/core/model/log';
import { DOINGS, LARVA_SIZES, type SightingKind } from '~~/core/model/vocabulary';
import { rungsOf } from '~~/core/log/stages';
import { DOING_WORDS, KIND_WORDS, SIZE_WORDS } from '~~/core/words/log';

/** A sighting: whom, at which stage, how many, on what. The likely ones are offered whole. */
const props = defineProps<{ start: Partial<EntryFields>; entry: Entry | null }>();
const emit = defineEmits<{ saved: [again: boolean]; cancel: [] }>();
const garden = useGardenStore();
const log = useLogStore();
const work = useWorkStore();
const form = useEntryDraft({ what: 'adult', count: 1, ...props.start }, props.entry);
const { draft, errors, fault, saving, photos, taken } = form;

const place = computed<OfferPlace>(() => ({
  almanac: garden.almanac!,
  plantings: garden.plantings,
  targets: garden.targets,
  book: log.book,
  today: work.today,
}));
const offers = computed(() => sightingOffers(place.value));
const chosen = computed(() => draft.value.of !== null || draft.value.called !== '');
const target = computed(() => garden.library?.targets.find((row) => row.id === draft.value.of) ?? null);

const named = ref('');
const { find } = useLibrarySearch();
/** `2 monarch`, `monarch 2` or `monarch`: how many, and whom. */
const typed = computed(() => {
  const words = named.value.trim();
  const number = /^(\d{1,5})\b\s*|\s*\b(\d{1,5})$/.exec(words);
  return { words: number ? words.replace(number[0], '').trim() : words, count: number ? Number(number[1] ?? number[2]) : null };
});
const matches = computed(() => {
  if (!typed.value.words) return [];
  const rows = find(typed.value.words).flatMap(({ what, row }) => (what === 'target' ? [row.id] : []));
  const here = rows.filter((id) => garden.almanac!.targets.has(id));
  return [...here, ...rows.filter((id) => !garden.almanac!.targets.has(id))].slice(0, 8);
});
const targetOf = (id: string) => garden.library!.targets.find((row) => row.id === id)!;
const offerMore = ({ what, doing, plant }: EntryOffer) =>
  [what === 'larva' ? 'caterpillars' : doing ? DOING_WORDS[doing] : '', plant ? `on ${garden.nameOf(plant)}` : '']
    .filter(Boolean)
    .join(' ');
const unknown = ref(false);
const foot = useTemplateRef('foot');
const who = useTemplateRef<HTMLInputElement>('who');
/** With a keyboard one types at once; on a phone its own would cover what is offered. */
onMounted(() => {
  if (matchMedia('(hover: hover)').matches) requestAnimationFrame(() => who.value?.focus());
});

async function choose(fields: Partial<EntryFields>) {
  Object.assign(draft.value, fields);
  if (typed.value.count !== null) draft.value.count = typed.value.count;
  named.value = '';
  unknown.value = false;
  await nextTick();
  foot.value?.focus();
}
/** A creature by its name: with what it was likely doing, where that is offered. */
function chooseTarget(id: string) {
  const offer = offers.value.find((row) => row.of === id && row.what === draft.value.what);
  return choose({ of: id, called: '', ...(offer ? { doing: offer.doing, plant: offer.plant, site_id: offer.site_id } : {}) });
}
function onName() {
  const [first] = matches.value;
  if (first) return chooseTarget(first);
  if (typed.value.words) return choose({ of: null, called: typed.value.words });
}

/** The stages this creature has here. */
const stages = computed(() => {
  const here = draft.value.of ? garden.almanac?.targets.get(draft.value.of) : undefined;
  const bird = target.value?.kind === 'hummingbird';
  const breeds = here === undefined || rungsOf(here).length > 1;
  const kinds: SightingKind[] = bird
    ? ['adult', 'courting', 'nest', 'fledged', 'dead']
    : breeds
      ? ['adult', 'courting', 'laying', 'eggs', 'larva', 'chrysalis', 'emerged', 'trace', 'dead']
      : ['adult', 'dead'];
  return kinds.map((value) => ({ value, words: KIND_WORDS[value] }));
});
const winged = computed(() => draft.value.what === 'adult' || draft.value.what === 'courting');
const sizes = LARVA_SIZES.map((value) => ({ value, words: SIZE_WORDS[value] }));
const doings = computed(() =>
  DOINGS.filter(
    (doing) => (doing === 'feeding') === (draft.value.what === 'larva') || (doing === 'resting' && !winged.value),
  ).map((value) => ({ value, words: DOING_WORDS[value] })),
);
/** Plants it is likely on: in flower for adults, hosts for the others. */
const plants = computed(() => {
  const hosts = draft.value.of ? garden.almanac?.targets.get(draft.value.of)?.hosts : undefined;
  const likely = winged.value
    ? inFlower(place.value).map(({ planting }) => planting.plant)
    : garden.livePlantings.filter((row) => hosts?.has(row.plant)).map((row) => row.plant);
  const ids = [...new Set([...(draft.value.plant ? [draft.value.plant] : []), ...likely])];
  return ids.slice(0, 10).map((value) => ({ value, words: garden.nameOf(value) }));
});
const others = computed(() => {
  const shown = new Set(plants.value.map((row) => row.value));
  const rows = [...garden.plantedCounts.keys()].filter((id) => !shown.has(id));
  return [{ value: null, words: 'another plant …' }, ...rows.map((value) => ({ value, words: garden.nameOf(value) }))];
});
/** The bed follows the plant, where it stands in one alone. */
watch(
  () => draft.value.plant,
  (plant) => {
    const beds = [...new Set(garden.livePlantings.filter((row) => row.plant === plant).map((row) => row.site_id))];
    if (beds.length === 1) draft.value.site_id = beds[0]!;
    if (plant !== null && winged.value && draft.value.doing === 'flying') draft.value.doing = 'nectaring';
  },
);
watch(
  () => draft.value.what,
  (what) => {
    if (what === 'larva') draft.value.doing = 'feeding';
    else if (!['adult', 'courting'].includes(what)) draft.value.doing = null;
    else if (draft.value.doing === 'feeding') draft.value.doing = null;
    if (what !== 'larva') draft.value.size = null;
  },
);
async function submit(again: boolean) {
  if ((await form.submit()) !== 'saved') return;
  if (again) form.another();
  emit('saved', again);
}
</script>

<template>
  <form class="space-y-3" novalidate aria-label="A sighting" @submit.prevent="submit(false)">
    <FaultBanner :fault="fault" :clash="false" />
    <template v-if="!chosen">
      <div>
        <label class="text-sm font-semibold" for="who">Who was it</label>
        <input
          id="who"
          ref="who"
          v-model="named"
          class="field phone:min-h-[48px]"
          autocomplete="off"
          placeholder="a name, or 2 monarch"
          aria-describedby="who-more"
          @keydown.enter.prevent="onName"
        />
        <p id="who-more" class="text-sm text-quiet">Enter takes the first; the ones below are likely today.</p>
        <p v-if="errors.of" class="text-sm text-gap">{{ errors.of }}</p>
      </div>
      <div v-if="typed.words" class="grid grid-cols-2 gap-1.5 sm:grid-cols-3">
        <CreatureTile
          v-for="id in matches"
          :key="id"
          :target="targetOf(id)"
          :more="garden.almanac!.targets.has(id) ? targetOf(id).scientific : 'not known from here'"
          @press="chooseTarget(id)"
        />
        <button
          v-if="matches.length === 0"
          type="button"
          class="press col-span-full"
          @click="choose({ of: null, called: typed.words })"
        >
          The library has none of that name: write down “{{ typed.words }}”
        </button>
      </div>
      <div v-else-if="!unknown" class="grid grid-cols-2 gap-1.5 sm:grid-cols-3">
        <CreatureTile
          v-for="(offer, i) in offers"
          :key="i"
          :target="targetOf(offer.of!)"
          :more="offerMore(offer)"
          @press="choose({ ...offer, called: '' })"
        />
      </div>
      <p v-if="!unknown">
        <button type="button" class="link min-h-[26px] phone:min-h-[44px]" @click="unknown = true">I do not know its name</button>
      </p>
      <NarrowByMarks v-else @choose="chooseTarget" @called="(words) => choose({ of: null, called: words })" />
    </template>
    <template v-else>
      <div class="flex items-center gap-3">
        <template v-if="target">
          <EggGlyph v-if="draft.what === 'eggs'" :target="target" :size="48" />
          <LarvaGlyph v-else-if="draft.what === 'larva' || draft.what === 'trace'" :target="target" :size="84" />
          <PupaGlyph v-else-if="draft.what === 'chrysalis'" :target="target" :size="60" />
          <CreatureGlyph v-else :target="target" :size="60" />
        </template>
        <p class="creature grow text-xl">{{ target?.common ?? draft.called }}</p>
        <button type="button" class="link min-h-[26px] phone:min-h-[44px]" @click="choose({ of: null, called: '' })">
          another
        </button>
      </div>
      <TellingMark v-if="draft.of" :target="draft.of" @other="(id) => (draft.of = id)" />
      <div class="flex flex-wrap gap-x-6 gap-y-3">
        <CountStepper v-model="draft.count" label="How many" :error="errors.count" />
        <ChipChoice v-model="draft.what" label="Stage" wanted :choices="stages" />
      </div>
      <ChipChoice v-if="draft.what === 'larva'" v-model="draft.size" label="Size" :choices="sizes" />
      <ChipChoice v-if="winged || draft.what === 'larva'" v-model="draft.doing" label="Doing" :choices="doings" />
      <div>
        <ChipChoice v-model="draft.plant" label="On" :choices="plants" />
        <select v-model="draft.plant" class="field mt-1.5 max-w-72" aria-label="On another plant">
          <option v-for="row in others" :key="row.value ?? ''" :value="row.value">{{ row.words }}</option>
          <option v-for="row in plants" :key="row.value" :value="row.value" hidden>{{ row.words }}</option>
        </select>
      </div>
      <PhotoPick v-model="photos" @taken="taken" />
      <WhenWhere v-model="draft" :errors="errors" />
    </template>
    <EntryFoot ref="foot" :disabled="saving || !chosen" :again="!entry" @again="submit(true)" @cancel="emit('cancel')" />
  </form>
</template>
