/** Every file of the library: the list it fills, and the columns that make a row unlike every other. */
export const TABLES = {
  'regions.csv': { list: 'regions', key: ['id'] },
  'climate-normals.csv': { list: 'normals', key: ['region', 'month'] },
  'region-areas.csv': { list: 'areas', key: ['jurisdiction', 'lat_min', 'lat_max', 'lon_min', 'lon_max'] },
  'targets.csv': { list: 'targets', key: ['id'] },
  'occurrence.csv': { list: 'occurrence', key: ['target', 'region'] },
  'flights.csv': { list: 'flights', key: ['target', 'region', 'part', 'first', 'zones'] },
  'hosts.csv': { list: 'hosts', key: ['target', 'plant'] },
  'plants.csv': { list: 'plants', key: ['id'] },
  'blooms.csv': { list: 'blooms', key: ['plant', 'region'] },
  'plant-status.csv': { list: 'status', key: ['plant', 'place'] },
  'cautions.csv': { list: 'cautions', key: ['plant', 'hazard'] },
  'propagation.csv': { list: 'propagation', key: ['plant', 'method'] },
  'care.csv': { list: 'care', key: ['plant', 'action', 'never', 'from', 'age_from', 'place', 'where', 'school'] },
  'plant-tags.csv': { list: 'tags', key: ['plant', 'tag'] },
  'symptoms.csv': { list: 'symptoms', key: ['id'] },
  'causes.csv': { list: 'causes', key: ['symptom', 'cause'] },
  'checks.csv': { list: 'checks', key: ['id'] },
  'clearing.csv': { list: 'clearing', key: ['plant', 'way'] },
  'lookalikes.csv': { list: 'lookalikes', key: ['a', 'b'] },
  'prices.csv': { list: 'prices', key: ['of'] },
} as const;

export type ReferenceFile = keyof typeof TABLES;
export const REFERENCE_FILE_NAMES = Object.keys(TABLES) as ReferenceFile[];
/** The file of each list. */
export const FILE_OF_LIST: ReadonlyMap<string, ReferenceFile> = new Map(
  REFERENCE_FILE_NAMES.map((file) => [TABLES[file].list, file]),
);

/** The place of a status row that holds wherever no row for a region or jurisdiction says otherwise. */
export const ANYWHERE = 'anywhere';
