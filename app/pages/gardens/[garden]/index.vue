<script setup lang="ts">
import { isGrowing } from '~~/core/work/task';

/** A garden in which something grows opens at what to do now; else where one left off in it, the first time at its season. */
const garden = useGardenStore();
const last = useLastPlace();
const base = `/gardens/${garden.id}`;
const leftOff = last.value?.garden === garden.id ? last.value.path : `${base}/season`;
await navigateTo(garden.plantings.some(isGrowing) ? `${base}/work` : leftOff, { replace: true });
</script>

<template><p role="status">Opening the garden …</p></template>
