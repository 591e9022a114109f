import { z } from '../../model/zod';
import type { Site } from '../../model/garden';
import type { Frosts } from '../../model/here';
import { ThingFields, YardFields, type Point, type ThingKind } from '../../model/yard';
import { freshThing, THING_NAMES } from './fresh';
import { areaOf, rectangleOf } from './geometry';

/** A position on the earth in degrees, as GeoJSON has it: longitude first. */
type Position = [number, number];
export interface Place {
  lat: number;
  lon: number;
}
export interface YardDrawing {
  yard: YardFields;
  things: ThingFields[];
  beds: { name: string; kind: Site['kind']; outline: Point[] }[];
}

/** Metres in a degree of latitude; one of longitude is this times the cosine of the latitude. Good to a centimetre over a yard. */
const METRES_PER_DEGREE = 111_320;

/** From the drawing (metres, lower left corner at the garden's coordinates) to the earth. */
export function toEarth([x, y]: Point, place: Place, north_deg: number): Position {
  const turn = (north_deg * Math.PI) / 180;
  const east = x * Math.cos(turn) + y * Math.sin(turn);
  const north = y * Math.cos(turn) - x * Math.sin(turn);
  const perLon = METRES_PER_DEGREE * Math.cos((place.lat * Math.PI) / 180);
  return [Number((place.lon + east / perLon).toFixed(8)), Number((place.lat + north / METRES_PER_DEGREE).toFixed(8))];
}
/** From the earth back to the drawing, to the centimetre. */
function fromEarth([lon, lat]: Position, place: Place, north_deg: number): Point {
  const turn = (north_deg * Math.PI) / 180;
  const east = (lon - place.lon) * METRES_PER_DEGREE * Math.cos((place.lat * Math.PI) / 180);
  const north = (lat - place.lat) * METRES_PER_DEGREE;
  const round = (value: number) => Number(value.toFixed(2)) + 0;
  return [round(east * Math.cos(turn) - north * Math.sin(turn)), round(east * Math.sin(turn) + north * Math.cos(turn))];
}

type Geometry =
  | { type: 'Polygon'; coordinates: Position[][] }
  | { type: 'LineString'; coordinates: Position[] }
  | { type: 'Point'; coordinates: Position };
interface Feature {
  type: 'Feature';
  geometry: Geometry | null;
  properties: Record<string, unknown>;
}
export interface FeatureCollection {
  type: 'FeatureCollection';
  features: Feature[];
}

function geometryOf(points: readonly Point[], closed: boolean, place: Place, north_deg: number): Geometry | null {
  const earth = points.map((point) => toEarth(point, place, north_deg));
  if (earth.length === 0) return null;
  if (earth.length === 1) return { type: 'Point', coordinates: earth[0]! };
  return closed && earth.length >= 3
    ? { type: 'Polygon', coordinates: [[...earth, earth[0]!]] }
    : { type: 'LineString', coordinates: earth };
}

/**
 * The yard as GeoJSON (RFC 7946): the yard's edge, every thing and every drawn bed is a feature, its measures among
 * the properties. The drawing's lower left corner stands at the garden's coordinates.
 */
export function yardToGeoJson(
  yard: YardFields,
  things: readonly ThingFields[],
  sites: readonly Site[],
  place: Place,
): FeatureCollection {
  const feature = (points: readonly Point[], closed: boolean, properties: Record<string, unknown>): Feature => ({
    type: 'Feature',
    geometry: geometryOf(points, closed, place, yard.north_deg),
    properties,
  });
  const { width_m, depth_m, north_deg } = yard;
  return {
    type: 'FeatureCollection',
    features: [
      feature(rectangleOf(width_m, depth_m), true, { outwash: 'yard', name: 'Yard', width_m, depth_m, north_deg }),
      ...things.map((thing) =>
        feature(thing.points, thing.kind === 'building' || thing.kind === 'slope' || thing.kind === 'invader', {
          outwash: thing.kind,
          name: thing.name,
          ...thing.traits,
        }),
      ),
      ...sites
        .filter((site) => site.outline.length > 0)
        .map((site) => feature(site.outline, true, { outwash: site.kind, name: site.name, area_m2: site.area_m2 })),
    ],
  };
}

const position = z.tuple([z.number(), z.number()]).rest(z.number());
const Collection = z.object({
  type: z.literal('FeatureCollection', 'A GeoJSON file of a yard is a FeatureCollection.'),
  features: z
    .array(
      z.object({
        geometry: z
          .discriminatedUnion('type', [
            z.object({ type: z.literal('Polygon'), coordinates: z.array(z.array(position).min(4)).min(1) }),
            z.object({ type: z.literal('LineString'), coordinates: z.array(position).min(2) }),
            z.object({ type: z.literal('Point'), coordinates: position }),
          ])
          .nullable(),
        properties: z.record(z.string(), z.unknown()).nullable(),
      }),
    )
    .min(1, 'The file holds no feature.')
    .max(1000, 'The file holds more than a thousand features.'),
});

/** Why a file could not be taken in: every fault in it, each a sentence that names its feature. */
export class GeoJsonFault extends Error {
  constructor(readonly faults: readonly string[]) {
    super(faults.join(' '));
  }
}

/** What a feature may be called, beside the kinds' own names: as people, and other programs, say it. */
const SAID: Record<string, ThingKind | Site['kind']> = {
  house: 'building',
  shed: 'building',
  garage: 'building',
  wall: 'fence',
  bush: 'shrub',
  walk: 'path',
  walkway: 'path',
  driveway: 'path',
  faucet: 'tap',
  hydrant: 'tap',
  border: 'bed',
  garden: 'bed',
  pot: 'container',
  planter: 'container',
};
const KINDS: readonly string[] = [...Object.keys(THING_NAMES), 'bed', 'container'];
/** The properties that say what a feature is, the first that does. */
const SAYING = ['outwash', 'kind', 'type', 'natural', 'barrier', 'building'];

/** What a feature is; null where its properties say nothing that is known, and what they say. */
function kindOf(properties: Record<string, unknown>): { kind: ThingKind | Site['kind'] | null; said: string } {
  let said = '';
  for (const key of SAYING) {
    const value = properties[key];
    if (typeof value !== 'string') continue;
    said ||= value;
    const word = value.trim().toLowerCase();
    const kind = KINDS.includes(word) ? (word as ThingKind) : (SAID[word] ?? (key === 'building' ? 'building' : null));
    if (kind) return { kind, said };
  }
  return { kind: null, said };
}

const pointsOf = (geometry: z.infer<typeof Collection>['features'][number]['geometry']): Position[] => {
  if (!geometry) return [];
  const found =
    geometry.type === 'Polygon'
      ? geometry.coordinates[0]!.slice(0, -1)
      : geometry.type === 'LineString'
        ? geometry.coordinates
        : [geometry.coordinates];
  return found.map(([lon, lat]) => [lon, lat]);
};

/**
 * A yard from GeoJSON. Takes what yardToGeoJson wrote, and what people and other programs write: kinds by their usual
 * words, polygons that say nothing as beds by their `name`, and measures that are not given as such things usually have
 * them. Throws a GeoJsonFault with all that is wrong, feature by feature.
 */
export function yardFromGeoJson(json: unknown, place: Place & Frosts): YardDrawing {
  const parsed = Collection.safeParse(json);
  if (!parsed.success)
    throw new GeoJsonFault([
      ...new Set(
        parsed.error.issues.map(({ path, message }) =>
          path[0] === 'features' && path.length > 1
            ? `Feature ${Number(path[1]) + 1} is not a polygon, line or point of GeoJSON.`
            : message,
        ),
      ),
    ]);
  const { features } = parsed.data;
  const faults: string[] = [];
  const edge = features.find((feature) => feature.properties?.outwash === 'yard');
  const measured = YardFields.safeParse({ ...edge?.properties, underlay: null });
  const north_deg = measured.success ? measured.data.north_deg : 0;
  const drawing: YardDrawing = { yard: { width_m: 20, depth_m: 15, north_deg, underlay: null }, things: [], beds: [] };
  features.forEach((feature, index) => {
    if (feature === edge) return;
    const properties = feature.properties ?? {};
    const { name } = properties;
    const called = typeof name === 'string' && name.trim() ? name.trim().slice(0, 80) : `Feature ${index + 1}`;
    const points = pointsOf(feature.geometry).map((at) => fromEarth(at, place, north_deg));
    if (points.some(([x, y]) => Math.abs(x) > 500 || Math.abs(y) > 500)) {
      faults.push(`${called} lies more than 500 m from the garden’s coordinates: set those first.`);
      return;
    }
    const { kind, said } = kindOf(properties);
    if (kind === 'bed' || kind === 'container' || (kind === null && said === '' && points.length >= 3)) {
      drawing.beds.push({ name: called, kind: kind ?? 'bed', outline: points });
      return;
    }
    if (kind === null) {
      faults.push(
        `${called} ${said ? `is called “${said}”, which is nothing that can be drawn` : 'does not say what it is'}: give it a property “outwash” with one of ${KINDS.join(', ')}.`,
      );
      return;
    }
    const usual = freshThing(kind, points, place);
    const given = Object.entries(properties).filter(
      ([key, value]) => key in usual.traits && value !== null && value !== undefined,
    );
    const thing = ThingFields.safeParse({
      kind,
      name: called,
      points,
      traits: { ...usual.traits, ...Object.fromEntries(given) },
    });
    if (thing.success) drawing.things.push(thing.data);
    else for (const { message } of thing.error.issues) faults.push(`${called}: ${message}`);
  });
  if (faults.length > 0) throw new GeoJsonFault(faults);
  if (measured.success) drawing.yard = measured.data;
  else {
    const all = [...drawing.things, ...drawing.beds.map((bed) => ({ points: bed.outline }))].flatMap((row) => row.points);
    const reach = (of: (point: Point) => number) => Math.min(400, Math.max(1, Math.ceil(Math.max(0, ...all.map(of)))));
    drawing.yard = { ...drawing.yard, width_m: reach(([x]) => x), depth_m: reach(([, y]) => y) };
  }
  return drawing;
}

/** What taking a drawing in would change: things that come and go, and beds that are new, drawn again or of another size. */
export interface DrawingChange {
  things: { now: number; then: number };
  /** Areas in m²; null where the bed is new. */
  beds: { name: string; now_m2: number | null; then_m2: number | null }[];
}

/** What a drawing would change in a garden. A container keeps the area of its pot. */
export function drawingChange(drawing: YardDrawing, things: number, sites: readonly Site[]): DrawingChange {
  return {
    things: { now: things, then: drawing.things.length },
    beds: drawing.beds.map(({ name, kind, outline }) => {
      const known = sites.find((site) => site.name === name);
      const then_m2 = kind === 'container' ? (known?.area_m2 ?? null) : areaOf(outline);
      return { name, now_m2: known?.area_m2 ?? null, then_m2 };
    }),
  };
}
