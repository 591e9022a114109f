<script setup lang="ts">
import { firstSetGround, firstWhy } from '~~/core/words/asks';
import type { Ask } from '~~/core/plan/asks/ask';

/** Whom to begin with: a set calculated for this place, taken whole or in part. */
const garden = useGardenStore();
const commands = useCommands();
const asks = useAsksStore();
const view = useViewStore();
const left = ref<ReadonlySet<string>>(new Set());
const groups = computed(() => {
  const set = asks.first;
  if (!set) return [];
  return [
    { name: 'Close most easily', list: set.easy },
    { name: 'Worth trying', list: set.worthTrying },
  ].filter(({ list }) => list.length > 0);
});
const taken = computed(() => groups.value.flatMap(({ list }) => list).filter((ask) => !left.value.has(ask.target)));
function turn(target: string, on: boolean) {
  const next = new Set(left.value);
  if (on) next.delete(target);
  else next.add(target);
  left.value = next;
}
const targetOf = (ask: Ask) => garden.almanac!.targets.get(ask.target)!.target;
const saving = ref(false);
/** Chosen; where there is no bed yet, that is what comes next. */
async function choose() {
  saving.value = true;
  const bare = garden.sites.length === 0;
  const rows = taken.value.map(({ target, ambition }) => ({
    target,
    ambition,
    priority: garden.almanac!.targets.get(target)!.occurrence.ease,
  }));
  const chosen = await commands.chooseTargets(rows);
  saving.value = false;
  if (chosen && bare) await navigateTo({ path: `/gardens/${garden.id}/place`, query: { add: '' } });
}
const percent = computed(() => Math.min(100, Math.round((100 * asks.done) / Math.max(1, asks.of))));
</script>

<template>
  <section aria-labelledby="first-set" class="no-print my-3 border-l-4 border-press bg-raised p-3">
    <h2 id="first-set">Whom to begin with</h2>
    <template v-if="groups.length">
      <p class="max-w-prose text-quiet">
        Calculated {{ firstSetGround(asks.first!, view.inUnits) }}: those that ask least for what you will see of them, without a
        tree, on plants that can be had. Untick whom you do not want; everybody else stands in the list below.
      </p>
      <div v-for="group in groups" :key="group.name" class="mt-2">
        <h3 class="text-sm font-semibold">{{ group.name }}</h3>
        <ul class="grid gap-x-6 lg:grid-cols-2">
          <li v-for="ask in group.list" :key="ask.target">
            <label class="flex items-center gap-2 py-0.5">
              <input
                type="checkbox"
                class="size-4"
                :checked="!left.has(ask.target)"
                @change="turn(ask.target, ($event.target as HTMLInputElement).checked)"
              />
              <CreatureGlyph :target="targetOf(ask)" :size="36" class="shrink-0" />
              <span class="min-w-0 leading-snug"
                ><span class="creature">{{ targetOf(ask).common }}</span>
                <span class="block text-sm text-quiet">{{ firstWhy(ask, garden.almanac!) }}</span></span
              >
            </label>
          </li>
        </ul>
      </div>
      <button class="press press-main mt-3" :disabled="saving || taken.length === 0" @click="choose">
        {{ taken.length === 1 ? 'Choose this one' : `Choose these ${taken.length}` }}
      </button>
    </template>
    <p v-else-if="asks.finding" class="flex flex-wrap items-center gap-3" role="status">
      <progress class="h-2 w-48" :value="percent" max="100">{{ percent }} %</progress>
      Looking at what each creature asks here …
      <button class="press" @click="asks.stop">Stop</button>
    </p>
    <p v-else-if="asks.first">Nobody closes easily here: choose from the list below, and see what each asks.</p>
    <p v-else>
      Stopped.
      <button class="press ml-2" @click="asks.find">Look for a first set</button>
    </p>
  </section>
</template>
