<script setup lang="ts">
import { APPARENT_COLOURS, APPARENT_SIZES, narrowed, type ApparentColour, type ApparentSize } from '~~/core/log/marks';
import type { Target } from '~~/core/model/reference';

/** Who it may have been, by what is remembered of it; or written down as it looked. */
const emit = defineEmits<{ choose: [target: string]; called: [words: string] }>();
const garden = useGardenStore();
const work = useWorkStore();
const kind = ref<Target['kind'] | null>(null);
const size = ref<ApparentSize | null>(null);
const colours = ref<ApparentColour[]>([]);
const KINDS = [
  { value: 'butterfly', words: 'butterfly' },
  { value: 'moth', words: 'moth' },
  { value: 'hummingbird', words: 'hummingbird' },
] as const;
const SIZES: Record<ApparentSize, string> = {
  small: 'small, like a thumbnail',
  middling: 'like a matchbox',
  large: 'large, like a palm',
};
const sizes = APPARENT_SIZES.map((value) => ({ value, words: SIZES[value] }));
const toggle = (colour: ApparentColour) =>
  (colours.value = colours.value.includes(colour) ? colours.value.filter((c) => c !== colour) : [...colours.value, colour]);
const found = computed(() =>
  garden.almanac
    ? narrowed(garden.almanac, { kind: kind.value, size: size.value, colours: colours.value }, work.dayOfTheYear)
    : [],
);
const shown = computed(() => found.value.slice(0, 12));
const looks = computed(() =>
  ['a', size.value === 'middling' ? '' : (size.value ?? ''), colours.value.join(' and '), kind.value ?? 'one']
    .filter(Boolean)
    .join(' '),
);
</script>

<template>
  <div class="space-y-2">
    <ChipChoice v-model="kind" label="What was it" :choices="KINDS" />
    <ChipChoice v-model="size" label="How large, wings open" :choices="sizes" />
    <fieldset>
      <legend class="text-sm font-semibold">Colours you noticed</legend>
      <div class="mt-1 flex flex-wrap gap-1.5">
        <button
          v-for="colour in APPARENT_COLOURS"
          :key="colour"
          type="button"
          class="chip"
          :aria-pressed="colours.includes(colour)"
          @click="toggle(colour)"
        >
          {{ colour }}
        </button>
      </div>
    </fieldset>
    <p class="text-sm text-quiet" aria-live="polite">
      {{ found.length }} {{ found.length === 1 ? 'creature of this region looks' : 'creatures of this region look' }} like that;
      those that fly about now come first.
    </p>
    <div class="grid grid-cols-2 gap-1.5 sm:grid-cols-3">
      <CreatureTile
        v-for="row in shown"
        :key="row.here.target.id"
        :target="row.here.target"
        :more="row.flies ? '' : 'not expected now'"
        @press="emit('choose', row.here.target.id)"
      />
    </div>
    <button type="button" class="press" @click="emit('called', looks)">Write down “{{ looks }}”</button>
  </div>
</template>
