<script setup lang="ts">
/** Why, for what was chosen: there only while it explains something. */
const view = useViewStore();
const panel = useTemplateRef<HTMLElement>('panel');
/** Where the keyboard was when the panel came: it goes back there. */
let opener: HTMLElement | null = null;
watch(
  () => view.subject,
  (now, before) => {
    const at = document.activeElement as HTMLElement | null;
    const within = panel.value?.contains(at) ?? false;
    if (now && !within) opener = at;
    if (!now && before && (within || at === document.body)) opener?.focus();
  },
  { flush: 'sync' },
);
watch(
  () => view.asked,
  async () => {
    await nextTick();
    panel.value?.focus({ preventScroll: true });
  },
);
</script>

<template>
  <aside
    v-if="view.subject"
    ref="panel"
    aria-label="Reasons"
    data-sheet
    class="no-print fixed inset-x-0 bottom-[3.1rem] z-20 short:bottom-0 max-h-[62vh] overflow-auto border-t-2 border-press bg-raised shadow-[0_-8px_24px_#0004] md:bottom-0 lg:sticky lg:inset-auto lg:top-3 lg:max-h-[calc(100vh-1.5rem)] xl:top-[3.6rem] xl:max-h-[calc(100vh-4.4rem)] lg:self-start lg:border lg:border-line lg:shadow-none"
    tabindex="0"
  >
    <div class="p-3">
      <div class="flex items-start justify-between">
        <h2 class="text-quiet">Reasons</h2>
        <button class="link min-h-[26px]" title="Escape" @click="view.closeReasons()">Close</button>
      </div>
      <FitReasons v-if="view.subject.kind === 'fit'" :key="view.subject.plant + view.subject.site" v-bind="view.subject" />
      <PlantReasons v-else-if="view.subject.kind === 'plant'" :plant="view.subject.plant" />
      <NeedReasons v-else-if="view.subject.kind === 'need'" v-bind="view.subject" />
      <TargetReasons v-else-if="view.subject.kind === 'target'" :target="view.subject.target" />
      <LazyTaskReasons v-else-if="view.subject.kind === 'task'" :key="view.subject.task" :task="view.subject.task" />
      <PlaceReasons v-else-if="view.subject.kind === 'place'" :value="view.subject.value" />
      <LazySiteInYard v-else-if="view.subject.kind === 'site'" :key="view.subject.site" :site="view.subject.site" />
      <LazyThingForm v-else-if="view.subject.kind === 'thing'" :key="view.subject.thing" :thing="view.subject.thing" />
    </div>
  </aside>
</template>
