import { proxy } from 'comlink';
import { bedHere, layoutOf, type Leaves } from '~~/core/garden/layout-here';
import { isArranged, placedIn, spotsOf } from '~~/core/garden/placed';
import type { LayoutProgress } from '~~/core/layout/arrange';
import type { Arrangement, LayoutQuestion, Standing } from '~~/core/layout/question';
import { scoreOf, type LayoutScore } from '~~/core/layout/score';
import type { Planting } from '~~/core/model/garden';
import { FRESH_LAYOUT } from '~~/core/model/fresh-layout';
import type { LayoutFields, Spot } from '~~/core/model/layout';
import type { LayoutAsked, Layouter } from '~/workers/layouter';

/** Where the plants of the beds stand: the search for arrangements in a worker, their score, and moves by hand. */
export const useBedsStore = defineStore('beds', () => {
  const garden = useGardenStore();
  const records = useRecordsStore();
  const notices = useNoticesStore();
  const commands = useCommands();

  /** Plantings that are placed in a bed, in the order of the question’s kinds. */
  const plantingsIn = (site: string): Planting[] => {
    const row = garden.sites.find((one) => one.id === site);
    return garden.here && row ? placedIn(garden.here, row) : [];
  };
  const isDone = (site: string) => plantingsIn(site).every(isArranged);
  const unplacedIn = (site: string) => plantingsIn(site).reduce((sum, row) => sum + Math.max(0, row.count - row.spots.length), 0);

  /** The question of a bed: made again only where more than the places of its plants has changed. */
  const questions = new Map<string, { rests: string; question: LayoutQuestion }>();
  function questionOf(site: string): LayoutQuestion | null {
    const { here } = garden;
    if (!here) return null;
    const rows = plantingsIn(site).map(({ id, plant, count, selection }) => [id, plant, count, selection]);
    const bed = bedHere(here, site);
    const rests = restsOn([bed.site, bed.seen, here.records.things, garden.garden, garden.targets, rows]);
    const known = questions.get(site);
    if (known?.rests === rests) return known.question;
    const question = layoutOf(here, site);
    questions.set(site, { rests, question });
    return question;
  }
  /** The plants of a bed where they are saved to stand, in the order of the question’s kinds. */
  function saved(site: string): Arrangement {
    const rows = plantingsIn(site);
    return {
      plants: rows.flatMap((row, kind) => spotsOf(row).map((spot): Standing => ({ ...spot, kind }))),
      unplaced: rows.map((row) => Math.max(0, row.count - row.spots.length)),
    };
  }
  const scored = (site: string, arrangement: Arrangement): LayoutScore | null => {
    const question = questionOf(site);
    return question ? scoreOf(question, arrangement) : null;
  };

  const task = useWorkerTask<Layouter>(
    () => new Worker(new URL('../workers/layouter.ts', import.meta.url), { type: 'module' }),
    (cause) => notices.say(`The arranging stopped: ${cause}. Nothing was changed; try again.`, 'fault'),
  );
  /** The bed that is being arranged, and how far that has come. */
  const arranging = ref('');
  const progress = shallowRef<LayoutProgress | null>(null);
  /** How often each bed was arranged in this visit: another start each time. */
  const times = new Map<string, number>();

  /** Saves where plants stand: one change, of those plantings whose places differ. */
  async function save(site: string, arrangement: Arrangement, label: string, said = `${label}.`) {
    const rows = plantingsIn(site);
    const plantings = rows.flatMap((row, kind) => {
      const spots = arrangement.plants
        .filter((plant) => plant.kind === kind)
        .slice(0, row.count)
        .map(({ x, y, held }): Spot => ({ x: Number(x.toFixed(3)), y: Number(y.toFixed(3)), held }));
      return JSON.stringify(spots) === JSON.stringify(row.spots) ? [] : [{ id: row.id, revision: row.revision, spots }];
    });
    if (plantings.length === 0) {
      notices.say('Every plant stays where it is.');
      return true;
    }
    return records.attempt(() => records.change('PUT', `/sites/${site}/places`, { label, plantings }, said));
  }

  /** Arranges a bed and saves what was found. `leaves`: what stays where it is. */
  async function arrange(site: string, leaves: Leaves): Promise<boolean> {
    const { here } = garden;
    const row = garden.sites.find((one) => one.id === site);
    if (!here || !row) return false;
    const again = times.get(site) ?? (isDone(site) ? 1 : 0);
    times.set(site, again + 1);
    arranging.value = site;
    progress.value = null;
    const kinds = () => JSON.stringify(plantingsIn(site).map((one) => [one.id, one.plant, one.count]));
    const before = kinds();
    const asked: LayoutAsked = {
      library: toRaw(useLibraryStore().library!),
      records: JSON.parse(JSON.stringify({ ...here.records, work: [], weather: [] })) as LayoutAsked['records'],
      site,
      leaves,
      again,
    };
    const found = await task.run((worker, mine) =>
      worker.arrange(
        asked,
        proxy((step) => {
          if (mine()) progress.value = step;
        }),
      ),
    );
    // Stopped: the best so far is kept, where there is one.
    const best = (found ?? progress.value)?.best;
    arranging.value = '';
    progress.value = null;
    if (!best) return false;
    if (kinds() !== before) {
      notices.say(`What is planted in ${row.name} was changed meanwhile: arrange it again.`, 'fault');
      return false;
    }
    return save(site, best, `${row.name} arranged`);
  }
  const stop = () => task.stop();

  /** Arranges one bed after the other, those that are not arranged yet. */
  async function arrangeAll() {
    for (const site of garden.sites.filter((row) => row.kind === 'bed' && plantingsIn(row.id).length > 0 && !isDone(row.id)))
      if (!(await arrange(site.id, 'standing'))) return;
  }

  const wishesOf = (site: string): LayoutFields => garden.siteRecords.find((row) => row.id === site)?.layout ?? FRESH_LAYOUT;
  const saveWishes = (site: string, fields: Partial<LayoutFields>) =>
    commands.changeSite(site, { layout: { ...wishesOf(site), ...fields } });

  return {
    plantingsIn,
    isDone,
    unplacedIn,
    questionOf,
    saved,
    scored,
    arranging,
    progress,
    arrange,
    arrangeAll,
    stop,
    save,
    wishesOf,
    saveWishes,
  };
});
