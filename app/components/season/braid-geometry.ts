import type { Channel, Reach, Strand } from '~~/core/season/braid';
import { HALF_MONTHS } from '~~/core/model/half-month';

/** Where everything of the braid lies, in the units of its drawing. Pure: the component only paints it. */
export interface Frame {
  /** Width left of January, of the year, and right of December. */
  left: number;
  year: number;
  right: number;
  top: number;
  /** Height kept above each channel for its name, where there is no room at the left. */
  name: number;
}
export const WIDE: Frame = { left: 236, year: 722, right: 128, top: 30, name: 0 };
/** For a phone: names above their channels, the year across the whole width. */
export const NARROW: Frame = { left: 12, year: 312, right: 52, top: 24, name: 20 };

export const widthOf = (frame: Frame) => frame.left + frame.year + frame.right;
export const cellOf = (frame: Frame) => frame.year / HALF_MONTHS;
export const xOf = (frame: Frame, halfMonth: number) => frame.left + halfMonth * cellOf(frame);

export interface Size {
  strand: number;
  gap: number;
  pad: number;
  words: number;
}
/** Few channels get air; many are drawn closer. */
export function sizeFor(channels: number): Size {
  if (channels <= 5) return { strand: 11, gap: 6, pad: 10, words: 14 };
  return channels <= 12 ? { strand: 8, gap: 4, pad: 7, words: 13 } : { strand: 4.6, gap: 1.9, pad: 3.5, words: 11.5 };
}

interface PlacedStrand {
  strand: Strand;
  y: number;
}
export interface Row {
  channel: Channel;
  top: number;
  height: number;
  middle: number;
  strands: PlacedStrand[];
}

const LANES = ['host', 'nectar', 'shelter', 'special'] as const;

/** Rows from top to bottom, their strands in the order host, nectar, shelter, special; specials share one lane. */
export function rowsOf(channels: readonly Channel[], frame: Frame): { rows: Row[]; height: number } {
  const size = sizeFor(channels.length);
  let top = frame.top;
  const rows = channels.map((channel) => {
    const lanes = LANES.filter((stage) => channel.strands.some((strand) => strand.stage === stage));
    const hasGap = channel.strands.some((strand) => strand.reaches.some((reach) => reach.verdict !== 'closed'));
    const bed = Math.max(2, lanes.length) * (size.strand + size.gap) - size.gap + 2 * size.pad;
    const height = bed + (hasGap ? size.words : 0);
    top += frame.name;
    const row: Row = {
      channel,
      top,
      height: bed,
      middle: top + bed / 2,
      strands: channel.strands.map((strand) => ({
        strand,
        y: top + size.pad + lanes.indexOf(strand.stage) * (size.strand + size.gap) + size.strand / 2,
      })),
    };
    top += height + (size.strand < 8 ? 3 : 6);
    return row;
  });
  return { rows, height: top + 12 };
}

/** The water of a reach: full width where closed, narrowed at both ends where its neighbour is not, as a closed path. */
export function reachPath(frame: Frame, reach: Reach, y: number, width: number, before: boolean, after: boolean): string {
  const half = (reach.verdict === 'thin' ? 0.42 : 1) * (width / 2);
  const x0 = xOf(frame, reach.first) + (before ? 0 : 1);
  const x1 = xOf(frame, reach.last + 1) - (after ? 0 : 1);
  const taper = Math.min(7, (x1 - x0) / 3);
  return (
    `M${x0},${y} C${x0 + taper * 0.3},${y - half} ${x0 + taper * 0.6},${y - half} ${x0 + taper},${y - half}` +
    ` L${x1 - taper},${y - half} C${x1 - taper * 0.6},${y - half} ${x1 - taper * 0.3},${y - half} ${x1},${y}` +
    ` C${x1 - taper * 0.3},${y + half} ${x1 - taper * 0.6},${y + half} ${x1 - taper},${y + half}` +
    ` L${x0 + taper},${y + half} C${x0 + taper * 0.6},${y + half} ${x0 + taper * 0.3},${y + half} ${x0},${y} Z`
  );
}

/** Loose threads beside a thin reach: short strokes above and below, at set places so that they never flicker. */
export function frayPath(frame: Frame, reach: Reach, y: number, width: number): string {
  const x0 = xOf(frame, reach.first) + 4;
  const x1 = xOf(frame, reach.last + 1) - 4;
  let path = '';
  for (let x = x0, i = 0; x < x1; x += 6, i++) {
    const side = i % 2 === 0 ? -1 : 1;
    path += `M${x},${y + side * width * 0.28} l4.5,${side * width * 0.22}`;
  }
  return path;
}

/** A gap's words beneath its channel, and what would serve it where there is room to say so. */
export interface GapLabel {
  x: number;
  text: string;
  offer: string;
  /** The offer stands before the words, which lie too near the year's end for it to follow them. */
  before: boolean;
  verdict: Reach['verdict'];
  strand: Strand;
  /** Right end of the gap it names. */
  ends: number;
}
/** Width of a letter of the labels, about. */
const LETTER = 5.3;

/**
 * The labels of a row: the first gap of each state of a strand is named; repeats would only be noise. Words that would
 * run into each other move right along the line; an offer follows its words where it ends before the next ones, and
 * stands before the last ones where it would run beyond the year.
 */
export function labelsOf(
  frame: Frame,
  row: Row,
  wordsOf: (strand: Strand, reach: Reach) => string,
  offerOf: (strand: Strand) => string,
): GapLabel[] {
  const named: GapLabel[] = [];
  for (const { strand } of row.strands) {
    const seen = new Set<string>();
    for (const reach of strand.reaches) {
      if (reach.verdict === 'closed') continue;
      const text = wordsOf(strand, reach);
      if (seen.has(text)) continue;
      const offer = seen.size === 0 ? offerOf(strand) : '';
      seen.add(text);
      const ends = xOf(frame, reach.last + 1);
      named.push({ x: xOf(frame, reach.first) + 2, text, offer, before: false, verdict: reach.verdict, strand, ends });
    }
  }
  named.sort((a, b) => a.x - b.x);
  const wide = (text: string) => text.length * LETTER;
  const end = frame.left + frame.year;
  let free = frame.left;
  named.forEach((label, i) => {
    const begins = Math.max(label.x, free);
    const next = named[i + 1];
    const whole = wide(label.text) + wide(label.offer) + 14;
    // The next words may make way along their own gap; near the year's end an offer may stand before the last ones.
    const room = next ? Math.max(next.x, next.ends - wide(next.text)) : end;
    const over = label.offer ? begins + whole - room : 0;
    label.x = begins;
    label.before = over > 0 && !next && begins - wide(label.offer) - 8 >= free;
    if (over > 0 && !label.before) label.offer = '';
    free = label.x + wide(label.text) + (label.offer ? wide(label.offer) + 14 : 0) + 10;
  });
  return named;
}

export interface Tributary {
  target: string;
  /** Middle line of the stream and its width. */
  path: string;
  width: number;
}

/** The channels that close, run together at the right-hand edge: the flow is as wide as there are cycles closed. */
export function confluence(
  rows: readonly Row[],
  height: number,
  frame: Frame,
): { tributaries: Tributary[]; middle: number; width: number } {
  const reach = frame.right;
  const closing = rows.filter((row) => row.channel.closes);
  const thick = Math.min(frame.right / 10, 140 / Math.max(1, closing.length));
  const width = closing.length * thick;
  const centre = closing.length ? closing.reduce((sum, row) => sum + row.middle, 0) / closing.length : height / 2;
  const middle = Math.min(Math.max(centre, frame.top + width / 2), height - width / 2 - 30);
  const x0 = frame.left + frame.year + reach / 10;
  const x1 = widthOf(frame);
  const tributaries = closing.map((row, i) => {
    const y1 = middle - width / 2 + (i + 0.5) * thick;
    const path = `M${x0},${row.middle} C${x0 + reach * 0.4},${row.middle} ${x1 - reach * 0.6},${y1} ${x1 - reach * 0.22},${y1} L${x1},${y1}`;
    return { target: row.channel.target, path, width: thick };
  });
  return { tributaries, middle, width };
}
