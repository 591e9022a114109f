<script setup lang="ts">
/** Says that a row is the gardener's own word for this garden, or one kept for all, and not the shipped library's. */
defineProps<{ added?: boolean; shelf?: boolean }>();
</script>

<template>
  <span class="border-b-2 border-dotted border-press text-sm whitespace-nowrap text-press">{{
    `${added ? 'added by you' : 'corrected by you'}${shelf ? ', for all gardens' : ''}`
  }}</span>
</template>
