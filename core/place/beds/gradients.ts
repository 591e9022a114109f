import type { Site } from '../../model/garden';
import type { Side } from '../../model/vocabulary';
import type { Point, Thing, ThingOf } from '../../model/yard';
import { SETTINGS } from '../../settings';
import type { BedSun } from '../sun/bed-sun';
import type { DrawnYard } from '../sun/raster';
import { directionOf, toLine, toOutline } from '../yard/geometry';
import { slopeUnder } from '../yard/neighbours';
import { TOWARD, type BedFrame } from './frame';

/** What a place in a bed has: hours of direct sun a day in the season, and how moist it stays (1–5, not in whole steps). */
export interface Ground {
  sun_h: number;
  moisture: number;
}
/** Why a place is drier or wetter than its bed, in steps of moisture. */
export interface MoistureReason {
  why: 'slope' | 'side' | 'paving' | 'wall' | 'roots' | 'shade';
  steps: number;
}

/** A bed in its yard, as its gradients are taken. */
export interface BedInYard {
  site: Pick<Site, 'outline' | 'sun_h' | 'moisture'>;
  frame: BedFrame;
  yard: DrawnYard | null;
  things: readonly Thing[];
  /** The sun on it in the season, where it is drawn. */
  across: BedSun['across'] | null;
  /** The side that the gardener finds wetter. */
  wetter: Side | null;
}

const of = <K extends Thing['kind']>(things: readonly Thing[], kind: K) =>
  things.filter((row) => row.kind === kind) as ThingOf<K>[];

/**
 * The gradients within a bed. Sun: by the drawing, in proportion to the figure that counts for the bed, so that its mean is
 * that figure. Moisture: the bed’s own, and what moves it from place to place (SETTINGS.layout.moisture): the fall of a
 * slope, the side that the gardener finds wetter, paving, the dry foot of a wall, roots, and shade. Level without a drawing.
 */
export class Gradients {
  readonly #bed: BedInYard;
  readonly #points: Point[];
  readonly #sun: number[];
  readonly #slope: ThingOf<'slope'> | null;
  readonly #mean: number;
  #level: number | null = null;

  constructor(bed: BedInYard) {
    this.#bed = bed;
    const { site, frame, yard, things, across } = bed;
    const drawn = yard !== null && frame.origin !== null;
    const [ox, oy] = frame.origin ?? [0, 0];
    this.#points = drawn && across ? across.points.map(([x, y]): Point => [x - ox, y - oy]) : [];
    this.#sun = across?.hours ?? [];
    this.#mean = this.#sun.length > 0 ? this.#sun.reduce((sum, h) => sum + h, 0) / this.#sun.length : 0;
    this.#slope = drawn ? slopeUnder(site, things) : null;
  }

  /** What there is at a place of the bed (m, in its frame). */
  at(place: Point): Ground {
    const sun_h = this.#sunAt(place);
    const moved = this.#moved(place) - this.#levelOf();
    return { sun_h, moisture: Math.max(1, Math.min(5, this.#bed.site.moisture + moved)) };
  }

  #moved(place: Point): number {
    return this.reasons(place).reduce((sum, { steps }) => sum + steps, 0);
  }
  /** The mean of what moves it: the figure of the bed is that of all its places together. */
  #levelOf(): number {
    this.#level ??=
      this.#points.length === 0 ? 0 : this.#points.reduce((sum, place) => sum + this.#moved(place), 0) / this.#points.length;
    return this.#level;
  }

  /** The sun at a place: of the sampled places around it, the nearer the more. */
  #sunAt([x, y]: Point): number {
    const { sun_h } = this.#bed.site;
    if (this.#mean < 0.1 || this.#points.length === 0) return sun_h;
    let [sum, all] = [0, 0];
    this.#points.forEach(([px, py], i) => {
      const near = 1 / ((px - x) ** 2 + (py - y) ** 2 + 0.01) ** 2;
      sum += near * this.#sun[i]!;
      all += near;
    });
    return (sum / all) * (sun_h / this.#mean);
  }

  /** Why a place is drier or wetter than the bed; what hardly moves it is left out. */
  reasons(place: Point): MoistureReason[] {
    const { frame, things, wetter, site } = this.#bed;
    const { moisture } = SETTINGS.layout;
    const found: MoistureReason[] = [];
    const add = (why: MoistureReason['why'], steps: number) => {
      if (Math.abs(steps) >= 0.05) found.push({ why, steps });
    };
    /** From −1 at one end of the bed to 1 at the other in a direction. */
    const along = ([dx, dy]: Point) => {
      const reach = (Math.abs(dx) * frame.width + Math.abs(dy) * frame.depth) / 2;
      return reach === 0 ? 0 : ((place[0] - frame.width / 2) * dx + (place[1] - frame.depth / 2) * dy) / reach;
    };
    if (wetter) add('side', moisture.side * along(TOWARD[wetter]));
    if (!frame.origin || !this.#bed.yard) return found;
    const at: Point = [place[0] + frame.origin[0], place[1] + frame.origin[1]];
    if (this.#slope) {
      const { fall_pct, faces_deg } = this.#slope.traits;
      add(
        'slope',
        moisture.slope * Math.min(1, fall_pct / moisture.fullFall_pct) * along(directionOf(faces_deg, this.#bed.yard.north_deg)),
      );
    }
    const paving = of(things, 'path').filter((path) => path.traits.paved);
    const toPaving = Math.min(Infinity, ...paving.map((path) => toLine(at, path.points) - path.traits.width_m / 2));
    add('paving', -moisture.paving * Math.max(0, 1 - Math.max(0, toPaving) / moisture.pavingM));
    const walls = of(things, 'building').filter((wall) => wall.traits.base_m === 0);
    const toWall = Math.min(Infinity, ...walls.map((wall) => toOutline(at, wall.points)));
    add('wall', -moisture.wall * Math.max(0, 1 - toWall / moisture.wallM));
    const rooted = of(things, 'tree').some((tree) => toLine(at, tree.points) <= tree.traits.crown_m);
    if (rooted) add('roots', -moisture.roots);
    add(
      'shade',
      Math.max(-moisture.mostShade, Math.min(moisture.mostShade, moisture.perShadeH * (site.sun_h - this.#sunAt(place)))),
    );
    return found;
  }
}
