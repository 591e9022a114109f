<script setup lang="ts">
/** Why a form was not saved; where somebody else changed the record, the choice between theirs and mine. */
defineProps<{ fault: string; clash: boolean }>();
defineEmits<{ theirs: [] }>();
</script>

<template>
  <div v-if="fault" role="alert" class="border-l-4 border-gap bg-raised p-2">
    <p>{{ fault }} What you typed is still here.</p>
    <p v-if="clash" class="mt-1 flex gap-2">
      <button class="press press-main">Keep mine</button>
      <button type="button" class="press" @click="$emit('theirs')">Take the other</button>
    </p>
  </div>
</template>
