<script setup lang="ts">
const view = useViewStore();
</script>

<template>
  <aside
    aria-label="Reasons"
    class="no-print border-line bg-raised lg:sticky lg:top-3 lg:block lg:max-h-[calc(100vh-1.5rem)] lg:self-start lg:overflow-auto lg:border"
    :class="
      view.reasonsOpen && view.subject
        ? 'fixed inset-x-0 bottom-[3.6rem] z-20 max-h-[62vh] overflow-auto border-t-2 border-press shadow-[0_-8px_24px_#0004] md:bottom-0 lg:static lg:shadow-none'
        : 'hidden'
    "
    tabindex="0"
  >
    <div class="p-3">
      <div class="flex items-start justify-between">
        <h2 class="text-quiet">Reasons</h2>
        <button class="link lg:hidden" @click="view.closeReasons()">Close</button>
      </div>
      <FitReasons v-if="view.subject?.kind === 'fit'" :key="view.subject.plant + view.subject.site" v-bind="view.subject" />
      <PlantReasons v-else-if="view.subject?.kind === 'plant'" :plant="view.subject.plant" />
      <NeedReasons v-else-if="view.subject?.kind === 'need'" v-bind="view.subject" />
      <TargetReasons v-else-if="view.subject?.kind === 'target'" :target="view.subject.target" />
      <PlaceReasons v-else-if="view.subject?.kind === 'place'" :value="view.subject.value" />
      <SiteInYard v-else-if="view.subject?.kind === 'site'" :key="view.subject.site" :site="view.subject.site" />
      <ThingForm v-else-if="view.subject?.kind === 'thing'" :key="view.subject.thing" :thing="view.subject.thing" />
      <p v-else class="mt-2 text-quiet">
        Choose any verdict, gap, creature or plant: here is why, in numbers, and what would change it.
      </p>
    </div>
  </aside>
</template>
