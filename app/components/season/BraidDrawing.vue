<script setup lang="ts">
import type { TargetCoverage } from '~~/core/coverage/types';
import { braid, type Reach, type Strand } from '~~/core/season/braid';
import { gapLabel, needName } from '~~/core/words/needs';
import { halfMonthName, SHORT_MONTHS } from '~~/core/model/half-month';
import {
  cellOf,
  confluence,
  frayPath,
  labelsOf,
  reachPath,
  rowsOf,
  sizeFor,
  widthOf,
  xOf as xIn,
  type Frame,
  type Row,
} from './braid-geometry';

/** The braid of targets drawn in a frame: a channel each, its strands, its gaps and what they lack, and the flow at the right. */
const props = defineProps<{
  targets: readonly TargetCoverage[];
  frame: Frame;
  /** Half-month of the ribbon's handle. */
  halfMonth: number;
  /** The strand and half-month looked at, by keys or by the pointer. */
  at?: { target: string; strand: number; halfMonth: number } | null;
  /** Targets whose life cycle was seen to close. */
  seen?: ReadonlySet<string>;
  /** What would serve a need that is not closed, in a few words. */
  offerOf?: (target: string, strand: Strand) => string;
}>();
const emit = defineEmits<{
  pick: [target: string, strand: Strand];
  pickTarget: [target: string];
  hover: [at: { target: string; strand: number; halfMonth: number } | null];
}>();
const garden = useGardenStore();
const channels = computed(() => braid(props.targets));
const narrow = computed(() => props.frame.name > 0);
const width = computed(() => widthOf(props.frame));
const cell = computed(() => cellOf(props.frame));
const xOf = (halfMonth: number) => xIn(props.frame, halfMonth);
const placed = computed(() => rowsOf(channels.value, props.frame));
const rows = computed(() => placed.value.rows);
const height = computed(() => placed.value.height);
const size = computed(() => sizeFor(channels.value.length));
const tight = computed(() => size.value.strand < 8);
const flow = computed(() => confluence(rows.value, height.value, props.frame));
const closed = computed(() => channels.value.filter((channel) => channel.closes).length);
const hereOf = (target: string) => garden.almanac!.targets.get(target)!;
const isCurrent = (row: Row, s: number) => props.at?.target === row.channel.target && props.at.strand === s;

/** Baseline of a channel's name, from the top of its row: beside it, or above it on a phone. */
const nameY = (row: Row) => (narrow.value ? -5 : row.height / 2 + (tight.value ? 4 : -1));

const labels = computed(() =>
  rows.value.map((row) =>
    labelsOf(
      props.frame,
      row,
      (strand, reach) =>
        gapLabel(
          strand.need,
          reach.cells.map((c) => c.halfMonth),
        ),
      (strand) => props.offerOf?.(row.channel.target, strand) ?? '',
    ),
  ),
);
const isJoined = (strand: Strand, reach: Reach, side: -1 | 1) =>
  strand.reaches.some(
    (other) => (side === -1 ? other.last === reach.first - 1 : other.first === reach.last + 1) && other.verdict !== 'open',
  );

const svg = useTemplateRef('svg');
/** Which strand and half-month lie under the pointer. */
function onMove(event: PointerEvent) {
  const box = svg.value!.getBoundingClientRect();
  const x = ((event.clientX - box.left) / box.width) * width.value;
  const y = ((event.clientY - box.top) / box.height) * height.value;
  const h = Math.floor((x - props.frame.left) / cell.value);
  const row = rows.value.find((r) => y >= r.top && y <= r.top + r.height);
  if (!row || h < 0 || h > 23) return emit('hover', null);
  const distances = row.strands.map((strand) => Math.abs(strand.y - y));
  const strand = distances.indexOf(Math.min(...distances));
  emit('hover', { target: row.channel.target, strand, halfMonth: h });
}
defineExpose({ svg });
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${width} ${height}`"
    class="braid block w-full"
    aria-hidden="true"
    @pointermove="onMove"
    @pointerleave="emit('hover', null)"
  >
    <BraidWeaves />
    <g v-for="(month, m) in SHORT_MONTHS" :key="month">
      <line :x1="xOf(m * 2)" :x2="xOf(m * 2)" y1="18" :y2="height - 4" stroke="var(--line)" stroke-width="0.7" />
      <text :x="xOf(m * 2 + 1)" y="13" text-anchor="middle" font-size="12" fill="var(--quiet)">
        {{ narrow ? month[0] : month }}
      </text>
    </g>
    <rect class="handle" :x="xOf(halfMonth)" y="18" :width="cell" :height="height - 22" fill="var(--press)" opacity="0.12" />

    <g v-for="(row, r) in rows" :key="row.channel.target" class="row" :style="{ transform: `translate(0px, ${row.top}px)` }">
      <rect
        :x="frame.left - 10"
        y="0"
        :width="frame.year + 16"
        :height="row.height"
        :rx="Math.min(16, row.height / 2)"
        fill="var(--bank)"
        opacity="0.75"
      />
      <g class="cursor-pointer" @click="emit('pickTarget', row.channel.target)">
        <CreatureGlyph
          :target="hereOf(row.channel.target).target"
          :size="narrow ? 25 : tight ? 28 : 37"
          :x="0"
          :y="nameY(row) - (narrow ? 16 : tight ? 15 : 18)"
        />
        <text
          :x="narrow ? 30 : 44"
          :y="nameY(row)"
          :font-size="narrow || tight ? 13.5 : 14.5"
          font-family="var(--font-serif)"
          fill="var(--ink)"
        >
          {{ hereOf(row.channel.target).target.common }}
          <tspan
            v-if="!tight || narrow"
            :x="narrow ? undefined : 44"
            :dy="narrow ? 0 : 13"
            font-size="11.5"
            font-style="italic"
            fill="var(--quiet)"
          >
            {{ hereOf(row.channel.target).target.scientific }}
          </tspan>
        </text>
      </g>
      <g
        v-for="({ strand, y }, s) in row.strands"
        :key="`${strand.stage} ${strand.need.need.special}`"
        class="cursor-pointer"
        :data-current="isCurrent(row, s) || undefined"
        :style="{ transform: `translate(0px, ${y - row.top}px)` }"
        @click="emit('pick', row.channel.target, strand)"
      >
        <rect
          :x="frame.left - 6"
          :y="-size.strand / 2 - size.gap / 2"
          :width="frame.year + 10"
          :height="size.strand + size.gap"
          :rx="size.strand / 2 + 1"
          fill="transparent"
          :stroke="isCurrent(row, s) ? 'var(--press)' : 'none'"
          stroke-width="1.4"
        />
        <g v-for="reach in strand.reaches" :key="reach.first">
          <title>
            {{ needName(strand.need.need, hereOf(row.channel.target)) }}: {{ reach.verdict }}, {{ halfMonthName(reach.first) }} to
            {{ halfMonthName(reach.last) }}
          </title>
          <rect
            v-if="reach.verdict === 'open'"
            :x="xOf(reach.first) + 1.5"
            :y="-size.strand / 2 - 0.5"
            :width="(reach.last - reach.first + 1) * cell - 3"
            :height="size.strand + 1"
            :rx="size.strand / 2"
            fill="var(--ground)"
            stroke="var(--gap)"
            stroke-width="1.4"
            stroke-dasharray="3 2.2"
          />
          <template v-else>
            <path
              class="water"
              :d="reachPath(frame, reach, 0, size.strand, isJoined(strand, reach, -1), isJoined(strand, reach, 1))"
              :fill="strand.stage === 'host' ? 'var(--host)' : `url(#weave-${strand.stage})`"
            />
            <path
              v-if="reach.verdict === 'thin'"
              :d="frayPath(frame, reach, 0, size.strand)"
              stroke="var(--thin)"
              stroke-width="1.3"
              fill="none"
            />
          </template>
        </g>
        <rect
          v-if="isCurrent(row, s)"
          :x="xOf(at!.halfMonth)"
          :y="-size.strand / 2 - size.gap / 2"
          :width="cell"
          :height="size.strand + size.gap"
          fill="none"
          stroke="var(--press)"
          stroke-width="2.2"
        />
      </g>
      <g
        v-for="label in labels[r]"
        :key="label.text + label.x"
        class="cursor-pointer"
        :font-size="tight ? 10.5 : 11.5"
        @click="emit('pick', row.channel.target, label.strand)"
      >
        <text
          :x="label.x"
          :y="row.height + size.words - 3"
          font-weight="600"
          :fill="label.verdict === 'open' ? 'var(--gap)' : 'var(--thin)'"
        >
          {{ label.text }}
          <tspan v-if="label.offer && !label.before" font-weight="400" fill="var(--press)">&#8194;{{ label.offer }}</tspan>
        </text>
        <text
          v-if="label.offer && label.before"
          :x="label.x - 8"
          :y="row.height + size.words - 3"
          text-anchor="end"
          fill="var(--press)"
        >
          {{ label.offer }}
        </text>
      </g>
      <path
        v-if="!row.channel.closes"
        :d="`M${frame.left + frame.year + 8},${row.height / 2} h10 m4,0 l12,-6 m-12,6 h13 m-13,0 l12,6`"
        :stroke="row.channel.verdict === 'open' ? 'var(--gap)' : 'var(--thin)'"
        stroke-width="1.5"
        stroke-dasharray="4 2.5"
        fill="none"
      />
    </g>

    <path
      v-for="stream in flow.tributaries"
      :key="stream.target"
      class="water"
      :d="stream.path"
      fill="none"
      stroke="var(--press)"
      :stroke-width="stream.width - 0.9"
      stroke-linecap="round"
    />
    <template v-for="row in rows" :key="row.channel.target">
      <circle
        v-if="row.channel.closes && seen?.has(row.channel.target)"
        :cx="frame.left + frame.year + frame.right / 10"
        :cy="row.middle"
        :r="narrow ? 1.7 : Math.min(3.4, 0.28 * (flow.width / Math.max(1, closed)))"
        fill="var(--ground)"
      >
        <title>{{ hereOf(row.channel.target).target.common }}: seen to close</title>
      </circle>
    </template>
    <text
      v-if="!narrow"
      :x="width - 2"
      y="14"
      text-anchor="end"
      font-size="16"
      font-weight="600"
      font-family="var(--font-serif)"
      fill="var(--press)"
    >
      {{ closed }} of {{ channels.length }} close
    </text>
    <line
      class="handle"
      :x1="xOf(halfMonth) + cell / 2"
      :x2="xOf(halfMonth) + cell / 2"
      y1="18"
      :y2="height - 4"
      stroke="var(--press)"
      stroke-width="1.6"
    />
  </svg>
</template>

<style scoped>
.water {
  transition: d 450ms ease;
}
.row {
  transition: transform 450ms ease;
}
</style>
