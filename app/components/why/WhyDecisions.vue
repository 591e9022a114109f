<script setup lang="ts">
import type { Planting } from '~~/core/model/garden';
import { decisionsInSteps, type Decision } from '~~/core/garden/decisions';
import { DECISION_WORDS, decisionWords, effectWords } from '~~/core/words/why';

/** What one may decide about a planting, each with its effect before it is pressed. */
const props = defineProps<{ planting: Planting }>();
const garden = useGardenStore();
const work = useWorkStore();
const view = useViewStore();
const commands = useCommands();
const found = shallowRef<Decision[] | null>(null);
const wanted = ref(false);
async function calculate() {
  wanted.value = true;
  const { here } = garden;
  if (!here) return;
  const decisions = await inSlices(decisionsInSteps(here, props.planting, work.today), () => garden.here === here);
  if (decisions) found.value = decisions;
}
watch(
  () => garden.here,
  () => wanted.value && void calculate(),
);
const row = computed(() => garden.plantings.find((one) => one.id === props.planting.id) ?? null);
function decide(decision: Decision) {
  const { kind, plant, site_id, count } = decision;
  if (kind === 'more') return commands.addPlanting(plant, site_id, count);
  if (kind === 'propagate') return navigateTo({ path: `/gardens/${garden.id}/work/raise`, query: { plant } });
  if (!row.value) return undefined;
  if (kind === 'move') return commands.changeSeveral([row.value], site_id);
  if (kind === 'replace') return commands.replacePlanting(row.value, plant, count);
  return commands.savePlanting(
    row.value,
    { state: 'removed', lost_year: Number(work.onDay.slice(0, 4)) },
    `${garden.nameOf(plant)} is done without.`,
  );
}
</script>

<template>
  <section v-if="row" class="no-print" aria-labelledby="decide">
    <h2 id="decide" class="border-b border-line">Or decide about {{ row.count }} {{ garden.nameOf(row.plant) }}</h2>
    <p v-if="!wanted" class="mt-2">
      <button class="press" @click="calculate">More, move, raise, replace or do without</button>
      <span class="ml-3 text-sm text-quiet">Each with what it changes for the creatures, the work and the money.</span>
    </p>
    <p v-else-if="!found" role="status" class="mt-2 text-quiet">Trying each of them in the garden …</p>
    <ul v-else class="divide-y divide-line">
      <li
        v-for="decision in found"
        :key="decision.kind"
        class="grid gap-x-4 gap-y-1 py-1.5 md:grid-cols-[11rem_minmax(0,5fr)_minmax(0,6fr)] md:items-baseline"
      >
        <span
          ><button class="press phone:min-h-[48px]" :disabled="decision.refused !== null" @click="decide(decision)">
            {{ DECISION_WORDS[decision.kind] }}
          </button></span
        >
        <span :class="decision.refused ? 'text-quiet' : ''">{{ decisionWords(decision, work.names) }}</span>
        <span class="text-sm" :class="decision.effect?.difference.opened.length ? 'text-gap' : 'text-quiet'">{{
          effectWords(decision, work.names, view.inUnits).join('; ')
        }}</span>
      </li>
    </ul>
  </section>
</template>
