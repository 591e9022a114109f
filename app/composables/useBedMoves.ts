import { useDebounceFn } from '@vueuse/core';
import type { Standing } from '~~/core/layout/question';

/**
 * Plants of a bed chosen and moved by hand, by their places in the arrangement: with the pointer or in steps by keys. Moves are
 * saved when the plant is dropped, or when no key was pressed for a moment; until then only the drawing has them.
 */
export function useBedMoves(site: string) {
  const beds = useBedsStore();
  const saved = computed(() => beds.saved(site));
  /** The plants as they are drawn. */
  const plants = shallowRef<Standing[]>(saved.value.plants);
  const chosen = ref<ReadonlySet<number>>(new Set());
  watch(saved, ({ plants: now }) => {
    if (now.length !== plants.value.length) chosen.value = new Set();
    plants.value = now;
  });
  const unsaved = computed(() => plants.value !== saved.value.plants);

  function choose(plant: number | null, more = false) {
    if (plant === null) return void (chosen.value = new Set());
    const next = new Set(more ? chosen.value : []);
    if (more && next.has(plant)) next.delete(plant);
    else next.add(plant);
    chosen.value = next;
  }
  const chooseAll = (which: readonly number[]) => void (chosen.value = new Set(which));

  const moved = (by: (plant: Standing) => Standing) =>
    plants.value.map((plant, i) => (chosen.value.has(i) && !plant.held ? by(plant) : plant));
  const shifted = (dx: number, dy: number) => moved((plant) => ({ ...plant, x: plant.x + dx, y: plant.y + dy }));

  async function save(label: string) {
    const wanted = plants.value;
    if (!(await beds.save(site, { plants: wanted, unplaced: saved.value.unplaced }, label)) && plants.value === wanted)
      plants.value = saved.value.plants;
  }
  const saveSoon = useDebounceFn(() => settled(), 900);
  /** Moves what is chosen by metres, to be saved in a moment. */
  function nudge(dx: number, dy: number) {
    plants.value = shifted(dx, dy);
    void saveSoon();
  }
  /** Lets what was dragged stand where it is. */
  function settle(dx: number, dy: number) {
    plants.value = shifted(dx, dy);
    return save('Move plants');
  }
  /** Holds what is chosen where it stands, or lets it be moved again. */
  function hold(on: boolean) {
    plants.value = plants.value.map((plant, i) => (chosen.value.has(i) ? { ...plant, held: on } : plant));
    return save(on ? 'Lock plants in their places' : 'Unlock plants');
  }
  /** Saves at once what would be saved in a moment. */
  const settled = () => (unsaved.value ? save('Move plants') : Promise.resolve());
  onBeforeUnmount(settled);
  return {
    settled,
    plants,
    saved,
    chosen,
    choose,
    chooseAll,
    shifted,
    nudge,
    settle,
    hold,
  };
}
