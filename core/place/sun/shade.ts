import type { Point } from '../../model/yard';
import { directionOf, holds } from '../yard/geometry';
import type { Block, CrownShade, Obstruction, Tilt } from './obstructions';
import type { Sun } from './sun-path';

/** The shade of one thing at one moment: where it may fall, and the share (0–1) of sun left at a point there. */
export interface Shade {
  left: number;
  right: number;
  bottom: number;
  top: number;
  lets(x: number, y: number, z: number): number;
}

/** The ray toward the sun in the drawing: unit vector (dx, dy) and the metres it climbs per metre. */
interface Ray {
  dx: number;
  dy: number;
  climb: number;
}

/**
 * A block: a ray toward the sun is stopped by a wall it meets between the base and the top, by an underside it
 * passes from below, or by starting inside. `z` may not exceed the top.
 */
class BlockShade implements Shade {
  left = Infinity;
  right = -Infinity;
  bottom = Infinity;
  top = -Infinity;

  constructor(
    private readonly block: Block,
    private readonly ray: Ray,
  ) {
    const reach = block.top / ray.climb;
    for (const [x, y] of block.points) {
      const [thrownX, thrownY] = [x - ray.dx * reach, y - ray.dy * reach];
      this.left = Math.min(this.left, x, thrownX);
      this.right = Math.max(this.right, x, thrownX);
      this.bottom = Math.min(this.bottom, y, thrownY);
      this.top = Math.max(this.top, y, thrownY);
    }
  }

  lets(x: number, y: number, z: number): number {
    const { block, ray } = this;
    const { edges } = block;
    if (z >= block.top) return 1;
    for (let i = 0; i < edges.length; i += 4) {
      const ex = edges[i + 2]! - edges[i]!;
      const ey = edges[i + 3]! - edges[i + 1]!;
      const across = ray.dx * ey - ray.dy * ex;
      if (across === 0) continue;
      const px = edges[i]! - x;
      const py = edges[i + 1]! - y;
      const away = (px * ey - py * ex) / across;
      if (away < 0) continue;
      const along = (px * ray.dy - py * ray.dx) / across;
      if (along < 0 || along > 1) continue;
      const height = z + away * ray.climb;
      if (height >= block.base && height < block.top) return block.lets;
    }
    if (block.closed && z < block.base) {
      const away = (block.base - z) / ray.climb;
      if (holds(block.points as Point[], [x + ray.dx * away, y + ray.dy * away])) return block.lets;
    } else if (block.closed && holds(block.points as Point[], [x, y])) return block.lets;
    return 1;
  }
}

/** A crown: the ray passes through the ellipsoid where their quadratic has a root ahead of the point. */
class CrownShadeAt implements Shade {
  readonly left: number;
  readonly right: number;
  readonly bottom: number;
  readonly top: number;
  private readonly a: number;

  constructor(
    private readonly crown: CrownShade,
    private readonly ray: Ray,
  ) {
    const { x, y, z, radius, halfHeight } = crown;
    const away = z / ray.climb;
    const stretch = halfHeight / ray.climb;
    // The shade on the ground, and on anything up to the crown itself, which lies between here and there.
    const reachX = radius + stretch * Math.abs(ray.dx);
    const reachY = radius + stretch * Math.abs(ray.dy);
    this.left = Math.min(x, x - ray.dx * away) - reachX;
    this.right = Math.max(x, x - ray.dx * away) + reachX;
    this.bottom = Math.min(y, y - ray.dy * away) - reachY;
    this.top = Math.max(y, y - ray.dy * away) + reachY;
    const vertical = (ray.climb * radius) / halfHeight;
    this.a = 1 + vertical * vertical;
  }

  lets(x: number, y: number, z: number): number {
    const { crown, ray, a } = this;
    // Heights are squeezed so that the ellipsoid is a ball of its own radius.
    const squeeze = crown.radius / crown.halfHeight;
    const px = x - crown.x;
    const py = y - crown.y;
    const pz = (z - crown.z) * squeeze;
    const b = px * ray.dx + py * ray.dy + pz * ray.climb * squeeze;
    const c = px * px + py * py + pz * pz - crown.radius * crown.radius;
    if (c <= 0) return crown.lets;
    return b < 0 && b * b >= a * c ? crown.lets : 1;
  }
}

/** Sloping ground turned away from the sun: no direct sun where the ray would run into the ground. */
class TiltShade implements Shade {
  readonly left: number;
  readonly right: number;
  readonly bottom: number;
  readonly top: number;
  private readonly dark: boolean;

  constructor(
    private readonly tilt: Tilt,
    ray: Ray,
    north_deg: number,
  ) {
    const [fx, fy] = directionOf(tilt.facing_deg, north_deg);
    // Uphill is against the facing: the ground climbs toward the sun by this much per metre.
    this.dark = -(fx * ray.dx + fy * ray.dy) * tilt.rise >= ray.climb;
    const xs = tilt.points.map(([x]) => x);
    const ys = tilt.points.map(([, y]) => y);
    [this.left, this.right] = [Math.min(...xs), Math.max(...xs)];
    [this.bottom, this.top] = [Math.min(...ys), Math.max(...ys)];
  }

  lets(x: number, y: number): number {
    return this.dark && holds(this.tilt.points as Point[], [x, y]) ? 0 : 1;
  }
}

/** The shades of a yard at one moment; `north_deg` is the bearing of the drawing's top. The sun is above the horizon. */
export function shadesAt(obstructions: readonly Obstruction[], sun: Sun, north_deg: number): Shade[] {
  const [dx, dy] = directionOf((sun.azimuth * 180) / Math.PI, north_deg);
  const ray = { dx, dy, climb: Math.tan(sun.altitude) };
  return obstructions.map((one) =>
    one.kind === 'block'
      ? new BlockShade(one, ray)
      : one.kind === 'crown'
        ? new CrownShadeAt(one, ray)
        : new TiltShade(one, ray, north_deg),
  );
}

/** Share (0–1) of direct sun at a point of the drawing `z` metres above the ground. */
export function lightAt(shades: readonly Shade[], [x, y]: Point, z = 0): number {
  let light = 1;
  for (const shade of shades) {
    if (x < shade.left || x > shade.right || y < shade.bottom || y > shade.top) continue;
    light *= shade.lets(x, y, z);
    if (light === 0) return 0;
  }
  return light;
}
