<script setup lang="ts">
const route = useRoute();
await navigateTo(`/gardens/${String(route.params.garden)}/season`, { replace: true });
</script>

<template><p role="status">Opening the season …</p></template>
