<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core';
import { create } from 'qrcode';
import { dateName } from '~~/core/model/half-month';
import { STICKER_SHEETS, type PlantLabel } from '~/composables/useBedPdf';

/** Labels of a bed’s plants at their true size, on sheets of stickers. */
const route = useRoute();
const garden = useGardenStore();
const beds = useBedsStore();
const view = useViewStore();
const id = computed(() => String(route.params.site));
const site = computed(() => garden.sites.find((row) => row.id === id.value));
const sheetAt = useLocalStorage('outwash-labels', 0);
const sheet = computed(() => STICKER_SHEETS[sheetAt.value] ?? STICKER_SHEETS[0]!);
const per = useLocalStorage<'kind' | 'plant'>('outwash-labels-per', 'kind');

/** What a plant is for, in a few words. */
function purpose(plant: string): string {
  const service = garden.services.find((row) => row.here.plant.id === plant);
  if (!service) return '';
  const hosts = service.hostOf.filter((row) => row.rank === 'primary' || row.rank === 'accepted').map((row) => row.common);
  if (hosts.length > 0)
    return `Host of ${hosts.slice(0, 2).join(', ')}${hosts.length > 2 ? ` and ${hosts.length - 2} more` : ''}`;
  const guests = service.nectarFor.length;
  return guests > 0 ? `Nectar for ${guests} ${guests === 1 ? 'creature' : 'creatures'}` : '';
}
const labels = computed<PlantLabel[]>(() =>
  beds.plantingsIn(id.value).flatMap((row) => {
    const { plant } = garden.almanac!.plants.get(row.plant)!;
    const day = row.planted_year === null ? dateName(garden.garden!.clock ?? isoDay(view.today)) : `Planted ${row.planted_year}`;
    const address = `${location.origin}/gardens/${garden.id}/library/plants/${plant.id}`;
    const label = { common: plant.common, scientific: plant.scientific, what: purpose(plant.id), day, address };
    return Array.from({ length: per.value === 'kind' ? 1 : row.count }, () => label);
  }),
);
/** A QR code as one path, a square a module. */
function qr(text: string): { d: string; size: number } {
  const { modules } = create(text, { errorCorrectionLevel: 'L' });
  const d: string[] = [];
  for (let row = 0; row < modules.size; row++)
    for (let column = 0; column < modules.size; column++) if (modules.get(row, column)) d.push(`M${column},${row}h1v1h-1z`);
  return { d: d.join(''), size: modules.size };
}
const codes = computed(
  () => new Map([...new Set(labels.value.map((row) => row.address))].map((address) => [address, qr(address)])),
);
const pages = computed(() => {
  const each = sheet.value.columns * sheet.value.rows;
  return Array.from({ length: Math.ceil(labels.value.length / each) }, (_, i) => labels.value.slice(i * each, (i + 1) * each));
});
const busy = ref(false);
async function pdf() {
  busy.value = true;
  try {
    const { labelsPdf } = await import('~/composables/useBedPdf');
    saveBlob(`${garden.id}-${id.value}-labels.pdf`, await labelsPdf(labels.value, sheet.value));
  } finally {
    busy.value = false;
  }
}
const print = () => window.print();
useHead({
  title: () => `Plant labels · ${site.value?.name ?? 'Bed'}`,
  bodyAttrs: { class: 'bare-paper' },
  style: [
    {
      key: 'paper-of-labels',
      nonce: pageNonce(),
      innerHTML: () => `@page { size: ${sheet.value.page === 'A4' ? 'A4' : 'letter'}; margin: 0; }`,
    },
  ],
});
</script>

<template>
  <div v-if="site">
    <div class="no-print">
      <p class="text-sm">
        <NuxtLink class="link" :to="`/gardens/${garden.id}/beds/${id}`">{{ site.name }}</NuxtLink>
      </p>
      <div class="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h1>Labels for {{ site.name }}</h1>
        <button class="press press-main" :disabled="labels.length === 0" @click="print()">Print</button>
        <button class="press" :disabled="busy || labels.length === 0" @click="pdf()">PDF</button>
      </div>
      <p class="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-sm">
        <label
          >Sheet
          <select v-model.number="sheetAt" class="field w-auto!">
            <option v-for="(one, i) in STICKER_SHEETS" :key="one.name" :value="i">{{ one.name }}</option>
          </select></label
        >
        <label
          >One for each
          <select v-model="per" class="field w-auto!">
            <option value="kind">kind</option>
            <option value="plant">plant</option>
          </select></label
        >
      </p>
      <p class="mt-1 max-w-prose text-sm text-quiet">
        Print at full size (“100 %”, not “fit to page”). The code opens the plant’s page in this garden, at
        {{ labels[0]?.address.split('/gardens/')[0] }}.
      </p>
      <p v-if="labels.length === 0" class="mt-2">Nothing is planted here, so there is nothing to label.</p>
    </div>
    <div
      v-for="(page, p) in pages"
      :key="p"
      class="sticker-page relative mt-3 border border-line bg-white print:mt-0 print:border-0"
      :style="{ width: sheet.page === 'A4' ? '210mm' : '215.9mm', height: sheet.page === 'A4' ? '297mm' : '279.4mm' }"
    >
      <div
        v-for="(label, i) in page"
        :key="i"
        class="absolute flex overflow-hidden border border-dotted border-[#d3c7ae] p-[2mm] text-[#211f1c] print:border-0"
        :style="{
          left: `${sheet.left + (i % sheet.columns) * sheet.across}mm`,
          top: `${sheet.top + Math.floor(i / sheet.columns) * sheet.high}mm`,
          width: `${sheet.wide}mm`,
          height: `${sheet.high}mm`,
        }"
      >
        <div class="min-w-0 grow leading-tight">
          <p class="font-serif font-bold" :class="sheet.high < 30 ? 'text-[3.6mm]' : 'text-[5.5mm]'">{{ label.common }}</p>
          <p class="font-serif italic" :class="sheet.high < 30 ? 'text-[2.9mm]' : 'text-[4mm]'">{{ label.scientific }}</p>
          <p :class="sheet.high < 30 ? 'text-[2.5mm]' : 'text-[3.2mm]'">{{ label.what }}</p>
          <p :class="sheet.high < 30 ? 'text-[2.5mm]' : 'text-[3.2mm]'">{{ label.day }}</p>
        </div>
        <svg
          class="shrink-0"
          :viewBox="`0 0 ${codes.get(label.address)!.size} ${codes.get(label.address)!.size}`"
          :style="{ width: sheet.high < 30 ? '15mm' : '26mm', height: sheet.high < 30 ? '15mm' : '26mm' }"
          role="img"
          :aria-label="`Code of the page of ${label.common}`"
        >
          <path :d="codes.get(label.address)!.d" fill="#000" shape-rendering="crispEdges" />
        </svg>
      </div>
    </div>
  </div>
</template>
