<script setup lang="ts">
/** What waits on this device, and what the server would not take. */
const log = useLogStore();
const busy = ref(false);
async function send() {
  busy.value = true;
  await log.flush();
  busy.value = false;
}
</script>

<template>
  <div v-if="log.unsent > 0" class="border-l-4 border-thin pl-3">
    <p role="status">
      {{ log.unsent }} {{ log.unsent === 1 ? 'entry waits' : 'entries wait' }} on this device until the server answers.
      <button class="link min-h-[26px] phone:min-h-[44px]" :disabled="busy" @click="send">Send now</button>
    </p>
    <ul v-if="log.refused.length" class="text-sm">
      <li v-for="[key, row] in log.refused" :key="key">
        {{ row.entries.map((entry) => log.words(entry)).join('; ') }}: <span class="text-gap">{{ row.fault }}</span>
        <button class="link ml-2 min-h-[26px] phone:min-h-[44px]" @click="log.discard(key)">Do not send it</button>
      </li>
    </ul>
  </div>
</template>
