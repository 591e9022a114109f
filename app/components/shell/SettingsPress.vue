<script setup lang="ts">
import { Settings2 } from '@lucide/vue';

/** The one place of what is remembered for whoever reads: opens the settings. */
defineOptions({ inheritAttrs: false });
const open = ref(false);
</script>

<template>
  <button type="button" class="press" v-bind="$attrs" @click="open = true">
    <Settings2 :size="15" aria-hidden="true" /><span>Settings</span>
  </button>
  <LazySettingsForm v-if="open" @close="open = false" />
</template>
