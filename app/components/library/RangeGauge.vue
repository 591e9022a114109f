<script setup lang="ts">
/** A plant's range on one dimension as a small gauge, with the value of each of this garden's sites under its letter. */
const props = defineProps<{
  label: string;
  words: string;
  low: number;
  high: number;
  from: number;
  to: number;
  sites: { letter: string; name: string; value: number }[];
}>();
const WIDTH = 200;
const x = (value: number) => 4 + (WIDTH - 8) * Math.max(0, Math.min(1, (value - props.low) / (props.high - props.low)));
const inside = (value: number) => value >= props.from && value <= props.to;
/** Sites at one value share a place, their letters side by side. */
const places = computed(() => {
  const found = new Map<number, string>();
  for (const site of props.sites) found.set(site.value, (found.get(site.value) ?? '') + site.letter);
  return [...found];
});
const spoken = computed(
  () =>
    `${props.label}: ${props.words}. ` +
    props.sites.map((site) => `${site.name} ${site.value}${inside(site.value) ? '' : ', outside'}`).join('; '),
);
</script>

<template>
  <div class="grid grid-cols-[7.5rem_minmax(0,1fr)] items-start gap-x-2 text-sm">
    <span
      >{{ label }}<span class="block text-quiet">{{ words }}</span></span
    >
    <svg :viewBox="`0 0 ${WIDTH} 26`" class="h-8 w-full max-w-80" role="img" :aria-label="spoken">
      <line x1="4" :x2="WIDTH - 4" y1="7" y2="7" stroke="var(--line)" stroke-width="2" />
      <rect :x="x(from)" y="3.5" :width="Math.max(3, x(to) - x(from))" height="7" fill="var(--host)" opacity="0.7" />
      <g v-for="[value, letters] in places" :key="value">
        <path
          :d="`M${x(value)},8 l3.4,6 h-6.8 Z`"
          :fill="inside(value) ? 'var(--ink)' : 'var(--ground)'"
          :stroke="inside(value) ? 'var(--ink)' : 'var(--gap)'"
          stroke-width="1.2"
        />
        <text :x="x(value)" y="24" text-anchor="middle" font-size="9.5" :fill="inside(value) ? 'var(--ink)' : 'var(--gap)'">
          {{ letters }}
        </text>
      </g>
    </svg>
  </div>
</template>
