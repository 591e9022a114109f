import type { PlantHere } from '~~/core/almanac/almanac';
import { nectarOfPlant } from '~~/core/coverage/supply';
import { drinksNectar } from '~~/core/needs/needs';
import type { Fit } from '~~/core/fit/fit';
import type { Gate } from '~~/core/gates/gates';
import type { Host } from '~~/core/model/reference';
import { SETTINGS } from '~~/core/settings';

export interface MatchRow {
  here: PlantHere;
  fits: Fit[];
  gates: Gate[];
  refused: boolean;
  hostOf: { target: string; common: string; rank: Host['rank'] }[];
  nectarFor: { target: string; common: string }[];
  planted: number;
  inFlower: boolean;
}

export type MatchSort = 'serves' | 'bloom' | 'name' | 'height';

/** Plants against the garden's sites and chosen targets, filtered and sorted as the person asked. */
export function useMatch() {
  const garden = useGardenStore();
  const view = useViewStore();
  const words = ref('');
  const target = ref('');
  const stage = ref<'' | 'host' | 'nectar'>('');
  const only = ref({ fitting: true, native: false, flowering: false });
  const sort = ref<MatchSort>('serves');

  const all = computed<MatchRow[]>(() => {
    const chosen = garden.targets.flatMap((row) => garden.almanac?.targets.get(row.target) ?? []);
    const planted = new Map<string, number>();
    for (const row of garden.livePlantings) planted.set(row.plant, (planted.get(row.plant) ?? 0) + row.count);
    return garden.plants.map((here) => {
      const gates = garden.gatesByPlant.get(here.plant.id) ?? [];
      return {
        here,
        fits: garden.fits.get(here.plant.id) ?? [],
        gates,
        refused: gates.some((gate) => gate.effect === 'refuse'),
        hostOf: chosen.flatMap((t) => {
          const host = t.hosts.get(here.plant.id);
          return host ? [{ target: t.target.id, common: t.target.common, rank: host.rank }] : [];
        }),
        nectarFor: chosen
          .filter((t) => drinksNectar(t.target) && nectarOfPlant(t.target, here.plant) > 0)
          .filter((t) => t.flightHalfMonths.some((h) => here.bloomShares[h]! >= SETTINGS.nectar.inBloomShare))
          .map((t) => ({ target: t.target.id, common: t.target.common })),
        planted: planted.get(here.plant.id) ?? 0,
        inFlower: here.bloomShares[view.halfMonth]! >= SETTINGS.nectar.inBloomShare,
      };
    });
  });
  const rows = computed(() => {
    const wanted = words.value.trim().toLowerCase();
    const kept = all.value.filter((row) => {
      const { plant } = row.here;
      if (wanted && !`${plant.common} ${plant.scientific} ${plant.kind} ${plant.colour}`.toLowerCase().includes(wanted))
        return false;
      if (only.value.fitting && !wanted && row.fits.length > 0 && row.fits.every((f) => f.verdict === 'unsuitable')) return false;
      if (only.value.native && !row.here.status.native) return false;
      if (only.value.flowering && !row.inFlower) return false;
      const host = row.hostOf.filter((h) => h.rank !== 'trap' && (!target.value || h.target === target.value)).length > 0;
      const nectar = row.nectarFor.filter((n) => !target.value || n.target === target.value).length > 0;
      if (stage.value === 'host') return host;
      if (stage.value === 'nectar') return nectar;
      return target.value ? host || nectar || row.hostOf.some((h) => h.target === target.value) : true;
    });
    const serves = (row: MatchRow) =>
      4 * row.hostOf.filter((h) => h.rank === 'primary' || h.rank === 'accepted').length + row.nectarFor.length;
    const by: Record<MatchSort, (a: MatchRow, b: MatchRow) => number> = {
      serves: (a, b) =>
        Number(a.refused) - Number(b.refused) ||
        serves(b) - serves(a) ||
        Number(b.here.status.native) - Number(a.here.status.native),
      bloom: (a, b) => (a.here.bloom?.from ?? 999) - (b.here.bloom?.from ?? 999),
      name: () => 0,
      height: (a, b) => a.here.plant.height_max_cm - b.here.plant.height_max_cm,
    };
    return kept.sort((a, b) => by[sort.value](a, b) || a.here.plant.common.localeCompare(b.here.plant.common));
  });
  return { rows, all, words, target, stage, only, sort };
}
