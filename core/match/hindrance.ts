import type { FitReason } from './fit/reasons';
import type { Gate, HazardGate } from './gates/gates';

/** What keeps a plant off a site. Areas in m², heights in cm. */
export type Hindrance =
  | { kind: 'gate'; gate: Gate }
  | { kind: 'unrecorded' }
  /** The dimensions that are unsuitable, the worst first. */
  | { kind: 'unfit'; reasons: FitReason[] }
  /** More would be needed than are ever offered. */
  | { kind: 'too-many'; count: number }
  | { kind: 'no-room'; count: number; wanted_m2: number; left_m2: number }
  | { kind: 'crowns' }
  /** A tree whose crown would hang over more than twice the bed. */
  | { kind: 'too-wide'; crown_m2: number; bed_m2: number }
  /** More of it would make a bed or a pot of one kind. */
  | { kind: 'one-kind'; most: number }
  /** A pot has no place for it left: none at all, or none for a tall one in its middle. */
  | { kind: 'pot-full'; upright: boolean }
  /** A climber in the wind. */
  | { kind: 'windy' }
  | { kind: 'danger'; gates: HazardGate[] }
  | { kind: 'exotic-milkweed' }
  | { kind: 'none-wanted'; most: number }
  | { kind: 'too-tall'; height_cm: number; allowed_cm: number };
