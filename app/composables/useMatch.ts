import type { Service } from '~~/core/match/services';
import { SETTINGS } from '~~/core/settings';

export type MatchSort = 'serves' | 'bloom' | 'name' | 'height';

/** Plants against the garden's sites and chosen targets, filtered and sorted as the person asked. */
export function useMatch() {
  const garden = useGardenStore();
  const view = useViewStore();
  const words = ref('');
  const target = ref('');
  const stage = ref<'' | 'host' | 'nectar'>('');
  const only = ref({ recorded: true, fitting: true, native: false, flowering: false });
  const sort = ref<MatchSort>('serves');

  const rows = computed(() => {
    const wanted = words.value.trim().toLowerCase();
    const kept = garden.services.filter(({ here, hostOf, nectarFor }) => {
      const { plant, status } = here;
      if (wanted && !`${plant.common} ${plant.scientific} ${plant.kind} ${plant.colour}`.toLowerCase().includes(wanted))
        return false;
      // Who asks by name wants to find it, recorded here or not, fitting or not.
      if (only.value.recorded && !wanted && !status.row) return false;
      const fits = garden.fits.get(plant.id) ?? [];
      if (only.value.fitting && !wanted && fits.length > 0 && fits.every((f) => f.verdict === 'unsuitable')) return false;
      if (only.value.native && !status.native) return false;
      if (only.value.flowering && here.bloomShares[view.halfMonth]! < SETTINGS.nectar.inBloomShare) return false;
      const host = hostOf.some((h) => h.rank !== 'trap' && (!target.value || h.target === target.value));
      const nectar = nectarFor.some((n) => !target.value || n.target === target.value);
      if (stage.value === 'host') return host;
      if (stage.value === 'nectar') return nectar;
      return target.value ? host || nectar || hostOf.some((h) => h.target === target.value) : true;
    });
    const by: Record<Exclude<MatchSort, 'name'>, (a: Service, b: Service) => number> = {
      serves: (a, b) =>
        Number(garden.isRefused(a.here.plant.id)) - Number(garden.isRefused(b.here.plant.id)) ||
        b.weight - a.weight ||
        Number(b.here.status.native) - Number(a.here.status.native),
      bloom: (a, b) => (a.here.bloom?.from ?? 999) - (b.here.bloom?.from ?? 999),
      height: (a, b) => a.here.plant.height_max_cm - b.here.plant.height_max_cm,
    };
    // They stand by name already, and sorting keeps the order of equals.
    return sort.value === 'name' ? kept : kept.sort(by[sort.value]);
  });
  return { rows, words, target, stage, only, sort };
}
