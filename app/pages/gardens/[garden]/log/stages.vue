<script setup lang="ts">
import type { Ladder } from '~~/core/log/stages';
import { dateName } from '~~/core/model/half-month';
import { RUNG_WORDS, rungSentence } from '~~/core/words/log';

/** Which steps of each life were seen in this garden, year by year. */
const garden = useGardenStore();
const log = useLogStore();
const view = useViewStore();
const years = computed(() => [...new Set([log.year, ...log.book.years])].sort((a, b) => b - a));
/** The latest year that shows more than visits; this one, where none does. */
const year = ref(
  years.value.find((one) =>
    garden.targets.some((row) =>
      log.ladderIn(row.target, one)?.rungs.some(({ rung, state }) => rung !== 'visits' && state === 'seen'),
    ),
  ) ?? log.year,
);
const ladders = computed(() => garden.targets.flatMap((row) => log.ladderIn(row.target, year.value) ?? []));
const closedOnPaper = computed(
  () => new Set((garden.served?.targets ?? []).filter((row) => row.verdict === 'closed').map((row) => row.target)),
);
const seen = computed(() => ladders.value.filter((row) => row.seenToClose).length);
const chosen = ref(garden.targets[0]?.target ?? '');
const of = computed(() => (garden.targets.some((row) => row.target === chosen.value) ? chosen.value : ''));
const overYears = computed(() => [...years.value].reverse().flatMap((one) => log.ladderIn(of.value, one) ?? []));
function verdict({ target, seenToClose, askWhy }: Ladder): string {
  const paper = closedOnPaper.value.has(target);
  if (seenToClose) return paper ? 'closes, and was seen to' : 'was seen to close, though the plan leaves it open';
  if (askWhy) return 'adults came, no young were found';
  return paper ? 'closes on paper; not seen yet' : 'open';
}
const targetOf = (id: string) => garden.almanac!.targets.get(id)!.target;
</script>

<template>
  <div>
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
      <h1>Stages seen</h1>
      <p v-if="ladders.length" class="text-quiet">{{ seen }} of {{ ladders.length }} seen to close in {{ year }}</p>
      <label class="no-print ml-auto text-sm"
        >Year
        <select v-model="year" class="field ml-1 w-auto! phone:min-h-[44px]">
          <option v-for="row in years" :key="row" :value="row">{{ row }}</option>
        </select></label
      >
    </div>
    <p class="max-w-prose text-quiet">
      A full stone was seen, with how often; a ringed one must have been, since a later step was seen; a dotted one was not.
      Finding a chrysalis, or an adult fresh from it, is what shows that a life ran its course here.
    </p>
    <NobodyYet v-if="garden.targets.length === 0" />
    <ScrollRegion v-else class="mt-2" label="Stages seen, by creature">
      <table class="tabular text-sm">
        <thead>
          <tr>
            <th scope="col">Creature</th>
            <th scope="col">Steps</th>
            <th scope="col">Beside the plan</th>
            <th scope="col"><span class="sr-only">Entries</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in ladders" :key="row.target">
            <th scope="row" class="font-normal">
              <button
                class="flex min-h-[26px] items-center gap-2 text-left"
                @click="view.explain({ kind: 'target', target: row.target })"
              >
                <CreatureGlyph :target="targetOf(row.target)" :size="34" /><span class="creature">{{
                  garden.creatureName(row.target)
                }}</span>
              </button>
            </th>
            <td><LadderMarks :ladder="row" /></td>
            <td :class="row.askWhy ? 'text-gap' : ''">
              {{ verdict(row) }}
              <NuxtLink
                v-if="row.askWhy"
                class="link inline-flex min-h-[26px] items-center phone:min-h-[44px]"
                :to="{ path: `/gardens/${garden.id}/log/why`, query: { of: row.target, symptom: 'adults-no-eggs' } }"
                >Ask why<span class="sr-only"> {{ garden.creatureName(row.target) }}</span></NuxtLink
              >
            </td>
            <td class="act">
              <NuxtLink class="link min-h-[26px]" :to="`/gardens/${garden.id}/log?of=${row.target}`"
                >Entries<span class="sr-only"> of {{ garden.creatureName(row.target) }}</span></NuxtLink
              >
            </td>
          </tr>
        </tbody>
      </table>
    </ScrollRegion>
    <section v-if="of" class="mt-4" aria-labelledby="over-years">
      <div class="flex flex-wrap items-baseline gap-x-5">
        <h2 id="over-years">Year beside year</h2>
        <label class="no-print text-sm"
          >Of
          <select v-model="chosen" class="field ml-1 w-auto!">
            <option v-for="row in garden.targets" :key="row.target" :value="row.target">
              {{ garden.creatureName(row.target) }}
            </option>
          </select></label
        >
      </div>
      <LazyLadderChart
        :ladders="overYears"
        :label="`How often each step of ${garden.creatureName(of)} was seen; the table says the same`"
      />
      <ScrollRegion class="mt-2" :label="`Steps of ${garden.creatureName(of)} by year`">
        <table class="tabular text-sm">
          <thead>
            <tr>
              <th scope="col">Step</th>
              <th v-for="row in overYears" :key="row.year" scope="col">{{ row.year }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(rung, i) in overYears[0]?.rungs ?? []" :key="rung.rung">
              <th scope="row" class="font-normal">{{ RUNG_WORDS[rung.rung] }}</th>
              <td v-for="row in overYears" :key="row.year">{{ rungSentence(row.rungs[i]!, dateName) }}</td>
            </tr>
          </tbody>
        </table>
      </ScrollRegion>
    </section>
  </div>
</template>
