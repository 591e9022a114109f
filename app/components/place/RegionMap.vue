<script setup lang="ts">
import { geoCentroid, geoConicEqualArea, geoContains, geoPath } from 'd3-geo';
import { feature, merge, mesh } from 'topojson-client';
import type { Feature, MultiPolygon, Polygon } from 'geojson';
import type {
  GeometryCollection,
  Polygon as TopoPolygon,
  MultiPolygon as TopoMultiPolygon,
  Topology,
} from 'topojson-specification';
import { regionAt } from '~~/core/place/climate/region-at';
import { JURISDICTIONS } from '~~/core/model/jurisdictions';

/**
 * The regions of the library on a map of states and counties: point at where you are. What can be pointed at can be
 * chosen from the list of regions too.
 */
const props = defineProps<{ region: string; lat: number; lon: number }>();
const emit = defineEmits<{ point: [place: { lat: number; lon: number; jurisdiction: string | null; region: string }] }>();
const libraryStore = useLibraryStore();

const WIDTH = 720;
const HEIGHT = 440;
// Standard parallels and centre of the United States' and southern Canada's usual equal-area map.
const projection = geoConicEqualArea()
  .parallels([29.5, 45.5])
  .rotate([96, 0])
  .center([0.6, 39.6])
  .scale(870)
  .translate([WIDTH / 2, HEIGHT / 2]);
const path = geoPath(projection);

type Shape = TopoPolygon<{ name: string }> | TopoMultiPolygon<{ name: string }>;
interface Drawn {
  land: string;
  regions: { id: string; d: string }[];
  counties: string;
  states: string;
}
const drawn = shallowRef<Drawn | null>(null);
const states = shallowRef<Feature<Polygon | MultiPolygon>[]>([]);
const failed = ref(false);
const pointed = ref('');

async function draw() {
  const [atlas, world] = await Promise.all([import('us-atlas/counties-10m.json'), import('world-atlas/countries-110m.json')]);
  const topology = atlas.default as unknown as Topology<{ counties: GeometryCollection; states: GeometryCollection }>;
  const globe = world.default as unknown as Topology<{ countries: GeometryCollection }>;
  const codes = new Map(JURISDICTIONS.flatMap((row) => (row.fips ? [[row.fips, row.code] as const] : [])));
  const within = (id: unknown) => codes.get(String(id).slice(0, 2));
  const { areas } = libraryStore.library!;
  const byRegion = new Map<string, Shape[]>();
  for (const county of topology.objects.counties.geometries as Shape[]) {
    const code = within(county.id);
    if (!code) continue;
    const [lon, lat] = geoCentroid(feature(topology, county));
    const region = regionAt(areas, code, { lat, lon });
    if (region) byRegion.set(region, [...(byRegion.get(region) ?? []), county]);
  }
  const contiguous = {
    ...topology.objects.states,
    geometries: topology.objects.states.geometries.filter((state) => within(state.id)),
  };
  states.value = feature(topology, contiguous).features as Feature<Polygon | MultiPolygon>[];
  const neighbours = globe.objects.countries.geometries.filter((row) =>
    ['Canada', 'Mexico'].includes((row.properties as { name: string }).name),
  );
  drawn.value = {
    land: path(feature(globe, { type: 'GeometryCollection', geometries: neighbours })) ?? '',
    regions: [...byRegion].map(([id, shapes]) => ({ id, d: path(merge(topology, shapes)) ?? '' })),
    counties:
      path(
        mesh(
          topology,
          { ...topology.objects.counties, geometries: topology.objects.counties.geometries.filter((c) => within(c.id)) },
          (a, b) => a !== b,
        ),
      ) ?? '',
    states: path(mesh(topology, contiguous)) ?? '',
  };
}
onMounted(() => {
  draw().catch((error: unknown) => {
    failed.value = true;
    throw error;
  });
});

const here = computed(() => projection([props.lon, props.lat]));
const nameOf = (id: string) => libraryStore.library!.regions.find((row) => row.id === id)?.name ?? id;
/** Neighbours must differ, the eighteen need not: five quiet tints, given in the order of the regions' table. */
const TINTS = { green: '#c5d2a4', sand: '#e8d3a0', teal: '#bcd3cf', rose: '#e4c2b2', lilac: '#d2c8e0' };
const IN_TURN = 'rose sand teal rose lilac teal green sand lilac rose lilac rose sand teal green sand rose lilac'.split(' ');
const tint = (id: string) => {
  const at = libraryStore.library!.regions.findIndex((row) => row.id === id);
  return TINTS[(IN_TURN[at % IN_TURN.length] ?? 'sand') as keyof typeof TINTS];
};

function choose(event: MouseEvent) {
  const svg = event.currentTarget as SVGSVGElement;
  const box = svg.getBoundingClientRect();
  const at = projection.invert!([
    ((event.clientX - box.left) / box.width) * WIDTH,
    ((event.clientY - box.top) / box.height) * HEIGHT,
  ]);
  if (!at) return;
  const [lon, lat] = at.map((value) => Math.round(value * 100) / 100) as [number, number];
  const state = states.value.find((row) => geoContains(row, [lon, lat]));
  const jurisdiction = JURISDICTIONS.find((row) => row.fips !== null && row.fips === String(state?.id))?.code ?? null;
  const region = regionAt(libraryStore.library!.areas, jurisdiction, { lat, lon });
  if (!region) {
    pointed.value = 'No region of the library lies there.';
    return;
  }
  pointed.value = `${nameOf(region)}${jurisdiction ? `, ${jurisdiction}` : ''}`;
  emit('point', { lat, lon, jurisdiction, region });
}
</script>

<template>
  <figure>
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      class="w-full cursor-crosshair border border-line bg-raised"
      role="img"
      :aria-label="`Map of the regions; this garden lies in ${nameOf(region)}. The list of regions does the same.`"
      @click="choose"
    >
      <template v-if="drawn">
        <path :d="drawn.land" fill="var(--ground)" stroke="var(--line)" />
        <path
          v-for="shape in drawn.regions"
          :key="shape.id"
          :d="shape.d"
          :fill="shape.id === region ? 'var(--press)' : tint(shape.id)"
          :opacity="shape.id === region ? 0.75 : 1"
          stroke="var(--raised)"
          stroke-width="0.8"
        >
          <title>{{ nameOf(shape.id) }}</title>
        </path>
        <path :d="drawn.counties" fill="none" stroke="#0000001a" stroke-width="0.35" pointer-events="none" />
        <path :d="drawn.states" fill="none" stroke="#00000055" stroke-width="0.6" pointer-events="none" />
        <path
          v-if="here"
          :d="`M${here[0]},${here[1]} l-4.5,-11 a5,5 0 1 1 9,0 Z`"
          fill="var(--gap)"
          stroke="var(--raised)"
          pointer-events="none"
        />
      </template>
      <text v-else :x="WIDTH / 2" :y="HEIGHT / 2" text-anchor="middle" fill="var(--quiet)">
        {{ failed ? 'The map could not be drawn.' : 'Drawing the map …' }}
      </text>
    </svg>
    <figcaption class="text-sm text-quiet">
      <span role="status">{{
        pointed || 'Point at where the garden is; in southern Canada too, where you name the province below.'
      }}</span>
    </figcaption>
  </figure>
</template>
