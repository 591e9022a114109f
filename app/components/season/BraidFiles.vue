<script setup lang="ts">
import serif from '@fontsource-variable/alegreya/files/alegreya-latin-wght-normal.woff2?url';
import serifItalic from '@fontsource-variable/alegreya/files/alegreya-latin-wght-italic.woff2?url';
import sans from '@fontsource-variable/source-sans-3/files/source-sans-3-latin-wght-normal.woff2?url';
import { dateName } from '~~/core/model/half-month';
import { braidPicture, pngOf } from './braid-picture';

/** The braid as SVG, as PNG and on paper, under the garden’s name. */
const props = defineProps<{ svg: () => SVGSVGElement | null }>();
const garden = useGardenStore();
const view = useViewStore();
const busy = ref(false);

const FACES = [
  { family: 'Alegreya Variable', style: 'normal', url: serif },
  { family: 'Alegreya Variable', style: 'italic', url: serifItalic },
  { family: 'Source Sans 3 Variable', style: 'normal', url: sans },
];
async function fontSheet() {
  const faces = await Promise.all(
    FACES.map(async ({ family, style, url }) => {
      const bytes = new Uint8Array(await (await fetch(url)).arrayBuffer());
      let binary = '';
      for (const byte of bytes) binary += String.fromCharCode(byte);
      return `@font-face{font-family:'${family}';font-style:${style};font-weight:200 900;src:url(data:font/woff2;base64,${btoa(binary)}) format('woff2')}`;
    }),
  );
  return faces.join('');
}
const subtitle = computed(() => {
  const year = garden.year === null ? 'the plan when grown' : `as in ${garden.year}`;
  return `${garden.served!.closed} of ${garden.served!.targets.length} life cycles close; ${year}; zone ${garden.garden!.half_zone}, ${garden.region?.name}; ${dateName(isoDay(view.today))}`;
});
async function keep(kind: 'svg' | 'png') {
  const drawing = props.svg();
  if (!drawing) return;
  busy.value = true;
  try {
    const picture = braidPicture(drawing, garden.garden!.name, subtitle.value, await fontSheet());
    if (kind === 'svg') saveText(`${garden.id}-braid.svg`, 'image/svg+xml', picture.svg);
    else saveAs(`${garden.id}-braid.png`, await pngOf(picture));
  } finally {
    busy.value = false;
  }
}
const print = () => window.print();
</script>

<template>
  <p class="flex flex-wrap gap-x-3 text-sm">
    <span class="text-quiet">The braid as</span>
    <button class="link" :disabled="busy" @click="keep('svg')">SVG</button>
    <button class="link" :disabled="busy" @click="keep('png')">PNG</button>
    <button class="link" @click="print">on paper</button>
  </p>
</template>
