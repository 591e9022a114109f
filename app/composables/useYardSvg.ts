import { extentOf, gridStep, siteMarks, thingMarks } from '~/components/place/yard/yard-marks';
import { northMarks, scaleMarks, yardSvg } from '~/components/place/yard/yard-svg';

/** The yard as it is drawn, as a picture to scale with its north and its rule: for a file and for paper. */
export function useYardSvg() {
  const garden = useGardenStore();
  const yard = useYardStore();
  const view = useViewStore();
  const ink = useInk();
  return () => {
    const extent = extentOf(yard.yard, garden.things);
    const step = gridStep(yard.yard, view.units);
    const marks = [
      ...garden.sites.flatMap(siteMarks),
      ...garden.things.flatMap((thing) => thingMarks(thing, view.halfMonth, yard.yard.north_deg)),
      ...northMarks(extent, yard.yard.north_deg),
      ...scaleMarks(extent, step, view.distance(step)),
    ];
    return yardSvg(marks, extent, ink.value, `${garden.garden!.name}: the yard`);
  };
}
