<script setup lang="ts">
import type { Coverage } from '~~/core/coverage/types';
import type { EntryFields } from '~~/core/model/log';
import { differenceOf } from '~~/core/coverage/difference';
import { differenceWords, needName } from '~~/core/words/needs';

/** What a loss or a mislabelled plant changed of the garden, and the way to what would mend it. */
const props = defineProps<{ before: Coverage; entry: EntryFields | null }>();
const emit = defineEmits<{ close: [] }>();
const garden = useGardenStore();
const view = useViewStore();
const commands = useCommands();
const difference = computed(() => (garden.served ? differenceOf(props.before, garden.served) : null));
const hereOf = (target: string) => garden.almanac!.targets.get(target)!;
const line = (row: NonNullable<typeof difference.value>['worse'][number]) =>
  differenceWords(hereOf(row.target), row, (before, after) => `${before} before, ${after} now`);
/** The same again, in the same bed: it stands in the plan, and so on the shopping list, as planned. */
const again = computed(() => {
  const { what, of, site_id, count } = props.entry ?? {};
  return what === 'lost' && of && site_id && count ? { of, site_id, count } : null;
});
const planned = ref(false);
async function plant() {
  const { of, site_id, count } = again.value!;
  planned.value = await commands.addPlanting(of, site_id, count);
}
function mend(row: NonNullable<typeof difference.value>['worse'][number]) {
  emit('close');
  view.explain({ kind: 'need', target: row.target, stage: row.need.stage, special: row.need.special });
}
</script>

<template>
  <div v-if="difference" aria-live="polite">
    <h3 class="text-xl">What this changes</h3>
    <p>
      <strong>{{ garden.served!.closed }} of {{ garden.served!.targets.length }}</strong> life cycles close<template
        v-if="before.closed !== garden.served!.closed"
        >; {{ before.closed }} did before</template
      >.
    </p>
    <p v-if="difference.worse.length + difference.better.length === 0">Every need is as well served as before.</p>
    <ul v-else class="mt-1 space-y-1">
      <li v-for="row in difference.worse" :key="row.target + row.need.stage + row.need.special">
        <span class="text-gap">{{ line(row) }}.</span>
        <button class="link ml-2 min-h-[26px] phone:min-h-[44px]" @click="mend(row)">
          What would mend it<span class="sr-only">
            for {{ hereOf(row.target).target.common }}, {{ needName(row.need, hereOf(row.target)) }}</span
          >
        </button>
      </li>
      <li v-for="row in difference.better" :key="row.target + row.need.stage + row.need.special">{{ line(row) }}.</li>
    </ul>
    <p class="mt-3 flex flex-wrap gap-2">
      <NuxtLink class="press" :to="`/gardens/${garden.id}/plan`" @click="emit('close')">See the plan</NuxtLink>
      <button v-if="again && !planned" class="press" @click="plant">
        Plan {{ again.count }} {{ garden.nameOf(again.of) }} again
      </button>
      <NuxtLink v-if="planned" class="press" :to="`/gardens/${garden.id}/plan/shopping`" @click="emit('close')"
        >See the shopping list</NuxtLink
      >
      <button class="press press-main" @click="emit('close')">Done</button>
    </p>
  </div>
</template>
