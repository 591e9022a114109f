import type { Entry } from '../../model/log';
import type { Target } from '../../model/reference';
import { isSighting } from '../../model/vocabulary';
import { numberOf, type LogBook } from '../book';
import type { LogNames } from './names';

/** How exactly places are given: to the garden, to about a kilometre, to about ten, or not at all. */
export const PLACE_GRAINS = ['garden', 'kilometre', 'ten-kilometres', 'none'] as const;
export type PlaceGrain = (typeof PLACE_GRAINS)[number];

export interface ArchiveChoices {
  grain: PlaceGrain;
  /** Is the garden's name given as locality? */
  locality: boolean;
}

export interface ArchiveGarden {
  id: string;
  name: string;
  lat: number;
  lon: number;
  jurisdiction: string | null;
}

/** The files of an archive by name, and what was left out of it. */
export interface DarwinCoreArchive {
  files: Record<'occurrence.txt' | 'event.txt' | 'meta.xml', string>;
  occurrences: number;
  /** Sightings of what has no name in the library. */
  unnamed: number;
  /** Creatures of concern, whose places were coarsened. */
  coarsened: string[];
}

const DWC = 'http://rs.tdwg.org/dwc/terms/';
const DCTERMS = 'http://purl.org/dc/terms/';

const CORE_TERMS = [
  'occurrenceID',
  'basisOfRecord',
  'occurrenceStatus',
  'individualCount',
  'lifeStage',
  'vitality',
  'behavior',
  'associatedTaxa',
  'occurrenceRemarks',
  'eventID',
  'eventDate',
  'eventTime',
  'year',
  'month',
  'day',
  'samplingProtocol',
  'sampleSizeValue',
  'sampleSizeUnit',
  'samplingEffort',
  'countryCode',
  'stateProvince',
  'locality',
  'decimalLatitude',
  'decimalLongitude',
  'geodeticDatum',
  'coordinateUncertaintyInMeters',
  'dataGeneralizations',
  'informationWithheld',
  'scientificName',
  'taxonRank',
  'kingdom',
  'phylum',
  'class',
  'order',
  'family',
  'vernacularName',
] as const;
const EVENT_TERMS = [
  'eventID',
  'eventDate',
  'eventTime',
  'samplingProtocol',
  'sampleSizeValue',
  'sampleSizeUnit',
  'samplingEffort',
  'eventRemarks',
] as const;
type Row<Terms extends readonly string[]> = Partial<Record<Terms[number], string>>;

const LIFE_STAGES: Partial<Record<Entry['what'], string>> = {
  adult: 'adult',
  courting: 'adult',
  laying: 'adult',
  emerged: 'adult',
  eggs: 'egg',
  larva: 'larva',
  chrysalis: 'pupa',
  fledged: 'juvenile',
};
const BEHAVIOURS: Partial<Record<Entry['what'], string>> = {
  courting: 'courting',
  laying: 'ovipositing',
  emerged: 'eclosing',
  nest: 'nesting',
  trace: 'feeding trace',
};
const PROTOCOL = 'timed walk along a fixed route, adults counted';

/** Canadian provinces and territories among the jurisdictions. */
const CANADA = new Set(['AB', 'BC', 'MB', 'NB', 'NL', 'NS', 'NT', 'NU', 'ON', 'PE', 'QC', 'SK', 'YT']);

/** Degrees a place is rounded to. */
const GRAINS: Record<Exclude<PlaceGrain, 'none'>, number> = { garden: 0.0001, kilometre: 0.01, 'ten-kilometres': 0.1 };
const coarser = (grain: PlaceGrain): PlaceGrain => (grain === 'none' ? 'none' : 'ten-kilometres');
const METRES_PER_DEGREE = 111_320;
/** A garden reaches some thirty metres from the point it is named by. */
const GARDEN_M = 30;

/**
 * A place rounded to a grain, with its uncertainty (m): half the diagonal of the cell it may lie in, and the reach of a
 * garden. Null for a place that is not given.
 */
export function coarsePlace({ lat, lon }: { lat: number; lon: number }, grain: PlaceGrain) {
  if (grain === 'none') return null;
  const step = GRAINS[grain];
  const digits = Math.round(-Math.log10(step));
  const half = (step / 2) * METRES_PER_DEGREE;
  const uncertainty = Math.ceil(Math.hypot(half, half * Math.cos((lat * Math.PI) / 180)) + GARDEN_M);
  const round = (value: number) => (Math.round(value / step) * step).toFixed(digits);
  return { lat: round(lat), lon: round(lon), uncertainty_m: uncertainty };
}

/** Fields are separated by tabs and rows by line ends, without quotes: neither may stand within a field. */
const clean = (text: string): string => text.replace(/[\t\r\n]+/g, ' ').trim();
function table<Terms extends readonly string[]>(terms: Terms, rows: readonly Row<Terms>[], first?: readonly string[]): string {
  const lines = rows.map((row, i) =>
    [...(first ? [first[i]!] : []), ...terms.map((term) => clean(row[term as Terms[number]] ?? ''))].join('\t'),
  );
  return [[...(first ? ['coreid'] : []), ...terms].join('\t'), ...lines].join('\n') + '\n';
}

function metaXml(): string {
  const layout = 'encoding="UTF-8" fieldsTerminatedBy="\\t" linesTerminatedBy="\\n" fieldsEnclosedBy="" ignoreHeaderLines="1"';
  const fields = (terms: readonly string[], from: number) =>
    terms.map((term, i) => `    <field index="${i + from}" term="${DWC}${term}"/>`).join('\n');
  return `<?xml version="1.0" encoding="UTF-8"?>
<archive xmlns="http://rs.tdwg.org/dwc/text/">
  <core ${layout} rowType="${DWC}Occurrence">
    <files><location>occurrence.txt</location></files>
    <id index="0"/>
${fields(CORE_TERMS, 0)}
    <field term="${DCTERMS}type" default="Event"/>
  </core>
  <extension ${layout} rowType="${DWC}Event">
    <files><location>event.txt</location></files>
    <coreid index="0"/>
${fields(EVENT_TERMS, 1)}
  </extension>
</archive>
`;
}

/** The order a creature belongs to, with all above it. */
const rankOf = ({ kind }: Pick<Target, 'kind'>) =>
  kind === 'hummingbird' ? { class: 'Aves', order: 'Apodiformes' } : { class: 'Insecta', order: 'Lepidoptera' };
const familyName = (family: string) => family.charAt(0).toUpperCase() + family.slice(1);

/**
 * The sightings of a log as a Darwin Core Archive (Darwin Core text guidelines, TDWG): occurrences as its core, and for what
 * was counted on a walk the walk as an event. A walk on which nothing was seen is an absence of Lepidoptera. Places are
 * rounded as chosen, those of creatures of concern at least to a tenth of a degree.
 */
export function darwinCore(
  book: LogBook,
  garden: ArchiveGarden,
  targets: ReadonlyMap<string, Target>,
  names: LogNames,
  { grain, locality }: ArchiveChoices,
): DarwinCoreArchive {
  const core: Row<typeof CORE_TERMS>[] = [];
  const events: Row<typeof EVENT_TERMS>[] = [];
  const coreIds: string[] = [];
  const coarsened = new Set<string>();
  let unnamed = 0;
  const country = garden.jurisdiction === null ? '' : CANADA.has(garden.jurisdiction) ? 'CA' : 'US';
  const urn = (id: string) => `urn:outwash:${garden.id}:${id}`;
  const effortOf = (walk: Entry) => ({
    eventID: urn(walk.id),
    eventDate: walk.on_day,
    eventTime: walk.at ?? '',
    samplingProtocol: PROTOCOL,
    sampleSizeValue: String(walk.minutes ?? ''),
    sampleSizeUnit: 'minute',
    samplingEffort: `${walk.minutes} observer-minutes`,
  });
  const placeTerms = (protect: boolean): Row<typeof CORE_TERMS> => {
    const used = protect ? coarser(grain) : grain;
    const place = coarsePlace(garden, used);
    const said = {
      countryCode: country,
      stateProvince: garden.jurisdiction ?? '',
      locality: locality && !protect ? garden.name : '',
    };
    if (!place) return { ...said, informationWithheld: 'coordinates withheld' };
    return {
      ...said,
      decimalLatitude: place.lat,
      decimalLongitude: place.lon,
      geodeticDatum: 'EPSG:4326',
      coordinateUncertaintyInMeters: String(place.uncertainty_m),
      dataGeneralizations: used === 'garden' ? '' : `coordinates rounded to ${GRAINS[used as 'kilometre']} degrees`,
    };
  };
  const common = (entry: Entry): Row<typeof CORE_TERMS> => ({
    occurrenceID: urn(entry.id),
    basisOfRecord: 'HumanObservation',
    eventDate: entry.on_day,
    eventTime: entry.at ?? '',
    year: entry.on_day.slice(0, 4),
    month: String(Number(entry.on_day.slice(5, 7))),
    day: String(Number(entry.on_day.slice(8, 10))),
    kingdom: 'Animalia',
  });
  // In the order in which they were seen.
  for (const entry of [...book.entries].reverse()) {
    if (entry.what === 'walk' && book.onWalk(entry.id).length === 0) {
      core.push({
        ...common(entry),
        ...effortOf(entry),
        ...placeTerms(false),
        occurrenceID: urn(`${entry.id}:none`),
        occurrenceStatus: 'absent',
        individualCount: '0',
        scientificName: 'Lepidoptera',
        taxonRank: 'order',
        phylum: 'Arthropoda',
        class: 'Insecta',
        order: 'Lepidoptera',
        occurrenceRemarks: 'nothing seen on this walk',
      });
      continue;
    }
    if (!isSighting(entry.what)) continue;
    const target = entry.of === null ? undefined : targets.get(entry.of);
    if (!target) {
      unnamed++;
      continue;
    }
    const protect = target.concern !== '';
    if (protect && grain !== 'none' && grain !== 'ten-kilometres') coarsened.add(target.id);
    const walk = entry.walk_id === null ? undefined : book.byId(entry.walk_id);
    const plant = entry.plant === null ? '' : names.scientificOf(entry.plant);
    const relation = entry.what === 'adult' && entry.doing === 'nectaring' ? 'visited flower of' : 'found on';
    core.push({
      ...common(entry),
      ...(walk ? effortOf(walk) : {}),
      ...placeTerms(protect),
      eventTime: entry.at ?? '',
      occurrenceStatus: 'present',
      individualCount: entry.count === null ? '' : String(numberOf(entry)),
      lifeStage: LIFE_STAGES[entry.what] ?? '',
      vitality: entry.what === 'dead' ? 'dead' : 'alive',
      behavior: BEHAVIOURS[entry.what] ?? entry.doing ?? '',
      associatedTaxa: plant ? `${relation}: ${plant}` : '',
      occurrenceRemarks: entry.note,
      scientificName: target.scientific,
      taxonRank: 'species',
      phylum: target.kind === 'hummingbird' ? 'Chordata' : 'Arthropoda',
      ...rankOf(target),
      family: familyName(target.family),
      vernacularName: target.common,
    });
    if (walk) {
      coreIds.push(urn(entry.id));
      events.push({ ...effortOf(walk), eventRemarks: walk.note });
    }
  }
  return {
    files: {
      'occurrence.txt': table(CORE_TERMS, core),
      'event.txt': table(EVENT_TERMS, events, coreIds),
      'meta.xml': metaXml(),
    },
    occurrences: core.length,
    unnamed,
    coarsened: [...coarsened],
  };
}
