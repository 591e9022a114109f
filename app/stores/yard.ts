import { proxy } from 'comlink';
import type { SiteFields } from '~~/core/model/garden';
import type { Measure, MeasureFields, Reading, Thing, ThingFields, YardFields } from '~~/core/model/yard';
import { FRESH_YARD } from '~~/core/place/yard/fresh';
import { lightSeason } from '~~/core/place/sun/bed-sun';
import { gridOf, type Grid, type SunLayer } from '~~/core/place/sun/raster';
import { HALF_MONTHS } from '~~/core/model/half-month';
import type { SunSurveyor } from '~/workers/sun-survey';

/** Side of a cell of the sun's picture (m): half a metre, coarser in a yard so large that it would have too many. */
const cellOf = ({ width_m, depth_m }: YardFields) => Math.max(0.5, Math.sqrt((width_m * depth_m) / 20_000));

/** The surveyed yard: what is drawn in it, what was measured, and the sun over it, computed in a worker. */
export const useYardStore = defineStore('yard', () => {
  const garden = useGardenStore();
  const records = useRecordsStore();
  const commands = useCommands();
  const notices = useNoticesStore();
  const yard = computed<YardFields>(() => garden.garden?.yard ?? FRESH_YARD);

  const saveYard = (fields: Partial<YardFields>) => commands.changeGarden({ yard: { ...yard.value, ...fields } }, 'Yard saved.');
  const draw = (things: ThingFields[]) =>
    records.attempt(async () => {
      if (!garden.garden!.yard) await saveYard({});
      await records.change('POST', '/things', things, `${things.map((row) => row.name).join(', ')} drawn.`);
    });
  /** Changes some fields of a thing as it is stored. */
  const changeThing = (id: string, fields: Partial<ThingFields>) => {
    const thing = garden.things.find((row) => row.id === id)!;
    return records.revise(`/things/${id}`, thing, fields as Partial<Thing>, `${fields.name ?? thing.name} saved.`);
  };
  const removeThing = (thing: Thing) => records.remove(`/things/${thing.id}`, thing, `${thing.name} removed.`);
  const drawSite = (fields: SiteFields) =>
    records.attempt(async () => {
      if (!garden.garden!.yard) await saveYard({});
      await commands.addSite(fields);
    });

  /** Records a measurement; throws the fault, for the form to show. */
  const measure = (fields: MeasureFields, said: string) => records.change('POST', '/measures', fields, said);
  const removeMeasure = (row: Measure) => records.remove(`/measures/${row.id}`, row, 'Measurement deleted.');
  /** Reads the simulated probe in a bed; nothing is recorded. */
  const readProbe = (site: string) => callApi<Reading<'probe'>>('GET', `/api/gardens/${garden.id}/sites/${site}/probe`);
  /** Saves a picture for under the drawing and answers its id. */
  const savePicture = async (data: string) =>
    (await callApi<{ picture: string }>('POST', `/api/gardens/${garden.id}/pictures`, { data })).picture;

  // The sun over the yard.
  const layers = shallowRef<(SunLayer | null)[]>(Array(HALF_MONTHS).fill(null));
  const grid = shallowRef<Grid>({ columns: 0, rows: 0, cell_m: 0.5 });
  const done = ref(0);
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
  const task = useWorkerTask<SunSurveyor>(
    () => new Worker(new URL('../workers/sun-survey.ts', import.meta.url), { type: 'module' }),
    (cause) => notices.say(`The sun survey stopped: ${cause}.`, 'fault'),
  );

  /** Computes the sun over the yard, the growing season first; what there is so far is in `layers`. */
  async function survey() {
    const { lat, lon } = garden.garden!;
    const season = lightSeason(garden.garden!);
    const order = [...season, ...Array.from({ length: HALF_MONTHS }, (_, h) => h).filter((h) => !season.includes(h))];
    const cell_m = cellOf(yard.value);
    done.value = 0;
    surveyed.value = subject.value;
    grid.value = gridOf(yard.value, cell_m);
    layers.value = Array(HALF_MONTHS).fill(null);
    // Plain copies: the worker is sent no reactive object.
    const [plainYard, things] = JSON.parse(JSON.stringify([yard.value, garden.things])) as [YardFields, Thing[]];
    await task.run((surveyor, mine) =>
      surveyor.survey(
        plainYard,
        things,
        { lat, lon },
        order,
        { cell_m, years: years.value },
        proxy((layer: SunLayer) => {
          if (!mine()) return;
          layers.value = layers.value.map((row, h) => (h === layer.halfMonth ? layer : row));
          done.value++;
        }),
      ),
    );
  }

  return {
    yard,
    saveYard,
    draw,
    changeThing,
    removeThing,
    drawSite,
    measure,
    removeMeasure,
    readProbe,
    savePicture,
    layers,
    grid,
    done,
    surveying: task.running,
    stale,
    years,
    survey,
    stop: task.stop,
  };
});
