import { climateHere } from '~~/core/climate/place';
import type { Garden, GardenState, Site } from '~~/core/model/garden';
import type { Library } from '~~/core/model/reference';
import type { Measure, Thing } from '~~/core/model/yard';
import { lightSeason, sunOfBeds, type BedSun, type LitSite } from '~~/core/sun/bed-sun';
import { measuredSite, type MeasuredSite } from '~~/core/survey/measured';

/** What was there before, where it says the same: so that what hangs on it is not made anew at every press. */
export const unlessSame = <T>(before: T, now: T): T => (JSON.stringify(before) === JSON.stringify(now) ? before : now);

/** The yard of the open garden and its sites with the values that count: told, measured, or computed from the drawing. */
export function useMeasuredSites(
  state: Readonly<Ref<GardenState | null>>,
  garden: Readonly<Ref<Garden | null>>,
  library: Readonly<Ref<Library | null>>,
) {
  const things = computed<Thing[]>((before) => unlessSame(before ?? [], state.value?.things ?? []));
  const measures = computed<Measure[]>((before) => unlessSame(before ?? [], state.value?.measures ?? []));
  /** Sites as they are kept; what counts of them is in `sites`. */
  const siteRecords = computed<Site[]>((before) => unlessSame(before ?? [], state.value?.sites ?? []));
  // What light hangs on, apart from the rest, so that it is reckoned anew only when it can differ.
  const lit = computed<LitSite[]>((before) =>
    unlessSame(
      before ?? [],
      siteRecords.value.map((site) => ({ id: site.id, outline: site.outline, height_m: site.height_m, pot: site.pot })),
    ),
  );
  const skyKey = computed(() => {
    const row = garden.value;
    return row && [row.lat, row.lon, row.last_frost, row.first_frost, row.yard?.north_deg].join(' ');
  });
  /** Direct sun of every drawn bed by site id, kept until the drawing changes. */
  const suns = computed(() => {
    void [skyKey.value, lit.value, things.value];
    return new Map<string, Map<string, BedSun>>();
  });
  function sunOver(years: number, halfMonths?: readonly number[]): Map<string, BedSun> {
    const key = `${years} ${halfMonths ? 'season' : 'year'}`;
    const kept = suns.value.get(key);
    if (kept || !garden.value?.yard) return kept ?? new Map();
    const found = sunOfBeds(lit.value, garden.value.yard, things.value, garden.value, years, halfMonths);
    suns.value.set(key, found);
    return found;
  }
  /** Direct sun of every drawn bed through the whole year, now or in some years, by site id. */
  const bedSun = (years = 0) => sunOver(years);
  const region = computed(() => library.value?.regions.find((row) => row.id === garden.value?.region) ?? null);
  const climate = computed(() =>
    library.value && region.value && garden.value ? climateHere(library.value, region.value, garden.value) : null,
  );
  /** Sites with the values that count, measured where they were measured. */
  const sites = computed<MeasuredSite[]>((before) => {
    if (!climate.value || !garden.value) return before ?? [];
    const place = { ...garden.value, months: climate.value.months };
    const sun = sunOver(0, lightSeason(garden.value));
    return unlessSame(
      before ?? [],
      siteRecords.value.map((site) => measuredSite(site, measures.value, things.value, sun.get(site.id)?.season ?? null, place)),
    );
  });
  return { things, measures, siteRecords, bedSun, region, climate, sites };
}
