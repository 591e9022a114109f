<script setup lang="ts">
import { useLocalStorage, useMediaQuery } from '@vueuse/core';
import { braid, type Reach, type Strand } from '~~/core/season/braid';
import { gapLabel, gapSentence, needName } from '~~/core/offers/words';
import { halfMonthName, HALF_MONTHS, SHORT_MONTHS } from '~~/core/model/half-month';
import {
  cellOf,
  confluence,
  frayPath,
  NARROW,
  reachPath,
  rowsOf,
  sizeFor,
  WIDE,
  widthOf,
  xOf as xIn,
  type Row,
} from './braid-geometry';

const garden = useGardenStore();
const view = useViewStore();
const channels = computed(() => braid(garden.served?.targets ?? []));
const narrow = useMediaQuery('(max-width: 640px)');
const frame = computed(() => (narrow.value ? NARROW : WIDE));
const width = computed(() => widthOf(frame.value));
const cell = computed(() => cellOf(frame.value));
const xOf = (halfMonth: number) => xIn(frame.value, halfMonth);
const placed = computed(() => rowsOf(channels.value, frame.value));
const rows = computed(() => placed.value.rows);
const height = computed(() => placed.value.height);
const size = computed(() => sizeFor(channels.value.length));
const flow = computed(() => confluence(rows.value, height.value, frame.value));
const hereOf = (target: string) => garden.almanac!.targets.get(target)!;
const COLOURS = { host: 'var(--host)', nectar: 'var(--nectar)', shelter: 'var(--shelter)', special: 'var(--special)' };
const helpSeen = useLocalStorage('outwash-braid-help-seen', false);

/** Baseline of a channel's name: beside it, or above it on a phone. */
const nameY = (row: Row) => (narrow.value ? row.top - 5 : row.middle - 1);

/** The first gap of each state of a strand is named beneath its channel; repeats would only be noise. */
function labelsOf(row: Row) {
  const named: { x: number; text: string; verdict: Reach['verdict']; strand: Strand }[] = [];
  for (const { strand } of row.strands) {
    const seen = new Set<string>();
    for (const reach of strand.reaches) {
      if (reach.verdict === 'closed') continue;
      const text = gapLabel(
        strand.need,
        reach.cells.map((cell) => cell.halfMonth),
      );
      if (seen.has(text)) continue;
      seen.add(text);
      named.push({ x: xOf(reach.first) + 2, text, verdict: reach.verdict, strand });
    }
  }
  // Words that would run into each other move right along the line.
  named.sort((a, b) => a.x - b.x);
  let free = 0;
  for (const label of named) {
    label.x = Math.max(label.x, free);
    free = label.x + label.text.length * 5.6 + 10;
  }
  return named;
}
const isJoined = (strand: Strand, reach: Reach, side: -1 | 1) =>
  strand.reaches.some(
    (other) => (side === -1 ? other.last === reach.first - 1 : other.first === reach.last + 1) && other.verdict !== 'open',
  );

function explain(target: string, strand: Strand) {
  view.explain({ kind: 'need', target, stage: strand.need.need.stage, special: strand.need.need.special });
}

// Keyboard: up and down between strands, left and right between half-months, Enter for the reasons.
const steps = computed(() => rows.value.flatMap((row) => row.strands.map((s) => ({ row, ...s }))));
const cursor = ref<number | null>(null);
const current = computed(() =>
  cursor.value === null ? null : (steps.value[Math.min(cursor.value, steps.value.length - 1)] ?? null),
);
const told = computed(() => {
  if (!current.value) return '';
  const { row, strand } = current.value;
  const cell = strand.need.cells.find((c) => c.halfMonth === view.halfMonth);
  const target = hereOf(row.channel.target);
  return `${target.target.common}, ${needName(strand.need.need, target.target)}, ${halfMonthName(view.halfMonth)}: ${cell ? cell.verdict : 'not needed'}. ${gapSentence(target, strand.need, view.area)}`;
});
function onKey(event: KeyboardEvent) {
  const last = steps.value.length - 1;
  if (last < 0) return;
  if (event.key === 'ArrowDown') cursor.value = Math.min(last, (cursor.value ?? -1) + 1);
  else if (event.key === 'ArrowUp') cursor.value = Math.max(0, (cursor.value ?? 1) - 1);
  else if (event.key === 'ArrowLeft') view.moveTo(view.halfMonth - 1);
  else if (event.key === 'ArrowRight') view.moveTo(view.halfMonth + 1);
  else if ((event.key === 'Enter' || event.key === ' ') && current.value)
    explain(current.value.row.channel.target, current.value.strand);
  else return;
  helpSeen.value = true;
  event.preventDefault();
}
</script>

<template>
  <figure>
    <div
      class="relative overflow-x-auto focus-visible:outline-2"
      role="group"
      aria-roledescription="braid"
      aria-label="The braid of the season. Arrow keys step through needs and half-months, Enter opens the reasons. The ledger below says the same."
      tabindex="0"
      @keydown="onKey"
      @blur="cursor = null"
    >
      <svg :viewBox="`0 0 ${width} ${height}`" class="block w-full" :aria-hidden="true">
        <BraidWeaves />
        <g v-for="(month, m) in SHORT_MONTHS" :key="month">
          <line :x1="xOf(m * 2)" :x2="xOf(m * 2)" y1="18" :y2="height - 4" stroke="var(--line)" stroke-width="0.7" />
          <text :x="xOf(m * 2 + 1)" y="13" text-anchor="middle" font-size="12" fill="var(--quiet)">
            {{ narrow ? month[0] : month }}
          </text>
        </g>
        <rect :x="xOf(view.halfMonth)" y="18" :width="cell" :height="height - 22" fill="var(--press)" opacity="0.12" />

        <g v-for="row in rows" :key="row.channel.target">
          <rect
            :x="frame.left - 10"
            :y="row.top"
            :width="frame.year + 16"
            :height="row.height"
            :rx="row.height / 2"
            fill="var(--bank)"
            opacity="0.75"
          />
          <g class="cursor-pointer" @click="view.explain({ kind: 'target', target: row.channel.target })">
            <foreignObject x="0" :y="nameY(row) - 16" :width="narrow ? 26 : 38" height="30"
              ><CreatureGlyph :target="hereOf(row.channel.target).target" :size="narrow ? 25 : 37"
            /></foreignObject>
            <text :x="narrow ? 30 : 44" :y="nameY(row)" font-size="14.5" font-family="var(--font-serif)" fill="var(--ink)">
              {{ hereOf(row.channel.target).target.common }}
              <tspan :x="narrow ? undefined : 44" :dy="narrow ? 0 : 13" font-size="11.5" font-style="italic" fill="var(--quiet)">
                {{ hereOf(row.channel.target).target.scientific }}
              </tspan>
            </text>
          </g>
          <g
            v-for="({ strand, y }, s) in row.strands"
            :key="s"
            class="cursor-pointer"
            @click="explain(row.channel.target, strand)"
          >
            <rect
              v-if="current && current.strand === strand"
              :x="frame.left - 6"
              :y="y - size.strand / 2 - 2.5"
              :width="frame.year + 10"
              :height="size.strand + 5"
              rx="5"
              fill="none"
              stroke="var(--press)"
              stroke-width="1.6"
            />
            <g v-for="reach in strand.reaches" :key="reach.first">
              <title>
                {{ needName(strand.need.need, hereOf(row.channel.target).target) }}: {{ reach.verdict }},
                {{ halfMonthName(reach.first) }} to {{ halfMonthName(reach.last) }}
              </title>
              <template v-if="reach.verdict === 'open'">
                <rect
                  :x="xOf(reach.first) + 1.5"
                  :y="y - size.strand / 2 - 0.5"
                  :width="(reach.last - reach.first + 1) * cell - 3"
                  :height="size.strand + 1"
                  :rx="size.strand / 2"
                  fill="var(--ground)"
                  stroke="var(--gap)"
                  stroke-width="1.4"
                  stroke-dasharray="3 2.2"
                />
              </template>
              <template v-else>
                <path
                  class="water"
                  :d="reachPath(frame, reach, y, size.strand, isJoined(strand, reach, -1), isJoined(strand, reach, 1))"
                  :fill="strand.stage === 'host' ? COLOURS.host : `url(#weave-${strand.stage})`"
                />
                <path
                  v-if="reach.verdict === 'thin'"
                  :d="frayPath(frame, reach, y, size.strand)"
                  stroke="var(--thin)"
                  stroke-width="1.3"
                  fill="none"
                />
              </template>
            </g>
          </g>
          <text
            v-for="label in labelsOf(row)"
            :key="label.text + label.x"
            class="cursor-pointer"
            :x="label.x"
            :y="row.top + row.height + 10"
            font-size="11.5"
            font-weight="600"
            :fill="label.verdict === 'open' ? 'var(--gap)' : 'var(--thin)'"
            @click="explain(row.channel.target, label.strand)"
          >
            {{ label.text }}
          </text>
          <path
            v-if="!row.channel.closes"
            :d="`M${frame.left + frame.year + 8},${row.middle} h10 m4,0 l12,-6 m-12,6 h13 m-13,0 l12,6`"
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
          {{ garden.served?.closed }} of {{ channels.length }} close
        </text>
        <line
          :x1="xOf(view.halfMonth) + cell / 2"
          :x2="xOf(view.halfMonth) + cell / 2"
          y1="18"
          :y2="height - 4"
          stroke="var(--press)"
          stroke-width="1.6"
        />
      </svg>
    </div>
    <BraidLegend />
    <p class="min-h-6 text-sm text-quiet" aria-live="polite">
      {{
        told ||
        (helpSeen ? '' : 'Press any strand or gap for its reasons; with the braid in focus, the arrow keys step through it.')
      }}
    </p>
    <figcaption class="sr-only">
      {{ garden.served?.closed }} of {{ channels.length }} life cycles close over {{ HALF_MONTHS }} half-months.
    </figcaption>
  </figure>
</template>

<style scoped>
.water {
  transition: d 450ms ease;
}
</style>
