<script setup lang="ts">
import { dayName } from '~~/core/model/half-month';
import { DIMENSION_LABELS } from '~~/core/fit/explain';
import type { Fit } from '~~/core/fit/fit';

const garden = useGardenStore();
const view = useViewStore();
const { rows, all, words, target, stage, only, sort } = useMatch();
const chosen = computed(() => garden.targets.flatMap((row) => garden.almanac?.targets.get(row.target)?.target ?? []));
/** The verdict of a cell with what holds it back most. */
const short = (fit: Fit) => (fit.limits[0] ? DIMENSION_LABELS[fit.limits[0].dimension].toLowerCase() : '');
</script>

<template>
  <div>
    <div class="flex flex-wrap items-baseline gap-x-5">
      <h1>Match</h1>
      <p class="text-quiet">{{ rows.length }} of {{ all.length }} plants, against {{ garden.sites.length }} sites</p>
    </div>
    <form class="mt-1 flex flex-wrap items-end gap-x-4 gap-y-1 text-sm" @submit.prevent>
      <label class="grid">Name or kind<input v-model="words" class="field w-36!" type="search" /></label>
      <label class="grid"
        >For
        <select v-model="target" class="field w-44!">
          <option value="">any chosen target</option>
          <option v-for="row in chosen" :key="row.id" :value="row.id">{{ row.common }}</option>
        </select></label
      >
      <label class="grid"
        >As
        <select v-model="stage" class="field w-28!">
          <option value="">anything</option>
          <option value="host">host</option>
          <option value="nectar">nectar</option>
        </select></label
      >
      <label class="grid"
        >Sorted by
        <select v-model="sort" class="field w-36!">
          <option value="serves">whom it serves</option>
          <option value="bloom">first bloom</option>
          <option value="height">height</option>
          <option value="name">name</option>
        </select></label
      >
      <span class="flex flex-wrap gap-x-4 pb-1.5">
        <label class="inline-flex items-center gap-1.5"
          ><input v-model="only.fitting" type="checkbox" class="size-4" />fits somewhere</label
        >
        <label class="inline-flex items-center gap-1.5"
          ><input v-model="only.native" type="checkbox" class="size-4" />native here</label
        >
        <label class="inline-flex items-center gap-1.5"
          ><input v-model="only.flowering" type="checkbox" class="size-4" />in flower at the handle</label
        >
      </span>
    </form>
    <p v-if="garden.sites.length === 0" class="my-6">
      No site to match against yet. <NuxtLink class="link" :to="`/gardens/${garden.id}/place`">Add a bed</NuxtLink> first.
    </p>
    <p v-else-if="rows.length === 0" class="my-6">No plant passes all of these. Loosen one of the choices above.</p>
    <div
      v-else
      class="mt-2 relative max-h-[70vh] overflow-auto border-y border-line"
      tabindex="0"
      role="region"
      aria-label="Plants against sites"
    >
      <table class="tabular text-sm">
        <thead class="sticky top-0 z-10 bg-ground">
          <tr>
            <th scope="col">Plant</th>
            <th scope="col">Serves</th>
            <th scope="col">Flowers</th>
            <th v-for="site in garden.sites" :key="site.id" scope="col">{{ site.name }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.here.plant.id" :class="row.inFlower ? 'bg-raised' : ''">
            <th scope="row" class="font-normal">
              <button
                class="flex items-center gap-2 text-left"
                @click="view.explain({ kind: 'plant', plant: row.here.plant.id })"
              >
                <PlantGlyph :plant="row.here.plant" :size="32" />
                <span>
                  <span class="creature underline decoration-line underline-offset-2">{{ row.here.plant.common }}</span>
                  <span class="block text-xs text-quiet">
                    <em class="font-serif">{{ row.here.plant.scientific }}</em> · {{ row.here.status.status }}
                    <strong v-if="row.planted" class="text-press"> · {{ row.planted }} in the plan</strong>
                  </span>
                </span>
              </button>
              <span v-if="row.refused" class="block max-w-56 text-xs text-gap"
                ><strong>Refused.</strong> {{ row.gates[0]!.sentence }}</span
              >
            </th>
            <td class="max-w-52">
              <span
                v-for="host in row.hostOf"
                :key="host.target"
                class="block leading-tight"
                :class="host.rank === 'trap' ? 'font-semibold text-gap' : 'text-host'"
              >
                {{ host.rank === 'trap' ? 'trap for' : host.rank === 'poor' ? 'poor host of' : 'host of' }} {{ host.common }}
              </span>
              <span
                v-if="row.nectarFor.length"
                class="block leading-tight text-nectar"
                :title="row.nectarFor.map((n) => n.common).join(', ')"
              >
                nectar for {{ row.nectarFor.length === 1 ? row.nectarFor[0]!.common : row.nectarFor.length }}
              </span>
              <span v-if="!row.hostOf.length && !row.nectarFor.length" class="text-quiet">none of the chosen</span>
            </td>
            <td>
              <YearStrip
                :shares="row.here.bloomShares"
                :colour="row.here.plant.colour_hex"
                :label="row.here.bloom ? `${dayName(row.here.bloom.from)} to ${dayName(row.here.bloom.to)}` : 'no flowers'"
              />
            </td>
            <td v-for="(fit, i) in row.fits" :key="garden.sites[i]!.id">
              <button
                class="text-left leading-tight hover:underline"
                :aria-label="`${row.here.plant.common} in ${garden.sites[i]!.name}: ${fit.verdict}${short(fit) ? `, ${short(fit)}` : ''}`"
                @click="view.explain({ kind: 'fit', plant: row.here.plant.id, site: garden.sites[i]!.id })"
              >
                <FitMark :verdict="fit.verdict" />
                <span v-if="short(fit)" class="block text-xs text-quiet">{{ short(fit) }}</span>
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </div>
</template>
