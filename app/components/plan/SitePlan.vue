<script setup lang="ts">
import { rowsUnlessSame } from '~~/core/garden/parts';
import type { Planting, Site } from '~~/core/model/garden';

const props = defineProps<{ site: Site }>();
const garden = useGardenStore();
const commands = useCommands();
const view = useViewStore();
/** What stands in this bed; the same list as before where a change was made elsewhere. */
const mine = computed<Planting[]>((before) =>
  rowsUnlessSame(
    before ?? [],
    garden.plantings.filter((row) => row.site_id === props.site.id),
  ),
);
const rows = computed(() =>
  mine.value
    .flatMap((planting) => {
      const here = garden.almanac!.plants.get(planting.plant);
      return here ? [{ planting, here }] : [];
    })
    .sort((a, b) => (a.here.bloom?.from ?? 999) - (b.here.bloom?.from ?? 999)),
);
const use = computed(() => garden.areas.get(props.site.id)!);
const share = computed(() => Math.min(1, use.value.used_m2 / use.value.area_m2));
const faultOf = (id: string) => garden.served?.faults.find((fault) => fault.planting === id)?.kind ?? null;
/** Plantings ticked, to be moved or removed together; and the one for which replacements are shown. */
const ticked = ref<Set<string>>(new Set());
const chosen = computed(() => rows.value.map((row) => row.planting).filter((row) => ticked.value.has(row.id)));
function tick(id: string, on: boolean) {
  const next = new Set(ticked.value);
  if (on) next.add(id);
  else next.delete(id);
  ticked.value = next;
}
async function moveTo(site: string | null) {
  if (await commands.changeSeveral(chosen.value, site)) ticked.value = new Set();
}
const replacing = ref('');
const others = computed(() => garden.sites.filter((site) => site.id !== props.site.id));
</script>

<template>
  <section class="mt-5" :aria-labelledby="`plan-${site.id}`">
    <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
      <h2 :id="`plan-${site.id}`">{{ site.name }}</h2>
      <svg class="h-3 w-40" viewBox="0 0 160 12" preserveAspectRatio="none" aria-hidden="true">
        <rect width="160" height="12" fill="var(--bank)" />
        <rect :width="160 * share" height="12" :fill="use.left_m2 < 0 ? 'var(--gap)' : 'var(--host)'" />
      </svg>
      <p class="text-sm">
        {{ view.area(use.used_m2) }} of {{ view.area(use.area_m2) }} used,
        <strong :class="use.left_m2 < 0 ? 'text-gap' : ''">{{
          use.left_m2 < 0 ? `${view.area(-use.left_m2)} too much` : `${view.area(use.left_m2)} left`
        }}</strong><template v-if="rows.length"
          >; <NuxtLink class="link no-print" :to="`/gardens/${garden.id}/beds/${site.id}`">where each goes</NuxtLink></template
        >
      </p>
    </div>
    <p v-if="rows.length === 0" class="text-quiet">
      Nothing planned here. <NuxtLink class="link" :to="`/gardens/${garden.id}/match`">See what fits it</NuxtLink>.
    </p>
    <p v-if="chosen.length" class="no-print flex flex-wrap items-center gap-x-4 gap-y-1 text-sm" role="status">
      {{ chosen.length }} chosen:
      <label v-if="others.length"
        >move to
        <select class="field w-auto!" @change="moveTo(($event.target as HTMLSelectElement).value)">
          <option value="" disabled selected>…</option>
          <option v-for="row in others" :key="row.id" :value="row.id">{{ row.name }}</option>
        </select></label
      >
      <button class="link text-gap" @click="moveTo(null)">Remove them</button>
    </p>
    <ScrollRegion v-if="rows.length" :label="`Plantings in ${site.name}`">
      <table class="tabular text-sm">
        <thead>
          <tr>
            <th scope="col" class="no-print"><span class="sr-only">Choose</span></th>
            <th scope="col">Plant</th>
            <th scope="col">Count</th>
            <th scope="col" class="text-right!">Ground</th>
            <th scope="col">Flowers</th>
            <th scope="col"><WordMark of="fit">Fit</WordMark></th>
            <th scope="col">State</th>
            <th scope="col">Since</th>
            <th scope="col" class="no-print"><WordMark of="locked">Locked</WordMark></th>
            <th scope="col" class="no-print"><span class="sr-only">Remove</span></th>
          </tr>
        </thead>
        <tbody>
          <template v-for="{ planting, here } in rows" :key="planting.id">
            <PlantingRow
              :planting="planting"
              :here="here"
              :site="site"
              :fault="faultOf(planting.id)"
              :ticked="ticked.has(planting.id)"
              :replacing="replacing === planting.id"
              @tick="tick(planting.id, $event)"
              @replace="replacing = replacing === planting.id ? '' : planting.id"
            />
            <tr v-if="replacing === planting.id">
              <td colspan="10"><ReplaceBy :planting="planting" @done="replacing = ''" /></td>
            </tr>
          </template>
        </tbody>
      </table>
    </ScrollRegion>
  </section>
</template>
