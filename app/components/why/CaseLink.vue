<script setup lang="ts">
import type { Case } from '~~/core/model/why';

/** A link to a case, with the answers that were given. */
const props = defineProps<{ row: Case }>();
const garden = useGardenStore();
const to = computed(() => ({ path: `/gardens/${garden.id}/log/why`, query: caseQuery(props.row) }));
</script>

<template>
  <NuxtLink class="link inline-flex min-h-[26px] items-center phone:min-h-[44px]" :to="to"><slot>Open the case</slot></NuxtLink>
</template>
