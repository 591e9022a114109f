import { csvText } from '~~/core/words/csv';
import { plantsGeoJson, POSITION_COLUMNS, positionRows, setOut, type SetOut } from '~~/core/layout/planting-sheet';
import { sizeHere } from '~~/core/layout/size';
import { bedSvg } from '~/components/beds/bed-svg';

/** A bed as it is set out and given away: its plants by the tape, as SVG, GeoJSON and CSV. */
export function useBedFiles(site: () => string) {
  const garden = useGardenStore();
  const beds = useBedsStore();
  const notices = useNoticesStore();
  const scene = useBedScene(site, () => beds.saved(site()).plants);
  const rows = computed<SetOut[]>(() => {
    const { here } = garden;
    const bed = scene.bed.value;
    if (!here || !bed) return [];
    const gradients = here.gradientsOf(site());
    const plantings = scene.plantings.value;
    return setOut(
      bed.frame,
      beds.saved(site()).plants,
      plantings,
      (id) => garden.almanac!.plants.get(id)!,
      ({ kind, x, y }) => {
        const planting = plantings[kind]!;
        return sizeHere(garden.almanac!.plants.get(planting.plant)!.plant, gradients.at([x, y]), planting.selection);
      },
    );
  });
  const file = (ending: string) => `${garden.id}-${site()}.${ending}`;
  function svg() {
    const { frame } = scene.bed.value!;
    const options = { scale: 100, around: 0.3, labels: 'kinds' } as const;
    saveText(
      file('svg'),
      'image/svg+xml',
      bedSvg(frame, scene.scene.value, scene.climbables.value, garden.siteName(site()), options).svg,
    );
  }
  function geojson() {
    const { lat, lon, yard } = garden.garden!;
    const found = plantsGeoJson(scene.bed.value!.frame, rows.value, { lat, lon }, yard?.north_deg ?? 0);
    if (found) saveText(file('geojson'), 'application/geo+json', JSON.stringify(found, null, 2));
    else notices.say('This bed is not drawn in the yard, so its plants have no place on the earth.', 'fault');
  }
  const csv = () => saveText(file('csv'), 'text/csv', csvText([POSITION_COLUMNS, ...positionRows(rows.value)]));
  return { ...scene, rows, svg, geojson, csv };
}
