<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import type Konva from 'konva';
import {
  Circle as KCircle,
  Group as KGroup,
  Image as KImage,
  Layer as KLayer,
  Line as KLine,
  Path as KPath,
  Rect as KRect,
  Stage as KStage,
  Text as KText,
} from 'vue-konva';
import type { Climbable } from '~~/core/layout/question';
import type { Point, Thing } from '~~/core/model/yard';
import type { BedFrame } from '~~/core/place/beds/frame';
import { rectangleOf } from '~~/core/place/yard/geometry';
import { flatten, konvaConfig } from '../place/yard/konva-config';
import { thingMarks, type Mark, gridLines } from '../place/yard/yard-marks';
import { northMarks, scaleMarks } from '../place/yard/yard-svg';
import type { ScenePlant } from './bed-scene';

/** A bed from above, to scale: its plants as they are in the half-month, which can be taken hold of and moved. */
const props = defineProps<{
  frame: BedFrame;
  /** Bearing of the page’s upward direction; null where the bed is not drawn. */
  north: number | null;
  things: readonly Thing[];
  halfMonth: number;
  plants: readonly ScenePlant[];
  climbables: readonly Climbable[];
  /** Places in the arrangement of the plants that are chosen, and of those something speaks against. */
  chosen: ReadonlySet<number>;
  faulty: ReadonlySet<number>;
  names: 'numbers' | 'names' | 'none';
  /** Draw the circles of the crowns when grown? */
  circles: boolean;
  /** A picture of what lies under the plants, one pixel a cell of `cell` metres. */
  underlay: HTMLCanvasElement | null;
  cell: number;
  label: string;
  zoom?: number;
  fixed?: boolean;
}>();
const emit = defineEmits<{
  choose: [plant: number | null, more: boolean];
  /** A plant is dragged so far (m); `end`: and let there. */
  drag: [plant: number, dx: number, dy: number, end: boolean];
  /** All plants in a box are chosen. */
  box: [from: Point, to: Point];
}>();

const view = useViewStore();
const ink = useInk();
const host = useTemplateRef<HTMLElement>('host');
const { width: hostWidth } = useElementSize(host);
const stage = useTemplateRef<{ getNode(): Konva.Stage }>('stage');
defineExpose({ picture: () => stage.value!.getNode().toDataURL({ pixelRatio: 3 }), focus: () => host.value?.focus() });

/** What of the yard around the bed is shown (m). */
const AROUND = 0.55;
const extent = computed(() => ({
  left: -AROUND,
  right: props.frame.width + AROUND,
  bottom: -AROUND - 0.25,
  top: props.frame.depth + AROUND,
}));
const mostHigh = computed(() => (props.frame.depth > props.frame.width * 1.5 ? 760 : 520));
const scale = computed(() => {
  const { left, right, bottom, top } = extent.value;
  const whole = Math.min(Math.max(280, hostWidth.value) / (right - left), mostHigh.value / (top - bottom));
  return Math.max(18, whole) * (props.zoom ?? 1);
});
const page = computed(() => ({
  px: (x: number) => (x - extent.value.left) * scale.value,
  py: (y: number) => (extent.value.top - y) * scale.value,
  scale: scale.value,
}));
const size = computed(() => ({
  width: (extent.value.right - extent.value.left) * scale.value,
  height: (extent.value.top - extent.value.bottom) * scale.value,
}));

/** What is drawn of the yard, in the frame of the bed: paths, walls and fences; trees would cover the plants. */
const context = computed<Mark[]>(() => {
  const { origin } = props.frame;
  if (!origin) return [];
  const shift = ([x, y]: Point): Point => [x - origin[0], y - origin[1]];
  return props.things
    .filter(({ kind }) => kind === 'path' || kind === 'building' || kind === 'fence')
    .flatMap((thing) => thingMarks(thing, props.halfMonth, props.north ?? 0))
    .flatMap((mark): Mark[] => {
      if (mark.shape === 'label') return [];
      if (mark.shape === 'circle') return [{ ...mark, at: shift(mark.at) }];
      return [{ ...mark, points: mark.points.map(shift) }];
    });
});
const step = computed(() => (view.units === 'us' ? 0.3048 : 0.5));
const grid = computed(() => gridLines(props.frame.width, props.frame.depth, step.value));
const furniture = computed(() => [
  ...(props.north === null ? [] : northMarks({ ...extent.value, left: extent.value.right - 9 }, props.north)),
  ...scaleMarks(extent.value, step.value * 4, view.distance(step.value * 4)),
]);
const configOf = (mark: Mark) => konvaConfig(mark, page.value, ink.value, 1);
const outline = computed(() => flatten(props.frame.outline, page.value));
const box = rectangleOf(1, 1);

const groupConfig = (plant: ScenePlant) => ({
  x: page.value.px(plant.x),
  y: page.value.py(plant.y),
  draggable: !props.fixed && !plant.held,
});
const pathConfig = (plant: ScenePlant, i: number) => {
  const { d, fill, stroke, width, opacity } = plant.paths[i]!;
  const r = plant.now * scale.value;
  return {
    data: d,
    scaleX: r,
    scaleY: r,
    rotation: plant.turn,
    fill,
    stroke,
    strokeWidth: width ? Math.max(width, 0.7 / r) : 0,
    opacity: opacity ?? 1,
    lineCap: 'round',
    listening: false,
  };
};
/** A finger’s worth to take hold of, however small the plant. */
const holdConfig = (plant: ScenePlant) => ({
  radius: Math.max(9, plant.now * scale.value),
  fill: '#0000',
});
const isSmall = computed(() => scale.value < 34);
const showsLabel = (plant: ScenePlant) =>
  props.names !== 'none' &&
  (plant.mature * scale.value > 6.5 || props.chosen.has(plant.i)) &&
  (!isSmall.value || plant.nth === 1);
const labelConfig = (plant: ScenePlant) => {
  const text = props.names === 'names' ? plant.here.plant.common : String(plant.kind);
  return {
    text,
    x: -60,
    y: -6.5 + (shifts.value.get(plant.i) ?? 0),
    width: 120,
    align: 'center',
    fontSize: 12,
    fontStyle: '600',
    fontFamily: 'Source Sans 3 Variable, sans-serif',
    fill: '#1d1b18',
    stroke: '#fbf7ee',
    strokeWidth: 3,
    fillAfterStrokeEnabled: true,
    listening: false,
  };
};
/** With names each kind is named once, on the plant nearest to the middle of its own. */
const named = computed(() => {
  const best = new Map<number, { i: number; d: number }>();
  const middles = new Map<number, { x: number; y: number; n: number }>();
  for (const { kind, x, y } of props.plants) {
    const m = middles.get(kind) ?? { x: 0, y: 0, n: 0 };
    middles.set(kind, { x: m.x + x, y: m.y + y, n: m.n + 1 });
  }
  for (const { kind, x, y, i } of props.plants) {
    const m = middles.get(kind)!;
    const d = Math.hypot(x - m.x / m.n, y - m.y / m.n);
    if (d < (best.get(kind)?.d ?? Infinity)) best.set(kind, { i, d });
  }
  return new Set([...best.values()].map(({ i }) => i));
});
/** Names that would run into each other stand one under the other (px down from their plants). */
const shifts = computed(() => {
  const found = new Map<number, number>();
  if (props.names !== 'names') return found;
  const set: { x: number; y: number; half: number }[] = [];
  const rows = props.plants.filter((plant) => named.value.has(plant.i)).sort((a, b) => b.y - a.y);
  for (const plant of rows) {
    const half = plant.here.plant.common.length * 3.2;
    const x = page.value.px(plant.x);
    let y = page.value.py(plant.y);
    const clashes = () => set.some((other) => Math.abs(other.x - x) < other.half + half && Math.abs(other.y - y) < 13);
    for (let tries = 0; tries < 6 && clashes(); tries++) y += 13;
    set.push({ x, y, half });
    found.set(plant.i, y - page.value.py(plant.y));
  }
  return found;
});
const labelled = (plant: ScenePlant) => (props.names === 'names' ? named.value.has(plant.i) : showsLabel(plant));

function moved(plant: ScenePlant, event: { target: Konva.Node }, end: boolean) {
  const { target } = event;
  const [dx, dy] = [(target.x() - page.value.px(plant.x)) / scale.value, (page.value.py(plant.y) - target.y()) / scale.value];
  emit('drag', plant.i, dx, dy, end);
}
/** A box drawn from bare ground chooses what lies in it. */
const drawnBox = shallowRef<{ from: Point; to: Point } | null>(null);
function pointer(): Point | null {
  const at = stage.value?.getNode().getPointerPosition();
  return at ? [at.x / scale.value + extent.value.left, extent.value.top - at.y / scale.value] : null;
}
function onDown(event: { target: Konva.Node; evt: MouseEvent | TouchEvent }) {
  if (props.fixed || event.target !== event.target.getStage()) return;
  const at = pointer();
  if (at && !('touches' in event.evt)) drawnBox.value = { from: at, to: at };
  if (!(event.evt as MouseEvent).shiftKey) emit('choose', null, false);
}
function onMove() {
  const at = drawnBox.value && pointer();
  if (at) drawnBox.value = { from: drawnBox.value!.from, to: at };
}
function onUp() {
  const { value } = drawnBox;
  drawnBox.value = null;
  if (value && Math.hypot(value.to[0] - value.from[0], value.to[1] - value.from[1]) > 0.1) emit('box', value.from, value.to);
}
const boxConfig = computed(() => {
  const { from, to } = drawnBox.value ?? { from: box[0]!, to: box[0]! };
  return {
    x: page.value.px(Math.min(from[0], to[0])),
    y: page.value.py(Math.max(from[1], to[1])),
    width: Math.abs(to[0] - from[0]) * scale.value,
    height: Math.abs(to[1] - from[1]) * scale.value,
    stroke: ink.value.press,
    dash: [4, 3],
    listening: false,
  };
});
const pick = (plant: ScenePlant, event: { evt: MouseEvent }) => emit('choose', plant.i, event.evt.shiftKey || event.evt.ctrlKey);
</script>

<template>
  <div ref="host" class="max-h-[50rem] w-full overflow-auto" role="group" tabindex="0" :aria-label="label">
    <KStage
      ref="stage"
      :config="size"
      @mousedown="onDown"
      @touchstart="onDown"
      @mousemove="onMove"
      @mouseup="onUp"
      @mouseleave="onUp"
    >
      <KLayer :config="{ listening: false }">
        <KRect :config="{ ...size, fill: ink.raised }" />
        <template v-for="(mark, i) in context" :key="`context-${i}`">
          <KCircle v-if="mark.shape === 'circle'" :config="configOf(mark)" />
          <KLine v-else :config="configOf(mark)" />
        </template>
        <KLine
          :config="{ points: outline, closed: true, fill: '#d9c8a6', stroke: ink.shelter, strokeWidth: 1.6, lineJoin: 'round' }"
        />
        <KGroup
          :config="{
            clipFunc: (context2d: CanvasRenderingContext2D) => {
              context2d.beginPath();
              frame.outline.forEach(([x, y]) => context2d.lineTo(page.px(x), page.py(y)));
              context2d.closePath();
            },
          }"
        >
          <KImage
            v-if="underlay"
            :config="{
              image: underlay,
              x: page.px(0),
              y: page.py(underlay.height * cell),
              width: underlay.width * cell * scale,
              height: underlay.height * cell * scale,
              opacity: 0.85,
            }"
          />
          <KLine
            v-for="(line, i) in grid"
            :key="`grid-${i}`"
            :config="{ points: flatten(line, page), stroke: '#7d5233', strokeWidth: 0.5, opacity: 0.28 }"
          />
        </KGroup>
        <KLine
          v-for="(one, i) in climbables"
          :key="`climb-${i}`"
          :config="{ points: flatten(one.line, page), stroke: '#6b4a2f', strokeWidth: 4, dash: [2, 3], lineCap: 'round' }"
        />
        <template v-if="circles">
          <KCircle
            v-for="plant in plants"
            :key="`mature-${plant.i}`"
            :config="{
              x: page.px(plant.x),
              y: page.py(plant.y),
              radius: plant.mature * scale,
              stroke: '#5c564b',
              strokeWidth: 0.8,
              dash: [3, 3],
              opacity: 0.75,
            }"
          />
        </template>
      </KLayer>
      <KLayer>
        <KGroup
          v-for="plant in plants"
          :key="plant.i"
          :config="groupConfig(plant)"
          @click="pick(plant, $event)"
          @tap="pick(plant, $event)"
          @dragstart="chosen.has(plant.i) || emit('choose', plant.i, false)"
          @dragmove="moved(plant, $event, false)"
          @dragend="moved(plant, $event, true)"
        >
          <KCircle :config="holdConfig(plant)" />
          <KPath v-for="(_, i) in plant.paths" :key="i" :config="pathConfig(plant, i)" />
          <KCircle
            v-if="chosen.has(plant.i)"
            :config="{ radius: Math.max(9, plant.mature * scale), stroke: ink.press, strokeWidth: 2.5, listening: false }"
          />
          <KCircle
            v-else-if="faulty.has(plant.i)"
            :config="{
              radius: Math.max(7, plant.now * scale),
              stroke: ink.gap,
              strokeWidth: 1.6,
              dash: [5, 3],
              listening: false,
            }"
          />
        </KGroup>
      </KLayer>
      <KLayer :config="{ listening: false }">
        <template v-for="plant in plants" :key="`label-${plant.i}`">
          <KGroup v-if="labelled(plant)" :config="{ x: page.px(plant.x), y: page.py(plant.y) }">
            <KText :config="labelConfig(plant)" />
            <KText v-if="plant.held" :config="{ text: '▪', x: 4, y: -14, fontSize: 13, fill: ink.press, listening: false }" />
          </KGroup>
        </template>
        <template v-for="(mark, i) in furniture" :key="`furniture-${i}`">
          <KText v-if="mark.shape === 'label'" :config="configOf(mark)" />
          <KLine v-else :config="configOf(mark)" />
        </template>
        <KRect v-if="drawnBox" :config="boxConfig" />
      </KLayer>
    </KStage>
  </div>
</template>
