<script setup lang="ts">
import { Settings2 } from '@lucide/vue';

/** The one place of what is remembered for whoever reads: opens the settings. */
defineOptions({ inheritAttrs: false });
/** Where there is little room its name is only spoken. */
defineProps<{ small?: boolean }>();
const open = ref(false);
</script>

<template>
  <button type="button" class="press" v-bind="$attrs" @click="open = true">
    <Settings2 :size="15" aria-hidden="true" /><span :class="small ? 'max-2xl:sr-only' : ''">Settings</span>
  </button>
  <LazySettingsForm v-if="open" @close="open = false" />
</template>
