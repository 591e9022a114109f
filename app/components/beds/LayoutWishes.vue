<script setup lang="ts">
import type { BedHere } from '~~/core/garden/layout-here';
import { UNITS } from '~~/core/model/units';
import { COLOUR_WISHES as ALL_COLOURS, SCHOOLS, SIDES, SUPPORTS, type Side } from '~~/core/model/vocabulary';
import type { LayoutFields, Support } from '~~/core/model/layout';
import { COLOUR_WISHES, LAYOUT_SCHOOLS, sideSentence, SIDE_WORDS } from '~~/core/words/layout';

/** How a bed is to be arranged: school, colours, from where it is looked at, its worn and wet sides, and what there is to climb. */
const props = defineProps<{ site: string; bed: BedHere }>();
const garden = useGardenStore();
const beds = useBedsStore();
const view = useViewStore();
const wishes = computed(() => beds.wishesOf(props.site));
const save = (fields: Partial<LayoutFields>) => beds.saveWishes(props.site, fields);
const manner = computed(() => wishes.value.manner ?? garden.garden!.school_layout);
const worn = computed(() => wishes.value.worn ?? props.bed.sides.filter((row) => row.worn).map((row) => row.side));
const drawn = computed(() => props.bed.sides.map(sideSentence).filter(Boolean));
function toggled(list: readonly Side[], side: Side): Side[] {
  return list.includes(side) ? list.filter((one) => one !== side) : [...list, side];
}
function toggleSeen(side: Side) {
  const next = toggled(props.bed.seen, side);
  void save({ seen_from: next.length > 0 ? next : null });
}
const kind = ref<Support['kind']>('trellis');
const along = ref<Side>('top');
const long = ref(1.2);
const high = ref(1.8);
/** A support in the middle of a side, a hand inside the bed. */
function addSupport() {
  const { width, depth } = props.bed.frame;
  const half = kind.value === 'post' ? 0 : long.value / 2;
  const inset = 0.15;
  const ends: Record<Side, [number, number, number, number]> = {
    bottom: [width / 2 - half, inset, width / 2 + half, inset],
    top: [width / 2 - half, depth - inset, width / 2 + half, depth - inset],
    left: [inset, depth / 2 - half, inset, depth / 2 + half],
    right: [width - inset, depth / 2 - half, width - inset, depth / 2 + half],
  };
  const [ax, ay, bx, by] = ends[along.value];
  const clipped = (value: number, most: number) => Number(Math.max(0, Math.min(most, value)).toFixed(3));
  void save({
    supports: [
      ...wishes.value.supports,
      {
        kind: kind.value,
        from: [clipped(ax, width), clipped(ay, depth)],
        to: [clipped(bx, width), clipped(by, depth)],
        height_m: high.value,
      },
    ],
  });
}
const lengthOf = ({ from, to }: Support) => Math.hypot(to[0] - from[0], to[1] - from[1]);
</script>

<template>
  <details class="grow">
    <summary class="link w-fit phone:min-h-[44px]">
      {{ LAYOUT_SCHOOLS[manner].name }}, {{ COLOUR_WISHES[wishes.colour].name.toLowerCase() }}, seen from
      {{ bed.seen.map((side) => SIDE_WORDS[side]).join(' and ') }}: change
    </summary>
    <div class="mt-2 grid gap-x-6 gap-y-3 border-l-2 border-line pl-3 sm:grid-cols-2">
      <div>
        <label
          >Kinds are set
          <select
            class="field"
            :value="wishes.manner ?? ''"
            @change="save({ manner: (($event.target as HTMLSelectElement).value || null) as LayoutFields['manner'] })"
          >
            <option value="">
              as in the whole garden ({{ LAYOUT_SCHOOLS[garden.garden!.school_layout].name.toLowerCase() }})
            </option>
            <option v-for="one in SCHOOLS.layout" :key="one" :value="one">{{ LAYOUT_SCHOOLS[one].name }}</option>
          </select></label
        >
        <p class="text-quiet">{{ LAYOUT_SCHOOLS[manner].why }}</p>
      </div>
      <div>
        <label
          >Colours
          <select
            class="field"
            :value="wishes.colour"
            @change="save({ colour: ($event.target as HTMLSelectElement).value as LayoutFields['colour'] })"
          >
            <option v-for="one in ALL_COLOURS" :key="one" :value="one">{{ COLOUR_WISHES[one].name }}</option>
          </select></label
        >
        <p class="text-quiet">{{ COLOUR_WISHES[wishes.colour].why }}</p>
        <label class="inline-flex items-center gap-1"
          ><input
            type="checkbox"
            :checked="wishes.one_colour"
            @change="save({ one_colour: ($event.target as HTMLInputElement).checked })"
          />
          one colour all over is wished for</label
        >
      </div>
      <fieldset>
        <legend>Looked at from</legend>
        <p class="flex flex-wrap gap-1.5">
          <button
            v-for="side in SIDES"
            :key="side"
            type="button"
            class="chip"
            :aria-pressed="bed.seen.includes(side)"
            @click="toggleSeen(side)"
          >
            {{ SIDE_WORDS[side] }}
          </button>
        </p>
        <p class="text-quiet">
          {{ drawn.length ? drawn.join(' ') : 'Nothing is drawn beside it.' }}
          <button v-if="wishes.seen_from" class="link" @click="save({ seen_from: null })">As the yard shows</button>
        </p>
      </fieldset>
      <fieldset>
        <legend>Path or mower along</legend>
        <p class="flex flex-wrap gap-1.5">
          <button
            v-for="side in SIDES"
            :key="side"
            type="button"
            class="chip"
            :aria-pressed="worn.includes(side)"
            @click="save({ worn: toggled(worn, side) })"
          >
            {{ SIDE_WORDS[side] }}
          </button>
        </p>
        <label class="mt-2 block"
          >Wetter toward
          <select
            class="field w-auto!"
            :value="wishes.wetter ?? ''"
            @change="save({ wetter: (($event.target as HTMLSelectElement).value || null) as Side | null })"
          >
            <option value="">no side</option>
            <option v-for="side in SIDES" :key="side" :value="side">the {{ SIDE_WORDS[side] }}</option>
          </select></label
        >
      </fieldset>
      <fieldset class="sm:col-span-2">
        <legend>To climb</legend>
        <ul>
          <li v-for="(support, i) in wishes.supports" :key="i">
            {{ support.kind }}, {{ view.distance(lengthOf(support)) }} long and {{ view.distance(support.height_m) }} high{{
              support.kind === 'post' ? '' : `: ${view.area(lengthOf(support) * support.height_m)} of leaf`
            }}
            <button class="link ml-2 text-gap" @click="save({ supports: wishes.supports.filter((_, at) => at !== i) })">
              Remove
            </button>
          </li>
        </ul>
        <div class="flex flex-wrap items-end gap-2">
          <label
            >What
            <select v-model="kind" class="field w-auto!">
              <option v-for="one in SUPPORTS" :key="one" :value="one">{{ one }}</option>
            </select></label
          >
          <label
            >Along
            <select v-model="along" class="field w-auto!">
              <option v-for="side in SIDES" :key="side" :value="side">the {{ SIDE_WORDS[side] }}</option>
            </select></label
          >
          <NumberField v-if="kind !== 'post'" v-model="long" label="Length" :unit="UNITS[view.units].distance" class="w-28" />
          <NumberField v-model="high" label="Height" :unit="UNITS[view.units].distance" class="w-28" />
          <button type="button" class="press" @click="addSupport()">Add</button>
        </div>
        <p class="text-quiet">
          Fences drawn along the bed are climbed as well. Ladders and trellises: anchor them before anything grows on them.
        </p>
      </fieldset>
      <p class="text-quiet sm:col-span-2">
        What stands in the ground already is drawn where the arranging put it, until you move it to where it is and lock it.
      </p>
    </div>
  </details>
</template>
