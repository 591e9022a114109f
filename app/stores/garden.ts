import { withOwn } from '~~/core/library/own';
import { services } from '~~/core/match/match';
import { almanacFor } from '~~/core/almanac/almanac';
import { coverage, type CoverageInput } from '~~/core/coverage/coverage';
import { fitMatrix, type Fit } from '~~/core/fit/fit';
import { gates } from '~~/core/gates/gates';
import { trapsFor, type Change } from '~~/core/offers/offers';
import { areaUse } from '~~/core/quantities/quantities';
import { dayName, dayOfMonthDay } from '~~/core/model/half-month';
import { bloomRidge } from '~~/core/bloom/ridge';
import type { LibraryProblem } from '~~/core/library/parse';
import type { ReferenceFile } from '~~/core/model/reference';
import { SEEN_WORDS, type Seen, type SeenFields } from '~~/core/model/seen';
import {
  LIVE_STATES,
  PLANNED,
  type Garden,
  type GardenFields,
  type GardenState,
  type GardenTarget,
  type OwnRow,
  type OwnRowFields,
  type Plan,
  type Planting,
  type PlantingFields,
  type Site,
  type SiteFields,
  type TargetFields,
} from '~~/core/model/garden';

/**
 * The open garden and all that follows from it. Records come from the server and every change goes there; what
 * is computed from them comes from core and is computed nowhere else.
 */
export const useGardenStore = defineStore('garden', () => {
  const libraryStore = useLibraryStore();
  const notices = useNoticesStore();
  const state = shallowRef<GardenState | null>(null);
  /** null: plants as they will be when grown; a year: as they are then. */
  const year = ref<number | null>(null);

  const id = computed(() => state.value?.garden.id ?? '');
  // What the almanac hangs on keeps its identity while it says the same.
  const garden = computed<Garden | null>((before) => unlessSame(before ?? null, state.value?.garden ?? null));
  const targets = computed(() => [...(state.value?.targets ?? [])].sort((a, b) => a.priority - b.priority));
  const plan = computed(() => state.value?.plans.find((row) => row.current) ?? null);
  const plantings = computed(() => (state.value?.plantings ?? []).filter((row) => row.plan_id === plan.value?.id));
  const own = computed<OwnRow[]>((before) => unlessSame(before ?? [], state.value?.own ?? []));
  /** The library as this garden sees it, the gardener's own rows laid over the shipped ones. */
  const library = computed(() => (libraryStore.library ? withOwn(libraryStore.library, own.value) : null));
  const { things, measures, siteRecords, bedSun, region, climate, sites } = useMeasuredSites(state, garden, library);
  const seen = computed<Seen[]>((before) => unlessSame(before ?? [], state.value?.seen ?? []));
  const almanac = computed(() => (garden.value && library.value ? almanacFor(library.value, garden.value, seen.value) : null));
  /** The almanac of the year shown: where days of that year were written down, they stand as they were. */
  const almanacShown = computed(() =>
    almanac.value && year.value !== null && seen.value.some((row) => row.on_day.startsWith(`${year.value}-`))
      ? almanacFor(library.value!, garden.value!, seen.value, year.value)
      : almanac.value,
  );
  const input = computed<CoverageInput | null>(() =>
    almanacShown.value && garden.value
      ? {
          almanac: almanacShown.value,
          garden: garden.value,
          sites: sites.value,
          targets: targets.value,
          plantings: plantings.value,
          year: year.value,
        }
      : null,
  );
  const served = computed(() => (input.value ? coverage(input.value) : null));
  const plants = computed(() => [...(almanac.value?.plants.values() ?? [])]);
  /** Fit of every plant on every site, by plant id, in the order of the sites. */
  const fits = computed(() => {
    const byPlant = new Map<string, Fit[]>();
    if (!almanac.value) return byPlant;
    const list = plants.value.map((here) => here.plant);
    fitMatrix(list, sites.value, almanac.value.place).forEach((row, i) => byPlant.set(list[i]!.id, row));
    return byPlant;
  });
  const chosenIds = computed<string[]>((before) =>
    unlessSame(
      before ?? [],
      targets.value.map((row) => row.target),
    ),
  );
  const gatesByPlant = computed(() => {
    const chosen = chosenIds.value;
    return new Map(
      plants.value.map((here) => [
        here.plant.id,
        gates(here.plant, here.status, here.cautions, garden.value!, trapsFor(almanac.value!, chosen, here.plant.id)),
      ]),
    );
  });
  const isRefused = (plant: string) => gatesByPlant.value.get(plant)?.[0]?.effect === 'refuse';
  /** Whom every plant serves among the chosen targets, by name. */
  const serviceRows = computed(() => (almanac.value ? services(almanac.value, chosenIds.value) : []));
  const plantedCounts = computed(() => {
    const counts = new Map<string, number>();
    for (const row of livePlantings.value) counts.set(row.plant, (counts.get(row.plant) ?? 0) + row.count);
    return counts;
  });
  const plantOf = (plant: string) => almanac.value?.plants.get(plant)?.plant;
  const areas = computed(() => new Map(sites.value.map((site) => [site.id, areaUse(site, plantings.value, plantOf)])));
  const ridge = computed(() => (almanac.value ? bloomRidge(plantings.value, almanac.value) : []));
  const livePlantings = computed(() => plantings.value.filter((row) => LIVE_STATES.has(row.state)));

  function take(answer: GardenState) {
    state.value = answer;
  }
  async function load(gardenId: string) {
    const [answer] = await Promise.all([
      callApi<GardenState>('GET', `/api/gardens/${encodeURIComponent(gardenId)}`),
      libraryStore.load(),
    ]);
    take(answer);
  }

  /** Makes a change and tells of it, unless there is nothing to say. */
  async function change(method: 'POST' | 'PUT' | 'DELETE', path: string, body: unknown, said: string) {
    take(await callApi<GardenState>(method, `/api/gardens/${id.value}${path}`, body));
    if (said) notices.say(said, 'done', { label: 'Undo', run: () => step('undo') });
  }
  /**
   * A change whose fault is a notice, for presses that have no form to show it beside. Where somebody else changed
   * the record meanwhile, the notice offers to make the change all the same: `again` makes it at their revision.
   */
  async function attempt(work: () => Promise<void>, again?: (revision: number) => Promise<void>): Promise<boolean> {
    try {
      await work();
      return true;
    } catch (error) {
      if (!isApiFault(error)) throw error;
      const theirs = error.status === 409 ? (error.current as { revision: number } | null) : null;
      const keep = theirs && again ? { label: 'Keep mine', run: () => attempt(() => again(theirs.revision), again) } : null;
      notices.say(error.message, 'fault', keep);
      if (theirs) await load(id.value);
      return false;
    }
  }
  async function step(way: 'undo' | 'redo') {
    await attempt(async () => {
      const answer = await callApi<GardenState & { stepped: string }>('POST', `/api/gardens/${id.value}/${way}`, {});
      take(answer);
      notices.say(`${way === 'undo' ? 'Undone' : 'Done again'}: ${answer.stepped}.`);
    });
  }

  const saveGarden = (fields: GardenFields, revision: number) => change('PUT', '', { fields, revision }, 'Place saved.');
  /** Changes some fields of the garden as it is kept. */
  const changeGarden = (fields: Partial<GardenFields>, said = 'Place saved.') => {
    const { id: _id, revision, ...rest } = garden.value!;
    const save = (at: number) => change('PUT', '', { fields: { ...rest, ...fields }, revision: at }, said);
    return attempt(() => save(revision), save);
  };
  const addSite = (fields: SiteFields) => change('POST', '/sites', fields, `${fields.name} added.`);
  const saveSite = (siteId: string, fields: SiteFields, revision: number) =>
    change('PUT', `/sites/${siteId}`, { fields, revision }, `${fields.name} saved.`);
  const removeSite = (site: Site) =>
    attempt(() => change('DELETE', `/sites/${site.id}`, undefined, `${site.name} removed, with what was planted there.`));
  const commonOf = (target: string) => almanac.value?.targets.get(target)?.target.common ?? target;
  const chooseTarget = (fields: TargetFields) =>
    attempt(() => change('POST', '/targets', fields, `${commonOf(fields.target)} chosen.`));
  const saveTarget = (row: GardenTarget, fields: Partial<TargetFields>) => {
    const { id: targetId, revision, ...before } = row;
    const save = (at: number) =>
      change(
        'PUT',
        `/targets/${targetId}`,
        { revision: at, fields: { ...before, ...fields } },
        `${commonOf(row.target)} changed.`,
      );
    return attempt(() => save(revision), save);
  };
  const letGo = (row: GardenTarget) =>
    attempt(() => change('DELETE', `/targets/${row.id}`, undefined, `${commonOf(row.target)} let go.`));

  const nameOf = (plant: string) => plantOf(plant)?.common ?? plant;
  const siteName = (site: string) => sites.value.find((row) => row.id === site)?.name ?? site;
  /** Plants into the plan: planned, or what grows there already and stays, since the year given. */
  const addPlanting = (plant: string, site_id: string, count: number, since?: number, sow_on: string | null = null) =>
    attempt(() => {
      const fields: PlantingFields = {
        plant,
        site_id,
        count,
        ...PLANNED,
        sow_on,
        ...(since === undefined ? {} : { state: 'in-ground', planted_year: since, stays: true }),
      };
      return change('POST', '/plantings', fields, `${count} ${nameOf(plant)} added to ${siteName(site_id)}.`);
    });
  const savePlanting = (row: Planting, fields: Partial<PlantingFields>, said = `${nameOf(row.plant)} changed.`) => {
    const { id: plantingId, revision, plan_id: _plan, ...before } = row;
    const save = (at: number) =>
      change('PUT', `/plantings/${plantingId}`, { revision: at, fields: { ...before, ...fields } }, said);
    return attempt(() => save(revision), save);
  };
  const takeOut = (row: Planting) =>
    attempt(() => change('DELETE', `/plantings/${row.id}`, undefined, `${nameOf(row.plant)} taken out of the plan.`));

  /** Keeps rows of the library as this garden's own; throws the fault, for the form to show. */
  const keepOwn = (rows: OwnRowFields[], label: string) =>
    change('PUT', '/library', { rows, label }, `${label}: kept as your own.`);
  const revertOwn = (ids: string[], label: string) =>
    attempt(() => change('POST', '/library/revert', { ids, label }, `${label}: back to the shipped library.`));
  /** Strikes a shipped row out, so that this garden no longer reckons with it. */
  const strikeOwn = (file: ReferenceFile, key: string, label: string) =>
    attempt(() => change('PUT', '/library', { rows: [{ file, key, cells: null }], label }, `${label}: struck out.`));
  /** A table of the library as CSV text, own rows in it. */
  const exportTable = async (file: ReferenceFile) =>
    (await callApi<{ text: string }>('POST', `/api/gardens/${id.value}/library/export`, { file })).text;
  /** Takes a table of the library from CSV text; returns what is wrong with it, empty where it was taken. */
  async function importTable(file: ReferenceFile, text: string) {
    const path = `/api/gardens/${id.value}/library/import`;
    const answer = await callApi<{ taken: number; problems: LibraryProblem[]; state: GardenState }>('POST', path, { file, text });
    take(answer.state);
    if (answer.taken > 0)
      notices.say(`${answer.taken} ${answer.taken === 1 ? 'row' : 'rows'} of ${file} kept as your own.`, 'done', {
        label: 'Undo',
        run: () => step('undo'),
      });
    return answer;
  }

  /** Times a planting: a cut for a second bloom, or the day an annual is sown; null takes the timing away. */
  const timePlanting = (row: Planting, timing: Partial<Pick<Planting, 'cut' | 'sow_on'>>) => {
    const days = [
      timing.cut ? `cut on ${dayName(dayOfMonthDay(timing.cut.on))}` : '',
      timing.sow_on ? `sown on ${dayName(dayOfMonthDay(timing.sow_on))}` : '',
    ].filter(Boolean);
    return savePlanting(row, timing, `${nameOf(row.plant)}: ${days.join(', ') || 'as usual'}.`);
  };

  const seenName = (fields: Pick<SeenFields, 'of' | 'what'>) =>
    `${SEEN_WORDS[fields.what]} of ${fields.what.endsWith('bloom') ? nameOf(fields.of) : commonOf(fields.of)}`;
  /** Writes down a first or last day; throws the fault, for the form to show. */
  const addSeen = (fields: SeenFields) => change('POST', '/seen', fields, `The ${seenName(fields)} is written down.`);
  const strikeSeen = (row: Seen) =>
    attempt(() => change('DELETE', `/seen/${row.id}`, undefined, `The ${seenName(row)} is struck.`));

  const plans = computed(() => state.value?.plans ?? []);
  /** Keeps a plan beside the current one: a copy of it without what goes and with what comes. */
  const keepPlan = (fields: { name: string; out: string[]; plants: Pick<PlantingFields, 'plant' | 'site_id' | 'count'>[] }) =>
    change('POST', '/plans', fields, `The plan “${fields.name}” is kept beside.`);
  const goBy = (row: Plan) => attempt(() => change('POST', `/plans/${row.id}/current`, {}, `You go by the plan “${row.name}”.`));
  const renamePlan = (row: Plan, name: string) =>
    change('PUT', `/plans/${row.id}/name`, { revision: row.revision, fields: { name } }, `The plan is called “${name}”.`);
  const removePlan = (row: Plan) =>
    attempt(() => change('DELETE', `/plans/${row.id}`, undefined, `The plan “${row.name}” is removed.`));

  /** Makes an offered change. */
  async function accept(offer: Change): Promise<boolean> {
    if (offer.kind === 'plant') return addPlanting(offer.plant, offer.site_id, offer.count, undefined, offer.sow_on);
    if (offer.kind === 'cut')
      return timePlanting(
        plantings.value.find((row) => row.id === offer.planting)!,
        { cut: offer.cut },
      );
    if (offer.kind === 'feature') {
      const { id: siteId, revision, ...fields } = siteRecords.value.find((row) => row.id === offer.site_id)!;
      return attempt(() => saveSite(siteId, { ...fields, features: [...fields.features, offer.feature] }, revision));
    }
    const { id: _id, revision, ...fields } = garden.value!;
    return attempt(() => saveGarden({ ...fields, school_autumn: offer.school }, revision));
  }

  return {
    state,
    year,
    id,
    garden,
    sites,
    siteRecords,
    things,
    measures,
    bedSun,
    region,
    climate,
    targets,
    plan,
    plantings,
    livePlantings,
    own,
    seen,
    plans,
    library,
    almanac,
    input,
    served,
    plants,
    fits,
    gatesByPlant,
    isRefused,
    services: serviceRows,
    plantedCounts,
    areas,
    ridge,
    load,
    change,
    attempt,
    step,
    saveGarden,
    changeGarden,
    addSite,
    saveSite,
    removeSite,
    chooseTarget,
    saveTarget,
    letGo,
    addPlanting,
    savePlanting,
    takeOut,
    timePlanting,
    addSeen,
    strikeSeen,
    keepPlan,
    goBy,
    renamePlan,
    removePlan,
    keepOwn,
    revertOwn,
    strikeOwn,
    importTable,
    exportTable,
    accept,
    nameOf,
    siteName,
  };
});
