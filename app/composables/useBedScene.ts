import { bedHere, type BedHere } from '~~/core/garden/layout-here';
import { climbablesOf, type Standing } from '~~/core/layout/question';
import { scenePlants } from '~/components/beds/bed-scene';

/** A bed as its drawings show it: where it lies, and its plants as they are in the half-month of the handle. */
export function useBedScene(site: () => string, plants: () => readonly Standing[], year: () => number | null = () => null) {
  const garden = useGardenStore();
  const beds = useBedsStore();
  const view = useViewStore();
  const bed = computed<BedHere | null>(() =>
    garden.here && garden.sites.some((row) => row.id === site()) ? bedHere(garden.here, site()) : null,
  );
  const climbables = computed(() => (bed.value ? climbablesOf(bed.value.frame, garden.things, beds.wishesOf(site())) : []));
  const plantings = computed(() => beds.plantingsIn(site()));
  const scene = computed(() => {
    const { here } = garden;
    if (!here || !bed.value) return [];
    const gradients = here.gradientsOf(site());
    return scenePlants(
      plants(),
      plantings.value,
      (id) => garden.almanac!.plants.get(id)!,
      (x, y) => gradients.at([x, y]),
      view.halfMonth,
      { year: year(), autumn: garden.garden!.school_autumn },
    );
  });
  return { bed, climbables, plantings, scene };
}
