<script setup lang="ts">
/** A garden opens where one left off in it, the first time at its season. */
const route = useRoute();
const last = useLastPlace();
const id = String(route.params.garden);
await navigateTo(last.value?.garden === id ? last.value.path : `/gardens/${id}/season`, { replace: true });
</script>

<template><p role="status">Opening the garden …</p></template>
