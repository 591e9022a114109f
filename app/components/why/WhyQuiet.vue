<script setup lang="ts">
/** What the weekly look found and which cases ask whether the remedy helped, in one quiet line; nothing where there is none. */
const garden = useGardenStore();
const why = useWhyStore();
const cases = useCasesStore();
const said = computed(() => {
  const [noticed, due] = [why.notices.length, cases.due.length];
  return [
    noticed > 0 ? `The weekly look found ${noticed} ${noticed === 1 ? 'thing' : 'things'} that may be going wrong.` : '',
    due > 0 ? `${due} ${due === 1 ? 'case asks' : 'cases ask'} whether it helped.` : '',
  ]
    .filter(Boolean)
    .join(' ');
});
</script>

<template>
  <p v-if="said" class="text-sm text-quiet">
    {{ said }}
    <NuxtLink class="link inline-flex min-h-[26px] items-center phone:min-h-[44px]" :to="`/gardens/${garden.id}/log/why`"
      >Look at Why</NuxtLink
    >
  </p>
</template>
