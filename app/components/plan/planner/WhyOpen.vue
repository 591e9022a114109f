<script setup lang="ts">
import { gapSentence, needName } from '~~/core/words/needs';
import { lettingInWords, ruledWords, sitesWords } from '~~/core/words/plan';
import { remedySentence } from '~~/core/words/craft';
import { toldOnce } from '~~/core/plan/planner/why-open';
import type { Judged } from '~~/core/plan/planner/proposal';

/** For each need a proposal leaves open or thin: which plants could serve it, what rules them out, and what would do. */
const props = defineProps<{ judged: Judged }>();
const garden = useGardenStore();
const planner = usePlannerStore();
const view = useViewStore();
const open = computed(() =>
  props.judged.covered.targets
    .filter((row) => row.verdict !== 'closed')
    .map((row) => ({
      target: row.target,
      here: garden.almanac!.targets.get(row.target)!,
      needs: row.needs
        .filter((covered) => covered.verdict !== 'closed')
        .map((covered) => ({ covered, ruled: toldOnce(planner.helpers(props.judged, row.target, covered)) })),
    })),
);
/** A plant that nothing bars and that still is not planted: what there is does not reach for it. */
const freeWords = computed(() =>
  planner.wishes.budget_minor === null ? 'there is room, but it does not close it' : 'there is room: the money does not reach',
);
const moreWords = (target: string) => {
  const found = planner.shortfalls[target];
  if (!found) return '';
  const parts: string[] = [];
  const names = { plant: garden.nameOf, site: garden.siteName, target: garden.creatureName };
  const first = found.remedy ? remedySentence(found.remedy, target, names) : '';
  if (found.ground)
    parts.push(
      `${view.area(found.ground.m2)} more ground would close it (${found.ground.sites
        .map((row) => `${view.area(row.m2)} in ${garden.siteName(row.site_id)}`)
        .join(', ')})`,
    );
  if (found.money !== null) parts.push(`${planner.coin(found.money)} more would close it`);
  if (found.height) parts.push('without the limits of height it would close');
  if (parts.length > 0) return `${first} ${first ? 'Or: ' : ''}${parts.join('; or ')}.`.trim();
  return (
    first ||
    'No plan of these beds closes it, even alone: each plant of the library that could is ruled out as listed above. Let one in, or let it visit only.'
  );
};
</script>

<template>
  <section v-if="open.length" class="mt-6" aria-labelledby="why-open">
    <h2 id="why-open">What stays open, and why</h2>
    <article v-for="{ target, here, needs } in open" :key="target" class="mt-3">
      <h3 class="flex items-center gap-2"><CreatureGlyph :target="here.target" :size="30" />{{ here.target.common }}</h3>
      <div v-for="{ covered, ruled } in needs" :key="covered.need.stage + covered.need.special" class="mt-1">
        <p>
          <VerdictMark :verdict="covered.verdict" /> <strong>{{ needName(covered.need, here) }}</strong>.
          {{ gapSentence(here, covered, view.inUnits) }}
        </p>
        <details v-if="ruled.length" class="ml-1" :open="open.length + needs.length < 4">
          <summary class="text-sm text-press">Plants that could serve it, the nearest first</summary>
          <ScrollRegion :label="`What could serve ${here.target.common}, ${needName(covered.need, here)}`">
            <table class="tabular text-sm">
              <thead>
                <tr>
                  <th scope="col">Plant</th>
                  <th scope="col">Where</th>
                  <th scope="col">What rules it out</th>
                  <th scope="col">What would let it in</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="row in ruled" :key="`${row.plants[0]!.plant.id} ${row.sites[0]!.id} ${row.why?.kind}`">
                  <th scope="row" class="font-normal">
                    <template v-for="(of, i) in row.plants" :key="of.plant.id"
                      >{{ i > 0 ? ', ' : ''
                      }}<button class="link text-left" @click="view.explain({ kind: 'plant', plant: of.plant.id })">
                        {{ of.plant.common }}
                      </button></template
                    >
                  </th>
                  <td>
                    <button
                      v-if="row.plants.length === 1 && row.sites.length === 1"
                      class="link text-left"
                      @click="view.explain({ kind: 'fit', plant: row.plants[0]!.plant.id, site: row.sites[0]!.id })"
                    >
                      {{ row.sites[0]!.name }}
                    </button>
                    <template v-else>{{ sitesWords(row.sites, garden.sites) }}</template>
                  </td>
                  <td>{{ row.why ? ruledWords({ ...row, why: row.why }, view.inUnits) : freeWords }}</td>
                  <td>
                    {{ row.why ? lettingInWords({ ...row, why: row.why }, view.inUnits) : '' }}
                    <button
                      v-if="row.why?.kind === 'danger' || row.why?.kind === 'exotic-milkweed'"
                      class="link"
                      @click="planner.allow(row.plants[0]!.plant.id)"
                    >
                      I know: allow it<span class="sr-only">: {{ row.plants[0]!.plant.common }}</span>
                    </button>
                  </td>
                </tr>
              </tbody>
            </table>
          </ScrollRegion>
        </details>
        <p v-else class="text-sm text-quiet">
          {{
            covered.need.stage === 'shelter' && garden.sites.every((site) => site.kind === 'container')
              ? 'Pots freeze through and shelter nobody: it wants open ground that is left alone in autumn, if only a strip of it.'
              : 'No plant of the library serves it here.'
          }}
        </p>
      </div>
      <p
        v-if="garden.garden!.school_autumn !== 'leave' && needs.some(({ covered }) => covered.need.stage === 'shelter')"
        class="text-sm"
      >
        In this garden autumn work takes its shelter: stems and leaves left standing until spring would keep it.
      </p>
      <p class="mt-1 text-sm">
        <template v-if="planner.shortfalls[target]">{{ moreWords(target) }}</template>
        <button
          v-else
          class="press"
          :disabled="planner.searching || planner.shortSought !== ''"
          @click="planner.seekShortfall(target)"
        >
          {{ planner.shortSought === target ? 'Calculating …' : 'What would close it?'
          }}<span class="sr-only"> {{ here.target.common }}</span>
        </button>
      </p>
    </article>
  </section>
</template>
