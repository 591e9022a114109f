import { wrap, proxy, type Remote } from 'comlink';
import type { SiteFields } from '~~/core/model/garden';
import type { Measure, MeasureFields, Thing, ThingFields, YardFields } from '~~/core/model/yard';
import { FRESH_YARD } from '~~/core/yard/fresh';
import { lightSeason } from '~~/core/sun/bed-sun';
import { gridOf, type Grid, type SunLayer } from '~~/core/sun/raster';
import { HALF_MONTHS } from '~~/core/model/half-month';
import type { SunSurveyor } from '~/workers/sun-survey';

/** Side of a cell of the sun's picture (m): half a metre, coarser in a yard so large that it would have too many. */
const cellOf = ({ width_m, depth_m }: YardFields) => Math.max(0.5, Math.sqrt((width_m * depth_m) / 20_000));

/** The surveyed yard: what is drawn in it, what was measured, and the sun over it, computed in a worker. */
export const useYardStore = defineStore('yard', () => {
  const garden = useGardenStore();
  const notices = useNoticesStore();
  const yard = computed<YardFields>(() => garden.garden?.yard ?? FRESH_YARD);

  const without = <T extends { id: string; revision: number }>({ id: _id, revision: _revision, ...fields }: T) => fields;
  const saveYard = (fields: Partial<YardFields>) => garden.changeGarden({ yard: { ...yard.value, ...fields } }, 'Yard saved.');
  const draw = (things: ThingFields[]) =>
    garden.attempt(async () => {
      if (!garden.garden!.yard) await saveYard({});
      await garden.change('POST', '/things', things, `${things.map((row) => row.name).join(', ')} drawn.`);
    });
  /** Changes some fields of a thing as it is kept. */
  const changeThing = (thingId: string, fields: Partial<ThingFields>) => {
    const thing = garden.things.find((row) => row.id === thingId)!;
    const whole = { ...without(thing), ...fields };
    const save = (at: number) =>
      garden.change('PUT', `/things/${thingId}`, { revision: at, fields: whole }, `${whole.name} saved.`);
    return garden.attempt(() => save(thing.revision), save);
  };
  const removeThing = (thing: Thing) =>
    garden.attempt(() => garden.change('DELETE', `/things/${thing.id}`, undefined, `${thing.name} removed.`));
  /** Changes some fields of a bed or container as it is kept. */
  const changeSite = (siteId: string, fields: Partial<SiteFields>) => {
    const site = garden.siteRecords.find((row) => row.id === siteId)!;
    const save = (at: number) => garden.saveSite(siteId, { ...without(site), ...fields }, at);
    return garden.attempt(() => save(site.revision), save);
  };
  const drawSite = (fields: SiteFields) =>
    garden.attempt(async () => {
      if (!garden.garden!.yard) await saveYard({});
      await garden.addSite(fields);
    });

  /** Writes a measurement down; throws the fault, for the form to show. */
  const measure = (fields: MeasureFields, said: string) => garden.change('POST', '/measures', fields, said);
  const strike = (row: Measure) =>
    garden.attempt(() => garden.change('DELETE', `/measures/${row.id}`, undefined, 'Measurement struck out.'));

  // The sun over the yard.
  const layers = shallowRef<(SunLayer | null)[]>(Array(HALF_MONTHS).fill(null));
  const grid = shallowRef<Grid>({ columns: 0, rows: 0, cell_m: 0.5 });
  const done = ref(0);
  const surveying = ref(false);
  /** What the layers were computed from; they are stale once it differs. */
  const surveyed = ref('');
  const years = ref(0);
  const subject = computed(() =>
    JSON.stringify([
      garden.garden?.lat,
      garden.garden?.lon,
      yard.value.width_m,
      yard.value.depth_m,
      yard.value.north_deg,
      garden.things,
      years.value,
    ]),
  );
  const stale = computed(() => surveyed.value !== subject.value);
  let worker: Worker | null = null;

  function stop() {
    worker?.terminate();
    worker = null;
    surveying.value = false;
  }
  /** Computes the sun over the yard, the growing season first; what there is so far is in `layers`. */
  async function survey() {
    stop();
    const of = subject.value;
    const season = lightSeason(garden.garden!);
    const order = [...season, ...Array.from({ length: HALF_MONTHS }, (_, h) => h).filter((h) => !season.includes(h))];
    const fresh: (SunLayer | null)[] = Array(HALF_MONTHS).fill(null);
    const cell_m = cellOf(yard.value);
    const mine = new Worker(new URL('../workers/sun-survey.ts', import.meta.url), { type: 'module' });
    worker = mine;
    surveying.value = true;
    done.value = 0;
    surveyed.value = of;
    grid.value = gridOf(yard.value, cell_m);
    layers.value = fresh;
    const surveyor: Remote<SunSurveyor> = wrap(mine);
    const { lat, lon } = garden.garden!;
    // Plain copies: the worker is sent no reactive object.
    const [plainYard, things] = JSON.parse(JSON.stringify([yard.value, garden.things])) as [YardFields, Thing[]];
    mine.onerror = (event) => {
      notices.say(`The sun survey stopped: ${event.message || 'the worker failed'}.`, 'fault');
      stop();
    };
    await surveyor.survey(
      plainYard,
      things,
      { lat, lon },
      order,
      { cell_m, years: years.value },
      proxy((layer: SunLayer) => {
        if (worker !== mine) return;
        layers.value = layers.value.map((row, h) => (h === layer.halfMonth ? layer : row));
        done.value++;
      }),
    );
    if (worker === mine) stop();
  }

  return {
    yard,
    saveYard,
    draw,
    changeThing,
    removeThing,
    changeSite,
    drawSite,
    measure,
    strike,
    layers,
    grid,
    done,
    surveying,
    stale,
    years,
    survey,
    stop,
  };
});
