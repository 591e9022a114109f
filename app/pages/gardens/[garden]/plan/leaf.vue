<script setup lang="ts">
import { dayName } from '~~/core/model/half-month';
import { leafBudget, successions, type BroodBudget } from '~~/core/coverage/leaf-budget';
import { larvaeWords } from '~~/core/words/needs';
import { SETTINGS } from '~~/core/settings';

const garden = useGardenStore();
const view = useViewStore();
const rows = computed(() => (garden.input && garden.served ? leafBudget(garden.input, garden.served) : []));
const sown = computed(() => (garden.input && garden.garden ? successions(garden.almanac!, garden.garden, garden.input) : []));
const here = (target: string) => garden.almanac!.targets.get(target)!;
const raised = (n: number) => larvaeWords({ low: n, high: n });
const range = (row: BroodBudget) => (row.feeds === 0 ? 'none' : larvaeWords(row));
const broodName = (brood: number) => (brood === 0 ? 'spring larvae' : `brood ${brood}`);
const WARNINGS: Record<BroodBudget['warning'], string> = {
  '': '',
  bare: 'No leaf stands: whoever hatches here starves.',
  stripped: 'They would strip it to the stems: plant more, or look on as most wander off.',
  hard: 'They would eat more than can be spared: it recovers slowly.',
};
const REGROW_DAYS = 30;
/** What is left for the next brood, where enough is eaten to matter. */
function restWords({ rest_d: rest, eaten }: BroodBudget) {
  if (rest === null || eaten < 0.3) return '';
  if (rest < 0) return 'The next brood is there before they are grown.';
  return rest < REGROW_DAYS ? `Only ${rest} days to regrow before the next brood.` : `${rest} days to regrow.`;
}
</script>

<template>
  <div>
    <h1>Leaf, brood by brood</h1>
    <p class="max-w-prose text-quiet">
      How many caterpillars the planned hosts can raise, {{ garden.year === null ? 'grown' : `in ${garden.year}` }}. Leaf is
      shared between all who eat it, what one brood eats is missing for the next until it has grown back, and half is left for the
      plant. Figures of leaf and appetite are rough: the range is honest.
    </p>
    <p v-if="rows.length === 0" class="my-4">
      None of the chosen creatures is to raise young here:
      <NuxtLink class="link" :to="`/gardens/${garden.id}/targets`">choose some that breed</NuxtLink>.
    </p>
    <ScrollRegion v-else label="Leaf by brood" class="mt-3">
      <table class="tabular text-sm">
        <thead>
          <tr>
            <th scope="col">Creature</th>
            <th scope="col">Larvae feed</th>
            <th scope="col" class="text-right!">Wanted</th>
            <th scope="col" class="text-right!">Raised</th>
            <th scope="col" class="text-right!">Range</th>
            <th scope="col" class="text-right!">Leaf there</th>
            <th scope="col" class="text-right!">Eaten of it</th>
            <th scope="col">What to expect</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, i) in rows" :key="row.target + row.brood">
            <th scope="row" class="font-normal">
              <button
                v-if="rows[i - 1]?.target !== row.target"
                class="flex items-center gap-2 text-left"
                @click="view.explain({ kind: 'need', target: row.target, stage: 'host', special: null })"
              >
                <CreatureGlyph :target="here(row.target).target" :size="28" /><span
                  class="creature underline decoration-line underline-offset-2"
                  >{{ here(row.target).target.common }}</span
                >
              </button>
              <span v-else class="sr-only">{{ here(row.target).target.common }}</span>
            </th>
            <td>{{ broodName(row.brood) }}: {{ dayName(row.period.from) }} to {{ dayName(row.period.to) }}</td>
            <td class="text-right">{{ row.wanted }}</td>
            <td class="text-right font-semibold" :class="row.feeds + 1e-9 < row.wanted ? 'text-gap' : ''">
              {{ raised(row.feeds) }}
            </td>
            <td class="text-right whitespace-nowrap">{{ range(row) }}</td>
            <td class="text-right whitespace-nowrap">
              {{
                row.standing_g >= 1000 || view.units === 'us'
                  ? view.weight(row.standing_g / 1000)
                  : `${Math.round(row.standing_g)} g`
              }}
            </td>
            <td class="text-right">{{ Number.isFinite(row.eaten) ? `${Math.round(100 * row.eaten)} %` : '—' }}</td>
            <td>
              <span :class="row.warning ? 'text-gap' : ''">{{ WARNINGS[row.warning] }}</span>
              <span v-if="row.rest_d !== null" class="text-quiet">{{ row.warning ? ' ' : '' }}{{ restWords(row) }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </ScrollRegion>
    <section v-if="sown.length" class="mt-5" aria-labelledby="succession">
      <h2 id="succession">Annual hosts to sow again</h2>
      <p class="max-w-prose text-sm text-quiet">
        A sowing stands in leaf for about {{ SETTINGS.succession.standDays }} days before it bolts or is eaten; later broods want
        later sowings.
      </p>
      <ul class="mt-1">
        <li v-for="row in sown" :key="row.plant">
          <strong class="creature">{{ garden.nameOf(row.plant) }}</strong> for
          {{ row.targets.map((target) => here(target).target.common).join(', ') }}: sow {{ row.sowings.map(dayName).join(', ') }}.
        </li>
      </ul>
    </section>
  </div>
</template>
