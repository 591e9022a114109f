<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import type Konva from 'konva';
import {
  Circle as KCircle,
  Group as KGroup,
  Image as KImage,
  Layer as KLayer,
  Line as KLine,
  Stage as KStage,
  Text as KText,
} from 'vue-konva';
import type { Site } from '~~/core/model/garden';
import type { Point, Thing, YardFields } from '~~/core/model/yard';
import { moved, rectangleOf, snapped } from '~~/core/place/yard/geometry';
import { drawnAs, type Tool } from '~/composables/useYardPen';
import { extentOf, gridStep, penStep, siteMarks, thingMarks, type Mark, gridLines } from './yard-marks';
import { flatten, konvaConfig } from './konva-config';
import { northMarks, scaleMarks } from './yard-svg';

/** What is chosen in the drawing. */
export interface Chosen {
  kind: 'thing' | 'site';
  id: string;
}
type DrawnSite = Pick<Site, 'id' | 'name' | 'kind' | 'outline' | 'area_m2' | 'pot'>;

/** The yard to scale. With `pen` it can be drawn in and changed; without, it is looked at. */
const props = defineProps<{
  yard: YardFields;
  things: readonly Thing[];
  sites: readonly DrawnSite[];
  halfMonth: number;
  label: string;
  chosen?: Chosen | null;
  pen?: { tool: Tool | null; points: Point[]; at: Point };
  underlay?: HTMLImageElement | null;
  /** A picture of the sun over the yard, one pixel a cell. */
  raster?: HTMLCanvasElement | null;
  /** Side of a cell of the raster (m). */
  cell?: number;
  zoom?: number;
}>();
const emit = defineEmits<{
  choose: [chosen: Chosen | null];
  aim: [at: Point];
  corner: [];
  finish: [];
  move: [chosen: Chosen, points: Point[]];
}>();

const view = useViewStore();
const ink = useInk();
const frame = useTemplateRef<HTMLElement>('frame');
const { width: frameWidth } = useElementSize(frame);
const stage = useTemplateRef<{ getNode(): Konva.Stage }>('stage');
defineExpose({ picture: () => stage.value!.getNode().toDataURL({ pixelRatio: 2 }) });

const extent = computed(() => extentOf(props.yard, props.things));
const MOST_HIGH = 560;
const scale = computed(() => {
  const { left, right, bottom, top } = extent.value;
  return Math.max(2, Math.min(Math.max(280, frameWidth.value) / (right - left), MOST_HIGH / (top - bottom)) * (props.zoom ?? 1));
});
const size = computed(() => ({
  width: (extent.value.right - extent.value.left) * scale.value,
  height: (extent.value.top - extent.value.bottom) * scale.value,
}));
const px = (x: number) => (x - extent.value.left) * scale.value;
const py = (y: number) => (extent.value.top - y) * scale.value;
const flat = (points: readonly Point[]) => flatten(points, { px, py, scale: scale.value });
const back = (x: number, y: number): Point => [x / scale.value + extent.value.left, extent.value.top - y / scale.value];

/** Where the chosen thing is while it is dragged, before it is saved. */
const dragged = shallowRef<{ id: string; points: Point[] } | null>(null);
watch(
  () => [props.things, props.sites],
  () => (dragged.value = null),
);
const placed = <T extends { id: string }>(row: T, key: 'points' | 'outline'): T =>
  dragged.value?.id === row.id ? { ...row, [key]: dragged.value.points } : row;

const between = computed(() => gridStep(props.yard, view.units));
const grid = computed(() => gridLines(props.yard.width_m, props.yard.depth_m, between.value));
const furniture = computed(() => [
  ...northMarks(extent.value, props.yard.north_deg),
  ...scaleMarks(extent.value, between.value, view.distance(between.value)),
]);

interface Drawn {
  chosen: Chosen;
  marks: Mark[];
  points: readonly Point[];
}
/** Ground first, then beds, then what stands over them. */
const ORDER = { slope: 0, path: 1, invader: 2, building: 4, fence: 5, tap: 6, shrub: 7, tree: 8 };
const drawn = computed<Drawn[]>(() => {
  const rows = [
    ...props.things.map((thing) => {
      const now = placed(thing, 'points');
      return {
        order: ORDER[thing.kind],
        chosen: { kind: 'thing' as const, id: thing.id },
        marks: thingMarks(now, props.halfMonth, props.yard.north_deg),
        points: now.points,
      };
    }),
    ...props.sites.map((site) => {
      const now = placed(site, 'outline');
      return { order: 3, chosen: { kind: 'site' as const, id: site.id }, marks: siteMarks(now), points: now.outline };
    }),
  ];
  return rows.filter((row) => row.marks.length > 0).sort((a, b) => a.order - b.order);
});
/** Over a raster areas are faint, so that it shows through them. */
const OVER_RASTER = 0.3;
const shapesOf = (row: Drawn) => row.marks.filter((mark) => mark.shape !== 'label');
/** In a drawing too small for all names the beds keep theirs, and what is chosen. */
const ROOM_FOR_NAMES = 14;
const labelsOf = (row: Drawn) =>
  scale.value >= ROOM_FOR_NAMES || row.chosen.kind === 'site' || isChosen(row.chosen)
    ? row.marks.filter((mark) => mark.shape === 'label')
    : [];
const isChosen = (chosen: Chosen) => props.chosen?.id === chosen.id;
const current = computed(() => drawn.value.find((row) => isChosen(row.chosen)) ?? null);
const corners = computed(() => drawn.value.filter((row) => !isChosen(row.chosen)).flatMap((row) => [...row.points]));
const edgeCorners = computed(() => rectangleOf(props.yard.width_m, props.yard.depth_m));

const configOf = (mark: Mark) => konvaConfig(mark, { px, py, scale: scale.value }, ink.value, props.raster ? OVER_RASTER : 1);

/** A point of the page as a place in the yard, drawn to near corners and the grid. */
function aimed(free: Point): Point {
  const first = props.pen?.points[0];
  return snapped(
    free,
    [...corners.value, ...edgeCorners.value, ...(first ? [first] : [])],
    penStep(view.units),
    10 / scale.value,
  );
}
function pointer(): Point | null {
  const at = stage.value?.getNode().getPointerPosition();
  return at ? back(at.x, at.y) : null;
}
function onMove() {
  const at = props.pen?.tool ? pointer() : null;
  if (at) emit('aim', aimed(at));
}
function onPress() {
  if (!props.pen) return;
  const at = pointer();
  if (!at) return;
  if (!props.pen.tool) return;
  const aim = aimed(at);
  emit('aim', aim);
  const first = props.pen.points[0];
  if (first && drawnAs(props.pen.tool) === 'area' && props.pen.points.length >= 3 && aim[0] === first[0] && aim[1] === first[1])
    emit('finish');
  else emit('corner');
}
function onStage(event: { target: Konva.Node }) {
  if (props.pen && !props.pen.tool && event.target === event.target.getStage()) emit('choose', null);
}

/** Dragging the whole: the group moves, and its points follow when it is released. */
function dropped(row: Drawn, event: { target: Konva.Node }) {
  const [dx, dy] = [event.target.x() / scale.value, -event.target.y() / scale.value];
  event.target.position({ x: 0, y: 0 });
  if (Math.hypot(dx, dy) < 0.01) return;
  const [first] = row.points;
  const to = snapped([first![0] + dx, first![1] + dy], corners.value, penStep(view.units), 8 / scale.value);
  const points = moved(row.points, to[0] - first![0], to[1] - first![1]);
  dragged.value = { id: row.chosen.id, points };
  emit('move', row.chosen, points);
}
function dragCorner(row: Drawn, index: number, event: { target: Konva.Node }, end: boolean) {
  const to = aimed(back(event.target.x(), event.target.y()));
  const points = row.points.map((point, i) => (i === index ? to : point));
  event.target.position({ x: px(to[0]), y: py(to[1]) });
  dragged.value = { id: row.chosen.id, points };
  if (end) emit('move', row.chosen, points);
}
/** A new corner in the middle of an edge. */
function addCorner(row: Drawn, index: number) {
  const [a, b] = [row.points[index]!, row.points[(index + 1) % row.points.length]!];
  const middle: Point = [Number(((a[0] + b[0]) / 2).toFixed(3)), Number(((a[1] + b[1]) / 2).toFixed(3))];
  emit('move', row.chosen, [...row.points.slice(0, index + 1), middle, ...row.points.slice(index + 1)]);
}
const edges = computed(() => {
  const row = current.value;
  if (!row || row.points.length < 2) return [];
  const closed = row.marks.some((mark) => mark.shape === 'area');
  return row.points.slice(0, closed ? undefined : -1).map((a, i) => {
    const b = row.points[(i + 1) % row.points.length]!;
    return { x: px((a[0] + b[0]) / 2), y: py((a[1] + b[1]) / 2), length: Math.hypot(b[0] - a[0], b[1] - a[1]) };
  });
});
</script>

<template>
  <div ref="frame" class="max-h-[36rem] w-full overflow-auto" role="img" tabindex="0" :aria-label="label">
    <KStage
      ref="stage"
      :config="{ ...size, listening: Boolean(pen) }"
      @mousemove="onMove"
      @touchmove="onMove"
      @click="onPress"
      @tap="onPress"
      @mousedown="onStage"
      @dblclick="pen?.tool && emit('finish')"
    >
      <KLayer>
        <KLine
          :config="{
            points: flat(edgeCorners),
            closed: true,
            fill: ink.raised,
            stroke: ink.line,
            strokeWidth: 1,
            listening: false,
          }"
        />
        <KImage
          v-if="yard.underlay && underlay"
          :config="{
            image: underlay,
            x: px(yard.underlay.x),
            y: py(yard.underlay.y + (yard.underlay.width_m * underlay.height) / underlay.width),
            width: yard.underlay.width_m * scale,
            height: ((yard.underlay.width_m * underlay.height) / underlay.width) * scale,
            opacity: yard.underlay.opacity,
            listening: false,
          }"
        />
        <KImage
          v-if="raster"
          :config="{
            image: raster,
            x: px(0),
            y: py(raster.height * (cell ?? 1)),
            width: raster.width * (cell ?? 1) * scale,
            height: raster.height * (cell ?? 1) * scale,
            listening: false,
          }"
        />
        <KLine
          v-for="(line, i) in grid"
          :key="i"
          :config="{ points: flat(line), stroke: ink.line, strokeWidth: 0.5, opacity: 0.7, listening: false }"
        />
      </KLayer>
      <KLayer>
        <KGroup
          v-for="row in drawn"
          :key="row.chosen.id"
          :config="{ draggable: Boolean(pen) && !pen?.tool && isChosen(row.chosen), listening: !pen?.tool }"
          @click="emit('choose', row.chosen)"
          @tap="emit('choose', row.chosen)"
          @dragend="dropped(row, $event)"
        >
          <template v-for="(mark, i) in shapesOf(row)" :key="i">
            <KCircle v-if="mark.shape === 'circle'" :config="configOf(mark)" />
            <KLine v-else :config="configOf(mark)" />
          </template>
        </KGroup>
        <template v-for="row in drawn" :key="`label-${row.chosen.id}`">
          <KText v-for="(mark, i) in labelsOf(row)" :key="i" :config="configOf(mark)" />
        </template>
        <template v-for="(mark, i) in furniture" :key="`furniture-${i}`">
          <KText v-if="mark.shape === 'label'" :config="configOf(mark)" />
          <KLine v-else :config="{ ...configOf(mark), listening: false }" />
        </template>
      </KLayer>
      <KLayer v-if="pen">
        <template v-if="current && !pen.tool">
          <KLine
            :config="{
              points: flat(current.points),
              closed: current.marks.some((mark) => mark.shape === 'area'),
              stroke: ink.press,
              strokeWidth: 2.5,
              listening: false,
            }"
          />
          <template v-for="(edge, i) in edges" :key="`edge-${i}`">
            <KText
              :config="{
                x: edge.x - 30,
                y: edge.y - 16,
                width: 60,
                align: 'center',
                text: view.distance(edge.length),
                fontSize: 11,
                fill: ink.press,
                listening: false,
              }"
            />
            <KCircle
              :config="{ x: edge.x, y: edge.y, radius: 4, fill: ink.raised, stroke: ink.press, strokeWidth: 1 }"
              @click="addCorner(current, i)"
            />
          </template>
          <KCircle
            v-for="(point, i) in current.points"
            :key="`corner-${i}`"
            :config="{ x: px(point[0]), y: py(point[1]), radius: 7, fill: ink.press, draggable: true }"
            @dragmove="dragCorner(current, i, $event, false)"
            @dragend="dragCorner(current, i, $event, true)"
          />
        </template>
        <template v-if="pen.tool">
          <KLine
            :config="{ points: flat([...pen.points, pen.at]), stroke: ink.press, strokeWidth: 2, dash: [5, 3], listening: false }"
          />
          <KCircle
            v-for="(point, i) in pen.points"
            :key="`pen-${i}`"
            :config="{ x: px(point[0]), y: py(point[1]), radius: 4, fill: ink.press, listening: false }"
          />
          <KCircle
            :config="{ x: px(pen.at[0]), y: py(pen.at[1]), radius: 6, stroke: ink.press, strokeWidth: 2, listening: false }"
          />
        </template>
      </KLayer>
    </KStage>
  </div>
</template>
