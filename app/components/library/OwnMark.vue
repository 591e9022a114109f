<script setup lang="ts">
/** Says that a row is the gardener's own word, not the shipped library's. */
defineProps<{ added?: boolean }>();
</script>

<template>
  <span class="border-b-2 border-dotted border-press text-sm whitespace-nowrap text-press">{{
    added ? 'added by you' : 'corrected by you'
  }}</span>
</template>
