import { trapsFor } from '~~/core/match/gates/traps';
import { services } from '~~/core/match/services';
import { fitMatrix, type Fit } from '~~/core/match/fit/fit';
import { gates } from '~~/core/match/gates/gates';
import { areaUse } from '~~/core/match/quantities';
import { bloomRidge } from '~~/core/season/ridge';
import { GardenHere } from '~~/core/garden/garden-here';
import { LIVE_STATES } from '~~/core/model/states';
import type { BedSun } from '~~/core/place/sun/bed-sun';
import { nextPlanting } from '~~/core/place/climate/planting-season';
import { unlessSame } from '~~/core/garden/parts';
import { dayOfYear } from './view';

/**
 * The open garden and all that follows from its records. What is calculated comes from core, by way of gardenHere, and is
 * calculated nowhere else.
 */
export const useGardenStore = defineStore('garden', () => {
  const libraryStore = useLibraryStore();
  const records = useRecordsStore();
  const today = new Date();
  /** null: plants as they will be when grown; a year: as they are then. */
  const year = ref<number | null>(null);

  /** The year of the next planting season: what is planned is planted then. */
  const plantsIn = computed(() =>
    records.state ? nextPlanting(today.getFullYear(), dayOfYear(today), records.state.garden).year : null,
  );
  const here = computed<GardenHere | null>((before) =>
    records.state && libraryStore.library
      ? new GardenHere(records.state, libraryStore.library, records.ownLayer, {
          year: year.value,
          plantsIn: plantsIn.value,
          thisYear: Number((records.state.garden.clock ?? isoDay(today)).slice(0, 4)),
          before: before ?? null,
          tending: libraryStore.tending,
        })
      : null,
  );
  // Parts that say the same keep their identity, so that what depends on them is not calculated again.
  const id = computed(() => records.id);
  const garden = computed(() => here.value?.garden ?? null);
  const library = computed(() => here.value?.library ?? null);
  const region = computed(() => here.value?.region ?? null);
  const climate = computed(() => here.value?.climate ?? null);
  /** Sites as they are stored; what counts of them is in `sites`. */
  const siteRecords = computed(() => here.value?.records.sites ?? []);
  const sites = computed(() => here.value?.sites ?? []);
  const things = computed(() => here.value?.records.things ?? []);
  const measures = computed(() => here.value?.records.measures ?? []);
  /** First and last days that move the calendar, and those among all that were seen. */
  const dates = computed(() => here.value?.dates ?? []);
  const seen = computed(() => here.value?.records.seen ?? []);
  const own = computed(() => here.value?.records.own ?? []);
  const plans = computed(() => here.value?.records.plans ?? []);
  const plan = computed(() => here.value?.plan ?? null);
  const targets = computed(() => here.value?.targets ?? []);
  const plantings = computed(() => here.value?.plantings ?? []);
  const almanac = computed(() => here.value?.almanac ?? null);
  const { input, served, prepare } = useSettled(here);
  /** Direct sun of every drawn bed through the whole year, now or in some years, by site id. */
  const bedSun = (years = 0) => here.value?.bedSun(years) ?? new Map<string, BedSun>();

  const plants = computed(() => [...(almanac.value?.plants.values() ?? [])]);
  /** Fit of every plant on every site, by plant id, in the order of the sites. */
  const fits = computed(() => {
    const byPlant = new Map<string, Fit[]>();
    if (!almanac.value) return byPlant;
    const list = plants.value.map((row) => row.plant);
    fitMatrix(list, sites.value, almanac.value.place).forEach((row, i) => byPlant.set(list[i]!.id, row));
    return byPlant;
  });
  const chosenIds = computed<string[]>((before) =>
    unlessSame(
      before ?? [],
      targets.value.map((row) => row.target),
    ),
  );
  const gatesByPlant = computed(
    () =>
      new Map(
        plants.value.map(({ plant, status, cautions }) => [
          plant.id,
          gates(plant, status, cautions, garden.value!, trapsFor(almanac.value!, chosenIds.value, plant.id)),
        ]),
      ),
  );
  const isRefused = (plant: string) => gatesByPlant.value.get(plant)?.[0]?.effect === 'refuse';
  /** Whom every plant serves among the chosen targets, by name. */
  const serviceRows = computed(() => (almanac.value ? services(almanac.value, chosenIds.value) : []));
  const livePlantings = computed(() => plantings.value.filter((row) => LIVE_STATES.has(row.state)));
  const plantedCounts = computed(() => {
    const counts = new Map<string, number>();
    for (const row of livePlantings.value) counts.set(row.plant, (counts.get(row.plant) ?? 0) + row.count);
    return counts;
  });
  const plantOf = (plant: string) => almanac.value?.plants.get(plant)?.plant;
  const areas = computed(() => new Map(sites.value.map((site) => [site.id, areaUse(site, plantings.value, plantOf)])));
  const ridge = computed(() => (almanac.value ? bloomRidge(plantings.value, almanac.value) : []));

  /** Name of a region; its id where the library has none such. */
  const regionName = (id: string) => library.value?.regions.find((row) => row.id === id)?.name ?? id;
  const nameOf = (plant: string) => plantOf(plant)?.common ?? plant;
  const siteName = (site: string) => sites.value.find((row) => row.id === site)?.name ?? site;
  const creatureName = (target: string) => almanac.value?.targets.get(target)?.target.common ?? target;

  return {
    here,
    prepare,
    plantsIn,
    year,
    id,
    garden,
    library,
    region,
    climate,
    siteRecords,
    sites,
    things,
    measures,
    seen,
    dates,
    own,
    plans,
    plan,
    targets,
    plantings,
    almanac,
    input,
    served,
    bedSun,
    plants,
    fits,
    gatesByPlant,
    isRefused,
    services: serviceRows,
    livePlantings,
    plantedCounts,
    areas,
    ridge,
    nameOf,
    regionName,
    siteName,
    creatureName,
  };
});
