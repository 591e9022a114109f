import { z } from 'zod';
import { SCHEMAS } from '../../core/model/reference';
import { REFERENCE_FILE_NAMES, TABLES, type ReferenceFile } from '../../core/model/tables';

type Columns<File extends ReferenceFile> = Record<keyof z.input<(typeof SCHEMAS)[File]> & string, string>;

/** What each column of the library's tables means. A column without a meaning does not compile. */
const MEANINGS: { [File in ReferenceFile]: Columns<File> } = {
  'regions.csv': {
    id: 'Name of the region in other tables',
    name: 'Name shown',
    summary: 'Where it lies, in a few words',
    lat: 'Latitude of its middle, degrees north',
    lon: 'Longitude of its middle, degrees east (so below zero)',
    elevation_m: 'Height for which its dates hold, metres',
    zone_min: 'Coldest hardiness half-zone found in it',
    zone_max: 'Mildest hardiness half-zone found in it',
    summer: 'Heat of its summers',
    humidity: 'Humidity of its summers',
    annual_rain_mm: 'Rain and melted snow in a usual year, millimetres',
    soils: 'Usual soils, in words',
    bed_texture: 'Texture that a new bed starts from: a rule of thumb, until it is measured',
    bed_drainage: 'Its drainage, by the same rule',
    bed_ph: 'Its pH, by the same rule',
    last_frost: 'Average last frost of spring; blank: no frost',
    first_frost: 'Average first frost of autumn; blank: no frost',
    frost_spread_d: 'Standard deviation of both frosts from year to year, days; blank: 12',
    broad: 'The wider region whose nurseries it shares',
  },
  'climate-normals.csv': {
    region: 'The region',
    month: '1 January … 12 December',
    tmin_c: 'Mean daily minimum, °C',
    tmax_c: 'Mean daily maximum, °C',
    rain_mm: 'Rain in the month, millimetres',
    rain_days: 'Days with rain',
    et0_mm: 'Reference evapotranspiration in the month, millimetres',
  },
  'region-areas.csv': {
    jurisdiction: 'State or province',
    lat_min: 'Southern edge',
    lat_max: 'Northern edge',
    lon_min: 'Western edge',
    lon_max: 'Eastern edge',
    region: 'The region of places within these edges; of a jurisdiction’s rows the first that holds a place counts',
  },
  'targets.csv': {
    id: 'Name of the creature in other tables',
    kind: 'Butterfly, moth or hummingbird',
    common: 'Common name',
    scientific: 'Scientific name',
    also: 'Older scientific and other common names it is found by, joined by |',
    family: 'Family',
    size_min_mm: 'Smallest wingspan (hummingbirds: length), millimetres',
    size_max_mm: 'Largest wingspan (hummingbirds: length), millimetres',
    overwinters_as: 'Life stage in which it passes the winter',
    overwinters_in: 'Shelter in which it does',
    winter_larva:
      'How far a wintering larva has fed: unfed and part-grown ones feed in spring, part-grown and full-grown ones in autumn',
    adult_food: 'What keeps the adults; none for moths that do not feed',
    tongue_mm: 'Length of tongue or bill with tongue, millimetres',
    flower_forms: 'Flower forms it drinks from',
    special_needs: 'What it needs beside leaf, nectar and shelter',
    eats: 'What its larvae eat of a host: leaf where blank, or buds and flowers',
    clutch: 'Larvae of one mass of eggs that feed together; blank: eggs laid one by one',
    larva_leaf_g: 'Fresh leaf one larva eats until grown, grams',
    dev_base_c: 'Temperature below which it does not develop, °C',
    dev_degree_days: 'Degree-days from egg to adult above that',
    patch_plants: 'Fewest host plants in one place that are usually laid on, where it differs from the rule by plant size',
    patch_kinds: 'Fewest kinds of host, where one is known not to serve the whole season',
    adult_marks: 'Marks by which the adult is known',
    young_marks: 'Marks by which egg, larva or nest is known',
    glyph: 'Drawing of the creature: its parts and colours',
    concern: 'Cause for concern, in words; blank: none known',
    confidence: 'How sure the row is',
  },
  'occurrence.csv': {
    target: 'The creature',
    region: 'The region',
    status: 'As what it occurs there',
    ease: 'How hard it is to bring to a garden: 1 easy … 3 hard',
    nest_first: 'Hummingbirds: half-month of nest building; blank where none nests',
    nest_last: 'Hummingbirds: half-month of the last fledgling',
    overwinters_as: 'How it winters there, where not as it usually does; all-year: it breeds on',
    overwinters_in: 'Shelter in which it does there',
    winter_larva: 'How far a wintering larva has fed there',
    confidence: 'How sure the row is; blank: as the creature’s',
  },
  'flights.csv': {
    target: 'The creature',
    region: 'The region',
    part: 'What it does in this part of its year; return: the passage back in autumn',
    first: 'First half-month of it',
    last: 'Last half-month of it; before the first where it runs over the new year',
    broods: 'Broods stated: 1 is one however warm it is, from 2 on the heat of the garden makes them; 0: none grows up',
    laying: 'Whether its adults lay eggs there',
    zones: 'Half-zones in which it holds, as 9b-13b; blank: all',
  },
  'hosts.csv': {
    target: 'The creature',
    plant: 'The plant its larvae eat',
    rank: 'How well it serves',
    light: 'Light in which eggs are laid on it',
    note: 'In words',
    part: 'What of it is eaten; blank: what the creature usually eats',
    confidence: 'Of this row; blank: as the creature’s',
  },
  'plants.csv': {
    id: 'Name of the plant in other tables',
    common: 'Common name',
    scientific: 'Scientific name',
    also: 'Older scientific and other common names it is found by, joined by |',
    family: 'Family',
    kind: 'Annual, perennial, shrub, tree …',
    zone_min: 'Coldest half-zone it stands in the ground',
    zone_max: 'Mildest half-zone it does well in',
    heat_limit: 'Hottest summers it bears',
    sun_min_h: 'Fewest hours of direct sun a day in the growing season',
    sun_max_h: 'Most hours',
    afternoon_shade_from_zone: 'Half-zone from which it wants shade in the afternoon; blank: nowhere',
    moisture_min: 'Driest soil: 1 dry … 5 wet',
    moisture_max: 'Wettest soil',
    drainage: 'Drainage it asks',
    textures: 'Soil textures it grows in',
    ph_min: 'Lowest pH',
    ph_max: 'Highest pH',
    humidity: 'Summer air it asks',
    salt: 'Salt it bears',
    height_min_cm: 'Least height when grown, centimetres',
    height_max_cm: 'Greatest height when grown',
    spread_cm: 'Width when grown, centimetres',
    spacing_cm: 'Distance from plant to plant, centimetres',
    habit: 'How it spreads',
    vigour: 'How strongly: 1 weak … 3 overruns its neighbours',
    life_years: 'Years it usually lives',
    years_to_flower: 'Years from sowing to the first flowers; 0: in the first year',
    foliage_first: 'Half-month of the first leaf',
    foliage_last: 'Half-month of the last leaf',
    bloom_first: 'Half-month of the first flowers, in the region of bloom_ref; blank: none of use',
    bloom_last: 'Half-month of the last flowers there',
    blooms_to_frost: 'y where only frost ends the bloom',
    rebloom_days: 'Days from a cut to the second bloom; blank: it has none',
    sow_in_place:
      'Weeks before the last frost in which it is sown in spring where it is to grow; below zero: after it; blank: it is not',
    sow_indoors: 'The same of sowing indoors; blank: it is not, or as is usual',
    as_annual: 'y where it is tender, flowers in the year it is planted and is grown for one summer where its winter is too cold',
    bloom_ref: 'Region for which leaf and bloom are stated; elsewhere they are moved by place',
    phenology:
      'By what its bloom keeps time; blank where the rule says it: ever for all-year windows, tender for annuals that flower to frost, rain for those that open in November or December, else spring, summer and autumn by the first half-month (from 11, from 15)',
    glyph: 'How its leaves and heads are drawn; blank: by its kind and flower form',
    colour: 'Colour of the flowers, in words',
    colour_hex: 'The same as drawn',
    flower_form: 'Form of the flowers',
    tube_mm: 'Depth at which the nectar lies, millimetres',
    nectar_butterfly: 'Worth to butterflies, 0 … 3',
    nectar_hummingbird: 'Worth to hummingbirds, 0 … 3',
    nectar_moth: 'Worth to moths, 0 … 3',
    alkaloid: 'y where butterflies seek its alkaloids',
    leaf_g: 'Fresh leaf of a grown plant, grams',
    deer: 'Resistance to deer: low is eaten first',
    container: 'Does it live in pots?',
    container_role: 'Its place in a mixed pot',
    container_min_l: 'Smallest pot, litres',
    price_minor: 'Rough price of one plant, US cents',
    trade:
      'How it can be had: in every garden centre, from native nurseries, as seed only, seldom at all. Native nurseries sell what is native nearby',
    trade_in: 'Broad regions in which that holds, blank for all; elsewhere it is one step harder to get',
    manners:
      'How it behaves in a bed: fit for a border, wild-looking, weedy, spiny or burred or a rash, running away, a half-parasite, or known so that it is never planted',
    raising: 'How a beginner gets it: easy from seed, needs skill, or buy it',
    basis: 'What values rest on, by group: estimated (from kin or by a rule) or default; a group not named is known',
    craft_confidence: 'Confidence in trade, manners and raising',
    confidence: 'How sure the row is',
  },
  'blooms.csv': {
    plant: 'The plant',
    region: 'The region it is stated for',
    first: 'Day of the first flowers, month and day',
    last: 'Day of the last; before the first where it flowers over the new year',
    years: 'Years on record behind it; blank: general knowledge',
    confidence: 'How sure the row is',
  },
  'plant-status.csv': {
    plant: 'The plant',
    place: 'A region, a state or province, or `anywhere`; the nearest row counts',
    status: 'Native, introduced, listed …',
    as_of: 'Year in which it was set down',
    note: 'In words',
  },
  'cautions.csv': {
    plant: 'The plant',
    hazard: 'Whom it can hurt, and how',
    severity: '1 mild … 3 grave',
    note: 'What is known, in words',
  },
  'propagation.csv': {
    plant:
      'Whom it is for: a plant, species, genus or family. The nearest rows count: for seed all together, for each other way by itself; figures of a genus or family are shown as those of its kin',
    method: 'Ways that share the figures, joined by |',
    never: 'y: it is not raised in these ways; with `any`, in none',
    window:
      'When it is begun: spans from one anchor of the year to another, as `last-frost+25..last-frost+85`, joined by |; some for one class of year only, as `desert:10-01..11-30`; blank: as is usual for the way',
    treatment:
      'What is done to the seed before, joined by |; fresh: sown when it is ripe; double: warm and moist first, then cold',
    warm_days: 'Days warm and moist, before the cold',
    chill_days: 'Days of cold and wet that the seed wants; 0: none',
    chill_c: 'At what temperature, °C; blank: as a refrigerator has it',
    depth_mm: 'How deep seed, bulb or tuber lies, millimetres; 0: on the surface, in the light',
    warmth_c: 'Warmth for coming up or rooting, °C',
    days_from: 'Days until the first are up or rooted',
    days_to: 'Days until the last are',
    rate_from: 'Share that comes up or roots, of a poor lot, 0 … 1',
    rate_to: 'The same of a good lot',
    pot_on_days: 'Days from coming up to pricking out; blank: as is usual',
    harden_days: 'Days of hardening off; blank: as is usual',
    night_c: 'Coldest night it is set out to, °C; blank: by the last frost',
    nodes: 'Nodes on a cutting',
    nodes_below: 'Of these below the surface',
    leaves: 'Leaves left on it',
    wood: 'Of what growth it is cut',
    every_from: 'Years between divisions, at the least',
    every_to: 'At the most',
    pieces_from: 'Pieces that a grown clump gives, at the least',
    pieces_to: 'At the most',
    flowers_years: 'Years from sowing to the first flower; blank: as the plant’s row says',
    beside: 'What it must grow beside, where it lives on another root',
    how: 'Steps of its own, joined by |',
    fails: 'What goes wrong',
    confidence: 'How sure the row is',
  },
  'care.csv': {
    plant:
      'Whom it is for: a plant, species, genus, family or kind, `any`, a tag as `#half-shrub`, or what a bed offers as `@feeder`; the most particular row counts',
    action: 'What is done',
    never: 'y: it is never done, whatever other rows say; with days, never in them',
    from: 'First day, by an anchor of the year: `last-frost+14`, `bloom-end-7`, `leaf-out`, `cool-nights 5`, `warm-nights 10`, `rains`, or `07-04`',
    until: 'Last day, likewise; both blank: at any time',
    every_days: 'Days until it is due again within its window; blank: once',
    every_years: 'Years between; blank: each year',
    age_from: 'Years since planting from which it is done; 0 is the year of planting',
    age_to: 'Years since planting up to which it is done',
    place: 'Only in a pot, or only in the ground',
    where: 'Regions, or half-zones as 5a-8b, joined by |; blank: everywhere',
    school: 'School of autumn or of pots in which it is done; blank: all',
    thirst: 'Of watering: how dry the ground may grow, from `moist` to `none`',
    minutes: 'Minutes for one plant, pot or place; an estimate',
    tools: 'What it is done with',
    amount: 'How much for one plant or pot',
    unit: 'Of what; `cm of …` for a layer on the ground it takes',
    how: 'Steps, joined by |',
    why: 'The reason, in a sentence',
    confidence: 'high, medium or low',
  },
  'plant-tags.csv': {
    plant: 'A plant, species, genus or family',
    tag: 'What of its nature its care depends on and no column says',
    confidence: 'high, medium or low',
  },
  'symptoms.csv': {
    id: 'The name of the row',
    part: 'On what it is seen: flower, leaf, stem, whole or root of a plant; adult, egg, larva or pupa of a creature',
    name: 'What is seen, in a gardener’s words',
    who: 'On whom: plants, species, genera, families, kinds, creatures or tags as `#half-shrub`, joined by |; blank: on any',
    glyph: 'What is drawn: the part, then its mark',
    first: 'What to look for before anything is done',
  },
  'causes.csv': {
    symptom: 'The symptom',
    cause: 'The name of the cause within it',
    name: 'The cause in words',
    who: 'Of whom: names as in symptoms.csv; blank: of any that has the symptom',
    prior: 'How common it is where nothing else is known, in steps of doubling; judgement',
    months: 'Months in which it is met, as 4-9|11-2; blank: all',
    evidence:
      'Facts of place, age, year, weather, work and log with their weights where they hold (and where they do not), in steps of doubling, as shade:4|settled:-3|pot:4/-6; judgement',
    asks: 'Checks with the weights of yes and no, as soil-dry:4/-5; judgement',
    well: 'y: it is as it should be, and nothing is to be cured',
    action: 'The kind of work that its remedy is, where it is one of care',
    now: 'What is done now',
    next: 'What is done in its season, or next time',
    creatures: 'What it has to do with the creatures',
    expert: 'When to ask the extension office, or a licensed hand',
  },
  'checks.csv': {
    id: 'The name of the row',
    question: 'What is asked; yes and no are its answers',
    how: 'How to look',
    minutes: 'Minutes it takes',
    share: 'How often the answer is yes where nothing is known (0–1); judgement',
  },
  'clearing.csv': {
    plant: 'An invasive plant, its genus, family or kind; the nearest row counts',
    way: 'What usually clears it by hand',
    season: 'When',
    years: 'Years until nothing more comes up',
    note: 'In words',
  },
  'prices.csv': {
    of: 'The plant and the size it is sold in, as asclepias-syriaca pot; or mix bag, mulch bag, support',
    minor: 'Price, hundredths of the currency',
  },
  'lookalikes.csv': {
    a: 'A creature',
    b: 'Another that is easily mistaken for it',
    look: 'Where to look',
    a_mark: 'What is seen there of the first',
    b_mark: 'What is seen there of the other',
    confidence: 'high, medium or low',
    note: 'In words',
  },
};

interface Shape {
  type?: string;
  enum?: string[];
  pattern?: string;
  minimum?: number;
  maximum?: number;
  anyOf?: Shape[];
}

/** What a cell may hold, from its schema. */
function allowed(shape: Shape): string {
  const inner = shape.anyOf?.find((row) => row.type !== 'null') ?? shape;
  if (inner.enum) return inner.enum.map((word) => `\`${word}\``).join(', ');
  if (inner.minimum !== undefined) return `${inner.minimum} … ${inner.maximum}`;
  return inner.pattern ? `as \`${inner.pattern.replaceAll('|', '\\|')}\`` : 'text';
}

/** docs/columns.md: every column of every table, what it means and what it may hold. */
export function columnsPage(): string {
  const tables = REFERENCE_FILE_NAMES.map((file) => {
    const { properties } = z.toJSONSchema(SCHEMAS[file], { io: 'input', unrepresentable: 'any' }) as {
      properties: Record<string, Shape>;
    };
    const rows = Object.entries(MEANINGS[file]).map(
      ([column, meaning]) => `| \`${column}\` | ${meaning} | ${allowed(properties[column]!)} |`,
    );
    return [
      `## ${file}`,
      `One row for each ${TABLES[file].key.map((name) => `\`${name}\``).join(' and ')}.`,
      `| column | meaning | cells |\n|---|---|---|\n${rows.join('\n')}`,
    ].join('\n\n');
  });
  return `# Columns of the CSV tables

Made by \`npm run docs\` from the schemas in core/model/reference.ts. UTF-8, comma-separated, a header row. A blank cell means
"does not apply" or "not usual". Lists in a cell are separated by \`|\`. Half-months run from 0 (1–15 January) to 23 (16–31
December). The same columns go out of the application and come back in (Library, Tables and corrections).

${tables.join('\n\n')}

## Tables that go out only

The **ledger** of the season: \`Species\`, \`Need\`, \`Verdict\` (closed, thin or open), \`Served\` (share of the half-months in which
it is met), \`At its weakest\` (the figure of the leanest half-month), \`When needed\`, \`Short in\` (half-months that fall short),
\`Served by\` (the plantings).

The **shopping list**: \`source\` (where it is bought), \`when\`, \`name\`, \`scientific name\`, \`for\` (the beds), \`plants\` (needed), \`buy\`
(units), \`as\` (the unit), \`spares\`, \`price\` and \`total\` with the currency in brackets, \`ask\` (what to ask the seller).
`;
}
