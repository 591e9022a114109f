import { isSeedMethod, type Way } from '../library/ways';
import { SETTINGS } from '../settings';
import {
  chanceOfEnough,
  isCutting,
  plantShare,
  rangeOf,
  tableShare,
  unitsFor,
  withOwn,
  type OwnFigures,
  type ShareRange,
} from './rates';

export type ContainerKind = keyof typeof SETTINGS.raise.holds;

/** What is begun so that enough plants come of it. */
export interface Quantity {
  want: number;
  /** Seeds, cuttings or pieces; null: no number of them would do. */
  units: number | null;
  /** Of division and offsets: plants to take them from. */
  mothers: number;
  /** Packets of seed, by what a packet of such seed holds. */
  packets: number;
  containers: { kind: ContainerKind; count: number } | null;
  /** Mix for the containers and for the pots it is pricked out into. */
  mix_l: number;
  shelf_m2: number;
  /** Chance of enough with these units, and plants to expect. */
  chance: number;
  expected: number;
  /** Share that comes up or roots, and that becomes a plant to set out. */
  rate: ShareRange;
  becomes: ShareRange;
  own: OwnFigures;
}

/** Seeds that a packet holds, by how large they are. */
function packetHolds({ row }: Pick<Way, 'row'>): number {
  const { packet, largeSeed_mm } = SETTINGS.raise;
  const depth = row.depth_mm ?? 3;
  return depth >= largeSeed_mm ? packet.large : depth === 0 ? packet.fine : packet.small;
}

/** Into what the units of a way go; null for what goes straight into the ground. */
export function containerOf({ method, row }: Pick<Way, 'method' | 'row'>): ContainerKind | null {
  const large = (row.depth_mm ?? 0) >= SETTINGS.raise.largeSeed_mm;
  switch (method) {
    case 'winter-container':
      return large ? 'deep-pot' : 'winter-container';
    case 'chilled-indoors':
    case 'indoors':
      return large ? 'deep-pot' : 'tray';
    case 'softwood':
    case 'half-ripe':
    case 'root-cutting':
      return 'cutting-pot';
    default:
      return null;
  }
}

/** Plants that a mother gives when it is divided: its pieces by the row, of which one is set back in its place. */
export const piecesOf = ({ row }: Pick<Way, 'row'>): { from: number; to: number } => ({
  from: Math.max(1, (row.pieces_from ?? 2) - 1),
  to: Math.max(1, (row.pieces_to ?? 3) - 1),
});

/**
 * How much is begun for `want` plants: as many seeds, cuttings or pieces as give enough in nine cases of ten, after the rates
 * of the row, what is usually lost, and the gardener's own figures.
 */
export function quantityOf(way: Way, want: number, own: OwnFigures = { tried: 0, came: 0 }): Quantity {
  const came = withOwn(tableShare(way), own);
  const share = plantShare(came, way);
  const units = unitsFor(share, want);
  const n = units ?? 0;
  const kind = containerOf(way);
  const holds = kind === null ? null : SETTINGS.raise.holds[kind];
  const count = holds ? Math.ceil(n / holds.units) : 0;
  const seed = isSeedMethod(way.method);
  const pricked =
    kind !== null && kind !== 'deep-pot' && (seed || isCutting(way.method)) ? Math.ceil(n * rangeOf(share).mean) : 0;
  const pieces = piecesOf(way);
  const divided = way.method === 'division' || way.method === 'offsets' || way.method === 'layering';
  return {
    want,
    units,
    mothers: divided ? Math.ceil(n / Math.max(1, (pieces.from + pieces.to) / 2)) : 0,
    packets: seed ? Math.ceil(n / packetHolds(way)) : 0,
    containers: kind === null || n === 0 ? null : { kind, count },
    mix_l: (holds ? count * holds.mix_l : 0) + pricked * SETTINGS.raise.pot_l,
    shelf_m2: holds ? count * holds.shelf_m2 : 0,
    chance: chanceOfEnough(share, n, want),
    expected: n * rangeOf(share).mean,
    rate: rangeOf(came),
    becomes: rangeOf(share),
    own,
  };
}
