import type { Batch, BatchFields } from '~~/core/model/raise';
import type { Change } from '~~/core/coverage/offers/change';
import type { LibraryProblem } from '~~/core/library/parse';
import type {
  GardenFields,
  GardenTarget,
  OwnRowFields,
  Plan,
  Planting,
  PlantingFields,
  Site,
  SiteFields,
  TargetFields,
} from '~~/core/model/garden';
import { PLANNED } from '~~/core/model/states';
import { dayName, dayOfMonthDay } from '~~/core/model/half-month';
import type { Case, CaseFields } from '~~/core/model/why';
import type { ReferenceFile } from '~~/core/model/tables';
import type { OwnDay, OwnDayFields, Work, WorkFields } from '~~/core/model/work';

/**
 * What a gardener can do to the open garden: each is a change sent to the server and a sentence that says what was done.
 * Those that a form makes throw the fault, for the form to show; the others show it as a notice.
 */
export function useCommands() {
  const records = useRecordsStore();
  const garden = useGardenStore();
  const { change, attempt, revise, remove } = records;
  const { nameOf, siteName, creatureName } = garden;

  const place = {
    saveGarden: (fields: GardenFields, revision: number) => change('PUT', '', { fields, revision }, 'Place saved.'),
    /** Changes some fields of the garden as it is stored. */
    changeGarden: (fields: Partial<GardenFields>, said = 'Place saved.') => revise('', garden.garden!, fields, said),
    addSite: (fields: SiteFields) => change('POST', '/sites', fields, `${fields.name} added.`),
    saveSite: (site: string, fields: SiteFields, revision: number) =>
      change('PUT', `/sites/${site}`, { fields, revision }, `${fields.name} saved.`),
    /** Changes some fields of a bed or container as it is stored. */
    changeSite: (id: string, fields: Partial<SiteFields>) => {
      const site = garden.siteRecords.find((row) => row.id === id)!;
      return revise(`/sites/${id}`, site, fields, `${fields.name ?? site.name} saved.`);
    },
    removeSite: (site: Site) => remove(`/sites/${site.id}`, site, `${site.name} removed, with what was planted there.`),
  };

  const targets = {
    chooseTarget: (fields: TargetFields) =>
      attempt(() => change('POST', '/targets', fields, `${creatureName(fields.target)} chosen.`)),
    /** Chooses several creatures as one change. */
    chooseTargets: (rows: TargetFields[]) => {
      const said = rows.length === 1 ? `${creatureName(rows[0]!.target)} chosen.` : `${rows.length} creatures chosen.`;
      return attempt(() => change('POST', '/targets/several', { targets: rows }, said));
    },
    saveTarget: (row: GardenTarget, fields: Partial<TargetFields>) =>
      revise(`/targets/${row.id}`, row, fields, `${creatureName(row.target)} changed.`),
    removeTarget: (row: GardenTarget) => remove(`/targets/${row.id}`, row, `${creatureName(row.target)} removed.`),
  };

  const savePlanting = (row: Planting, fields: Partial<PlantingFields>, said = `${nameOf(row.plant)} changed.`) =>
    revise(`/plantings/${row.id}`, row, fields, said);
  const plantings = {
    /** Plants into the plan: planned, or what grows there already and stays, since the year given. */
    addPlanting: (plant: string, site_id: string, count: number, since?: number, sow_on: string | null = null) => {
      const grown = since === undefined ? {} : ({ state: 'in-ground', planted_year: since, stays: true } as const);
      const fields: PlantingFields = { plant, site_id, count, ...PLANNED, sow_on, ...grown };
      return attempt(() => change('POST', '/plantings', fields, `${count} ${nameOf(plant)} added to ${siteName(site_id)}.`));
    },
    savePlanting,
    removePlanting: (row: Planting) => remove(`/plantings/${row.id}`, row, `${nameOf(row.plant)} removed from the plan.`),
    /** Moves several plantings to another bed, or (null) removes them, as one change. */
    changeSeveral: (rows: readonly Planting[], site_id: string | null) => {
      const plantings = rows.map(({ id, revision }) => ({ id, revision }));
      const what = rows.length === 1 ? nameOf(rows[0]!.plant) : `${rows.length} plantings`;
      const said = site_id === null ? `${what} removed from the plan.` : `${what} moved to ${siteName(site_id)}.`;
      return attempt(() => change('POST', '/plantings/several', { plantings, site_id }, said));
    },
    /** Puts another plant in the place of a planting, which keeps its year, cost and notes. */
    replacePlanting: (row: Planting, plant: string, count: number) =>
      savePlanting(row, { plant, count }, `${nameOf(row.plant)} replaced by ${count} ${nameOf(plant)}.`),
    /** Times a planting: a cut for a second bloom, or the day an annual is sown; null takes the timing away. */
    timePlanting: (row: Planting, timing: Partial<Pick<Planting, 'cut' | 'sow_on'>>) => {
      const days = [
        timing.cut ? `cut on ${dayName(dayOfMonthDay(timing.cut.on))}` : '',
        timing.sow_on ? `sown on ${dayName(dayOfMonthDay(timing.sow_on))}` : '',
      ].filter(Boolean);
      return savePlanting(row, timing, `${nameOf(row.plant)}: ${days.join(', ') || 'as usual'}.`);
    },
  };

  const plans = {
    /** Saves a further plan: a copy of the current one without what goes and with what comes. */
    savePlan: (fields: { name: string; out: string[]; plants: Pick<PlantingFields, 'plant' | 'site_id' | 'count'>[] }) =>
      change('POST', '/plans', fields, `The plan “${fields.name}” is saved.`),
    makePlanCurrent: ({ id, revision, name }: Plan) =>
      attempt(() => change('PUT', `/plans/${id}/current`, { revision }, `“${name}” is the current plan.`)),
    renamePlan: (row: Plan, name: string) =>
      change('PUT', `/plans/${row.id}/name`, { revision: row.revision, fields: { name } }, `The plan is called “${name}”.`),
    removePlan: (row: Plan) => remove(`/plans/${row.id}`, row, `The plan “${row.name}” is removed.`),
  };

  const library = {
    /** Saves rows of the library as this garden's own; throws the fault, for the form to show. */
    saveOwnRows: (rows: OwnRowFields[], label: string) =>
      change('PUT', '/library', { rows, label }, `${label}: saved as your own.`),
    revertOwnRows: (ids: string[], label: string) =>
      attempt(() => change('POST', '/library/revert', { ids, label }, `${label}: back to the shipped library.`)),
    /** Strikes a shipped row out, so that it no longer counts in this garden. */
    strikeOutRow: (file: ReferenceFile, key: string, label: string) =>
      attempt(() => change('PUT', '/library', { rows: [{ file, key, cells: null }], label }, `${label}: struck out.`)),
    /** A table of the library as CSV text, own rows in it. */
    exportTable: (file: ReferenceFile) => callApi<string>('GET', `/api/gardens/${records.id}/library/${file}`),
    /** Imports a table of the library from CSV text; answers what is wrong with it, nothing where it was taken. */
    importTable: async (file: ReferenceFile, text: string) => {
      type Answer = { taken: number; added: number; same: number; problems: LibraryProblem[]; faults: number };
      const answer = await records.send<Answer>('POST', '/library/import', { file, text });
      if (answer.taken > 0)
        records.undoable(`${answer.taken} ${answer.taken === 1 ? 'row' : 'rows'} of ${file} saved as your own.`);
      return answer;
    },
  };

  /** Makes an offered change. */
  function makeChange(offer: Change): Promise<boolean> {
    switch (offer.kind) {
      case 'plant':
        return plantings.addPlanting(offer.plant, offer.site_id, offer.count, undefined, offer.sow_on);
      case 'cut':
        return plantings.timePlanting(
          garden.plantings.find((row) => row.id === offer.planting)!,
          { cut: offer.cut },
        );
      case 'feature': {
        const site = garden.siteRecords.find((row) => row.id === offer.site_id)!;
        return place.changeSite(site.id, { features: [...site.features, offer.feature] });
      }
      case 'autumn':
        return place.changeGarden({ school_autumn: offer.school });
    }
  }
  const work = {
    /** Writes down what is said of a task: done, skipped or put off. */
    sayOfTask: (task: string, title: string, fields: Partial<WorkFields> & Pick<WorkFields, 'what' | 'on_day'>) => {
      const said = { done: 'done', skipped: 'skipped', 'put-off': 'put off', own: 'added' }[fields.what];
      return attempt(() => change('POST', '/work', { task, ...fields }, `${title}: ${said}.`));
    },
    /** Takes back what was said of a task, or an own task. */
    takeBackWork: (row: Work) => remove(`/work/${row.id}`, row, row.what === 'own' ? `“${row.title}” removed.` : 'Taken back.'),
    /** An own task; throws the fault, for the form to show. */
    addOwnTask: (fields: WorkFields) => change('POST', '/work', fields, `“${fields.title}” added.`),
    /** Days of weather as the gardener read them. */
    putWeather: (days: OwnDayFields[]) =>
      change('POST', '/weather', { days }, days.length === 1 ? 'Written down.' : `${days.length} days written down.`),
    removeWeather: (row: OwnDay) => remove(`/weather/${row.id}`, row, 'Deleted.'),
    /** Starts a batch; throws the fault, for the form to show. */
    startBatch: (fields: BatchFields) =>
      change('POST', '/batches', fields, `${garden.nameOf(fields.plant)}: the batch is started.`),
    /** Changes a batch, or writes down a look at it. */
    changeBatch: (batch: Batch, fields: Partial<BatchFields>, said: string) =>
      revise(`/batches/${batch.id}`, batch, fields, said),
    removeBatch: (batch: Batch) =>
      remove(`/batches/${batch.id}`, batch, `The batch of ${garden.nameOf(batch.plant)} is removed.`),
    /** Saves a case of what is wrong; throws the fault, for the form to show. */
    openCase: (fields: CaseFields, said: string) => change('POST', '/cases', fields, said),
    changeCase: (row: Case, fields: Partial<CaseFields>, said = '') => revise(`/cases/${row.id}`, row, fields, said),
    removeCase: (row: Case) => remove(`/cases/${row.id}`, row, 'The case is removed.'),
    /** Sets the garden’s clock to a day, or (null) to the day it is. */
    setClock: (clock: string | null) =>
      revise('', garden.garden!, { clock }, clock === null ? 'The clock shows the day it is.' : ''),
  };
  return { ...work, ...place, ...targets, ...plantings, ...plans, ...library, makeChange };
}
