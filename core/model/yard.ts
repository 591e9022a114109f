import { z } from './zod';
import { choice, date, id, name, number } from './fields';
import * as words from './vocabulary';

/**
 * The yard as it is surveyed. Metres in the frame of the drawing: x to the right, y up the page, from its lower
 * left corner; the page's upward direction has the bearing `north_deg`.
 */
const ordinate = z.number('A corner needs two numbers.').min(-500, 'Too far from the yard.').max(1000, 'Too far from the yard.');
export const Point = z.tuple([ordinate, ordinate]);
export const Outline = z.array(Point).max(200, 'Keep an outline under 200 corners.');

export const YardFields = z.object({
  width_m: number(1, 400, 'the width of the yard in metres'),
  depth_m: number(1, 400, 'the depth of the yard in metres'),
  /** Bearing (degrees clockwise from north) of the drawing's upward direction. */
  north_deg: number(0, 359.99, 'the bearing of the drawing’s upper edge'),
  /** A sketch or plat under the drawing: its picture, where its lower left corner lies and how wide it is. */
  underlay: z
    .object({
      picture: id,
      x: ordinate,
      y: ordinate,
      width_m: number(0.5, 600, 'the width of the picture in metres'),
      opacity: number(0.05, 1, 'how strong the picture is'),
    })
    .nullable()
    .default(null),
});

const height = number(0.1, 120, 'the height in metres');
const letsThrough = number(0, 0.95, 'the share of light let through');

/** What of a tree or shrub its shade depends on, now and as it grows. */
const Crown = z
  .object({
    /** Species in the library, where it is known. */
    plant: id.nullable(),
    height_m: height,
    /** Radius of the crown. */
    crown_m: number(0.1, 30, 'the radius of the crown in metres'),
    /** Height of the lowest branches. */
    clear_m: number(0, 60, 'the height of the lowest branches in metres'),
    leaf: choice(['deciduous', 'evergreen'], 'deciduous or evergreen'),
    /** Half-months of leaf-out and leaf-fall; of no account for an evergreen. */
    leaf_out: number(0, 23, 'the half-month of leaf-out').int(),
    leaf_fall: number(0, 23, 'the half-month of leaf-fall').int(),
    /** Share of the sun that comes through in leaf. */
    lets_through: letsThrough,
    /** Metres of height a year, and where it ends. */
    grows_m: number(0, 5, 'the growth in metres a year'),
    grown_m: height,
  })
  .refine((crown) => crown.clear_m < crown.height_m, {
    path: ['clear_m'],
    message: 'The lowest branches are below the top.',
  });

const area = Outline.min(3, 'An area needs three corners.');
const line = Outline.min(2, 'A line needs two ends.');
const spot = Outline.length(1, 'It stands at one point.');
const thing = <K extends string, P extends z.ZodType, T extends z.ZodType>(kind: K, points: P, traits: T) =>
  z.object({ kind: z.literal(kind), name, points, traits });

/** What stands, runs or lies in the yard, or casts its shade over the fence. */
export const ThingFields = z.discriminatedUnion('kind', [
  // A house or shed; with `base_m` above the ground a roof, awning or pergola one can stand under.
  thing(
    'building',
    area,
    z.object({ height_m: height, base_m: number(0, 100, 'the height of its underside'), lets_through: letsThrough }),
  ),
  thing('fence', line, z.object({ height_m: height, lets_through: letsThrough })),
  thing('tree', spot, Crown),
  thing('shrub', spot, Crown),
  thing('path', line, z.object({ width_m: number(0.2, 20, 'the width in metres'), paved: z.boolean() })),
  thing('tap', spot, z.object({ hose_m: number(0, 200, 'the length of the hose in metres') })),
  thing(
    'slope',
    area,
    z.object({ fall_pct: number(0.5, 150, 'the fall in percent'), faces_deg: number(0, 359.99, 'the bearing it faces') }),
  ),
  // Something invasive to clear before planting; the points may be left out.
  thing(
    'invader',
    Outline,
    z.object({
      plant: id.nullable(),
      state: choice(words.CLEARING_STATES, 'how far it is cleared'),
      note: z.string().max(500, 'Keep the note under 500 characters.').default(''),
    }),
  ),
]);

const measure = <K extends string, T extends z.ZodType>(kind: K, reading: T) =>
  z.object({ kind: z.literal(kind), site_id: id, taken_on: date, note: z.string().max(500).default(''), reading });
const layer = number(0, 500, 'the height of the layer in millimetres');

/** A measurement of one bed or container, as it was taken. */
export const MeasureFields = z.discriminatedUnion('kind', [
  // Soil shaken with water in a jar and left to settle: the height of each layer.
  measure(
    'jar',
    z.object({ sand_mm: layer, silt_mm: layer, clay_mm: layer }).refine((jar) => jar.sand_mm + jar.silt_mm + jar.clay_mm >= 10, {
      path: ['sand_mm'],
      message: 'The layers together are at least 10 mm.',
    }),
  ),
  measure(
    'feel',
    z.object({
      ball: z.boolean(),
      ribbon_mm: number(0, 150, 'the length of the ribbon in millimetres'),
      grain: choice(['gritty', 'smooth', 'neither'], 'how it feels'),
    }),
  ),
  // A hole filled twice: how far the second filling fell in how long.
  measure(
    'hole',
    z.object({ drop_cm: number(0, 100, 'the fall of the water in centimetres'), minutes: number(1, 4320, 'the minutes') }),
  ),
  measure(
    'probe',
    z
      .object({
        ph: number(2.5, 10, 'the pH').nullable(),
        /** Share of the soil's volume that is water. */
        moisture_pct: number(0, 70, 'the moisture in percent').nullable(),
        light_klx: number(0, 150, 'the light in kilolux').nullable(),
        device: choice(['typed', 'simulated'], 'where the reading comes from'),
      })
      .refine((probe) => probe.ph !== null || probe.moisture_pct !== null || probe.light_klx !== null, {
        path: ['ph'],
        message: 'Give at least one reading.',
      }),
  ),
  // An hour-by-hour sheet: the sun seen on the bed in each hour looked at, by the clock of `utc_offset_h`.
  measure(
    'watch',
    z.object({
      utc_offset_h: number(-12, 14, 'the offset of the clock in hours'),
      hours: z
        .array(
          z.object({
            hour: number(0, 23, 'the hour').int(),
            sun: z.union([z.literal(0), z.literal(0.5), z.literal(1)], 'Sun, part or shade.'),
          }),
        )
        .min(3, 'Look at three hours at least.')
        .max(24),
    }),
  ),
]);

const stored = { id, revision: z.number().int().min(0) };
export const Thing = ThingFields.and(z.object(stored));
export const Measure = MeasureFields.and(z.object(stored));
export const Picture = z.object({
  id,
  data: z
    .string()
    .max(1_500_000, 'The picture is too large: keep it under one megabyte.')
    .regex(/^data:image\/(png|jpeg|webp);base64,[A-Za-z0-9+/=]+$/, 'A picture is a PNG, JPEG or WebP.'),
});

export type Point = z.infer<typeof Point>;
export type YardFields = z.infer<typeof YardFields>;
export type ThingFields = z.infer<typeof ThingFields>;
export type ThingKind = ThingFields['kind'];
export type Thing = ThingFields & { id: string; revision: number };
export type ThingOf<K extends ThingKind> = Extract<ThingFields, { kind: K }> & { id: string; revision: number };
export type Crown = z.infer<typeof Crown>;
export type MeasureFields = z.infer<typeof MeasureFields>;
export type MeasureKind = MeasureFields['kind'];
export type Measure = MeasureFields & { id: string; revision: number };
export type MeasureOf<K extends MeasureKind> = Extract<MeasureFields, { kind: K }> & { id: string; revision: number };
export type Reading<K extends MeasureKind> = Extract<MeasureFields, { kind: K }>['reading'];
export type Picture = z.infer<typeof Picture>;
