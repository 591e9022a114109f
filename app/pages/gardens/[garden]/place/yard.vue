<script setup lang="ts">
import { UNITS } from '~~/core/model/units';
import { YardFields, type Point } from '~~/core/model/yard';
import { freshSite, freshThing, THING_NAMES } from '~~/core/place/yard/fresh';
import { areaOf, lengthOf, moved, perimeterOf } from '~~/core/place/yard/geometry';
import { drawnAs, type Tool } from '~/composables/useYardPen';
import type { Subject } from '~/stores/view';
import type { Chosen } from '~/components/place/yard/YardDrawing.vue';
import { penStep } from '~/components/place/yard/yard-marks';
import YardDrawing from '~/components/place/yard/YardDrawing.vue';

// What is drawn stays where it is under the pen while this or that is chosen.
definePageMeta({ steady: true });
const garden = useGardenStore();
const commands = useCommands();
const yard = useYardStore();
const view = useViewStore();
const units = computed(() => UNITS[view.units]);
const subjectOf = ({ kind, id }: Chosen): Subject => (kind === 'thing' ? { kind, thing: id } : { kind, site: id });
/** What is chosen is what the reasons panel speaks of. */
const chosen = computed<Chosen | null>({
  get() {
    if (view.subject?.kind === 'thing') return { kind: 'thing', id: view.subject.thing };
    return view.subject?.kind === 'site' ? { kind: 'site', id: view.subject.site } : null;
  },
  set(next: Chosen | null) {
    if (next) view.show(subjectOf(next));
    else view.closeReasons();
  },
});
const zoom = ref(1);
const drawing = useTemplateRef<InstanceType<typeof YardDrawing>>('drawing');
const TOOLS: { tool: Tool; words: string }[] = [
  { tool: 'bed', words: 'Bed' },
  { tool: 'container', words: 'Container' },
  ...(Object.keys(THING_NAMES) as (keyof typeof THING_NAMES)[]).map((tool) => ({ tool, words: THING_NAMES[tool] })),
];
const site = computed(() =>
  chosen.value?.kind === 'site' ? garden.siteRecords.find((row) => row.id === chosen.value!.id) : undefined,
);
const thing = computed(() =>
  chosen.value?.kind === 'thing' ? garden.things.find((row) => row.id === chosen.value!.id) : undefined,
);

const pen = useYardPen(async (tool, points) => {
  const redrawn = redrawing.value;
  if (redrawn) return keepRedrawn(redrawn, points);
  if (tool === 'bed' || tool === 'container') {
    const count = garden.siteRecords.filter((row) => row.kind === tool).length + 1;
    const kept = await yard.drawSite(freshSite(`${tool === 'bed' ? 'Bed' : 'Pot'} ${count}`, tool, points, garden.here!.region));
    if (kept) chosen.value = { kind: 'site', id: garden.siteRecords.at(-1)!.id };
    return kept;
  }
  const kept = await yard.draw([freshThing(tool, points, garden.garden!)]);
  if (kept) chosen.value = { kind: 'thing', id: garden.things.at(-1)!.id };
  return kept;
});
async function keepRedrawn(id: string, outline: Point[]) {
  const kept = await commands.changeSite(id, { outline });
  if (kept) redrawing.value = null;
  return kept;
}
/** The bed or container whose outline is drawn again. */
const redrawing = ref<string | null>(null);
function startPen(tool: Tool, forSite: string | null = null) {
  chosen.value = null;
  redrawing.value = forSite;
  pen.at.value = [Number((yard.yard.width_m / 2).toFixed(1)), Number((yard.yard.depth_m / 2).toFixed(1))];
  pen.take(tool);
  board.value?.focus();
}
function dropPen() {
  redrawing.value = null;
  pen.take(null);
}
const board = useTemplateRef<HTMLElement>('board');

const { nudged, nudge } = useNudge<Chosen>(move);
const shownThings = computed(() =>
  nudged.value?.of.kind === 'thing'
    ? garden.things.map((row) =>
        row.id === nudged.value!.of.id ? ({ ...row, points: nudged.value!.points } as typeof row) : row,
      )
    : garden.things,
);
const shownSites = computed(() =>
  garden.sites.map((row) => (row.id === nudged.value?.of.id ? { ...row, outline: nudged.value.points } : row)),
);
const pointsNow = computed<Point[]>(
  () =>
    (nudged.value?.of.id === chosen.value?.id ? nudged.value?.points : undefined) ??
    ((thing.value?.points ?? site.value?.outline ?? []) as Point[]),
);
const live = computed(() => {
  if (pen.tool.value) {
    const now = pen.live.value;
    if (!now) return `Set the ${drawnAs(pen.tool.value) === 'spot' ? 'place' : 'first corner'} with a click, or with Space.`;
    return now.area === null ? `${view.distance(now.length)} so far` : view.round(now.area, now.length);
  }
  const name = thing.value?.name ?? site.value?.name;
  if (!name) return 'Choose something to change it, or draw.';
  const points = pointsNow.value;
  if (points.length === 0) return `${name} is not drawn yet.`;
  const areal = points.length >= 3 && (site.value || drawnAs(thing.value!.kind) === 'area');
  return areal
    ? `${name}: ${view.round(areaOf(points), perimeterOf(points))}`
    : points.length >= 2
      ? `${name}: ${view.distance(lengthOf(points))} long`
      : `${name}: ${view.distance(points[0]![0])} from the left, ${view.distance(points[0]![1])} from the bottom`;
});

function move(of: Chosen, points: Point[]) {
  return of.kind === 'site' ? commands.changeSite(of.id, { outline: points }) : yard.changeThing(of.id, { points } as never);
}
async function removeChosen() {
  if (thing.value) await yard.removeThing(thing.value);
  else if (site.value) await commands.changeSite(site.value.id, { outline: [] });
  chosen.value = null;
}
const ARROWS: Record<string, Point> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };
function onKey(event: KeyboardEvent) {
  const arrow = ARROWS[event.key];
  const step = penStep(view.units) * (event.shiftKey ? 10 : 1);
  const drawingNow = pen.tool.value !== null;
  if (arrow && drawingNow) {
    const to = (value: number, by: number) => Number((value + by * step).toFixed(3));
    pen.at.value = [to(pen.at.value[0], arrow[0]), to(pen.at.value[1], arrow[1])];
  } else if (arrow && chosen.value && pointsNow.value.length > 0) {
    nudge(chosen.value, moved(pointsNow.value, arrow[0] * step, arrow[1] * step));
  } else if (event.key === ' ' && drawingNow) pen.set();
  else if (event.key === 'Enter' && drawingNow) pen.finish();
  else if (event.key === 'Backspace' && drawingNow) pen.back();
  else if (event.key === 'Escape' && drawingNow) dropPen();
  else if (event.key === 'Escape') chosen.value = null;
  else if (event.key === 'Delete' && chosen.value) void removeChosen();
  else return;
  event.preventDefault();
  event.stopPropagation();
}

const { draft, errors, save, restart } = useDraft(YardFields, () => ({ ...yard.yard }));
watch(
  () => yard.yard,
  () => restart(),
);
const keepYard = () =>
  save(async (fields) => {
    if (JSON.stringify(fields) !== JSON.stringify(yard.yard)) await yard.saveYard(fields);
  });
const described = computed(
  () =>
    `The yard to scale, ${view.distance(yard.yard.width_m)} by ${view.distance(yard.yard.depth_m)}, with ${garden.siteRecords.filter((row) => row.outline.length).length} beds and containers and ${garden.things.length} other things drawn; the list beside it says the same.`,
);
const { image: underlay } = useUnderlay();
const printing = usePrinting();
const drawn = useYardSvg();
</script>

<template>
  <div>
    <section aria-labelledby="yard-title" class="min-w-0">
      <div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h1 id="yard-title">Yard plan</h1>
        <YardFiles :drawing="drawing" />
      </div>
      <img v-if="printing" class="w-full" :src="`data:image/svg+xml,${encodeURIComponent(drawn())}`" :alt="described" />
      <div class="no-print mt-1 flex flex-wrap gap-1" role="group" aria-label="Draw">
        <button
          v-for="{ tool, words } in TOOLS"
          :key="tool"
          class="press min-h-7 px-2 text-sm"
          :class="pen.tool.value === tool ? 'press-main' : ''"
          :aria-pressed="pen.tool.value === tool"
          @click="pen.tool.value === tool ? dropPen() : startPen(tool)"
        >
          {{ words }}
        </button>
      </div>
      <div class="no-print mt-2 flex min-h-8 flex-wrap items-center gap-x-4 gap-y-1 text-sm">
        <p role="status" class="grow font-semibold" :class="pen.fault.value ? 'text-gap' : 'text-press'">
          {{ pen.fault.value || live }}
        </p>
        <template v-if="pen.tool.value">
          <button v-if="drawnAs(pen.tool.value) !== 'spot'" class="press press-main min-h-7" @click="pen.finish()">Finish</button>
          <button v-if="pen.points.value.length" class="press min-h-7" @click="pen.back()">Back a corner</button>
          <button class="press min-h-7" @click="dropPen()">Leave off</button>
        </template>
        <button v-else-if="site" class="press min-h-7" @click="startPen(site.kind, site.id)">
          Draw {{ site.name }}{{ site.outline.length ? ' again' : '' }}
        </button>
        <button class="press min-h-7" :disabled="zoom >= 4" @click="zoom *= 1.5">Closer</button>
        <button class="press min-h-7" :disabled="zoom <= 1" @click="zoom = Math.max(1, zoom / 1.5)">Farther</button>
      </div>
      <div
        ref="board"
        class="no-print mt-1 border border-line"
        tabindex="0"
        role="group"
        aria-label="The drawing. Arrow keys move what is chosen, or the pen; Space sets a corner, Enter finishes, Escape leaves."
        @keydown="onKey"
      >
        <YardDrawing
          ref="drawing"
          :yard="yard.yard"
          :things="shownThings"
          :sites="shownSites"
          :half-month="view.halfMonth"
          :label="described"
          :chosen="chosen"
          :underlay="underlay"
          :zoom="zoom"
          :pen="{ tool: pen.tool.value, points: pen.points.value, at: pen.at.value }"
          @choose="chosen = $event"
          @aim="pen.at.value = $event"
          @corner="pen.set()"
          @finish="pen.finish()"
          @move="move"
        />
      </div>
    </section>
    <div class="mt-4 grid gap-6 md:grid-cols-[minmax(0,1fr)_16rem]">
      <section aria-labelledby="list-title">
        <h2 id="list-title">In the yard</h2>
        <p v-if="garden.things.length === 0 && garden.siteRecords.length === 0" class="text-sm text-quiet">
          Nothing yet. Set the size of the yard, then draw the house, what stands high around it (over the fence too), and the
          beds.
        </p>
        <YardList :chosen="chosen" @choose="view.explain(subjectOf($event))" />
      </section>
      <form class="no-print space-y-2" novalidate aria-labelledby="size-title" @submit.prevent="keepYard" @change="keepYard">
        <h2 id="size-title">Size and north</h2>
        <div class="grid grid-cols-2 gap-2">
          <NumberField v-model="draft.width_m as number | null" label="Width" :unit="units.distance" :error="errors.width_m" />
          <NumberField v-model="draft.depth_m as number | null" label="Depth" :unit="units.distance" :error="errors.depth_m" />
          <NumberField
            v-model="draft.north_deg as number | null"
            class="col-span-2"
            label="The upper edge looks toward (degrees)"
            :error="errors.north_deg"
            hint="0 north, 90 east, 180 south, 270 west."
          />
        </div>
        <YardUnderlay />
      </form>
    </div>
    <p class="mt-3 max-w-prose text-sm text-quiet">
      Heights are of the thing above the yard’s own ground. Before digging, have buried services marked; for trees near houses ask
      a licensed arborist.
    </p>
  </div>
</template>
