<script setup lang="ts">
import type { Plan } from '~~/core/model/garden';
import { LIVE_STATES } from '~~/core/model/states';

/** The current plan and the further ones that are saved. */
const garden = useGardenStore();
const records = useRecordsStore();
const commands = useCommands();
const comparison = useComparisonStore();
const naming = ref('');
const fault = ref('');
const others = computed(() => garden.plans.filter((row) => !row.current));
const plantsOf = (plan: Plan) =>
  (records.state?.plantings ?? [])
    .filter((row) => row.plan_id === plan.id && LIVE_STATES.has(row.state))
    .reduce((sum, row) => sum + row.count, 0);

async function work(run: () => Promise<void>) {
  fault.value = '';
  try {
    await run();
    return true;
  } catch (error) {
    if (!isApiFault(error)) throw error;
    fault.value = error.message;
    return false;
  }
}
async function saveCopy() {
  const name = naming.value.trim();
  if (name === '') fault.value = 'Give the plan a name.';
  else if (await work(() => commands.savePlan({ name, out: [], plants: [] }))) naming.value = '';
}
async function rename(plan: Plan, event: Event) {
  const field = event.target as HTMLInputElement;
  const name = field.value.trim();
  if (name === plan.name) return;
  if (name === '' || !(await work(() => commands.renamePlan(plan, name)))) field.value = plan.name;
}
async function compare(plan: Plan) {
  comparison.compareWith({ kind: 'plan', id: plan.id });
  await navigateTo(`/gardens/${garden.id}/season`);
}
</script>

<template>
  <details class="no-print mt-2">
    <summary class="link w-fit">
      Plans{{ others.length ? `: “${garden.plan?.name}” is current, ${others.length} more` : ': save further ones' }}
    </summary>
    <ul class="mt-1">
      <li v-for="plan in garden.plans" :key="plan.id" class="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-sm">
        <input
          class="field w-44!"
          :value="plan.name"
          :aria-label="`Name of the plan ${plan.name}`"
          @change="rename(plan, $event)"
        />
        <span>{{ plantsOf(plan) }} plants</span>
        <strong v-if="plan.current">the current plan</strong>
        <template v-else>
          <button class="press" @click="commands.makePlanCurrent(plan)">
            Make current<span class="sr-only">: {{ plan.name }}</span>
          </button>
          <button class="link min-h-[26px]" @click="compare(plan)">
            Compare the braids<span class="sr-only">: {{ plan.name }}</span>
          </button>
          <button class="link min-h-[26px] text-gap" @click="commands.removePlan(plan)">
            Remove<span class="sr-only"> {{ plan.name }}</span>
          </button>
        </template>
      </li>
    </ul>
    <form class="mt-2 flex flex-wrap items-start gap-2 text-sm" novalidate @submit.prevent="saveCopy">
      <label
        >Save a copy of this plan as
        <input
          v-model="naming"
          class="field ml-1 w-44!"
          maxlength="80"
          :aria-invalid="fault ? true : undefined"
          aria-describedby="plan-fault"
      /></label>
      <button class="press">Save it</button>
      <span id="plan-fault" class="self-center text-gap" role="alert">{{ fault }}</span>
    </form>
  </details>
</template>
