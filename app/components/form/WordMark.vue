<script setup lang="ts">
import { GLOSSARY, type GlossaryWord } from '~~/core/words/glossary';

/** A word with its one sentence, on tap, focus or hover; plain words where the marks are switched off. */
const props = defineProps<{ of: GlossaryWord }>();
const view = useViewStore();
/** The head of a table that is laid out as rows is seen by nobody, and takes no focus. */
const inRows = inject<Readonly<Ref<boolean>>>('as-rows', ref(false));
const id = useId();
const shown = ref(false);
const mark = useTemplateRef<HTMLElement>('mark');
const note = useTemplateRef<HTMLElement>('note');
const place = ref({ left: '0px', top: '0px' });
/** Beside the word, and never past the edge of the window. */
async function show() {
  shown.value = true;
  await nextTick();
  const word = mark.value?.getBoundingClientRect();
  const box = note.value?.getBoundingClientRect();
  if (!word || !box) return;
  const left = Math.max(8, Math.min(word.left, innerWidth - box.width - 8));
  const above = word.bottom + box.height + 8 > innerHeight;
  place.value = { left: `${left}px`, top: `${above ? word.top - box.height - 4 : word.bottom + 4}px` };
}
const hide = () => (shown.value = false);
/** Once the focus has arrived elsewhere: between two places nothing may change, or it would be brought back. */
const left = () => setTimeout(hide);
function onKey(event: KeyboardEvent) {
  if (event.key !== 'Escape' || !shown.value) return;
  event.stopPropagation();
  hide();
}
</script>

<template>
  <span v-if="!view.explained || inRows"><slot /></span>
  <span v-else class="relative" @mouseenter="show" @mouseleave="hide">
    <button
      ref="mark"
      type="button"
      class="word"
      :data-word="props.of"
      :aria-describedby="shown ? id : undefined"
      @click.prevent.stop="show"
      @focus="show"
      @blur="left"
      @keydown="onKey"
    >
      <slot />
    </button>
    <span
      v-if="shown"
      :id="id"
      ref="note"
      role="tooltip"
      class="fixed z-50 w-64 border border-line bg-raised p-2 text-left text-sm font-normal whitespace-normal text-ink shadow-lg"
      :style="place"
      >{{ GLOSSARY[props.of] }}</span
    >
  </span>
</template>
